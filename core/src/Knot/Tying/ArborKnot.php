<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Move;
use Undro\Knot\Path;
use Undro\Knot\Rope\Scene;

final class ArborKnot implements Tying
{
    /** x, y and radius of an arbor seen from its end, and of a line that is tied to it. */
    public const ARBOR = [42.0, 55.0, 20.0];
    public const RADIUS = 1.5;

    public static function moves(int ...$turns): array
    {
        return [
            new Move(
                'Tag round the arbor, back to where it came from.',
                'A long tag, at least a hand wide.',
                'Tag too short: the stopper cannot be tied.',
            ),
            new Move(
                'An overhand with the tag round the standing line: over it, behind it, then over itself and through its own loop.',
                'The standing line runs through the knot and slides in it.',
                'The knot closes beside the standing line, not round it: nothing would tighten.',
            ),
            new Move(
                'A second overhand in the tag alone, a finger’s breadth on. Draw it small.',
                'A small hard knot in the tag.',
                'Too far out: a long tag stays under the line.',
            ),
            new Move(
                'Wet it. Pull the standing line: the first knot runs down to the arbor, the second jams against it.',
                'Both sit on the arbor, small and hard.',
                'The tag slips through: the stopper was loose. Snug it first.',
            ),
            Move::trim(),
        ];
    }

    public static function scene(int ...$turns): Scene
    {
        return (new Scene(self::ARBOR))
            ->line(self::stopper(self::overhand(self::round()), 146, 58), self::RADIUS)->loosen()
            ->lay(0, ['a' => 'round'])
            ->lay(1, ['a' => 'overhand'], pinched: ['a', 'round'])
            ->lay(2, ['a' => 'end'], pinched: ['a', 'overhand'])
            ->draw(2, [['a', 0, 'overhand']], pulls: ['a to'])
            ->draw(3, pulls: ['a from'])
            ->draw(3, [], [['a', -66.0, 'end', -36, -4, 0.2]], pulls: ['a from'])
            ->draw(3, [], [['a', 'knot', 'end', -60, -6, 0.2]], pulls: ['a from'])
            ->trim(4, ['a' => [0, -14.0]]);
    }

    /** From the standing end round the arbor to where the tag comes off it. */
    public static function round(): Path
    {
        return Path::of('a')->to(198, 38)->to(150, 37)->marked('start')->to(120, 36)->to(70, 34)->to(42, 31)->to(24, 39)->to(18, 55)
            ->to(24, 71)->to(42, 79)->to(62, 80)->to(84, 80)->marked('round');
    }

    /** Round the standing line and through its own loop. */
    private static function overhand(Path $path): Path
    {
        return $path
            ->to(90, 80)->to(112, 75)->to(124, 58)
            ->to(123, 36, 4)->to(114, 21)->to(100, 21)->to(91, 35.5, -4)
            ->to(89, 58)->to(92, 80, 4)->to(100, 95)->to(109, 91)
            ->to(108, 77, -4)->to(110, 64)->to(124, 57, 4)->to(138, 57)->marked('overhand');
    }

    /** An overhand in one strand that comes from the left. */
    private static function stopper(Path $path, float $x, float $y): Path
    {
        return $path
            ->to($x, $y)->to($x + 14, $y)->to($x + 24, $y - 7)->to($x + 22, $y - 17)->to($x + 10, $y - 17)->to($x + 4, $y - 8)
            ->to($x + 5, $y, 4)->to($x + 10, $y + 10)->to($x + 16, $y + 8)->to($x + 13.2, $y + 0.4, -4)
            ->to($x + 16, $y - 8)->to($x + 24, $y - 10, 4)->to($x + 36, $y - 10);
    }
}
