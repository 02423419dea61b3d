<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Move;
use Undro\Knot\Path;
use Undro\Knot\Rope\Scene;

final class Surgeons implements Tying
{
    private const APART = 2.9;
    private const TIMES = 2;

    public static function moves(int ...$turns): array
    {
        return [
            new Move(
                'Lay main line and leader side by side, a hand and a half of overlap.',
                'The main line comes from the left, the leader goes out to the right.',
                'Too little overlap for the loop.',
            ),
            new Move(
                'One open loop with both strands.',
                'A loop as wide as a hand.',
                'The strands cross each other: lay them side by side again.',
            ),
            new Move(
                'The tag of the main line and the whole leader through the loop, once.',
                'An overhand in both strands.',
                'Only one strand went through.',
            ),
            new Move(
                'And through it once more; a third time for a triple.',
                'Two turns side by side round the strands.',
                'The second went outside of the loop.',
            ),
            new Move(
                'Wet it. Pull all four ends evenly until it seats.',
                'Four ends, one smooth knot.',
                'Pulled by two ends alone: it sets uneven and breaks early.',
            ),
            Move::trim('both tags'),
        ];
    }

    public static function scene(int ...$turns): Scene
    {
        $course = self::whole();

        return (new Scene())
            ->line($course->beside(self::APART, 'a', 'standing', 'tag'), 1.6)
            ->line($course->beside(-self::APART, 'b', 'tag', 'standing'), 1.6)->loosen()
            ->lay(0, ['a' => 'along', 'b' => 'along'])
            ->lay(1, ['a' => 'loop', 'b' => 'loop'])
            ->lay(2, ['a' => 'once', 'b' => 'once'], pinched: ['b', 'along+60'])
            ->lay(3, ['a' => 'end', 'b' => 'end'], pinched: ['b', 'along+60'])
            ->draw(4, pulls: ['a from', 'b to', 'a to', 'b from'])
            ->trim(5, ['a' => [0, -34.0], 'b' => [34.0, 'end']]);
    }

    private static function course(): Path
    {
        return Path::of('a');
    }

    private static function loop(): Path
    {
        return self::course()->to(4, 76)->to(36, 76)->marked('start')->to(60, 76)->to(130, 76)->marked('along')->to(158, 68)
            ->to(166, 48)->to(150, 28)->to(100, 22)
            ->to(62, 24)->to(44, 38)->marked('loop');
    }

    private static function out(Path $path, float $x): Path
    {
        return $path->to(min($x + 10, 146), 57, 2)->to(150, 52, 4)->to(166, 51, 6)->to(182, 52, 3)->to(196, 52);
    }

    /** The loop with both strands through it so many times. */
    private static function whole(): Path
    {
        $once = self::loop()->wrapped(44, 24, 2, 76, 12, false, true, 6)->marked('once');

        return self::out($once->wrapped(92, 24, 2 * self::TIMES - 2, 76, 12, false, true, 6), 140);
    }
}
