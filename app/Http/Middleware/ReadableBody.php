<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Schema\Json;
use App\Schema\UnreadableJson;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\InputBag;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * What is sent to the interface is one JSON object, of a size that can be held and with numbers that can be told. Whoever asks further
 * in may take that for granted.
 */
final class ReadableBody
{
    /** A whole history in one document is the one thing that may be large. */
    private const LARGE = 'api/data/import';
    private const MOST_BYTES = 1_000_000;
    private const MOST_BYTES_LARGE = 32_000_000;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $most = !$request->is('api/*') || $request->is(self::LARGE) ? self::MOST_BYTES_LARGE : self::MOST_BYTES;
        (int) $request->headers->get('Content-Length', '0') <= $most || throw self::tooLarge($most);
        if ($request->is('api/*') && !$request->isMethodSafe()) {
            $request->setJson(new InputBag(self::read($request, $most)));
            $request->headers->set('Content-Type', 'application/json');
        }

        return $next($request);
    }

    /** @return array<string, mixed> */
    private static function read(Request $request, int $most): array
    {
        $text = $request->getContent();
        strlen($text) <= $most || throw self::tooLarge($most);
        if (trim($text) === '') {
            return [];
        }
        try {
            return Json::object($text);
        } catch (UnreadableJson $fault) {
            throw new HttpException(
                $fault->tooLarge ? 413 : 400,
                "The request can’t be read: {$fault->getMessage()}. Nothing was changed.",
            );
        }
    }

    private static function tooLarge(int $most): HttpException
    {
        return new HttpException(413, sprintf('This is larger than %d MB. Nothing was changed. Send it in parts.', $most / 1_000_000));
    }
}
