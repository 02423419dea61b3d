<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What was weighed carries how well it is known; a filler need not say how long it was; and an angler has a currency. */
return new class extends Migration {
    public function up(): void
    {
        DB::table('answers')->delete();
        Schema::table('event_moves', static fn(Blueprint $table) => $table->float('half_m')->nullable());
        Schema::table('fillers', static fn(Blueprint $table) => $table->float('full_length_m')->nullable()->change());
        Schema::table('anglers', static fn(Blueprint $table) => $table->string('unit_money')->default(''));
    }
};
