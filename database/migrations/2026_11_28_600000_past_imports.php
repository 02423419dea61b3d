<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Imports that were taken can be taken back as a whole, also after the page was left. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('past_imports', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('account_id')->constrained();
            $table->string('uuid', 36)->unique();
            $table->string('happened_at');
            $table->string('words');
            $table->longText('back');
            $table->string('undone_at')->nullable();
        });
    }
};
