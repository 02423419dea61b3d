<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Spool\ReelKind;
use Undro\Twist\Feed;
use Undro\Twist\Lab;
use Undro\Twist\Sense;
use Undro\Twist\Twist;

/** "twist_lab": what becomes of a line's twist when it is wound one way and fished another. */
final class TwistLabCase implements Calculator
{
    /**
     * Question and answer: handbook, chapter 7, "twist_lab".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $reel = $in->choice('reel', ReelKind::class);
        $line = Line::of($in->choice('material', Material::class), $in->diameter('diameter_mm', ...Bounds::LINE_MM));
        $twist = Twist::of(
            $reel,
            $in->choice('feed', Feed::class),
            $in->optionalChoice('filler_turns', Sense::class),
            $in->optionalChoice('rotor_turns', Sense::class),
            $in->diameter('filler_diameter_mm', 5, 1000),
            $in->diameter('spool_diameter_mm', ...Bounds::SPOOL_MM),
            $line,
        );
        $slip = $reel->hasFixedSpool() ? $in->number('slip_turns', 0, 2000, 0) : 0.0;
        $out = $in->metres('line_out_m', ...[...Bounds::LENGTH_M, 30.0]);
        $lab = $in->make(
            static fn(): Lab => Lab::of(
                $twist,
                $line,
                $slip,
                $in->number('gear_ratio', ...[...Bounds::GEAR_RATIO, 5.0]),
                $out,
                $in->boolean('trailed'),
                $in->boolean('cast'),
            ),
        );

        return [
            'out_turns_per_m' => $lab->out,
            'reel_turns_per_m' => $lab->reel,
            'allowed_turns_per_m' => $lab->allowed,
            'loops_per_m' => $lab->loops,
            'elastic' => $lab->allowed !== null,
        ];
    }
}
