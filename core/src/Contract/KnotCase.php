<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Input;
use Undro\Knot\Crossing;
use Undro\Knot\Drawing;
use Undro\Knot\Knot;
use Undro\Knot\Knots;
use Undro\Knot\Path;
use Undro\Knot\Prop;
use Undro\Knot\TyingStep;

/** "knot": how one knot is tied: a drawing for each move, as curves with their crossings. */
final class KnotCase implements Calculator
{
    /**
     * Question and answer: handbook, chapter 7, "knot".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $knot = $in->choice('knot', Knot::class);

        return [
            'id' => $knot->value,
            'word' => $knot->word(),
            'says' => $knot->says(),
            'steps' => array_map(self::step(...), Knots::steps($knot)),
        ];
    }

    /** @return array<string, mixed> */
    private static function step(TyingStep $step): array
    {
        return ['do' => $step->do, 'right' => $step->right, 'wrong' => $step->wrong] + self::drawing($step->drawing);
    }

    /** @return array<string, mixed> */
    private static function drawing(Drawing $drawing): array
    {
        return [
            'paths' => array_map(static fn(Path $path): array => [
                'line' => $path->line,
                'from' => $path->from,
                'to' => $path->to,
                'points' => array_map(
                    static fn(array $point): array => array_map(static fn(float $each): float => round($each, 2), $point),
                    $path->points(),
                ),
            ], $drawing->paths),
            'props' => array_map(
                static fn(Prop $prop): array => [
                    'kind' => $prop->kind,
                    'x' => $prop->x,
                    'y' => $prop->y,
                    'width' => $prop->width,
                    'height' => $prop->height,
                ],
                $drawing->props,
            ),
            'crossings' => array_map(static fn(Crossing $crossing): array => [
                'over' => $crossing->over,
                'over_at' => round($crossing->overAt, 3),
                'under' => $crossing->under,
                'under_at' => round($crossing->underAt, 3),
            ], $drawing->crossings),
        ];
    }
}
