<?php

declare(strict_types=1);

namespace App\Http\Middleware;

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
    /** Every list and every object takes a few hundred bytes once it is read, whatever stands in it. */
    private const MOST_PARTS = 200_000;
    private const DEPTH = 32;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->is('api/*') && !$request->isMethodSafe()) {
            $request->setJson(new InputBag(self::read($request)));
            $request->headers->set('Content-Type', 'application/json');
        }

        return $next($request);
    }

    /** @return array<array-key, mixed> */
    private static function read(Request $request): array
    {
        $most = $request->is(self::LARGE) ? self::MOST_BYTES_LARGE : self::MOST_BYTES;
        $said = (int) $request->headers->get('Content-Length', '0');
        $said <= $most || throw self::tooLarge($most);
        $text = $request->getContent();
        strlen($text) <= $most || throw self::tooLarge($most);
        if (trim($text) === '') {
            return [];
        }
        substr_count($text, '[') + substr_count($text, '{') <= self::MOST_PARTS || throw new HttpException(413, 'There are more lists and objects in this than can be read at once. Send it in parts.');
        $body = json_decode($text, true, self::DEPTH);
        json_last_error() !== JSON_ERROR_DEPTH || throw new HttpException(400, 'This is nested deeper than anything that can be meant. Nothing was changed.');
        is_array($body) && ($body === [] || !array_is_list($body)) || throw new HttpException(400, 'This is not a JSON object: ' . (json_last_error() === JSON_ERROR_NONE ? 'it is something else' : lcfirst(json_last_error_msg())) . '. Nothing was changed.');
        // 1e999 is valid JSON and no number
        array_walk_recursive($body, static fn(mixed $value): bool => !is_float($value) || is_finite($value) || throw new HttpException(400, 'A number in this is larger than any that can be told. Nothing was changed.'));

        return $body;
    }

    private static function tooLarge(int $most): HttpException
    {
        return new HttpException(413, sprintf('This is larger than %d MB. Nothing was changed; send it in parts.', $most / 1_000_000));
    }
}
