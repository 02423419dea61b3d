<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/**
 * Records get a key that outlives a move to another computer and a version that shows a conflict; reels and rods their
 * printed ranges; measures how they were got; the ledger a cache that may be thrown away.
 */
return new class extends Migration {
    private const RECORDS = ['anglers', 'reels', 'spools', 'rods', 'line_products', 'fillers', 'plans'];

    public function up(): void
    {
        foreach (self::RECORDS as $record) {
            Schema::table($record, static function (Blueprint $table): void {
                $table->string('key')->default('');
                $table->unsignedInteger('version')->default(1);
            });
            foreach (DB::table($record)->pluck('id') as $id) {
                DB::table($record)->where('id', $id)->update(['key' => (string) Str::uuid()]);
            }
            Schema::table($record, static fn(Blueprint $table) => $table->unique(['account_id', 'key']));
        }
        Schema::table('reels', static function (Blueprint $table): void {
            $table->string('mono_range')->default('');
            $table->string('braid_range')->default('');
        });
        Schema::table('rods', static function (Blueprint $table): void {
            $table->string('braid_range')->default('');
            $table->string('max_drag_typed')->default('');
            $table->float('max_drag_n')->nullable();
        });
        Schema::table('spools', static fn(Blueprint $table) => $table->boolean('grips')->default(false));
        Schema::table('line_products', static fn(Blueprint $table) => $table->string('size_from')->default('label'));
        Schema::table('measurements', static fn(Blueprint $table) => $table->string('workings')->default(''));
        // a thickness somebody measured: a dated fact like any other
        Schema::create('line_measurements', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('line_product_id')->constrained();
            $table->string('typed');
            $table->float('value_mm');
            $table->string('how');
            $table->string('workings')->default('');
            $table->timestamp('measured_at');
            $table->index('line_product_id');
        });
        foreach (['UPDATE', 'DELETE'] as $verb) {
            DB::statement(
                'CREATE TRIGGER line_measurements_no_'
                    . strtolower($verb)
                    . " BEFORE $verb ON line_measurements BEGIN SELECT RAISE(ABORT, 'the log is append-only'); END",
            );
        }
        Schema::table('reel_spool', static fn(Blueprint $table) => $table->index('spool_id'));
        Schema::table('event_moves', static fn(Blueprint $table) => $table->index('event_id'));
        // what the log comes to after its last event; read from the log again when it is missing or behind
        Schema::create('ledger_caches', static function (Blueprint $table): void {
            $table->foreignId('account_id')->primary()->constrained();
            $table->unsignedBigInteger('last_event_id');
            $table->longText('state');
        });
        // pictures by the question they answer, so none is ever out of date; thrown away when there are many
        Schema::create('picture_caches', static function (Blueprint $table): void {
            $table->string('question')->primary();
            $table->longText('picture');
        });
    }
};
