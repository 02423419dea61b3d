<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Move;
use Undro\Knot\Path;
use Undro\Knot\Rope\Scene;

/**
 * The wraps run away from the arbor, as in the double uni they run away from the middle: towards it they would lie outside of
 * the loop, and nothing would hold them.
 */
final class Uni implements Tying
{
    private const TURNS = 3;
    /** y of the loop's far side. */
    private const FAR = 89.0;

    public static function moves(int ...$turns): array
    {
        return self::movesAt(
            'arbor',
            'three or four',
            'Tag round the arbor and back along the standing line.',
            'The barrel sits on the arbor; no room for fingers was needed.',
        );
    }

    /**
     * The moves, which are the same at the arbor and at a hook.
     *
     * @param string $place where the knot ends: arbor, eye
     * @param string $times how often the tag goes round
     * @param string $first the move that differs
     * @param string $right what it looks like at the end
     *
     * @return non-empty-list<Move>
     */
    public static function movesAt(string $place, string $times, string $first, string $right): array
    {
        return [
            new Move($first, 'The two run side by side for a hand’s breadth.', 'Too short to fold back.'),
            new Move(
                'Fold the tag back into a loop beside both.',
                "The loop lies open, its closed end away from the {$place}.",
                'The loop crosses the two lines: it would not slide.',
            ),
            new Move(
                "Pass the tag through the loop and round both lines {$times} times, side by side.",
                'The wraps lie inside the loop, one beside the other.',
                'A wrap outside the loop: nothing holds it.',
            ),
            new Move(
                'Wet it. Pull the tag until the wraps close to a barrel.',
                'A neat barrel that still slides on the standing line.',
                'Wraps one over the other: open it and start again.',
            ),
            new Move(
                "Pull the standing line: the barrel slides down to the {$place}.",
                $right,
                'It stops half way: it was pulled too tight before it was down.',
            ),
            Move::trim(),
        ];
    }

    public static function scene(int ...$turns): Scene
    {
        return (new Scene(ArborKnot::ARBOR))
            ->line(self::wrapped(self::back(), 175, 94, 8, self::TURNS), ArborKnot::RADIUS)->loosen()
            ->lay(0, ['a' => 'back'])
            ->lay(1, ['a' => 'folded'], pinched: ['a', 'round+8'])
            ->lay(2, ['a' => 'end'], pinched: ['a', 'round+8'])
            ->draw(3, [['a', 0, 'round']], pulls: ['a to'])
            ->draw(4, [], [['a', 'knot', 'end', -60, -5, 0.2]], pulls: ['a from'])
            ->trim(5, ['a' => [0, -38.0]]);
    }

    /** Round the arbor and a little back along the standing line. */
    private static function back(): Path
    {
        return Path::of('a')->to(198, 40)->to(160, 40)->marked('start')->to(120, 40)->to(70, 38)->to(42, 31)->to(24, 39)
            ->to(18, 55)->to(24, 71)
            ->to(42, 79)->to(57, 70)->to(70, 56)->marked('round');
    }

    /**
     * On from where the tag lies beside the standing line: the loop, and the wraps inside it.
     *
     * @param float $end  x of the loop's closed end
     * @param float $from x of the first wrap
     * @param float $step from one half turn to the next
     */
    public static function wrapped(Path $back, float $end, float $from, float $step, int $turns): Path
    {
        // whole turns: the tag comes up through the loop after each, and after the last out over its far side
        $halves = 2 * $turns;
        $out = $from + $halves * $step;

        return $back->to(92, 53)->to($end - 12, 53)->marked('back')->to($end, 57)->to($end + 4, (self::FAR + 53) / 2)
            ->to($end - 6, self::FAR - 2)->to(($end + 92) / 2, self::FAR)->marked('folded')
            ->to($from + 4, self::FAR - 2)->to($from - 4, self::FAR - 6)
            ->wrapped($from, $step, $halves, 46.5, 15, counted: 'turn')
            ->to($out + 4, 74, 4)->to($out + 8, self::FAR, 5)->to($out + 13, self::FAR + 13, 2);
    }
}
