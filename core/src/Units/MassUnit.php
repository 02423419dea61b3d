<?php

declare(strict_types=1);

namespace Undro\Units;

/** Units of mass. The pound is 453.59237 g exactly (international yard and pound agreement, 1959). */
enum MassUnit: string
{
    case Gram = 'g';
    case Kilogram = 'kg';
    case Pound = 'lb';
    case Ounce = 'oz';

    public const POUND_IN_GRAMS = 453.59237;

    /** Grams in one of it. */
    public function inGrams(): float
    {
        return match ($this) {
            self::Gram => 1.0,
            self::Kilogram => 1000.0,
            self::Pound => self::POUND_IN_GRAMS,
            self::Ounce => self::POUND_IN_GRAMS / 16,
        };
    }

    /** By a word that people type; null: no mass. */
    public static function named(string $word): ?self
    {
        return match (mb_strtolower($word)) {
            'g', 'gram', 'grams' => self::Gram,
            'kg', 'kgs', 'kilo', 'kilos' => self::Kilogram,
            'lb', 'lbs', 'pound', 'pounds' => self::Pound,
            'oz', 'ounce', 'ounces' => self::Ounce,
            default => null,
        };
    }
}
