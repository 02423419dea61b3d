<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * A leader that is tied on belongs to its spool, and what went wrong with one is written down: entries of the log
 * say so. A bench day is kept.
 */
return new class extends Migration {
    public function up(): void
    {
        DB::table('answers')->delete();
        Schema::create('leaders', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('event_id')->unique()->constrained();
            $table->foreignId('spool_id')->constrained();
            $table->boolean('off')->default(false);
            $table->string('material')->nullable();
            $table->string('strength_typed')->default('');
            $table->float('strength_n')->nullable();
            $table->string('length_typed')->default('');
            $table->float('length_m')->nullable();
            $table->string('knot')->nullable();
            $table->index('spool_id');
        });
        Schema::create('troubles', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('event_id')->unique()->constrained();
            $table->foreignId('spool_id')->constrained();
            $table->string('seen');
            $table->string('cause')->nullable();
            $table->index('spool_id');
        });
        Schema::create('days', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('account_id')->constrained();
            $table->foreignId('angler_id')->nullable()->constrained();
            $table->string('key')->nullable();
            $table->string('name')->default('');
            $table->json('draft');
            $table->unsignedInteger('version')->default(1);
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        foreach (['leaders', 'troubles'] as $table) {
            foreach (['UPDATE', 'DELETE'] as $verb) {
                DB::statement(
                    "CREATE TRIGGER {$table}_no_" . strtolower($verb)
                        . " BEFORE $verb ON $table BEGIN SELECT RAISE(ABORT, 'the log is append-only'); END",
                );
            }
        }
    }
};
