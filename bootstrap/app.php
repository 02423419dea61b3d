<?php

declare(strict_types=1);

use App\Http\Middleware\LeanSession;
use App\Http\Middleware\OwnCsrfToken;
use App\Http\Middleware\OwnHostsOnly;
use App\Http\Middleware\PairedOnly;
use App\Http\Middleware\ReadableBody;
use App\Http\Middleware\SameOriginWrites;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\SignedIn;
use App\Http\OwnCookies;
use App\Http\Problems;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Middleware\ValidatePathEncoding;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\View\Middleware\ShareErrorsFromSession;

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: [
        // pages that hold nothing, which ./undro bench measures the others against
        ...(getenv('UNDRO_FLOOR') === '1' ? [__DIR__ . '/../bench/routes.php'] : []),
        __DIR__ . '/../routes/web.php',
    ], commands: __DIR__ . '/../routes/console.php')
    ->withMiddleware(static function (Middleware $middleware): void {
        // the framework's own list less what a local server has no use for: proxies, other origins, maintenance,
        // and trimming, since what was typed is kept as typed
        $middleware->use([
            OwnHostsOnly::class,
            SecurityHeaders::class,
            PairedOnly::class,
            SameOriginWrites::class,
            ValidatePathEncoding::class,
            ReadableBody::class,
        ]);
        // looked at before anything else is; it says nothing but which device it is
        $middleware->encryptCookies(except: [OwnCookies::name(OwnCookies::DEVICE), OwnCookies::DEVICE]);
        // no page of ours shows errors out of a session; who asks is looked at there, before anything of theirs is
        $middleware->web(replace: [
            StartSession::class => LeanSession::class,
            ValidateCsrfToken::class => OwnCsrfToken::class,
            ShareErrorsFromSession::class => SignedIn::class,
        ]);
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
