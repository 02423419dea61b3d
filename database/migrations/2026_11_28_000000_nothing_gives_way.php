<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Packs count their changes as other records do; a calendar's key knows the device it was made on, with which it is taken away; records
 * are found by their names; what is counted against a device at the door is kept between requests.
 */
return new class extends Migration {
    private const NAMED = ['reels', 'spools', 'rods', 'line_products', 'plans', 'anglers'];

    public function up(): void
    {
        Schema::table('line_packs', static fn(Blueprint $table) => $table->unsignedInteger('version')->default(1));
        Schema::table('calendar_keys', static fn(Blueprint $table) => $table->unsignedBigInteger('paired_device_id')->nullable());
        foreach (self::NAMED as $records) {
            Schema::table($records, static fn(Blueprint $table) => $table->index(['account_id', 'name']));
        }
        Schema::table('events', static fn(Blueprint $table) => $table->index(['account_id', 'recorded_at']));
        Schema::create('cache', static function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->mediumText('value');
            $table->integer('expiration')->index();
        });
    }
};
