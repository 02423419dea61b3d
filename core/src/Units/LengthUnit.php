<?php

declare(strict_types=1);

namespace Undro\Units;

/** Units of length. The yard is 0.9144 m exactly (international yard and pound agreement, 1959). */
enum LengthUnit: string
{
    case Metre = 'm';
    case Centimetre = 'cm';
    case Millimetre = 'mm';
    case Yard = 'yd';
    case Foot = 'ft';
    case Inch = 'in';

    /** Metres in one of it. */
    public function inMetres(): float
    {
        return match ($this) {
            self::Metre => 1.0,
            self::Centimetre => 0.01,
            self::Millimetre => 0.001,
            self::Yard => 0.9144,
            self::Foot => 0.3048,
            self::Inch => 0.0254,
        };
    }

    /** By a word that people type; null: no length. */
    public static function named(string $word): ?self
    {
        return match (mb_strtolower($word)) {
            'm', 'metre', 'metres', 'meter', 'meters' => self::Metre,
            'cm', 'centimetre', 'centimetres' => self::Centimetre,
            'mm', 'millimetre', 'millimetres' => self::Millimetre,
            'yd', 'yds', 'yard', 'yards' => self::Yard,
            'ft', 'foot', 'feet', "'", '′', '’' => self::Foot,
            'in', 'inch', 'inches', '"', '″', '”', "''" => self::Inch,
            default => null,
        };
    }
}
