<?php

declare(strict_types=1);

namespace App\Http;

use App\Clock;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\IpUtils;

/**
 * How often somebody may be wrong at the door. Counted against the address they come from together with the name they try, and more loosely
 * against each of them alone, so that trying many comes to nothing. Each wait is twice the one before, up to a quarter of an hour. A device
 * on which somebody has signed in before is counted by itself: no stranger can shut its owner out.
 */
final class Tries
{
    /** So many may be wrong before anybody waits. */
    private const PAIR = 5;
    private const PLACE = 40;
    private const NAME = 60;
    /** The first wait and the longest one, s. */
    private const FIRST_S = 60;
    private const LONGEST_S = 900;
    /** After so long without a wrong one all is forgotten, s. */
    private const FORGOTTEN_S = 3600;
    /** How many mails to one address and from one place in an hour. */
    private const MAILS = 3;
    private const MAILS_FROM = 20;
    private const DAY_S = 86_400;

    /** How long until somebody may try again, in words; null: at once. */
    public function waits(Request $request, string $email): ?string
    {
        $until = 0;
        foreach (array_keys(self::counted($request, $email)) as $key) {
            $until = max($until, self::of($key)[1]);
        }
        $wait = $until - Clock::seconds();

        return $wait <= 0 ? null : ($wait < 90 ? 'a minute' : sprintf('%d minutes', (int) ceil($wait / 60)));
    }

    public function wrong(Request $request, string $email): void
    {
        foreach (self::counted($request, $email) as $key => $free) {
            self::count($key, $free);
        }
    }

    public function right(Request $request, string $email): void
    {
        self::store()->forget(array_key_first(self::counted($request, $email)));
    }

    /** Whether one more mail may go to somebody. */
    public function mayMail(Request $request, string $email): bool
    {
        return self::oneMore('mails:' . self::place($request), self::MAILS_FROM, self::FORGOTTEN_S) && self::oneMore('mail:' . sha1($email), self::MAILS, self::FORGOTTEN_S);
    }

    /** Whether this may be done once more within a day. */
    public function onceMoreToday(string $what, int $most): bool
    {
        return self::oneMore($what, $most, self::DAY_S);
    }

    private static function oneMore(string $key, int $most, int $seconds): bool
    {
        return self::alone(static function () use ($key, $most, $seconds): bool {
            [$count, $until] = self::of($key);
            [$count, $until] = $until > Clock::seconds() ? [$count + 1, $until] : [1, Clock::seconds() + $seconds];
            self::store()->put($key, [$count, $until], max(1, $until - Clock::seconds()));

            return $count <= $most;
        });
    }

    private static function count(string $key, int $free): void
    {
        self::alone(static function () use ($key, $free): bool {
            $count = self::of($key)[0] + 1;
            $wait = $count < $free ? 0 : min(self::LONGEST_S, self::FIRST_S * 2 ** min(10, $count - $free));

            return self::store()->put($key, [$count, Clock::seconds() + $wait], self::FORGOTTEN_S + $wait);
        });
    }

    /**
     * Two who are wrong at once are counted twice.
     *
     * @param \Closure(): bool $count
     */
    private static function alone(\Closure $count): bool
    {
        return DB::connection(config()->boolean('undro.served') ? 'people' : null)->transaction($count);
    }

    /** @return array{int, int} how many there were, and until when the next has to wait, as a Unix time */
    private static function of(string $key): array
    {
        $kept = self::store()->get($key);

        return is_array($kept) && is_int($kept[0] ?? null) && is_int($kept[1] ?? null) ? [$kept[0], $kept[1]] : [0, 0];
    }

    private static function store(): Repository
    {
        return Cache::store(config()->string('cache.limiter'));
    }

    /** @return non-empty-array<string, int> what is counted, and how many of it are free */
    private static function counted(Request $request, string $email): array
    {
        $known = KnownDevice::of($request, $email);
        if ($known !== null) {
            return ["device:$known" => self::PAIR];
        }
        $place = self::place($request);

        return ['pair:' . sha1("$place $email") => self::PAIR, "place:$place" => self::PLACE, 'name:' . sha1($email) => self::NAME];
    }

    /** Of an address of version 6 its network of 64 bits: whoever has one of them has all of them. */
    private static function place(Request $request): string
    {
        $from = (string) $request->ip();

        return str_contains($from, ':') && !str_contains($from, '.') ? IpUtils::anonymize($from, 0, 8) : $from;
    }
}
