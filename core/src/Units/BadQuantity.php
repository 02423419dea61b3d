<?php

declare(strict_types=1);

namespace Undro\Units;

use Undro\DomainFault;

/** A quantity that cannot be read or cannot exist. */
final class BadQuantity extends DomainFault
{
    /** Names no field. */
    public static function notFinite(string $what): self
    {
        return new self('', "The $what must be a finite number.");
    }

    /** Names no field. */
    public static function empty(string $example): self
    {
        return new self('', "The field is empty. Type a figure such as $example.");
    }

    /** Names no field. */
    public static function unreadable(string $typed, string $example): self
    {
        return new self(
            '',
            sprintf('"%s" can’t be read. Type a number with or without a unit, such as %s.', self::shorten($typed), $example),
        );
    }

    /** Names no field. */
    public static function unknownUnit(string $typed, string $unit, string $known): self
    {
        return new self(
            '',
            sprintf('"%s" in "%s" is not a unit for this figure. Use %s.', self::shorten($unit), self::shorten($typed), $known),
        );
    }

    /** Names no field. */
    public static function twoReadings(string $typed): self
    {
        $plain = str_replace(',', '', $typed);
        $decimal = str_replace(',', '.', $typed);

        return new self('', sprintf('"%s" can be read two ways. Type %s or %s.', self::shorten($typed), trim($plain), trim($decimal)));
    }

    /** Names no field. */
    public static function zeroDenominator(string $typed): self
    {
        return new self('', sprintf('"%s" divides by zero.', self::shorten($typed)));
    }

    /** Names no field. */
    public static function notADate(string $typed): self
    {
        return new self('', sprintf('"%s" is not a date. Type it as 2026-03-31, or with a time as 2026-03-31 18:05.', self::shorten($typed)));
    }

    /** Names no field. */
    public static function notAnApproximateDate(string $typed): self
    {
        return new self('', sprintf('"%s" is not a date. Type a year such as 2024, a month such as 2024-05, or a day such as 2024-05-20.', self::shorten($typed)));
    }

    /** Names no field. */
    public static function tooLongAgo(string $typed, int $earliest): self
    {
        return new self('', sprintf('"%s" is too long ago. Dates start in %d.', self::shorten($typed), $earliest));
    }

    /** Names no field. */
    public static function notYet(string $typed, string $today): self
    {
        return new self('', sprintf('"%s" is in the future. Today is %s.', self::shorten($typed), $today));
    }

    private static function shorten(string $typed): string
    {
        return mb_strlen($typed) > 40 ? mb_substr($typed, 0, 37) . '...' : $typed;
    }
}
