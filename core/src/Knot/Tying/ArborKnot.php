<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Drawing;
use Undro\Knot\Path;
use Undro\Knot\Prop;
use Undro\Knot\TyingStep;

final class ArborKnot implements Tying
{
    /** Its moves in order, each drawn from curves in space. Source: handbook, chapter 4. */
    public static function steps(): array
    {
        return [
            new TyingStep(
                self::drawn(self::round()->to(110, 80)->to(160, 84)),
                'Tag round the arbor, back to where it came from.',
                'A long tag, at least a hand wide.',
                'Tag too short: the stopper cannot be tied.',
            ),
            new TyingStep(
                self::drawn(self::overhand(self::round(), 0)->to(176, 56)),
                'An overhand with the tag round the standing line: over it, behind it, then over itself and through its own loop.',
                'The standing line runs through the knot and slides in it.',
                'The knot closes beside the standing line, not round it: nothing would tighten.',
            ),
            new TyingStep(
                self::drawn(self::stopper(self::overhand(self::round(), 0), 146, 58)),
                'A second overhand in the tag alone, a finger’s breadth on.',
                'A small hard knot in the tag.',
                'Too far out: a long tag stays under the line.',
            ),
            new TyingStep(
                self::drawn(self::stopper(self::overhand(self::round(), -26), 118, 58)),
                'Wet it. Pull the standing line: the first knot runs down to the arbor, the second jams against it. Trim close.',
                'Both sit on the arbor, small and hard.',
                'The tag slips through: the stopper was loose. Snug it first.',
            ),
        ];
    }

    private static function drawn(Path $path): Drawing
    {
        return Drawing::of([$path], [Prop::arbor(42, 55, 20)]);
    }

    /** From the standing end round the arbor to where the tag comes off it. */
    public static function round(): Path
    {
        return Path::of('a')->to(198, 38)->to(120, 36)->to(70, 34)->to(42, 31)->to(24, 39)->to(18, 55)->to(24, 71)->to(42, 79)->to(62, 80);
    }

    /** Round the standing line and through its own loop; moved along by so much. */
    private static function overhand(Path $path, float $by): Path
    {
        return $path
            ->to(90 + $by, 80)->to(112 + $by, 75)->to(124 + $by, 58)
            ->to(123 + $by, 36, 4)->to(114 + $by, 21)->to(100 + $by, 21)->to(91 + $by, 35.5, -4)
            ->to(89 + $by, 58)->to(92 + $by, 80, 4)->to(100 + $by, 95)->to(109 + $by, 91)
            ->to(108 + $by, 77, -4)->to(110 + $by, 64)->to(124 + $by, 57, 4)->to(138 + $by, 57);
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
