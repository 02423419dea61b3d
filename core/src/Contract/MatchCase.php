<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Drag\Link;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Json\PlanInput;
use Undro\Json\SpoolInput;
use Undro\Json\Written;
use Undro\Line\Material;
use Undro\Match\Finding;
use Undro\Match\LineMatch;
use Undro\Match\LineRange;
use Undro\Spool\Rating;
use Undro\Spool\ReelKind;
use Undro\Units\Diameter;

/** "match": whether a line suits a reel and a rod, and what follows. */
final class MatchCase implements Calculator
{
    /** The share of the strength a drag takes when nothing else is said. Source: handbook, chapter 5. */
    private const QUARTER = 0.25;

    /**
     * Question and answer: handbook, chapter 7, "match".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $lineIn = $in->object('line');
        $reelIn = $in->object('reel');
        $rodIn = $in->has('rod') ? $in->object('rod') : null;
        [$line, $size] = PlanInput::line($lineIn);
        $kind = $reelIn->choice('kind', ReelKind::class, ReelKind::Spinning);
        $onReel = self::printed($reelIn, $line->material);
        $stamp = $onReel === null ? self::stamped($reelIn, $line->material) : null;
        $match = LineMatch::of(
            $kind,
            $line,
            $lineIn->optionalForce('strength_N', ...Bounds::FORCE_N) ?? $size->strength,
            $onReel ?? $stamp,
            $stamp !== null,
            $rodIn === null ? null : self::printed($rodIn, $line->material) ?? self::printed($rodIn, Material::Mono),
            $reelIn->optionalForce('max_drag_N', ...Bounds::FORCE_N),
            $rodIn?->optionalForce('max_drag_N', ...Bounds::FORCE_N),
            PlanInput::habits($in)->dragFraction(Link::USUAL_HOLDS) ?? self::QUARTER,
        );

        return [
            'verdict' => $match->verdict()->value,
            'findings' => array_map(static fn(Finding $finding): array => [
                'against' => $finding->against->value,
                'verdict' => $finding->verdict->value,
            ] + Written::sentence($finding->sentence), $match->findings),
        ];
    }

    /** The range printed for a kind of line: braid apart from everything else. @throws \Undro\DomainFault */
    public static function printed(Input $in, Material $material): ?LineRange
    {
        $key = $material === Material::Braid ? 'braid_range' : 'mono_range';
        $typed = trim($in->text($key, 60));

        return $typed === '' ? null : $in->read($key, static fn(): LineRange => LineRange::read($typed, $material));
    }

    private static function stamped(Input $in, Material $material): ?LineRange
    {
        $of = array_values(array_filter(
            SpoolInput::ratings($in),
            static fn(Rating $rating): bool => ($rating->material === Material::Braid) === ($material === Material::Braid),
        ));

        return $of === [] ? null : LineRange::ofStamp(array_map(static fn(Rating $rating): Diameter => $rating->diameter, $of), $material);
    }
}
