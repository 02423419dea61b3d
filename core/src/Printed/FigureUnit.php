<?php

declare(strict_types=1);

namespace Undro\Printed;

use Undro\Line\Material;
use Undro\Line\NominalDiameter;
use Undro\Units\Diameter;
use Undro\Units\Force;
use Undro\Units\ForceUnit;
use Undro\Units\Length;

/** What a figure in print counts: how thick or how strong a line is, or how long. */
enum FigureUnit: string
{
    case Millimetre = 'mm';
    /** hundredths of a millimetre: "25" for 0.25 mm */
    case Hundredth = 'hundredth';
    case Inch = 'in';
    case Pound = 'lb';
    case Kilogram = 'kg';
    case Newton = 'N';
    case Pe = 'pe';
    /** a numbered line: "No. 3", "#3", "3号" */
    case Number = 'no';
    case Metre = 'm';
    case Yard = 'yd';
    case Foot = 'ft';

    /** mm of a line of number 1. Source: handbook, chapter 7, stamp; the same as PE 1. */
    private const NUMBER_ONE_MM = 0.165;
    private const METRES = ['m' => 1.0, 'yd' => 0.9144, 'ft' => 0.3048];

    /** The unit a word in print stands for. */
    public static function named(string $word): ?self
    {
        return match (rtrim(mb_strtolower($word), '.')) {
            'mm', 'millimetre', 'millimetres', 'millimeter', 'millimeters' => self::Millimetre,
            'in', 'inch', 'inches', '"' => self::Inch,
            'lb', 'lbs', 'pound', 'pounds', '#' => self::Pound,
            'kg', 'kgs', 'kgf', 'kilo', 'kilos' => self::Kilogram,
            'n', 'newton', 'newtons' => self::Newton,
            'pe' => self::Pe,
            '号', '號', 'no', 'nr', '№' => self::Number,
            'm', 'mt', 'mts', 'mtr', 'mtrs', 'metre', 'metres', 'meter', 'meters' => self::Metre,
            'y', 'yd', 'yds', 'yard', 'yards' => self::Yard,
            'ft', 'foot', 'feet' => self::Foot,
            default => null,
        };
    }

    /** It says how long. */
    public function isLength(): bool
    {
        return isset(self::METRES[$this->value]);
    }

    /** So many of this unit. */
    public function length(float $value): Length
    {
        return Length::metres($value * (self::METRES[$this->value] ?? 0.0));
    }

    /** The strength so many of this unit are; null where it is no strength. */
    public function strength(float $value): ?Force
    {
        return match ($this) {
            self::Pound => Force::of($value, ForceUnit::Pound),
            self::Kilogram => Force::of($value, ForceUnit::Kilogram),
            self::Newton => Force::newtons($value),
            default => null,
        };
    }

    /** How thick line of this size is; a strength by the nominal table. @throws \Undro\Line\BadLine if it is not above 0 */
    public function diameter(float $value, Material $material): Diameter
    {
        $strength = $this->strength($value);

        return match (true) {
            $strength !== null => NominalDiameter::of($material, $strength),
            $this === self::Pe => Diameter::ofPe($value),
            $this === self::Number => Diameter::millimetres(self::NUMBER_ONE_MM * sqrt($value)),
            $this === self::Hundredth => Diameter::millimetres($value / 100),
            $this === self::Inch => Diameter::millimetres($value * 25.4),
            default => Diameter::millimetres($value),
        };
    }

    /** The unit of length that goes with this size where none is printed; strengths in pounds go by the mark between. */
    public function lengthBeside(string $between): self
    {
        return ($this === self::Pound && str_contains($between, '/')) || $this === self::Inch ? self::Yard : self::Metre;
    }
}
