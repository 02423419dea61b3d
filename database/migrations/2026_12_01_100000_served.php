<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('calendar_keys', static function (Blueprint $table): void {
            // who follows with it, where people sign in: shown out, they follow no more
            $table->integer('person_id')->nullable();
        });
    }
};
