<?php

declare(strict_types=1);

namespace Undro\Upkeep;

use Undro\Line\Material;

/**
 * What share of its strength a line has left: by its wear or by what was found on it, whichever is lower. Source: handbook, chapter 5,
 * condition.
 */
final readonly class Condition
{
    /** Share of its life used, and what it keeps then; straight lines between, and the last one beyond. */
    private const BY_WEAR = [[0.0, 1.0], [1.0, 0.9], [1.5, 0.8]];

    /** @param Inspection|null $by what was found that governs; null: the wear does */
    private function __construct(public float $keeps, public ?Inspection $by) {}

    /** @param Inspection|null $worst of those that count */
    public static function of(float $share, ?Inspection $worst, Material $material): self
    {
        $wear = self::byWear($share);
        $found = $worst?->found->on($material) ?? 1.0;

        return $found < $wear ? new self($found, $worst) : new self($wear, null);
    }

    /** What a line keeps of its strength by the share of its life that is over. */
    public static function byWear(float $share): float
    {
        $before = self::BY_WEAR[0];
        foreach (self::BY_WEAR as $point) {
            if ($share <= $point[0]) {
                $width = $point[0] - $before[0];

                return $width <= 0 ? $point[1] : $before[1] + ($point[1] - $before[1]) * max(0.0, $share - $before[0]) / $width;
            }
            $before = $point;
        }

        return $before[1];
    }
}
