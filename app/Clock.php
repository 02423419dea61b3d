<?php

declare(strict_types=1);

namespace App;

use Illuminate\Support\Carbon;
use Undro\Input\Input;
use Undro\Units\Moment;

/** This computer's clock, which may be wrong. */
final class Clock
{
    /** This moment as the log writes it: ISO 8601, UTC, with milliseconds. */
    public static function now(): string
    {
        return Carbon::now('UTC')->format('Y-m-d\TH:i:s.v\Z');
    }

    /** This moment as a Unix time, s. */
    public static function seconds(): int
    {
        return Carbon::now()->getTimestamp();
    }

    /** So many seconds before now, as the log writes it. */
    public static function ago(float $seconds): string
    {
        return Carbon::now('UTC')->subMilliseconds((int) round(1000 * $seconds))->format('Y-m-d\TH:i:s.v\Z');
    }

    /** Today, UTC, as 2026-11-28. */
    public static function today(): string
    {
        return substr(self::now(), 0, 10);
    }

    public static function moment(): Moment
    {
        return Moment::read(self::now());
    }

    /**
     * A date that was typed or sent, at which something has happened.
     *
     * @throws \Undro\DomainFault naming the field, if it is none
     */
    public static function read(Input $in, string $field): Moment
    {
        return self::typed($in, $field, Moment::read(...));
    }

    /**
     * When something began that nobody wrote down then: a year or a month is enough.
     *
     * @throws \Undro\DomainFault naming the field, if it is none
     */
    public static function readApproximate(Input $in, string $field): Moment
    {
        return self::typed($in, $field, Moment::readApproximate(...));
    }

    /** @param \Closure(string, Moment): Moment $read what was typed, by now */
    private static function typed(Input $in, string $field, \Closure $read): Moment
    {
        $typed = $in->text($field, 60);

        return $in->read($field, static fn(): Moment => $read($typed, self::moment()));
    }
}
