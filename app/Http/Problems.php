<?php

declare(strict_types=1);

namespace App\Http;

use App\Database\FullDisk;
use App\Database\ImmediatePdo;
use App\Database\Quota;
use App\Exchange\StoppedHalfway;
use App\Models\ChangedMeanwhile;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use PDOException;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;
use Undro\DomainFault;
use Undro\Input\BadInput;
use Undro\Json\Written;

/** Turns what went wrong into problem details (RFC 9457) with the field; a page gets a plain sentence, never a stack. */
final class Problems
{
    private const TITLES = [
        400 => 'Bad request',
        401 => 'Not signed in',
        403 => 'Not allowed',
        404 => 'Not found',
        405 => 'Not possible here',
        409 => 'Changed in the meantime',
        413 => 'Too large',
        419 => 'Page expired',
        422 => 'A figure needs changing',
        429 => 'Too many requests',
        503 => 'Busy for a moment',
        507 => 'The disk is full',
    ];
    private const SENTENCES = [
        404 => 'There is nothing at this address.',
        419 => 'The page was open too long. Reload it and try again.',
    ];

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport(DomainFault::class);
        $exceptions->render(static fn(Throwable $fault, Request $request): Response => self::render($fault, $request));
    }

    private static function isDamaged(Throwable $fault): bool
    {
        return $fault instanceof PDOException && preg_match('/malformed|is not a database|no such table/', $fault->getMessage()) === 1;
    }

    private static function render(Throwable $fault, Request $request): Response
    {
        [$status, $field, $message] = match (true) {
            $fault instanceof DomainFault => [
                $fault instanceof BadInput && $fault->field === 'name' && $request->is('api/compute/*') ? 404 : 422,
                $fault->field,
                $fault->getMessage(),
            ],
            $fault instanceof ValidationException => [422, (string) (array_key_first($fault->errors()) ?? ''), $fault->getMessage()],
            $fault instanceof ChangedMeanwhile => [409, '', $fault->getMessage()],
            $fault instanceof HttpExceptionInterface => [
                $fault->getStatusCode(),
                '',
                self::SENTENCES[$fault->getStatusCode()] ?? $fault->getMessage(),
            ],
            $fault instanceof StoppedHalfway => [FullDisk::is($fault->getPrevious() ?? $fault) ? 507 : 500, '', $fault->getMessage()],
            FullDisk::is($fault) && Quota::isReached() => [
                507,
                '',
                sprintf('Not saved: this household has used up its %d MB. You can still read and export everything. Ask the person who '
                    . 'runs this server for more room.', (int) Quota::most()),
            ],
            FullDisk::is($fault) => [
                507,
                '',
                'The disk is full, so this was not saved. Free some space and try again. What you typed is still here, and you can still '
                    . 'read everything.',
            ],
            self::isDamaged($fault) => [503, '', 'The database is damaged and can’t be read. Nothing was changed. Restore a copy. The log '
                . 'in the data folder has the details.'],
            ImmediatePdo::isBusy($fault) => [
                503,
                '',
                'Somebody else is saving right now. Nothing was saved yet. Try again in a moment.',
            ],
            default => [
                500,
                '',
                'Something went wrong in Undro. Nothing was saved. The log in the data folder has the details.',
            ],
        };
        if ($request->bearerToken() !== null && in_array($status, [401, 403], true)) {
            Refusals::note($request, $status === 401 ? 'no such key' : 'not for a key');
        } elseif ($status === 429) {
            Refusals::note($request, 'too often');
        }
        $headers = $fault instanceof HttpExceptionInterface ? $fault->getHeaders() : (ImmediatePdo::isBusy($fault) ? ['Retry-After' => '1'] : []);
        if (!$request->is('api/*')) {
            return new Response("$message\n", $status, ['Content-Type' => 'text/plain; charset=utf-8']);
        }

        $says = $fault instanceof DomainFault ? ['says' => Written::sentence($fault->says)] + $fault->more : [];
        $version = $fault instanceof ChangedMeanwhile ? ['version' => $fault->version] : [];

        return new JsonResponse($version + [
            'type' => 'about:blank',
            'title' => self::TITLES[$status] ?? 'Not possible',
            'status' => $status,
            'detail' => $message,
            'error' => ['field' => $field, 'message' => $message] + $says,
        ], $status, ['Content-Type' => 'application/problem+json'] + $headers);
    }
}
