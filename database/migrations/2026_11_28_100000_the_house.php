<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Answers that take a while are kept by the framework's cache; a calendar's key goes with
 * the device it was made on; a column nobody read goes.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('pairing_codes', static fn(Blueprint $table) => $table->dropColumn('tries'));
        Schema::table('calendar_keys', static fn(Blueprint $table) => $table->foreign('paired_device_id')->references('id')->on('paired_devices')->cascadeOnDelete());
        Schema::drop('picture_caches');
        Schema::create('answers', static function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->mediumText('value');
            $table->integer('expiration')->index();
        });
    }
};
