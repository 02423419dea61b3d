<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('accounts', static function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->timestamps();
        });
        Schema::create('anglers', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('account_id')->constrained();
            $table->string('name');
            $table->float('pace_turns_per_min')->default(60);
            $table->string('unit_length')->default('m');
            $table->string('unit_small')->default('mm');
            $table->string('unit_force')->default('kg');
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        // one answer to one disputed question
        Schema::create('habits', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('angler_id')->constrained();
            $table->string('question');
            $table->string('choice');
            $table->timestamps();
            $table->unique(['angler_id', 'question']);
        });
        Schema::create('reels', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('account_id')->constrained();
            $table->foreignId('angler_id')->nullable()->constrained();
            $table->string('name');
            $table->string('kind');
            $table->string('gear_ratio_typed')->default('');
            $table->float('gear_ratio')->nullable();
            $table->string('max_drag_typed')->default('');
            $table->float('max_drag_n')->nullable();
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        Schema::create('spools', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('account_id')->constrained();
            $table->string('name');
            $table->string('lip');
            $table->string('lay')->default('normal');
            $table->string('measured_with')->default('unknown');
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        Schema::create('reel_spool', static function (Blueprint $table): void {
            $table->foreignId('reel_id')->constrained();
            $table->foreignId('spool_id')->constrained();
            $table->primary(['reel_id', 'spool_id']);
        });
        // what the maker stamped, as copied; read by the core each time
        Schema::create('ratings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('spool_id')->unique()->constrained();
            $table->string('stamped');
            $table->string('units')->nullable();
            $table->string('material')->default('mono');
            $table->timestamps();
        });
        Schema::create('rods', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('account_id')->constrained();
            $table->string('name');
            $table->string('length_typed')->default('');
            $table->float('length_m')->nullable();
            $table->string('line_min_typed')->default('');
            $table->float('line_min_n')->nullable();
            $table->string('line_max_typed')->default('');
            $table->float('line_max_n')->nullable();
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        Schema::create('line_products', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('account_id')->constrained();
            $table->string('name');
            $table->string('material');
            $table->string('size_typed');
            $table->float('diameter_mm');
            $table->boolean('nominal');
            $table->string('strength_typed')->default('');
            $table->float('strength_n')->nullable();
            $table->string('colour')->default('');
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        Schema::create('fillers', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('account_id')->constrained();
            $table->foreignId('line_product_id')->constrained();
            $table->string('name')->default('');
            $table->string('full_length_typed');
            $table->float('full_length_m');
            $table->string('price')->default('');
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        Schema::create('plans', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('account_id')->constrained();
            $table->foreignId('angler_id')->nullable()->constrained();
            $table->foreignId('reel_id')->nullable()->constrained();
            $table->foreignId('spool_id')->nullable()->constrained();
            $table->string('name');
            $table->json('draft');
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        // a dated fact; the latest of a quantity counts, an empty one takes it back
        Schema::create('measurements', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('spool_id')->constrained();
            $table->string('quantity');
            $table->string('typed');
            $table->float('value_mm')->nullable();
            $table->string('how');
            $table->timestamp('measured_at');
            $table->index(['spool_id', 'quantity']);
        });
        Schema::create('events', static function (Blueprint $table): void {
            $table->id();
            $table->uuid()->unique();
            $table->foreignId('account_id')->constrained();
            $table->foreignId('angler_id')->nullable()->constrained();
            $table->string('kind');
            $table->string('happened_at');
            $table->string('recorded_at');
            $table->uuid('corrects')->nullable();
            $table->string('note')->nullable();
            $table->index(['account_id', 'happened_at']);
        });
        // both sides of a move of line in one row; a count has no "from"
        Schema::create('event_moves', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('event_id')->constrained();
            $table->string('from_kind')->nullable();
            $table->unsignedBigInteger('from_id')->default(0);
            $table->string('to_kind');
            $table->unsignedBigInteger('to_id')->default(0);
            $table->float('length_m');
            $table->string('length_typed')->default('');
            $table->foreignId('line_product_id')->constrained();
        });
        foreach (['events', 'event_moves', 'measurements'] as $table) {
            foreach (['UPDATE', 'DELETE'] as $verb) {
                DB::statement(
                    "CREATE TRIGGER {$table}_no_"
                        . strtolower($verb)
                        . " BEFORE $verb ON $table BEGIN SELECT RAISE(ABORT, 'the log is append-only'); END",
                );
            }
        }
    }
};
