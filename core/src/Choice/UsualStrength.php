<?php

declare(strict_types=1);

namespace Undro\Choice;

use Undro\Line\Material;
use Undro\Units\Force;
use Undro\Units\ForceUnit;
use Undro\Units\Mass;

/**
 * The strengths that anglers use for a way of fishing and a fish, lb: low, usual and high for each class of fish. Between the middles of
 * two classes a strength is interpolated on the logarithm of the fish's weight. Source: handbook, chapter 1, "Which line", step 1.
 */
final class UsualStrength
{
    /** The middles of the classes of fish, kg: under 1, 1 to 3, 3 to 8, 8 to 20, 20 to 50, over 50. */
    private const MIDDLES = [0.5, 1.7, 5.0, 13.0, 32.0, 80.0];
    /** Where the classes begin, kg: a class beside one that is not used is taken as it stands. */
    private const BEGINS = [0.0, 1.0, 3.0, 8.0, 20.0, 50.0];

    private const MONO = [
        'light_clear' => [[2, 4, 6], [4, 6, 8], [6, 8, 10], [8, 10, 12], [12, 15, 20], [20, 25, 30]],
        'general' => [[4, 6, 8], [6, 8, 12], [10, 12, 17], [12, 15, 20], [20, 30, 40], [40, 50, 60]],
        'heavy_cover' => [[10, 12, 17], [12, 17, 20], [17, 20, 25], [20, 25, 30], [30, 40, 50], [50, 60, 80]],
        'distance' => [[8, 10, 12], [10, 12, 15], [12, 15, 18], [15, 18, 25], [20, 30, 40], [40, 50, 60]],
        'deep_jigging' => [null, null, null, null, null, null],
        'big_fish' => [[4, 6, 8], [6, 8, 10], [8, 10, 12], [12, 15, 18], [25, 40, 50], [50, 60, 80]],
        'big_game' => [null, null, [12, 20, 30], [20, 30, 50], [30, 50, 80], [50, 80, 130]],
    ];
    private const BRAID = [
        'light_clear' => [[4, 6, 8], [6, 8, 10], [8, 10, 15], [10, 15, 20], [20, 30, 40], [30, 40, 50]],
        'general' => [[6, 10, 10], [10, 15, 20], [15, 20, 30], [20, 30, 40], [40, 65, 80], [65, 80, 100]],
        'heavy_cover' => [[30, 40, 50], [30, 50, 50], [50, 50, 65], [65, 65, 80], [80, 80, 100], [80, 100, 130]],
        'distance' => [[10, 15, 20], [15, 20, 25], [20, 30, 30], [30, 30, 50], [50, 65, 80], [65, 80, 100]],
        'deep_jigging' => [[8, 10, 15], [10, 15, 20], [20, 30, 30], [30, 40, 50], [50, 65, 80], [80, 80, 100]],
        'big_fish' => [[8, 10, 15], [10, 15, 20], [15, 20, 30], [20, 30, 40], [50, 65, 80], [80, 100, 130]],
        'big_game' => [null, null, [20, 30, 50], [30, 50, 65], [50, 65, 80], [80, 100, 130]],
    ];

    /**
     * Low, usual and high for a fish, as they come out between two classes; null where the material, or so small a fish, is not usual there.
     *
     * @return array{low: Force, usual: Force, high: Force}|null
     */
    public static function of(Fishing $fishing, Material $material, Mass $fish): ?array
    {
        $classes = ($material === Material::Braid ? self::BRAID : self::MONO)[$fishing->value];
        $kilograms = $fish->inGrams() / 1000;
        $own = 0;
        while ($own < 5 && $kilograms >= self::BEGINS[$own + 1]) {
            ++$own;
        }
        if ($classes[$own] === null) {
            return null;
        }
        // the class next to it on the side of the fish; there is none beyond the ends
        $beside = $own + ($kilograms < self::MIDDLES[$own] ? -1 : 1);
        $next = $classes[$beside] ?? null;
        $share = $next === null ? 0.0 : log($kilograms / self::MIDDLES[$own]) / log(self::MIDDLES[$beside] / self::MIDDLES[$own]);
        $next ??= $classes[$own];
        $between = static fn(int $which): Force => Force::of(
            $classes[$own][$which] + ($next[$which] - $classes[$own][$which]) * $share,
            ForceUnit::Pound,
        );

        return ['low' => $between(0), 'usual' => $between(1), 'high' => $between(2)];
    }

    /** The nearest strength that shops sell: any that stands in the tables. Half way between two it is the weaker, or the stronger. */
    public static function sold(Force $strength, bool $stronger = false): Force
    {
        $pounds = $strength->in(ForceUnit::Pound);
        $nearest = 0;
        foreach (self::strengths() as $each) {
            $nearer = abs($nearest - $pounds) - abs($each - $pounds);
            $nearest = $nearest === 0 || $nearer > ($stronger ? -1e-9 : 1e-9) ? $each : $nearest;
        }

        return Force::of((float) $nearest, ForceUnit::Pound);
    }

    /** The weakest that shops sell and that is not under this; the strongest of all where none is. */
    public static function soldFrom(Force $least): Force
    {
        $strengths = self::strengths();
        $enough = array_filter($strengths, static fn(int $each): bool => $each >= $least->in(ForceUnit::Pound) - 1e-6);

        return Force::of((float) ($enough === [] ? end($strengths) : reset($enough)), ForceUnit::Pound);
    }

    /** @return non-empty-list<int> lb, the weakest first */
    private static function strengths(): array
    {
        $all = [];
        foreach ([...array_values(self::MONO), ...array_values(self::BRAID)] as $classes) {
            foreach ($classes as $class) {
                array_push($all, ...$class ?? []);
            }
        }
        $all = array_values(array_unique($all));
        sort($all);

        return $all;
    }
}
