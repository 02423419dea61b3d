<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Drawing;
use Undro\Knot\Path;
use Undro\Knot\TyingStep;

final class DoubleUni implements Tying
{
    private const HALVES = 7;
    /** y of the two lines, and of the middle between them */
    private const A = 48.0;
    private const B = 60.0;
    private const AXIS = 54.0;

    /** Its moves in order, each drawn from curves in space. Source: handbook, chapter 4. */
    public static function steps(): array
    {
        $a = Path::of('a')->to(2, self::A)->to(100, self::A);
        $b = Path::of('b')->to(198, self::B)->to(100, self::B);

        return [
            new TyingStep(
                Drawing::of([$a->to(184, self::A), $b->to(16, self::B)]),
                'Overlap the two lines by two hands, tags opposite.',
                'They lie side by side.',
                'Too little overlap: the second half has no room.',
            ),
            new TyingStep(
                Drawing::of([self::first(114, 7, 190, 12), $b->to(16, self::B)]),
                'With the first tag fold a loop back over both lines and wrap inside it, away from the middle: 3 times to be buried, 5 '
                    . 'with the thicker line in the guides.',
                'The wraps lie side by side inside the loop.',
                'Wraps outside of the loop: nothing holds them.',
            ),
            new TyingStep(
                Drawing::of([self::first(114, 7, 190, 12), self::second(114, 7, 190, 12)]),
                'Snug, not tight. The same with the other tag, mirrored: 3 buried, 7 with braid.',
                'Two barrels, mirror images, a gap between them.',
                'Both run the same way: they pull past each other.',
            ),
            new TyingStep(
                Drawing::of([self::first(104, 5, 150, 28), self::second(104, 5, 150, 28)]),
                'Wet it. Pull both standing lines: the barrels slide together. Snug the tags, trim close.',
                'Two barrels hard against each other.',
                'A gap stays: one barrel was snugged too early.',
            ),
        ];
    }

    /** The first uni, right of the middle. */
    private static function first(float $from, float $step, float $end, float $far): Path
    {
        $out = $from + self::HALVES * $step;

        return Path::of('a')->to(2, self::A)->to(100, self::A)->to($end - 14, self::A)
            ->to($end - 2, self::A - 4)->to($end, ($far + self::A) / 2)->to($end - 10, $far)
            ->to(($end + $from) / 2, $far - 1)->to($from + 2, $far + 1)->to($from - 5, $far + 8)
            ->wrapped($from, $step, self::HALVES, self::AXIS, 16, false)
            ->to($out + 6, 80)->to($out + 16, 86);
    }

    /** The same turned half round in the page. */
    private static function second(float $from, float $step, float $end, float $far): Path
    {
        return self::first($from, $step, $end, $far)->turned(100, self::AXIS, 'b');
    }
}
