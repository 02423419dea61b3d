<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Move;
use Undro\Knot\Path;
use Undro\Knot\Rope\Scene;

final class Blood implements Tying
{
    private const TURNS = 5;

    public static function moves(int ...$turns): array
    {
        return [
            new Move(
                'Overlap the two lines by a hand and a half, tags opposite.',
                'They lie side by side, a gap in the middle.',
                'Too little overlap.',
            ),
            new Move(
                'Wrap one tag 5 times (up to 7 in thin line) round the other standing line, bring it back and down through the gap in the '
                    . 'middle.',
                'The wraps lie side by side; the tag goes down between the lines.',
                'Brought back outside the gap: it unrolls.',
            ),
            new Move(
                'Wrap the other tag the other way the same number of times, bring it back up through the same gap.',
                'One tag goes down through the gap, the other comes up through it.',
                'Both go the same way: the knot is lopsided and slips.',
            ),
            new Move(
                'Wet it. Pull the standing lines until the wraps roll up together.',
                'Two rows of close coils, tags standing out in the middle.',
                'A coil jumps over another: one side had fewer turns.',
            ),
            Move::trim('both tags'),
        ];
    }

    public static function scene(int ...$turns): Scene
    {
        $a = self::wrapped(118, 5.5);

        return (new Scene())
            ->line(self::through($a, 118), 1.6)->line(self::mirrored($a, 118), 1.6)->loosen()
            ->lay(0, ['a' => 'along', 'b' => 'along'])
            ->lay(1, ['a' => 'end'], pinched: ['a', 'along-30'])
            ->lay(2, ['b' => 'end'], pinched: ['b', 'along-30'])
            ->draw(3, pulls: ['a from', 'b from'])
            ->trim(4, ['a' => [0, -22.0], 'b' => [0, -22.0]]);
    }

    /** The first line as far as the end of its wraps. */
    private static function wrapped(float $from, float $step): Path
    {
        return Path::of('a')->to(2, 58)->to(40, 58)->marked('start')->to(78, 58)->to(90, 51)->to(104, 48)->to($from - 5, 46)
            ->marked('along')->wrapped($from, $step, 2 * self::TURNS, 58, 11.5, false, true, 5, 'turn')->marked('wrapped');
    }

    /** Back over the top and through the gap, in front of its own line and behind the other. */
    private static function through(Path $path, float $from): Path
    {
        $points = $path->points();
        $end = $points[count($points) - 1][0];

        return $path->to($end + 6, 36)->to($end - 6, 22)->to(($end + $from) / 2, 17)->to($from + 2, 20)->to(106, 32)
            ->to(105, 47.5, 5)->to(105, 58)->to(105, 67, -5)->to(105, 82)->to(106, 96);
    }

    /** The other line is the first turned half round in the page, except that its tag comes up where the first goes down. */
    private static function mirrored(Path $path, float $from): Path
    {
        return self::through($path, $from)->turned(100, 58, 'b')->swappedFrom($path->count());
    }

}
