<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Drawing;
use Undro\Knot\Path;
use Undro\Knot\Prop;
use Undro\Knot\TyingStep;

final class TapedTag implements Tying
{
    /** Its moves in order, each drawn from curves in space. Source: handbook, chapter 4. */
    public static function steps(): array
    {
        $core = Prop::core(34, 30, 132, 50);
        $tape = Prop::tape(74, 28, 62, 54);

        return [
            new TyingStep(
                Drawing::of([self::wraps(0)], [$core]),
                'Lay the tag along the arbor.',
                'It lies straight, as long as three wraps are wide.',
                'Across the arbor: it makes a lump.',
            ),
            new TyingStep(
                Drawing::of([self::wraps(6)], [$core]),
                'Three wraps by hand over the tag, side by side.',
                'The tag is held down by the wraps.',
                'Wraps one over the other make a lump.',
            ),
            new TyingStep(
                Drawing::of([self::wraps(6)], [$core, $tape]),
                'A strip of tape, narrower than the traverse, smooth over tag and wraps. The line runs out beside it.',
                'Flat, no fold, well inside both flanges.',
                'Up at a flange: line catches on it.',
            ),
            new TyingStep(
                Drawing::of([self::wraps(6, true)], [$core, $tape]),
                'Wind over it, tight. The next layers must hide the tape.',
                'After a few layers nothing of it is to be seen.',
                'Glue that touches the main line creeps into braid when it is warm.',
            ),
        ];
    }

    /** The tag along the arbor, then so many half turns back over it; then on over the tape, if there is any. */
    private static function wraps(int $halves, bool $on = false): Path
    {
        $path = Path::of('a', 'tag', 'standing')->to(60, 55, 2)->to(90, 55, 2)->to(124, 55, 2);
        if ($halves === 0) {
            return $path->to(140, 62, 2)->to(150, 80, 4)->to(158, 106, 4)->backwards()->ending('tag');
        }
        $path = $path->to(133, 61, 3)->to(134, 74, 3)->wrapped(130, -8, $halves, 55, 27, true, false, 7);
        $path = $on
            ? $path->to(78, 92, 12)->wrapped(
                72,
                7,
                1,
                55,
                29,
                true,
                false,
                7,
            )->to(84, 24, 12)->to(92, 55, 14)->to(98, 86, 12)->to(102, 106, 12)
            : $path->to(78, 92, 4)->to(70, 106, 4);

        return $path->backwards()->ending('tag');
    }
}
