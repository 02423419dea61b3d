<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Move;
use Undro\Knot\Path;
use Undro\Knot\Rope\Scene;

final class Alberto implements Tying
{
    private const WRAPS = 7;
    private const STEP = 7.0;

    public static function moves(int ...$turns): array
    {
        $wraps = $turns[0] ?? self::WRAPS;

        return [
            new Move(
                'Fold a bight in the leader.',
                'Two legs, a closed end a hand long.',
                'Too short: the wraps run off the end.',
            ),
            new Move(
                'The braid tag up through it, three hands of it.',
                'It comes in from below.',
                'It came from above: the knot flips when pulled.',
            ),
            new Move(
                "Wrap both legs away from the closed end, {$wraps} times.",
                'Open, even wraps with room between them.',
                'Too tight: there is no room for the way back.',
            ),
            new Move(
                "{$wraps} times back over those wraps towards the closed end, then out through the bight on the side it came in.",
                'The wraps cross like a plait; both ends of the braid leave on the same side.',
                'Fewer back than away: it seats crooked.',
            ),
            new Move(
                'Wet it. Pull both standing lines slowly until it seats.',
                'The wraps close up evenly.',
                'Pulled fast and dry: the leader is burnt white.',
            ),
            new Move(
                'Snug the tags.',
                'Slim and even, no step under a fingernail.',
                'A tag that slips when you pull it: the knot is not seated. Pull the standing lines again.',
            ),
            Move::trim('both tags'),
        ];
    }

    public static function scene(int ...$turns): Scene
    {
        $wraps = $turns[0] ?? self::WRAPS;
        $braid = self::out(self::back(158, self::STEP, $wraps), 158, $wraps);

        return (new Scene())
            ->line(Albright::bight(), 2.2)->line($braid, 1.4)->loosen()
            ->lay(0, ['a' => 'end'])
            ->lay(1, ['b' => 'through'])
            ->lay(2, ['b' => 'away'], pinched: ['b', 'through'])
            ->lay(3, ['b' => 'end'], pinched: ['b', 'away'])
            ->draw(4, pulls: ['b from', 'a from'])
            ->draw(5, pulls: ['b to', 'a to'])
            ->trim(6, ['a' => [0, -34.0], 'b' => [0, -26.0]]);
    }

    /** Up through the bight and over one leg, then away from the closed end. */
    private static function away(float $from, float $step, int $wraps): Path
    {
        return Albright::in(50)->marked('through')->to($from + 1, 49, 2)->to($from - 0.3 * $step, 44, 5)->to($from - $step, 39, 0)
            ->marked('turn away 1')
            ->wrapped($from - $step, -$step, 2 * $wraps - 1, Albright::AXIS, 16, false, false, 8.0, 'turn away', 1)->marked('away');
    }

    /** And back over them, each half turn over the one it crosses. */
    private static function back(float $from, float $step, int $wraps): Path
    {
        $end = $from - 2 * $wraps * $step;

        return self::away($from, $step, $wraps)->to($end - 3, 76)->to($end + 0.4 * $step, 78)
            ->wrapped($end + $step, $step, 2 * $wraps - 2, Albright::AXIS, 20, true, true, 13.0, 'turn back')->marked('back');
    }

    private static function out(Path $path, float $from, int $wraps): Path
    {
        return $path->to($from - 0.4 * 6, 67, 6)->marked('turn back ' . $wraps)->to($from + 4, 61, 4)->to(172, 60, 0)
            ->to(179, 61.5, -5)->to(188, 66, -4)->to(198, 72);
    }

}
