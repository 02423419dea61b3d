<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    protected $connection = 'people';

    public function up(): void
    {
        $people = Schema::connection($this->connection);
        $people->create('households', static function (Blueprint $table): void {
            $table->string('id', 16)->primary();
            $table->string('name');
            $table->string('made_at');
        });
        $people->create('people', static function (Blueprint $table): void {
            $table->id();
            $table->string('household_id', 16)->index();
            $table->string('name');
            $table->string('email')->unique();
            $table->string('password');
            // invites others, shows them out, and may give the household up
            $table->boolean('keeper')->default(false);
            $table->string('made_at');
            $table->foreign('household_id')->references('id')->on('households')->cascadeOnDelete();
        });
        $people->create('links', static function (Blueprint $table): void {
            $table->id();
            $table->string('kind');
            $table->string('household_id', 16);
            $table->foreignId('person_id')->nullable()->constrained('people')->cascadeOnDelete();
            $table->string('email')->default('');
            $table->string('token_hash')->unique();
            $table->string('made_at');
            $table->integer('expires_at');
            $table->foreign('household_id')->references('id')->on('households')->cascadeOnDelete();
        });
        $people->create('access_keys', static function (Blueprint $table): void {
            $table->id();
            $table->string('household_id', 16);
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->string('name');
            $table->string('key_hash')->unique();
            $table->string('made_at');
            $table->string('used_on')->nullable();
            $table->foreign('household_id')->references('id')->on('households')->cascadeOnDelete();
        });
        $people->create('sessions', static function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignId('user_id')->nullable()->index()->constrained('people')->cascadeOnDelete();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->text('payload');
            $table->integer('last_activity')->index();
        });
        // what is counted against whoever tries to get in
        $people->create('cache', static function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->text('value');
            $table->integer('expiration')->index();
        });
    }
};
