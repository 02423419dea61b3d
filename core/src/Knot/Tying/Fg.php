<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Move;
use Undro\Knot\Path;
use Undro\Knot\Rope\Scene;

/** The braid runs in along the leader and back along it; every half turn out crosses one of the way back, over and under in turn. */
final class Fg implements Tying
{
    private const CROSSINGS = 20;
    private const AXIS = 55.0;
    private const RADIUS = 10.0;
    /** What the first crossings are looked at in. */
    private const CLOSE = [2.0, 35.0, 70.0, 41.0];

    public static function moves(int ...$turns): array
    {
        return [
            new Move(
                'Hold the braid taut. Carry the leader across it from above.',
                'The braid does not give.',
                'Slack braid: no crossing lies where it should.',
            ),
            new Move(
                'And from below, and from above again: the braid crosses itself round the leader each time. (Drawn as if the leader lay '
                    . 'still.)',
                'Every crossing lies against the one before.',
                'Crossings on one side only: it is a spiral and will slip.',
            ),
            new Move(
                'Go on to 20 crossings (18 to 24).',
                'Every crossing lies against the one before, as far as the last.',
                'Gaps between the crossings: the leader pulls out.',
            ),
            new Move(
                'Pull the braid both ways until it bites.',
                'A tight plait that the braid cannot slide along.',
                'It still slides: pull harder, or begin again with closer crossings.',
            ),
            new Move(
                'Two half hitches (up to four) with the braid tag round leader and braid together: round both, and out over its own loop.',
                'Each hitch lies against the last.',
                'Out under its own loop: that is a coil, and it unwinds.',
            ),
            new Move(
                'Trim the leader close to the hitches.',
                'A short blunt end.',
                'The leader cut before the plait has bitten: it slides out.',
            ),
            new Move(
                'Two half hitches (up to four) round the braid alone, the last with three turns.',
                'The leader’s end disappears under the hitches.',
                'Hitches round nothing but air: slide them down to the leader’s end.',
            ),
            new Move(
                'Trim the braid tag.',
                'A slim plait that runs through the guides.',
                'A cut into the last hitch: it comes undone.',
            ),
        ];
    }

    public static function scene(int ...$turns): Scene
    {
        $leader = Path::of('a')->to(-10, self::AXIS)->to(10, self::AXIS)->marked('start')->to(40, self::AXIS)->to(100, self::AXIS)
            ->to(290, self::AXIS)->marked('across');
        $scene = (new Scene())
            ->line($leader, 2.2)->line(self::braid(self::CROSSINGS, 24, 5.6), 1.3)->loosen()
            ->lay(0, ['a' => 'across', 'b' => 'turn 1'], ['b' => 'in 1'], look: self::CLOSE)
            ->lay(1, ['b' => 'turn 3'], ['b' => 'in 3'], ['a', 'start+6'], self::CLOSE)
            ->lay(2, ['b' => 'end'], ['b' => 'begin'], ['a', 'start+6'])
            ->draw(3, pulls: ['b from', 'b to']);
        self::hitched($scene, 4, self::hitch(Path::of('b')->to(154, 22), 168, 59));
        self::hitched($scene, 4, self::hitch(Path::of('b')->to(148, 5), 180, 59));
        $scene->trim(5, ['a' => [0, 202.0]])->cut('a');
        self::hitched($scene, 6, self::hitch(Path::of('b')->to(160, 5), 196, 62));
        self::hitched($scene, 6, self::hitch(Path::of('b')->to(176, 8), 216, 63, 3));

        return $scene->trim(7, ['b' => [0, -54.0]]);
    }

    /** One hitch laid and drawn up; what is tied already stays as it is meanwhile. */
    private static function hitched(Scene $scene, int $move, Path $hitch): void
    {
        $scene->extend($hitch)->lay($move, ['b' => 'end'], pinched: ['b', 'grown-6'])
            ->draw($move, [['a', 0, 'end'], ['b', 0, 'grown-34']], pulls: ['b to'], tight: 0.004);
    }

    /** The braid's standing end in from the right, along the leader to the left, and its tag back. */
    private static function braid(int $crossings, float $left, float $step): Path
    {
        $right = $left + $crossings * $step;
        $path = Path::of('b')->to(300, 66)->to($right + 40, 66)->to($right + 10, self::AXIS + self::RADIUS + 2);
        $points = 8;
        for ($k = $crossings * $points; $k >= 0; --$k) {
            $path = self::helix($path, $left, $step, $k / $points, 1);
            $path = $k % $points === 4 ? $path->marked('in ' . (intdiv($k, $points) + 1)) : $path;
        }
        $path = $path->to($left - 5, self::AXIS)->marked('apex');
        for ($k = 0; $k <= $crossings * $points; ++$k) {
            $path = self::helix($path, $left, $step, $k / $points, -1);
            $path = $k % $points === 4 ? $path->marked('turn ' . (intdiv($k, $points) + 1)) : $path;
        }

        return $path->to($right + 14, self::AXIS - self::RADIUS - 8)->to(154, 22);
    }

    /** A point of one of two opposite helices round the leader. They meet in front and behind; which of them lies outside alternates. */
    private static function helix(Path $path, float $left, float $step, float $turn, int $side): Path
    {
        $radius = self::RADIUS + 2.2 * $side * sin(M_PI * $turn);

        return $path->to(
            $left + $turn * $step,
            self::AXIS + $side * $radius * cos(M_PI * $turn),
            $radius * sin(M_PI * $turn),
        );
    }

    /** A half hitch round what lies along x: the tag goes round and comes out over its own loop. */
    private static function hitch(Path $path, float $x, float $axis, int $turns = 1): Path
    {
        $path = $path->to($x - 14, $axis - 34)->to($x + 5, $axis - 33)->to($x + 14, $axis - 28)->to($x + 18, $axis - 14, 6);
        for ($turn = 0; $turn < $turns; ++$turn) {
            $at = $x - 8 * $turn;
            $path = $path->to($at + 17, $axis, 8)->to($at + 15, $axis + 17)->to($at + 12, $axis, -8)->to($at + 10, $axis - 15, -3);
        }
        $at = $x - 8 * ($turns - 1);

        return $path->to($at + 7, $axis - 22, 3)->to($at + 4, $axis - 33, 5)->to($at - 3, $axis - 45)->to($at - 20, $axis - 54);
    }
}
