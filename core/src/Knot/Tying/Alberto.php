<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Drawing;
use Undro\Knot\Path;
use Undro\Knot\TyingStep;

final class Alberto implements Tying
{
    public const WRAPS = 7;

    /** Its moves in order, each drawn from curves in space. Source: handbook, chapter 4. */
    public static function steps(): array
    {
        return [
            new TyingStep(
                Drawing::of([Albright::bight()]),
                'Fold a bight in the leader.',
                'Two legs, a closed end a hand long.',
                'Too short: the wraps run off the end.',
            ),
            new TyingStep(
                Drawing::of([Albright::bight(), Albright::in(50)->to(120, 55)->to(60, 55)]),
                'The braid tag up through it, three hands of it.',
                'It comes in from below.',
                'It came from above: the knot turns over when pulled.',
            ),
            new TyingStep(
                Drawing::of([Albright::bight(), self::away(158, 7)->to(52, 84)->to(40, 92)]),
                'Wrap both legs away from the closed end: 7 times, 3 to be buried.',
                'Open, even wraps with room between them.',
                'Too tight: there is no room for the way back.',
            ),
            new TyingStep(
                Drawing::of([Albright::bight(), self::out(self::back(158, 7), 158)]),
                'The same number back over those wraps towards the closed end, then out through the bight on the side it came in.',
                'The wraps cross like a plait; both ends of the braid leave on the same side.',
                'Fewer back than away: it seats crooked.',
            ),
            new TyingStep(
                Drawing::of([Albright::bight(), self::out(self::back(160, 5.2), 160)]),
                'Wet it. Pull both standing lines slowly until it seats, snug the tags, trim close.',
                'Slim and even, no step under a fingernail.',
                'Pulled fast and dry: the leader is burnt white.',
            ),
        ];
    }

    /** Up through the bight and over one leg, then away from the closed end. */
    private static function away(float $from, float $step): Path
    {
        return Albright::in(50)->to($from + 1, 49, 2)->to($from - 0.3 * $step, 44, 5)->to($from - $step, 39, 0)
            ->wrapped($from - $step, -$step, 2 * self::WRAPS - 1, Albright::AXIS, 16, false, false, 5);
    }

    /** And back over them, each half turn over the one it crosses. */
    private static function back(float $from, float $step): Path
    {
        $end = $from - 2 * self::WRAPS * $step;

        return self::away($from, $step)->to($end - 3, 76)->to($end + 0.4 * $step, 78)
            ->wrapped($end + $step, $step, 2 * self::WRAPS - 2, Albright::AXIS, 20, true, true, 10);
    }

    private static function out(Path $path, float $from): Path
    {
        return $path->to($from - 0.4 * 6, 67, 6)->to($from + 4, 61, 4)->to(172, 60, 0)->to(179, 61.5, -5)->to(188, 66, -4)->to(198, 72);
    }
}
