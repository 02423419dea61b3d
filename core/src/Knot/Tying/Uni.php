<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Drawing;
use Undro\Knot\Path;
use Undro\Knot\Prop;
use Undro\Knot\TyingStep;

/**
 * The wraps run away from the arbor, as in the double uni they run away from the middle: towards it they would lie outside of
 * the loop, and nothing would hold them.
 */
final class Uni implements Tying
{
    /** Three times round and out on top: seven half turns. */
    private const HALVES = 7;

    /** Its moves in order, each drawn from curves in space. Source: handbook, chapter 4. */
    public static function steps(): array
    {
        return [
            new TyingStep(
                self::drawn(self::back()->to(130, 53)->to(176, 54)),
                'Tag round the arbor and back along the standing line.',
                'The two run side by side for a hand’s breadth.',
                'Too short to fold back.',
            ),
            new TyingStep(
                self::drawn(self::folded(175, 89)->to(80, 84)),
                'Fold the tag back into a loop beside both.',
                'The loop lies open, its closed end away from the arbor.',
                'The loop crosses the two lines: it would not slide.',
            ),
            new TyingStep(
                self::drawn(self::wrapped(175, 89, 94, 6.5)),
                'Through the loop and round both lines, three or four times, side by side.',
                'The wraps lie inside the loop, one beside the other.',
                'A wrap outside of the loop: nothing holds it.',
            ),
            new TyingStep(
                self::drawn(self::wrapped(142, 72, 92, 5.5)),
                'Wet it. Pull the tag until the wraps close to a barrel.',
                'A neat barrel that still slides on the standing line.',
                'Wraps one over the other: open it and start again.',
            ),
            new TyingStep(
                self::drawn(self::wrapped(122, 70, 74, 5.2)),
                'Pull the standing line: the barrel slides down to the arbor. Trim close.',
                'The barrel sits on the arbor; no room for fingers was needed.',
                'It stops half way: it was pulled too tight before it was down.',
            ),
        ];
    }

    private static function drawn(Path $path): Drawing
    {
        return Drawing::of([$path], [Prop::arbor(42, 55, 20)]);
    }

    /** Round the arbor and a little back along the standing line. */
    private static function back(): Path
    {
        return Path::of('a')->to(198, 40)->to(120, 40)->to(70, 38)->to(42, 31)->to(24, 39)->to(18, 55)->to(24, 71)
            ->to(42, 79)->to(57, 70)->to(70, 56);
    }

    /** As far as the closed end and back along the loop's far side. */
    private static function folded(float $end, float $far): Path
    {
        return self::back()->to(92, 53)->to($end - 12, 53)->to($end, 57)->to(
            $end + 4,
            ($far + 53) / 2,
        )->to($end - 6, $far - 2)->to(($end + 92) / 2, $far);
    }

    private static function wrapped(float $end, float $far, float $from, float $step): Path
    {
        $out = $from + self::HALVES * $step;

        return self::folded($end, $far)
            ->to($from + 4, $far - 2)->to($from - 4, $far - 6)
            ->wrapped($from, $step, self::HALVES, 46.5, 15)
            ->to($out + 7, 23)->to($out + 20, 18);
    }
}
