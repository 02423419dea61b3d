<?php

declare(strict_types=1);

namespace App\Providers;

use App\Log\EventLog;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->scoped(EventLog::class);
    }

    public function boot(): void
    {
        JsonResource::withoutWrapping();
    }
}
