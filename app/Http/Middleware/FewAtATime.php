<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Place;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Work that takes a processor for seconds is done so few at a time that somebody is always there for everything else. */
final class FewAtATime
{
    /** Of the workers, so many are never given to heavy work. */
    private const KEPT_FREE = 2;
    /** Most of it is done sooner than this: then nobody needs to ask again, s. */
    private const WAIT_S = 0.25;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $place = Place::take('heavy', max(1, config()->integer('undro.workers') - self::KEPT_FREE), self::WAIT_S, new HttpException(
            503,
            'Undro is busy with something large. Try again in a moment.',
            headers: ['Retry-After' => '1'],
        ));
        try {
            return $next($request);
        } finally {
            $place->giveBack();
        }
    }
}
