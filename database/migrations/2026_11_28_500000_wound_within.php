<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Line that was wound carries how well its length is known, and how. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('event_moves', static fn(Blueprint $table) => $table->string('known', 60)->nullable());
        // what was kept of the log is read anew
        DB::table('ledger_caches')->delete();
        DB::table('answers')->delete();
    }
};
