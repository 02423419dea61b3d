<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\ImmediateConnection;
use App\Database\ImmediateConnector;
use App\Log\Care;
use App\Log\EventLog;
use App\Log\Learning;
use App\Log\Pictures;
use Illuminate\Database\Connection;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        Connection::resolverFor('sqlite', static fn(\Closure|\PDO $pdo, string $database, string $prefix, array $config): ImmediateConnection => new ImmediateConnection($pdo, $database, $prefix, $config));
        $this->app->bind('db.connector.sqlite', ImmediateConnector::class);
        $this->app->scoped(EventLog::class);
        $this->app->scoped(Pictures::class);
        $this->app->scoped(Care::class);
        $this->app->scoped(Learning::class);
    }

    public function boot(): void
    {
        JsonResource::withoutWrapping();
    }
}
