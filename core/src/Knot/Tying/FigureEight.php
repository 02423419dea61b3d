<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Drawing;
use Undro\Knot\Path;
use Undro\Knot\Prop;
use Undro\Knot\TyingStep;

final class FigureEight implements Tying
{
    private const APART = 3.2;

    /** Its moves in order, each drawn from curves in space. Source: handbook, chapter 4. */
    public static function steps(): array
    {
        $whole = self::middle()->to(130, 36, 4)->to(150, 33)->to(162, 32);

        return [
            new TyingStep(
                Drawing::of([self::doubled(Path::of('a')->to(4, 55)->to(90, 55)->to(170, 52))]),
                'Double the end of the line over a hand’s length.',
                'Two strands side by side, a bight at the end.',
                'Too short: no loop is left.',
            ),
            new TyingStep(
                Drawing::of(
                    [
                        self::doubled(
                            Path::of('a')->to(4, 60)->to(50, 60)->to(96, 60)->to(122, 50)
                                ->to(120, 28)->to(96, 22)->to(80, 40)->to(76, 60, -5)->to(66, 84)->to(50, 92)->to(30, 92),
                        ),
                    ],
                ),
                'The bight goes behind its own two strands.',
                'A loop to the right, the bight comes out below.',
                'In front instead of behind: it becomes a plain overhand.',
            ),
            new TyingStep(
                Drawing::of(
                    [
                        self::doubled(
                            Path::of('a')->to(4, 60)->to(50, 60)->to(96, 60)->to(122, 50)
                                ->to(120, 28)->to(96, 22)->to(80, 40)->to(76, 60, -5)->to(66, 84)->to(48, 86)->to(40, 74)->to(42, 60, 5)
                                ->to(48, 40)->to(54, 24)->to(52, 12),
                        ),
                    ],
                ),
                'Up across the front of them.',
                'Two loops, like an eight.',
                'The loops lie on the same side: begin again.',
            ),
            new TyingStep(
                Drawing::of([self::doubled($whole, 9)]),
                'Into its own loop from behind, and out to the front.',
                'An eight in two strands, with a loop at its end.',
                'It went in from the front: the eight falls open.',
            ),
            new TyingStep(
                self::noose(),
                'Snug it and trim. Pull the standing line through that loop: a noose. Drop it over the open bail on to the arbor, so '
                    . 'that winding pulls it tight.',
                'The noose closes when the reel turns.',
                'It opens when the reel turns: it lies the wrong way round. Turn it over.',
            ),
        ];
    }

    /** The doubled line as far as into its own loop. */
    private static function middle(): Path
    {
        return Path::of('a')
            ->to(4, 60)->to(50, 60)->to(96, 60)->to(122, 50)->to(120, 28)->to(96, 22)->to(80, 40)
            ->to(76, 60, -5)->to(66, 84)->to(48, 86)->to(40, 74)->to(42, 60, 5)->to(48, 40)->to(64, 34)
            ->to(82, 36, -5)->to(100, 38);
    }

    /** Two strands along one course, joined at its end by a bight; `eye`: how wide that stands open. */
    private static function doubled(Path $course, float $eye = 0.0): Path
    {
        $out = $course->beside(self::APART, 'a', 'standing', 'bight');
        $back = $course->beside(-self::APART, 'a', 'tag', 'bight')->backwards()->ending('tag');
        if ($eye <= 0) {
            return $out->to(...$course->beyond(5))->then($back);
        }
        [$x, $y, $z] = $course->beyond(0);
        [$fx, $fy] = $course->beyond(10);
        [$ux, $uy] = [($fx - $x) / 10, ($fy - $y) / 10];
        $at = static fn(float $along, float $side): array => [$x + $along * $ux + $side * $uy, $y + $along * $uy - $side * $ux, $z];

        return $out->to(...$at(7, 0.75 * $eye))->to(...$at(16, $eye))->to(...$at(24, 0.0))->to(...$at(16, -$eye))
            ->to(...$at(7, -0.75 * $eye))->then($back);
    }

    /** The knot made small, its standing line round the arbor and through its loop: in at the front, out behind. */
    private static function noose(): Drawing
    {
        $knot = self::doubled(self::middle()->to(130, 36, 4)->to(150, 33)->to(158, 32), 12)->placed(76, 6, 0.56);
        [$x, $y] = $knot->points()[0];
        $round = Path::of('a')->to(198, 96)->to(188, 66)->to(178, 36, 4)->to(175, 24)->to(173, 12, -4)->to(160, 4)
            ->to(120, 0)->to(60, 4)->to(26, 20)->to(14, 48)->to(24, 78)->to(48, 86)->to(66, 66)->to($x - 5, $y + 2);

        return Drawing::of([$round->then($knot)], [Prop::arbor(44, 52, 22)]);
    }
}
