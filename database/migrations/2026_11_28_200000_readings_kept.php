<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What was seen and felt of a line has a table. A reading that does not agree with the others is set aside, until the angler says that
 * it counts all the same. What lies where is read
 * anew, since it is known of each piece now whether another line lies over it.
 */
return new class extends Migration {
    public function up(): void
    {
        DB::table('ledger_caches')->delete();
        DB::table('spool_states')->delete();
        DB::table('answers')->delete();
        Schema::table('level_readings', static fn(Blueprint $table) => $table->boolean('keep')->default(false));
        Schema::create('inspections', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('event_id')->unique()->constrained();
            $table->foreignId('spool_id')->constrained();
            $table->string('found');
            $table->string('from_typed')->default('');
            $table->float('from_m')->nullable();
            $table->string('to_typed')->default('');
            $table->float('to_m')->nullable();
            $table->index('spool_id');
        });
        foreach (['UPDATE', 'DELETE'] as $verb) {
            DB::statement(
                'CREATE TRIGGER inspections_no_' . strtolower($verb)
                    . " BEFORE $verb ON inspections BEGIN SELECT RAISE(ABORT, 'the log is append-only'); END",
            );
        }
    }
};
