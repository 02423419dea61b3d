<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Drawing;
use Undro\Knot\Path;
use Undro\Knot\TyingStep;

/** The braid runs in along the leader and back along it; every half turn out crosses one of the way back, over and under in turn. */
final class Fg implements Tying
{
    public const CROSSINGS = 18;
    private const AXIS = 55.0;
    private const RADIUS = 10.0;

    /** Its moves in order, each drawn from curves in space. Source: handbook, chapter 4. */
    public static function steps(): array
    {
        $leader = Path::of('a')->to(2, self::AXIS)->to(60, self::AXIS)->to(196, self::AXIS);

        return [
            new TyingStep(
                Drawing::of(
                    [
                        Path::of('a')->to(2, 96)->to(60, 74)->to(96, 55, 4)->to(104, 34)->to(108, 14),
                        Path::of('b')->to(198, 55)->to(100, 55)->to(4, 55),
                    ],
                ),
                'Hold the braid taut. Carry the leader across it from above.',
                'The braid does not give.',
                'Slack braid: no crossing lies where it should.',
            ),
            new TyingStep(
                Drawing::of([$leader, self::woven(6, 40, 12, 5)->to(146, 36)->to(158, 32)]),
                'And from below, and from above again: the braid crosses itself round the leader each time.',
                'Every crossing lies against the one before.',
                'Crossings on one side only: it is a spiral and will slip.',
            ),
            new TyingStep(
                Drawing::of([$leader, self::woven(self::CROSSINGS, 24, 6.4, 5)->to(160, 36)->to(172, 32)]),
                'Go on to 18 to 24 crossings. Pull the braid both ways until it bites.',
                'A tight plait the braid cannot slide along.',
                'Gaps between the crossings: the leader pulls out.',
            ),
            new TyingStep(
                Drawing::of([self::cut(190), self::hitched(self::woven(self::CROSSINGS, 24, 4.6), 2, 0)]),
                'Two to four half hitches with the braid tag round leader and braid together.',
                'Each hitch lies against the last.',
                'A hitch that crosses the one before stands out in the guides.',
            ),
            new TyingStep(
                Drawing::of([self::cut(140), self::hitched(self::woven(self::CROSSINGS, 24, 4.6), 2, 2)]),
                'Trim the leader close. Two to four half hitches round the braid alone, the last with three turns. Trim.',
                'The leader’s end disappears under the hitches.',
                'The leader cut before the plait has bitten: it slides out.',
            ),
        ];
    }

    /** The leader, cut at x. */
    private static function cut(float $x): Path
    {
        return Path::of('a')->to(2, self::AXIS)->to(60, self::AXIS)->to(106, self::AXIS)->to(114, 51)->to($x, 50);
    }

    /** The braid in from the right, along the leader, and back. */
    private static function woven(int $crossings, float $left, float $step, float $bend = 0.0): Path
    {
        $right = $left + ($crossings + 1) * $step;
        $path = Path::of('b')->to(198, 60 + $bend)->to(max($right + 12, 116), 60 + $bend)->to($right + 4, self::AXIS + self::RADIUS);
        for ($k = 0; $k <= $crossings; ++$k) {
            $path = $path->wrapped(
                $right - $k * $step,
                -$step,
                1,
                self::AXIS,
                self::RADIUS,
                $k % 2 === 0,
                $k % 2 === 1,
                self::outer($crossings - 1 - $k, true),
            );
        }
        $up = $crossings % 2 === 1;
        $path = $path->to($left - 4, self::AXIS + ($up ? 1 : -1) * self::RADIUS)->to(
            $left - 5,
            self::AXIS + ($up ? 1 : -1) * (self::RADIUS + 4),
        )->to(
            $left + 0.4 * $step,
            self::AXIS + ($up ? 1 : -1) * (self::RADIUS + 4),
        );
        for ($k = 0; $k < $crossings; ++$k) {
            $path = $path->wrapped(
                $left + (1.22 + $k) * $step,
                $step,
                1,
                self::AXIS,
                self::RADIUS + 2,
                ($k % 2 === 0) === $up,
                ($crossings - 1 - $k) % 2 === 1,
                self::outer($k, false),
            );
        }

        return $path;
    }

    /** How far from the leader a half turn lies: the way in and the way back take turns at lying outside. */
    private static function outer(int $crossing, bool $in): float
    {
        return ($crossing % 2 === 0) === $in ? 9.0 : 5.0;
    }

    /** Half hitches round leader and braid, then round the braid alone. */
    private static function hitched(Path $path, int $both, int $alone): Path
    {
        for ($k = 0; $k < $both; ++$k) {
            $x = 117 + 9 * $k;
            $path = $path->to($x - 1, 40, 6)->to($x + 5, 43, 6)->to($x + 6, 55, 6)->to($x + 4, 68)->to($x, 66, -6)
                ->to($x, 52, -6)->to($x + 1, 41, -2)->to($x + 3, 33, 1);
        }
        for ($k = 0; $k < $alone; ++$k) {
            $x = 146 + 12 * $k;
            $turns = $k === $alone - 1 ? 3 : 1;
            $path = $path->to($x - 4, 44, 5)->to($x + 1, 51, 6)->to($x + 3, 60, 6)->to($x + 2, 67)->to($x, 60, -6);
            for ($turn = 1; $turn < $turns; ++$turn) {
                $x += 5;
                $path = $path->to($x, 53)->to($x + 2.5, 60, 6)->to($x + 1.5, 67)->to($x, 60, -6);
            }
            $path = $path->to($x + 1, 50, -3)->to($x + 3, 42, 1);
        }

        return $alone > 0 ? $path->to(186, 36) : $path->to(150, 30);
    }
}
