<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** What is there only where people sign in. */
final class ServedOnly
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        config()->boolean('undro.served') || throw new HttpException(404, 'Undro runs on this computer only, without sign-in.');
        // a key is for reels and lines; who may come in is for people to say
        $request->bearerToken() === null || $request->isMethodSafe()
            || throw new HttpException(403, 'A key can’t change the household’s people. Sign in for that.');

        return $next($request);
    }
}
