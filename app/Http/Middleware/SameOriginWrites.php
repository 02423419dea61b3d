<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** A write must come from a page of this server; the session's token is checked beside this. */
final class SameOriginWrites
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (!$request->isMethodSafe()) {
            $site = $request->headers->get('Sec-Fetch-Site');
            $origin = $request->headers->get('Origin');
            $foreign = ($site !== null && $site !== 'same-origin') || ($origin !== null && $origin !== $request->getSchemeAndHttpHost());
            !$foreign || throw new HttpException(403, 'This request came from another page. Open Undro and try again.');
        }

        return $next($request);
    }
}
