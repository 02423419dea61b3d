<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Move;
use Undro\Knot\Path;
use Undro\Knot\Rope\Scene;

/** The moves of the uni at the arbor, through the eye of a hook. */
final class UniAtHook implements Tying
{
    private const TURNS = 5;

    public static function moves(int ...$turns): array
    {
        $times = $turns[0] ?? self::TURNS;

        return [
            new Move(
                'Pass the tag through the eye and lay it back along the standing line.',
                'The two run side by side for a hand’s breadth.',
                'Too short to fold back.',
            ),
            new Move(
                'Fold the tag back into a loop beside both.',
                'The loop lies open, its closed end away from the eye.',
                'The loop crosses the two lines: it would not slide.',
            ),
            new Move(
                "Pass the tag through the loop and round both lines {$times} times, side by side.",
                'The wraps lie inside the loop, one beside the other.',
                'A wrap outside of the loop: nothing holds it.',
            ),
            new Move(
                'Wet it. Pull the tag until the wraps close to a barrel.',
                'A neat barrel that still slides on the standing line.',
                'Wraps one over the other: open it and start again.',
            ),
            new Move(
                'Pull the standing line: the barrel slides down to the eye. Trim close.',
                'The barrel sits tight against the eye.',
                'It stops half way: it was pulled too tight before it was down.',
            ),
        ];
    }

    public static function scene(int ...$turns): Scene
    {
        $times = $turns[0] ?? self::TURNS;
        $start = Path::of('a')->to(250, 40)->to(210, 40)->marked('start')->to(120, 40);
        $back = HookEye::through($start, 41, 53)->marked('round');
        $step = 62 / (2 * $times - 1);

        return (new Scene())->hook(HookEye::RING[0], 47, HookEye::RING[2])
            ->line(Uni::wrapped($back->to(72, 53), 182, 74, $step, $times), 1.5)->loosen()
            ->lay(0, ['a' => 'back'])
            ->lay(1, ['a' => 'folded'], pinched: ['a', 'round+4'])
            ->lay(2, ['a' => 'end'], pinched: ['a', 'round+4'])
            ->draw(3, [['a', 0, 'round']], pulls: ['a to'])
            ->draw(4, [['a', 'in', 'round']], [['a', 'knot after round+2', 'end', -9, -1, 0.2]], pulls: ['a from'])
            ->trim(4, ['a' => [0, -22.0]]);
    }
}
