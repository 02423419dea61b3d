<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Spool\ReelKind;
use Undro\Twist\FillerSpool;
use Undro\Twist\Hold;
use Undro\Twist\Placing;
use Undro\Twist\Sense;
use Undro\Twist\Twist;
use Undro\Units\Diameter;
use Undro\Units\Length;

/** "placings": every way to place a filler for a reel, with its twist at the start, at the end and over the whole line. */
final class PlacingsCase implements Calculator
{
    /**
     * Question and answer: handbook, chapter 7, "placings".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $reel = $in->choice('reel', ReelKind::class);
        $rotor = $in->optionalChoice('rotor_turns', Sense::class);
        $circles = $in->optionalChoice('filler_turns', Sense::class);
        $line = Line::of($in->choice('material', Material::class), $in->diameter('diameter_mm', ...Bounds::LINE_MM));
        $length = $in->metres('length_m', ...Bounds::LENGTH_M);
        $on = $in->object('filler');
        $whole = $on->optionalMetres('full_length_m', ...Bounds::LENGTH_M) ?? $length;
        $left = $on->optionalMetres('left_m', ...Bounds::LENGTH_M) ?? $whole;
        $filler = $on->make(
            static fn(): FillerSpool => FillerSpool::of(
                $on->optionalDiameter('full_mm', 5, 1000),
                $on->optionalDiameter('core_mm', 1, 1000),
                $whole,
            ),
        );
        $full = $filler->with($left);
        $after = $filler->with(Length::metres(max(0.0, $left->inMetres() - $length->inMetres())));
        $before = $in->optionalDiameter('spool_diameter_mm', ...Bounds::SPOOL_MM) ?? Diameter::millimetres(Placing::SPOOL_MM);
        $last = $in->optionalDiameter('spool_after_mm', ...Bounds::SPOOL_MM) ?? $before;
        $ways = $in->make(static fn(): array => Placing::all($reel, $rotor, $full, $after, $before, $last, $length, $line));

        return [
            'matched' => $reel->hasFixedSpool() && $rotor !== null && $circles !== null ? $rotor === $circles : null,
            'filler' => [
                'start_mm' => $full->inMillimetres(),
                'end_mm' => $after->inMillimetres(),
                'assumed' => !$on->has('full_mm') || !$on->has('core_mm'),
            ],
            'spool' => [
                'start_mm' => $before->inMillimetres(),
                'end_mm' => $last->inMillimetres(),
                'assumed' => !$in->has('spool_diameter_mm'),
            ],
            'length_m' => $length->inMetres(),
            'holds' => array_map(
                static fn(Hold $hold): array => ['word' => $hold->word(), 'feed' => $hold->feed()->value, 'tension' => $hold->tension()],
                Hold::cases(),
            ),
            'ways' => array_map(static fn(Placing $way): array => [
                'id' => $way->id->value,
                'feed' => $way->feed->value,
                'filler_turns' => $way->filler?->value,
                'words' => $way->id->words(),
                'verdict' => $way->id->verdict($reel->hasFixedSpool()),
                'sound' => $way->id->sound(),
                'start' => self::ends($way->start),
                'end' => self::ends($way->end),
                'winding_turns' => $way->windingTurns,
                'water_turns' => $way->waterTurns,
                'loops' => $way->loops(),
            ], $ways),
        ];
    }

    /** @return array<string, mixed> */
    private static function ends(Twist $twist): array
    {
        return ['winding_turns_per_m' => $twist->winding, 'water_turns_per_m' => $twist->water, 'loops_in_slack' => $twist->loopsInSlack()];
    }
}
