<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Drawing;
use Undro\Knot\Path;
use Undro\Knot\Prop;
use Undro\Knot\TyingStep;

final class DoubleOverhand implements Tying
{
    private const TOP = 32.0;
    private const BOTTOM = 78.0;

    /** Its moves in order, each drawn from curves in space. Source: handbook, chapter 4. */
    public static function steps(): array
    {
        return [
            new TyingStep(
                self::drawn(ArborKnot::round()->to(110, 80)->to(160, 84)),
                'Tag round the arbor.',
                'Both ends come off the same side.',
                'Bail shut: the line would lie outside it.',
            ),
            new TyingStep(
                self::drawn(self::knotted([96])),
                'A half knot with tag and standing line: tag over, round, and out on the other side. Pull it down on to the arbor.',
                'It lies on the arbor and does not turn on it.',
                'Loose on the arbor: the line slides round when you wind.',
            ),
            new TyingStep(
                self::drawn(self::knotted([88, 136])),
                'A second half knot on top, the tag over again.',
                'The two lie flat, one on the other.',
                'The second turned the other way: it sits crooked and slips sooner.',
            ),
            new TyingStep(
                self::drawn(self::knotted([78, 106])),
                'Wet it, snug both, trim close.',
                'A small square knot against the arbor.',
                'On bare braid it slips: take a noose or tape.',
            ),
        ];
    }

    private static function drawn(Path $path): Drawing
    {
        return Drawing::of([$path], [Prop::arbor(42, 55, 20)]);
    }

    /** @param non-empty-list<float> $at x of each half knot */
    private static function knotted(array $at): Path
    {
        $standing = Path::of('a', 'tag', 'standing')->to(20, 64)->to(18, 55)->to(24, 39)->to(42, self::TOP);
        $tag = Path::of('a')->to(20, 64)->to(24, 71)->to(42, self::BOTTOM);
        $down = true;
        foreach ($at as $x) {
            // the tag over, under, over; where the standing line is, the other way about
            $standing = self::twisted($standing, $x, $down, -1);
            $tag = self::twisted($tag, $x, !$down, 1);
            $down = !$down;
        }
        $end = $at[count($at) - 1] + 30;
        $standing = $standing->to($end, $down ? self::TOP : self::BOTTOM)->to(198, $down ? 36 : 74);
        $tag = $tag->to($end, $down ? self::BOTTOM : self::TOP)->to($end + 26, $down ? self::BOTTOM + 6 : self::TOP - 6);

        return $standing->backwards()->ending('tag')->then($tag);
    }

    /** Three half turns about an upright axis, from top to bottom or back. */
    private static function twisted(Path $path, float $x, bool $down, int $front): Path
    {
        for ($k = 0; $k <= 12; ++$k) {
            $angle = 3 * M_PI * $k / 12;
            $share = $k / 12;
            $y = self::TOP + 4 + ($down ? $share : 1 - $share) * (self::BOTTOM - self::TOP - 8);
            $path = $path->to($x - 7.5 * cos($angle), $y, $front * 5 * sin($angle));
        }

        return $path;
    }
}
