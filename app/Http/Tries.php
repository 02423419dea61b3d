<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;

/**
 * How often somebody may be wrong at the door. Counted against the address they come from together with the name they try, so that a
 * stranger can shut nobody else out; and more loosely against each of them alone, so that trying many comes to nothing.
 */
final class Tries
{
    private const PAIR = [5, 300];
    private const PLACE = [40, 300];
    private const NAME = [60, 3600];
    private const MAILS = [3, 3600];
    private const MAILS_FROM = [20, 3600];

    /** How long until somebody may try again, in words; null: at once. */
    public function waits(Request $request, string $email): ?string
    {
        $wait = 0;
        foreach (self::counted($request, $email) as $key => [$most]) {
            if (RateLimiter::tooManyAttempts($key, $most)) {
                $wait = max($wait, RateLimiter::availableIn($key));
            }
        }

        return $wait === 0 ? null : ($wait < 90 ? 'a minute' : sprintf('%d minutes', (int) ceil($wait / 60)));
    }

    public function wrong(Request $request, string $email): void
    {
        foreach (self::counted($request, $email) as $key => [, $seconds]) {
            RateLimiter::hit($key, $seconds);
        }
    }

    public function right(Request $request, string $email): void
    {
        RateLimiter::clear(array_key_first(self::counted($request, $email)));
    }

    /** Whether one more mail may go to somebody. */
    public function mayMail(Request $request, string $email): bool
    {
        $to = 'mail:' . sha1($email);
        $from = 'mails:' . $request->ip();
        if (RateLimiter::tooManyAttempts($to, self::MAILS[0]) || RateLimiter::tooManyAttempts($from, self::MAILS_FROM[0])) {
            return false;
        }
        RateLimiter::hit($to, self::MAILS[1]);
        RateLimiter::hit($from, self::MAILS_FROM[1]);

        return true;
    }

    /** @return non-empty-array<string, array{int, int}> what is counted: how many within how many seconds */
    private static function counted(Request $request, string $email): array
    {
        $from = (string) $request->ip();

        return ['pair:' . sha1("$from $email") => self::PAIR, "place:$from" => self::PLACE, 'name:' . sha1($email) => self::NAME];
    }
}
