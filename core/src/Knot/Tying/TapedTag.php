<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Move;
use Undro\Knot\Path;
use Undro\Knot\Rope\Scene;

final class TapedTag implements Tying
{
    public static function moves(int ...$turns): array
    {
        return [
            new Move(
                'Lay the tag along the arbor.',
                'It lies straight, as long as three wraps are wide.',
                'Across the arbor: it makes a lump.',
            ),
            new Move(
                'Three wraps by hand over the tag, side by side.',
                'The tag is held down by the wraps.',
                'Wraps one over the other make a lump.',
            ),
            new Move(
                'A strip of tape, narrower than the spool, smooth over tag and wraps. The line runs out beside it.',
                'Flat, no fold, well inside both flanges.',
                'Up at a flange: line catches on it.',
            ),
            new Move(
                'Wind over it, tight. The next layers must hide the tape.',
                'After a few layers nothing of it is to be seen.',
                'Glue that touches the main line creeps into braid when it is warm.',
            ),
        ];
    }

    public static function scene(int ...$turns): Scene
    {
        return (new Scene())
            ->wound([34, 30, 132, 50], [74, 28, 62, 54], 2)
            ->line(self::wraps(), 1.8)
            ->lay(0, ['a' => 'tag'])
            ->lay(1, ['a' => 'wrapped'], pinched: ['a', 'start+6'])
            ->lay(2, [])
            ->lay(3, ['a' => 'end']);
    }

    /** The tag along the arbor, three wraps back over it, and on over the tape. */
    private static function wraps(): Path
    {
        return Path::of('a', 'tag', 'standing')->to(60, 55, 2)->to(64, 55, 2)->marked('start')->to(90, 55, 2)->to(124, 55, 2)->marked('tag')
            ->to(133, 61, 3)->to(134, 74, 3)->wrapped(130, -8, 6, 55, 27, true, false, 7, 'turn')->marked('wrapped')
            ->to(78, 92, 12)->wrapped(72, 7, 1, 55, 29, true, false, 7)->to(84, 24, 12)->to(92, 55, 14)->to(98, 86, 12)->to(102, 106, 12);
    }
}
