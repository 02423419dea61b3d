<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Answers only to its own names, so that a page elsewhere cannot point a name of its own at this server. */
final class OwnHostsOnly
{
    private const NAMES = ['localhost', '127.0.0.1', '[::1]'];

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $host = $request->headers->get('Host') ?? '';
        $name = strtolower(preg_replace('/:\d{1,5}$/', '', $host) ?? '');
        // a page elsewhere can point a name of its own here, but never a bare address
        $address = config()->boolean('undro.lan') && filter_var($name, FILTER_VALIDATE_IP, FILTER_FLAG_IPV4) !== false;
        $names = [...self::NAMES, ...preg_split('/\s+/', strtolower(config()->string('undro.hosts')), flags: PREG_SPLIT_NO_EMPTY) ?: []];
        if (!$address && !in_array(trim($name, '[]'), array_map(static fn(string $own): string => trim($own, '[]'), $names), true)) {
            return new Response("Undro answers only to its own address.\n", 400, ['Content-Type' => 'text/plain']);
        }

        return $next($request);
    }
}
