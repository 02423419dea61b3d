<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Spool\ReelKind;
use Undro\Twist\Feed;
use Undro\Twist\Sense;
use Undro\Twist\Twist;

/** "twist": turns per metre while winding and in the water. */
final class TwistCase implements Calculator
{
    /**
     * Question and answer: handbook, chapter 7, "twist".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $material = $in->optionalChoice('material', Material::class);
        $diameter = $in->optionalDiameter('diameter_mm', ...Bounds::LINE_MM);
        $twist = Twist::of(
            $in->choice('reel', ReelKind::class),
            $in->choice('feed', Feed::class),
            $in->optionalChoice('filler_turns', Sense::class),
            $in->optionalChoice('rotor_turns', Sense::class),
            $in->diameter('filler_diameter_mm', 1, 1000),
            $in->diameter('spool_diameter_mm', ...Bounds::SPOOL_MM),
            $material === null || $diameter === null ? null : Line::of($material, $diameter),
        );
        $out = ['winding_turns_per_m' => $twist->winding, 'water_turns_per_m' => $twist->water];
        if ($twist->loopTension !== null && $twist->slackWeight !== null) {
            $out += [
                'loop_tension_mN' => 1000 * $twist->loopTension->inNewtons(),
                'slack_weight_mN' => 1000 * $twist->slackWeight->inNewtons(),
                'loops_in_slack' => $twist->loopsInSlack(),
            ];
        }

        return $out;
    }
}
