<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What an angler has practised stays with the angler. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('anglers', static fn(Blueprint $table) => $table->text('practised')->default('[]'));
    }
};
