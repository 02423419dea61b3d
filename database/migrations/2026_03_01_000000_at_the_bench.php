<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * A run at the bench: what it set out to do, and its marks, which are facts like the events. Events know the run they belong
 * to, so that it can be taken back as one. Fillers know how large they are.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('runs', static function (Blueprint $table): void {
            $table->id();
            $table->uuid()->unique();
            $table->foreignId('account_id')->constrained();
            $table->foreignId('angler_id')->nullable()->constrained();
            $table->foreignId('reel_id')->nullable()->constrained();
            $table->foreignId('spool_id')->nullable()->constrained();
            $table->string('name');
            // the plan as it was when the run began, and where each line comes from; later changes elsewhere do not reach it
            $table->json('basis');
            // practice: what this reel is really like
            $table->json('truth')->nullable();
            $table->string('started_at');
            $table->string('ended_at')->nullable();
            $table->index(['account_id', 'ended_at']);
        });
        Schema::create('run_marks', static function (Blueprint $table): void {
            $table->id();
            $table->uuid()->unique();
            $table->foreignId('run_id')->constrained();
            $table->string('kind');
            $table->string('at');
            $table->json('mark');
            $table->index('run_id');
        });
        foreach (['UPDATE', 'DELETE'] as $verb) {
            DB::statement(
                'CREATE TRIGGER run_marks_no_'
                    . strtolower($verb)
                    . " BEFORE $verb ON run_marks BEGIN SELECT RAISE(ABORT, 'a run is append-only'); END",
            );
        }
        Schema::table('events', static function (Blueprint $table): void {
            $table->unsignedBigInteger('run_id')->nullable();
            $table->index('run_id');
        });
        // other devices that were let in, and the code that lets the next one in
        Schema::create('paired_devices', static function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('token_hash')->unique();
            $table->string('paired_at');
        });
        Schema::create('pairing_codes', static function (Blueprint $table): void {
            $table->string('code');
            $table->unsignedBigInteger('expires_at');
            $table->unsignedInteger('tries');
        });
        Schema::table('fillers', static function (Blueprint $table): void {
            foreach (['diameter', 'core'] as $measure) {
                $table->string("{$measure}_typed")->default('');
                $table->float("{$measure}_mm")->nullable();
            }
        });
    }
};
