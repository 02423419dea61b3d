<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    protected $connection = 'people';

    public function up(): void
    {
        Schema::connection($this->connection)->table('links', static function (Blueprint $table): void {
            // who invites: shown out, the invitation goes with them
            $table->integer('made_by')->nullable();
        });
    }
};
