<?php

declare(strict_types=1);

namespace Undro\Spool;

use Undro\Line\Material;
use Undro\Line\NominalDiameter;
use Undro\Units\Diameter;
use Undro\Units\Force;
use Undro\Units\ForceUnit;
use Undro\Units\Length;
use Undro\Units\LengthUnit;

/**
 * Reads what is stamped on a spool the way people copy it: "0.25/200", "0,25/160 0,30/120", "0.25mm-200m",
 * "8/140 10/120", "PE 1.5-200", "12-100, 14-80", "4kg/150m".
 *
 * A bare first figure under 1 is mm with metres; otherwise lb, with yards after a slash and metres after a dash.
 * PE is braid in metres and carries on to the pairs after it. Source: handbook, chapter 2.
 */
final class StampedText
{
    private const PAIR = '/\G\s*(?<pe>PE)?\s*(?<size>\d+(?:[.,]\d+)?|[.,]\d+)\s*(?<sizeUnit>mm|kgs?|lbs?\.?|in)?\s*'
        . '(?<mark>[\/\-–—:x×]|(?<=[a-z])(?=\s*\d))\s*(?<length>\d+(?:\.\d+)?)\s*'
        . '(?<lengthUnit>metres?|meters?|m|yards?|yds?|y)?(?![\p{L}\d.\/])\s*(?<stop>[,;|]?)/iu';
    private const THICKEST_MM = 3.0;

    /**
     * @return non-empty-list<Rating>
     *
     * @throws BadRating naming the part that cannot be read
     */
    public static function read(string $text, Material $material = Material::Mono, ?StampUnits $units = null): array
    {
        $ratings = [];
        $at = 0;
        $pe = $units === StampUnits::PeMetres;
        $text = rtrim($text);
        while ($at < strlen($text)) {
            if (preg_match(self::PAIR, $text, $found, 0, $at) !== 1) {
                throw BadRating::unreadable(trim(substr($text, $at)));
            }
            $at += strlen($found[0]);
            $pe = $found['pe'] !== '' || ($pe && $found['sizeUnit'] === '');
            $ratings[] = self::rating($found, $material, $units, $pe);
        }

        return $ratings !== [] ? $ratings : throw BadRating::unreadable($text);
    }

    /** @param array<array-key, string> $found */
    private static function rating(array $found, Material $material, ?StampUnits $units, bool $pe): Rating
    {
        $part = trim($found[0], " \t\n\r,;|");
        $size = (float) str_replace(',', '.', $found['size']);
        $unit = rtrim(strtolower($found['sizeUnit']), 's.');
        if ($unit === '') {
            $unit = match (true) {
                $pe => 'pe',
                $units === StampUnits::MillimetresMetres => 'mm',
                $units === StampUnits::PoundsYards, $units === StampUnits::PoundsMetres => 'lb',
                $size < 1 => 'mm',
                default => 'lb',
            };
        }
        $strength = match ($unit) {
            'lb' => Force::of($size, ForceUnit::Pound),
            'kg' => Force::of($size, ForceUnit::Kilogram),
            default => null,
        };
        $material = $unit === 'pe' ? Material::Braid : $material;
        $size > 0 || throw BadRating::noDiameter();
        $diameter = match (true) {
            $strength !== null => NominalDiameter::of($material, $strength),
            $unit === 'pe' => Diameter::ofPe($size),
            $unit === 'in' => Diameter::millimetres($size * 25.4),
            default => Diameter::millimetres($size),
        };
        $diameter->inMillimetres() <= self::THICKEST_MM || throw BadRating::thick($part, $diameter->inMillimetres());
        $length = Length::of((float) $found['length'], self::lengthUnit($found, $unit, $units));
        $length->inMetres() <= Length::LONGEST_M || throw BadRating::long($part, $length->inMetres());
        $stamped = match (true) {
            $strength !== null => "{$found['size']} $unit",
            $unit === 'pe' => "PE {$found['size']}",
            default => '',
        };

        return Rating::of($length, $diameter, $material, $strength !== null, $stamped);
    }

    /** @param array<array-key, string> $found */
    private static function lengthUnit(array $found, string $unit, ?StampUnits $units): LengthUnit
    {
        $word = strtolower($found['lengthUnit']);

        return match (true) {
            $word !== '' => $word[0] === 'y' ? LengthUnit::Yard : LengthUnit::Metre,
            $units !== null => $units->lengthUnit(),
            $unit === 'lb' && $found['mark'] === '/' => LengthUnit::Yard,
            default => LengthUnit::Metre,
        };
    }
}
