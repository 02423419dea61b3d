<?php

declare(strict_types=1);

namespace Undro\Units;

use DateTimeImmutable;
use DateTimeZone;

/** A point in time, to the millisecond. The one rule for every date that is typed, sent or read from a file. */
final readonly class Moment
{
    private const SHAPE = '/^(\d{4})-(\d{2})-(\d{2})(?:[T '
        . ']([01]\d|2[0-3]):([0-5]\d)(?::([0-5]\d)(?:\.\d{1,9})?)?(?:Z|[+-](?:0\d|1[0-4]):?[0-5]\d)?)?$/';
    private const EARLIEST = 1950;
    /** A year, or a year and a month, either first. */
    private const YEAR_OR_MONTH = '~^(?:(?<year>\d{4})(?:-(?<month>\d{1,2}))?|(?<month2>\d{1,2})[./](?<year2>\d{4}))$~';

    private function __construct(private DateTimeImmutable $at) {}

    /**
     * Reads a date, or a date with a time: "2026-03-31", "2026-03-31 18:05", "2026-03-31T18:05:00+02:00". Without an offset it is UTC.
     *
     * @param self|null $now nothing has happened later than a day after it, which leaves room for a clock that is slow and for other
     *                       time zones; null: it may lie ahead
     *
     * @throws BadQuantity if it is no date, or none at which anything can have happened
     */
    public static function read(string $typed, ?self $now = null): self
    {
        $typed = trim($typed);
        if (preg_match(self::SHAPE, $typed, $found) !== 1 || !checkdate((int) $found[2], (int) $found[3], (int) $found[1])) {
            throw BadQuantity::notADate($typed);
        }
        $moment = new self((new DateTimeImmutable($typed, new DateTimeZone('UTC')))->setTimezone(new DateTimeZone('UTC')));
        (int) $found[1] >= self::EARLIEST || throw BadQuantity::tooLongAgo($typed, self::EARLIEST);
        $now === null || $moment->at <= $now->at->modify('+1 day') || throw BadQuantity::notYet($typed, $now->day());

        return $moment;
    }

    /**
     * Reads when something began that nobody wrote down then: "2024", "2024-05", "5/2024", or any date. A year counts from its middle, 1 July, a
     * month from its 15th, and both from now at the latest.
     *
     * @throws BadQuantity if it is no date, or still to come
     */
    public static function readApproximate(string $typed, self $now): self
    {
        if (preg_match(self::SHAPE, trim($typed)) === 1) {
            return self::read($typed, $now);
        }
        preg_match(self::YEAR_OR_MONTH, trim($typed), $found, PREG_UNMATCHED_AS_NULL) === 1 || throw BadQuantity::notAnApproximateDate($typed);
        $year = (int) ($found['year'] ?? $found['year2'] ?? 0);
        $month = $found['month'] ?? $found['month2'] ?? null;
        $month === null || checkdate((int) $month, 1, $year) || throw BadQuantity::notAnApproximateDate($typed);
        $begins = self::read(sprintf('%04d-%02d-01', $year, $month ?? 1));
        $begins->at <= $now->at || throw BadQuantity::notYet($typed, $now->day());
        $middle = self::read(sprintf('%04d-%02d-%02d', $year, $month ?? 7, $month === null ? 1 : 15));

        return $middle->at > $now->at ? $now : $middle;
    }

    /**
     * This moment, or where it does not come after another one, the next millisecond after that: the order of entry counts, not the clock.
     */
    public function after(?self $other): self
    {
        return $other === null || $this->at > $other->at ? $this : new self($other->at->modify('+1 millisecond'));
    }

    /** As the log writes it: "2026-03-31T16:05:00.000Z". Sorting these sorts the moments. */
    public function iso(): string
    {
        return $this->at->format('Y-m-d\TH:i:s.v\Z');
    }

    /** As measurements are dated: "2026-03-31 16:05:00.000", UTC. Sorting these sorts the moments. */
    public function dated(): string
    {
        return $this->at->format('Y-m-d H:i:s.v');
    }

    /** "2026-03-31" */
    public function day(): string
    {
        return $this->at->format('Y-m-d');
    }

    /** Writes the day of a date as people do: 11 Jul 2026. */
    public static function written(string $iso): string
    {
        return (new DateTimeImmutable(substr($iso, 0, 10)))->format('j M Y');
    }
}
