<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Work that takes a processor for seconds is done so few at a time that somebody is always there for everything else. */
final class FewAtATime
{
    /** Of the workers, so many are never given to heavy work. */
    private const KEPT_FREE = 2;
    private const ASK_AGAIN_S = 1;
    /** Most of it is done sooner than this: then nobody needs to ask again, s. */
    private const WAIT_S = 0.25;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $places = max(1, config()->integer('undro.workers') - self::KEPT_FREE);
        for ($until = microtime(true) + self::WAIT_S; ($place = self::place($places)) === null && microtime(true) < $until;) {
            usleep(20_000);
        }
        $place !== null
            || throw new HttpException(
                503,
                'Undro is working out something large already. Ask again in a moment.',
                headers: ['Retry-After' => (string) self::ASK_AGAIN_S],
            );
        try {
            return $next($request);
        } finally {
            is_resource($place) && fclose($place);
        }
    }

    /** @return resource|false|null a place that was free, to be given back; false: none can be kept count of; null: all are taken */
    private static function place(int $places)
    {
        for ($number = 0; $number < $places; ++$number) {
            $file = @fopen(storage_path("framework/heavy-$number.lock"), 'c');
            if ($file === false) {
                // on a disk without room for an empty file it is done uncounted
                return false;
            }
            if (flock($file, LOCK_EX | LOCK_NB)) {
                return $file;
            }
            fclose($file);
        }

        return null;
    }
}
