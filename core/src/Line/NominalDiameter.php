<?php

declare(strict_types=1);

namespace Undro\Line;

use Undro\Units\Diameter;
use Undro\Units\Force;
use Undro\Units\ForceUnit;

/**
 * The diameter a line usually has when only its strength is known. Source: handbook, chapter 2, nominal diameters.
 * Between entries the diameter is interpolated on the square root of the strength; outside, the nearest entry is scaled by it.
 */
final class NominalDiameter
{
    /** lb => mm */
    private const MONO = [
        2 => 0.13, 4 => 0.20, 6 => 0.23, 8 => 0.26, 10 => 0.29, 12 => 0.33, 14 => 0.35, 17 => 0.38,
        20 => 0.43, 25 => 0.48, 30 => 0.55, 40 => 0.63, 50 => 0.71,
    ];
    private const FLUORO = [4 => 0.19, 6 => 0.22, 8 => 0.25, 10 => 0.27, 12 => 0.30, 15 => 0.34, 17 => 0.36, 20 => 0.40, 25 => 0.46];
    private const BRAID = [
        5 => 0.10,
        8 => 0.13,
        10 => 0.15,
        15 => 0.19,
        20 => 0.23,
        30 => 0.28,
        40 => 0.32,
        50 => 0.36,
        65 => 0.41,
        80 => 0.44,
    ];

    /** @throws BadLine if the strength is not above 0 */
    public static function of(Material $material, Force $strength): Diameter
    {
        $pounds = $strength->in(ForceUnit::Pound);
        $pounds > 0 || throw BadLine::noStrength();

        return Diameter::millimetres(self::interpolate(self::table($material), $pounds));
    }

    /** The strength a line of this diameter usually has: the inverse. @throws BadLine if the diameter is not above 0 */
    public static function strengthOf(Material $material, Diameter $diameter): Force
    {
        $wanted = $diameter->inMillimetres();
        $wanted > 0 || throw BadLine::noDiameter();
        $table = self::table($material);
        $below = array_key_first($table);
        if ($wanted <= $table[$below]) {
            return Force::of($below * ($wanted / $table[$below]) ** 2, ForceUnit::Pound);
        }
        foreach ($table as $entry => $thickness) {
            if ($wanted <= $thickness) {
                $share = ($wanted - $table[$below]) / ($thickness - $table[$below]);

                return Force::of((sqrt($below) + $share * (sqrt($entry) - sqrt($below))) ** 2, ForceUnit::Pound);
            }
            $below = $entry;
        }

        return Force::of($below * ($wanted / $table[$below]) ** 2, ForceUnit::Pound);
    }

    /** @return non-empty-array<int, float> */
    private static function table(Material $material): array
    {
        return match ($material) {
            Material::Mono, Material::Hybrid => self::MONO,
            Material::Fluoro => self::FLUORO,
            Material::Braid => self::BRAID,
        };
    }

    /** @param non-empty-array<int, float> $table */
    private static function interpolate(array $table, float $pounds): float
    {
        $first = array_key_first($table);
        $last = array_key_last($table);
        if ($pounds <= $first) {
            return $table[$first] * sqrt($pounds / $first);
        }
        if ($pounds >= $last) {
            return $table[$last] * sqrt($pounds / $last);
        }
        $below = $first;
        foreach ($table as $entry => $diameter) {
            if ($pounds <= $entry) {
                $share = (sqrt($pounds) - sqrt($below)) / (sqrt($entry) - sqrt($below));

                return $table[$below] + $share * ($diameter - $table[$below]);
            }
            $below = $entry;
        }

        return $table[$last];
    }
}
