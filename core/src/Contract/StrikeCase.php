<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Line\Material;
use Undro\Strike\Strike;
use Undro\Units\Length;

/** "strike": the force a sweep of the rod brings to the hook. */
final class StrikeCase implements Calculator
{
    /**
     * Question and answer: handbook, chapter 7, "strike".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $woundDown = $in->number('wind_down_turns', 0, 1000, 0.0) * $in->metres('retrieve_m_per_turn', 0, 10, 0.0)->inMetres();
        $strike = $in->make(static fn(): Strike => Strike::of(
            $in->choice('material', Material::class),
            $in->force('rated_N', ...Bounds::FORCE_N),
            $in->optionalForce('working_N', ...Bounds::FORCE_N),
            $in->optionalForce('drag_N', ...Bounds::FORCE_N),
            $in->metres('sweep_m', 0, 20),
            $in->metres('slack_m', 0, 1000, 0.0),
            Length::metres($woundDown),
            $in->metres('distance_m', 0.1, Bounds::LENGTH_M[1]),
        ));

        return [
            'stiffness_N' => $strike->stiffness->inNewtons(),
            'hook_force_N' => $strike->hook->inNewtons(),
            'slips' => $strike->slips,
            'breaks' => $strike->breaks,
        ];
    }
}
