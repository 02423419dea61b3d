<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Contracts\Container\Container;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Http\Request;
use Illuminate\Pipeline\Pipeline;
use Illuminate\Session\Middleware\StartSession;
use Symfony\Component\HttpFoundation\Response;

/** Calculators change nothing and need no session, but where people sign in only those who have done so are answered. */
final readonly class CalculatorsDoor
{
    public function __construct(private Container $app) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (!config()->boolean('undro.served')) {
            return $next($request);
        }
        $response = (new Pipeline($this->app))
            ->send($request)
            ->through([EncryptCookies::class, StartSession::class, SignedIn::class])
            ->then($next);

        return $response instanceof Response ? $response : throw new \LogicException('A request is answered.');
    }
}
