<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Place;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Of one database, one import at a time: each works through a whole file, and the next would only wait for it. */
final class OneImport
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $place = Place::take(self::kind(config()->string('database.connections.sqlite.database')), 1, 0, new HttpException(
            429,
            'Another import is running. Nothing of this one was saved. Try again when it is done.',
        ));
        try {
            return $next($request);
        } finally {
            $place->giveBack();
        }
    }

    public static function kind(string $database): string
    {
        return 'import-' . substr(hash('sha256', $database), 0, 12);
    }
}
