<?php

declare(strict_types=1);

namespace Undro\Units;

/** Units of force. Pounds, kilograms and ounces are forces at standard gravity, 9.80665 m/s2 (CGPM 1901). */
enum ForceUnit: string
{
    case Newton = 'N';
    case Kilogram = 'kg';
    case Gram = 'g';
    case Pound = 'lb';
    case Ounce = 'oz';

    public const STANDARD_GRAVITY = 9.80665;

    /** Newtons in one of it. */
    public function inNewtons(): float
    {
        return match ($this) {
            self::Newton => 1.0,
            self::Kilogram => self::STANDARD_GRAVITY,
            self::Gram => self::STANDARD_GRAVITY / 1000,
            self::Pound => MassUnit::POUND_IN_GRAMS / 1000 * self::STANDARD_GRAVITY,
            self::Ounce => MassUnit::POUND_IN_GRAMS / 16_000 * self::STANDARD_GRAVITY,
        };
    }

    /** By a word that people type; null: no force. */
    public static function named(string $word): ?self
    {
        return match (mb_strtolower($word)) {
            'n', 'newton', 'newtons' => self::Newton,
            'kg', 'kgs', 'kgf', 'kilo', 'kilos' => self::Kilogram,
            'g', 'gf', 'gram', 'grams' => self::Gram,
            'lb', 'lbs', 'lbf', 'pound', 'pounds' => self::Pound,
            'oz', 'ozf', 'ounce', 'ounces' => self::Ounce,
            default => null,
        };
    }
}
