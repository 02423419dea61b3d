<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Settings of the drag: each belongs to an entry of the log, which says when, by whom, and whether it was taken back. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('drag_settings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('event_id')->unique()->constrained();
            $table->foreignId('reel_id')->constrained();
            $table->foreignId('spool_id')->constrained();
            $table->string('mechanism');
            $table->string('knob');
            $table->boolean('from_off');
            // read at the rod tip, else straight off the reel
            $table->boolean('tip');
            $table->float('rod_angle_deg')->nullable();
            $table->float('line_out_m')->default(0);
            // across the line as it lay then; null: the spool's shape was not known
            $table->float('surface_mm')->nullable();
            $table->float('target_n');
            $table->string('weakest');
            $table->float('weakest_n');
            // every pull in its order; none where it was set by hand, without a scale
            $table->json('pulls');
            // the chain as it was typed, to begin the next one from
            $table->json('chain');
            $table->string('temperature')->default('');
            $table->index(['reel_id', 'spool_id']);
        });
        foreach (['UPDATE', 'DELETE'] as $verb) {
            DB::statement(
                'CREATE TRIGGER drag_settings_no_'
                    . strtolower($verb)
                    . " BEFORE $verb ON drag_settings BEGIN SELECT RAISE(ABORT, 'the log is append-only'); END",
            );
        }
    }
};
