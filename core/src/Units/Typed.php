<?php

declare(strict_types=1);

namespace Undro\Units;

/**
 * Reads quantities the way people type them: "20lb", "9 kg", "0.2in", "1/8\"", "1 1/8 in", "1-3/4 in", "150 yd", "5.2:1",
 * "PE 1.2", "0,25". A bare number has the unit the caller names.
 */
final class Typed
{
    private const FIGURE = '(?:(\d+)(?:\s+|\s*-\s*))?(\d+)\s*/\s*(\d+)|(\d+(?:[.,]\d+)?|[.,]\d+)';

    /** @throws BadQuantity if it cannot be read */
    public static function length(string $typed, LengthUnit $bare): Length
    {
        [$amount, $word] = self::split($typed, in_array($bare, [LengthUnit::Metre, LengthUnit::Yard, LengthUnit::Foot], true)
            ? '150 m or 165 yd'
            : '2.5 mm or 1/8 in');
        $unit = $word === '' ? $bare : LengthUnit::named($word);
        $unit ?? throw BadQuantity::unknownUnit($typed, $word, 'm, cm, mm, yd, ft or in');

        return Length::of($amount, $unit);
    }

    /**
     * A length with how well it is known: "80 ± 12 m", "80 m ± 15 %", "80 +- 12".
     *
     * @return array{Length, Length|null} and half the band, where one is given
     *
     * @throws BadQuantity if it cannot be read
     */
    public static function lengthWithin(string $typed, LengthUnit $bare): array
    {
        $parts = preg_split('~\s*(?:±|\+\s*/?\s*-)\s*~u', trim($typed)) ?: [$typed];
        if (count($parts) !== 2) {
            return [self::length($typed, $bare), null];
        }
        [$length, $half] = $parts;
        if (str_ends_with($half, '%')) {
            $whole = self::length($length, $bare);

            return [$whole, Length::metres($whole->inMetres() * self::share($half, 1.0))];
        }
        $length .= self::unitWord($length) === '' ? ' ' . self::unitWord($half) : '';
        $half .= self::unitWord($half) === '' ? ' ' . self::unitWord($length) : '';

        return [self::length($length, $bare), self::length($half, $bare)];
    }

    /** @throws BadQuantity if it cannot be read */
    public static function force(string $typed, ForceUnit $bare): Force
    {
        [$amount, $word] = self::split($typed, '20 lb or 9 kg');
        $unit = $word === '' ? $bare : ForceUnit::named($word);
        $unit ?? throw BadQuantity::unknownUnit($typed, $word, 'kg, g, lb, oz or N');

        return Force::of($amount, $unit);
    }

    /** @throws BadQuantity if it cannot be read */
    public static function mass(string $typed, MassUnit $bare): Mass
    {
        [$amount, $word] = self::split($typed, '120 g or 4 oz');
        $unit = $word === '' ? $bare : MassUnit::named($word);
        $unit ?? throw BadQuantity::unknownUnit($typed, $word, 'g, kg, oz or lb');

        return Mass::of($amount, $unit);
    }

    /** A diameter in any length unit, or a PE number. @throws BadQuantity if it cannot be read */
    public static function diameter(string $typed, LengthUnit $bare): Diameter
    {
        if (preg_match('/^\s*PE\s*(.+)$/iu', $typed, $found) === 1) {
            return Diameter::ofPe(self::number($found[1]));
        }

        return Diameter::millimetres(self::length($typed, $bare)->inMillimetres());
    }

    /** A plain number, decimal point or comma, or a fraction; a ratio may say ": 1". @throws BadQuantity if it cannot be read */
    public static function number(string $typed): float
    {
        $ratio = preg_replace(['/^(.*\d)\s*:\s*1\s*$/', '/^\s*1\s*:\s*(?=\d)/'], ['$1', ''], $typed) ?? $typed;
        [$amount, $word] = self::split($ratio, '5.2');
        $word === '' || throw BadQuantity::unknownUnit($typed, $word, 'a plain number');

        return $amount;
    }

    /**
     * A share as typed, or per cent: anything over the most a share can be is meant in per cent.
     *
     * @throws BadQuantity if it cannot be read
     */
    public static function share(string $typed, float $most): float
    {
        $figure = self::number(trim(str_replace('%', '', $typed)));

        return $figure > $most || str_contains($typed, '%') ? $figure / 100 : $figure;
    }

    /** The unit written after the figure, if there is one. */
    public static function unitWord(string $typed): string
    {
        return preg_match('~^\s*-?(?:' . self::FIGURE . ')\s*(.*?)\.?\s*$~u', $typed, $found) === 1 ? $found[5] : '';
    }

    /** @return array{float, string} the figure and the unit word after it */
    private static function split(string $typed, string $example): array
    {
        trim($typed) !== '' || throw BadQuantity::empty($example);
        if (preg_match('~^\s*(-?)(?:' . self::FIGURE . ')\s*(.*?)\.?\s*$~u', $typed, $found) !== 1) {
            throw BadQuantity::unreadable($typed, $example);
        }
        [, $sign, $whole, $over, $under, $decimal, $word] = $found;
        if (preg_match('/^\d/', $word) === 1) {
            throw BadQuantity::unreadable($typed, $example);
        }
        if ($decimal === '') {
            (int) $under !== 0 || throw BadQuantity::zeroDenominator($typed);
            $amount = (float) $whole + (float) $over / (float) $under;
        } else {
            preg_match('/^[1-9]\d{0,2},\d{3}$/', $decimal) !== 1 || throw BadQuantity::twoReadings($typed);
            $amount = (float) str_replace(',', '.', $decimal);
        }

        return [$sign === '-' ? -$amount : $amount, $word];
    }
}
