<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Drawing;
use Undro\Knot\Path;
use Undro\Knot\TyingStep;

final class Surgeons implements Tying
{
    private const APART = 2.9;
    private const TIMES = 2;

    /** Its moves in order, each drawn from curves in space. Source: handbook, chapter 4. */
    public static function steps(): array
    {
        return [
            new TyingStep(
                self::both(self::course()->to(4, 60)->to(100, 58)->to(196, 60)),
                'Lay main line and leader side by side, a hand and a half of overlap.',
                'The main line comes from the left, the leader goes out to the right.',
                'Too little overlap for the loop.',
            ),
            new TyingStep(
                self::both(self::loop()->to(38, 62)),
                'One open loop with both strands.',
                'A loop as wide as a hand.',
                'The strands cross each other: lay them side by side again.',
            ),
            new TyingStep(
                self::both(self::out(self::loop()->wrapped(56, 24, 2, 76, 12, false, true, 6), 104)),
                'The tag of the main line and the whole leader through the loop, once.',
                'An overhand in both strands.',
                'Only one strand went through.',
            ),
            new TyingStep(
                self::both(self::whole()),
                'And through it once more; a third time for a triple.',
                'Two turns side by side round the strands.',
                'The second went outside of the loop.',
            ),
            new TyingStep(
                self::both(self::whole(), 0.78),
                'Wet it. Pull all four ends evenly until it seats. Trim both tags.',
                'Four ends, one smooth knot.',
                'Pulled by two ends alone: it sets uneven and breaks early.',
            ),
        ];
    }

    private static function course(): Path
    {
        return Path::of('a');
    }

    private static function loop(): Path
    {
        return self::course()->to(4, 76)->to(60, 76)->to(130, 76)->to(158, 68)->to(166, 48)->to(150, 28)->to(100, 22)
            ->to(62, 24)->to(44, 38);
    }

    private static function out(Path $path, float $x): Path
    {
        return $path->to(min($x + 10, 146), 57, 2)->to(150, 52, 4)->to(166, 51, 6)->to(182, 52, 3)->to(196, 52);
    }

    /** The loop with both strands through it so many times. */
    private static function whole(): Path
    {
        return self::out(self::loop()->wrapped(44, 24, 2 * self::TIMES, 76, 12, false, true, 6), 140);
    }

    /** Main line and leader along one course: one's tag where the other's standing end is. */
    private static function both(Path $course, float $scale = 1.0): Drawing
    {
        return Drawing::of([
            $course->beside(self::APART, 'a', 'standing', 'tag')->placed(100 - 100 * $scale, 55 - 55 * $scale, $scale),
            $course->beside(-self::APART, 'b', 'tag', 'standing')->placed(100 - 100 * $scale, 55 - 55 * $scale, $scale),
        ]);
    }
}
