<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\Answers;
use App\Database\ImmediateConnection;
use App\Database\ImmediateConnector;
use App\History\Leaders;
use App\History\LevelsLast;
use App\Households\Sessions;
use App\Http\SpoolPictures;
use App\Learning\AsLearnt;
use App\Learning\Learning;
use App\Ledger\Book;
use App\Ledger\EventLog;
use App\Ledger\Lines;
use App\Ledger\SpoolStates;
use App\Stock\Packs;
use App\Upkeep\Inspections;
use App\Upkeep\Outings;
use App\Upkeep\Shelf;
use Illuminate\Database\Connection;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        Connection::resolverFor(
            'sqlite',
            static fn(
                \Closure|\PDO $pdo,
                string $database,
                string $prefix,
                array $config,
            ): ImmediateConnection => new ImmediateConnection($pdo, $database, $prefix, $config),
        );
        $this->app->bind('db.connector.sqlite', ImmediateConnector::class);
        // what is read once a request
        foreach ([
            EventLog::class,
            Book::class,
            SpoolStates::class,
            Lines::class,
            AsLearnt::class,
            Inspections::class,
            Leaders::class,
            LevelsLast::class,
            Outings::class,
            Shelf::class,
            Packs::class,
            Learning::class,
            Answers::class,
            SpoolPictures::class,
        ] as $once) {
            $this->app->scoped($once);
        }
    }

    public function boot(): void
    {
        JsonResource::withoutWrapping();
        Session::extend('people', static fn(): Sessions => Sessions::kept(config()->integer('session.lifetime')));
    }
}
