<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A reading that does not agree with the others is set aside, until the angler says that it counts all the same. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('level_readings', static fn(Blueprint $table) => $table->boolean('keep')->default(false));
    }
};
