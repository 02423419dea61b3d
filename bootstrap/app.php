<?php

declare(strict_types=1);

use App\Http\Middleware\OwnHostsOnly;
use App\Http\Middleware\SameOriginWrites;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Problems;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__ . '/../routes/web.php', commands: __DIR__ . '/../routes/console.php')
    ->withMiddleware(static function (Middleware $middleware): void {
        $middleware->prepend([OwnHostsOnly::class, SecurityHeaders::class]);
        $middleware->appendToGroup('web', SameOriginWrites::class);
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        Problems::register($exceptions);
    })
    ->create();

// what the application writes lies in the data folder, never in the checkout
$data = $_SERVER['UNDRO_DATA'] ?? getenv('UNDRO_DATA');
if (is_string($data) && $data !== '') {
    $app->useStoragePath($data . '/storage');
}

return $app;
