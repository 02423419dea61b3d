<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Answers that take a while are kept by the framework's cache; what names another row names it for the database too; a column
 * nobody read goes.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('pairing_codes', static fn(Blueprint $table) => $table->dropColumn('tries'));
        Schema::drop('picture_caches');
        Schema::create('answers', static function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->mediumText('value');
            $table->integer('expiration')->index();
        });
        // a calendar's key goes with the device it was made on
        Schema::table('calendar_keys', static function (Blueprint $table): void {
            $table->foreign('paired_device_id')->references('id')->on('paired_devices')->cascadeOnDelete();
        });
        // a cache: it is worked out again when it is asked for
        Schema::drop('spool_states');
        DB::table('ledger_caches')->update(['states_until' => 0]);
        Schema::create('spool_states', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('account_id')->constrained();
            $table->foreignId('spool_id')->constrained();
            $table->uuid('event_uuid');
            $table->string('happened_at');
            $table->text('pieces');
            $table->index(['account_id', 'spool_id']);
        });
        $this->runsOfEvents();
    }

    /** A column with a reference in the place of one without, in a table whose rows are otherwise never written twice. */
    private function runsOfEvents(): void
    {
        $guards = ['UPDATE', 'DELETE'];
        foreach ($guards as $verb) {
            DB::statement('DROP TRIGGER events_no_' . strtolower($verb));
        }
        Schema::table('events', static fn(Blueprint $table) => $table->dropIndex(['run_id']));
        DB::statement('ALTER TABLE events RENAME COLUMN run_id TO run_was');
        DB::statement('ALTER TABLE events ADD COLUMN run_id INTEGER REFERENCES runs (id)');
        DB::statement('UPDATE events SET run_id = run_was');
        DB::statement('ALTER TABLE events DROP COLUMN run_was');
        Schema::table('events', static fn(Blueprint $table) => $table->index('run_id'));
        foreach ($guards as $verb) {
            DB::statement(
                'CREATE TRIGGER events_no_' . strtolower($verb)
                    . " BEFORE $verb ON events BEGIN SELECT RAISE(ABORT, 'the log is append-only'); END",
            );
        }
    }
};
