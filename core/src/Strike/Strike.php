<?php

declare(strict_types=1);

namespace Undro\Strike;

use Undro\Line\Material;
use Undro\Units\Force;
use Undro\Units\Length;

/**
 * What a sweep of the rod brings to the hook when the line is treated as a spring. Source: handbook, chapter 5, strike.
 */
final readonly class Strike
{
    private function __construct(public Force $stiffness, public Force $hook, public bool $slips, public bool $breaks) {}

    /**
     * @param Force|null $working   working strength; null: as rated
     * @param Force|null $drag      the set drag; null: locked
     * @param Length     $slack     slack or belly in the line
     * @param Length     $woundDown what winding down took in before the sweep
     *
     * @throws BadStrike
     */
    public static function of(
        Material $material,
        Force $rated,
        ?Force $working,
        ?Force $drag,
        Length $sweep,
        Length $slack,
        Length $woundDown,
        Length $distance,
    ): self {
        $rated->inNewtons() > 0 || throw BadStrike::noStrength('rated_N');
        $holds = ($working ?? $rated)->inNewtons();
        $holds > 0 || throw BadStrike::noStrength('working_N');
        $stiffness = $material->stiffness($rated)->inNewtons();
        $between = $distance->inMetres() + $slack->inMetres() - $woundDown->inMetres();
        $between > 0 || throw BadStrike::woundPastFish();
        $stretch = max(0.0, $sweep->inMetres() + $woundDown->inMetres() - $slack->inMetres());
        $force = $stiffness * $stretch / $between;
        $slips = $drag !== null && $drag->inNewtons() < $holds && $force >= $drag->inNewtons();
        $breaks = !$slips && $force >= $holds;

        return new self(
            Force::newtons($stiffness),
            match (true) {
                $slips => $drag,
                $breaks => Force::newtons($holds),
                default => Force::newtons($force),
            },
            $slips,
            $breaks,
        );
    }
}
