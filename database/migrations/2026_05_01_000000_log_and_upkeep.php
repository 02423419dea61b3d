<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Days on the water and levels that were read, each with its entry of the log; what lay on each spool after each entry, to be
 * read again where it is behind; packs on sale, and the keys of calendars that follow what is due.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('outings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('event_id')->unique()->constrained();
            $table->foreignId('spool_id')->constrained();
            $table->float('hours')->nullable();
            $table->boolean('sun');
            $table->boolean('rough');
            $table->string('cast_typed')->default('');
            $table->float('cast_m')->nullable();
            $table->string('run_typed')->default('');
            $table->float('run_m')->nullable();
            $table->index('spool_id');
        });
        Schema::create('level_readings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('event_id')->unique()->constrained();
            $table->foreignId('spool_id')->constrained();
            $table->string('gap_typed');
            $table->float('gap_mm');
            $table->unsignedInteger('readings');
            // false: the angler has left it out of what is learnt
            $table->boolean('counts');
            $table->index('spool_id');
        });
        foreach (['outings', 'level_readings'] as $table) {
            foreach (['UPDATE', 'DELETE'] as $verb) {
                DB::statement(
                    "CREATE TRIGGER {$table}_no_"
                        . strtolower($verb)
                        . " BEFORE $verb ON $table BEGIN SELECT RAISE(ABORT, 'the log is append-only'); END",
                );
            }
        }
        Schema::create('spool_states', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('account_id');
            $table->unsignedBigInteger('spool_id');
            $table->uuid('event_uuid');
            $table->string('happened_at');
            $table->text('pieces');
            $table->index(['account_id', 'spool_id']);
        });
        Schema::table('ledger_caches', static fn(Blueprint $table) => $table->unsignedBigInteger('states_until')->default(0));
        Schema::table('event_moves', static function (Blueprint $table): void {
            $table->index(['to_kind', 'to_id']);
            $table->index(['from_kind', 'from_id']);
        });
        Schema::table('events', static fn(Blueprint $table) => $table->index('corrects'));
        Schema::create('line_packs', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('account_id')->constrained();
            $table->foreignId('line_product_id')->constrained();
            $table->string('length_typed');
            $table->float('length_m');
            $table->string('price');
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        Schema::create('calendar_keys', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('account_id')->constrained();
            $table->string('key_hash')->unique();
            $table->string('made_at');
        });
    }
};
