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

    public static function steps(): array
    {
        $whole = self::middle()->to(130, 36, 4)->to(158, 32)->to(172, 32);

        return [
            new TyingStep(Drawing::of([self::doubled(Path::of('a')->to(4, 55)->to(90, 55)->to(170, 52))]), 'Double the end of the line over a hand’s length.', 'Two strands side by side, a bight at the end.', 'Too short: no loop is left.'),
            new TyingStep(Drawing::of([self::doubled(Path::of('a')->to(4, 60)->to(50, 60)->to(96, 60)->to(122, 50)->to(120, 28)->to(96, 22)->to(80, 40)->to(76, 60, -5)->to(66, 84)->to(50, 92)->to(30, 92))]), 'The bight goes behind its own two strands.', 'A loop to the right, the bight comes out below.', 'In front instead of behind: it becomes a plain overhand.'),
            new TyingStep(Drawing::of([self::doubled(Path::of('a')->to(4, 60)->to(50, 60)->to(96, 60)->to(122, 50)->to(120, 28)->to(96, 22)->to(80, 40)->to(76, 60, -5)->to(66, 84)->to(48, 86)->to(40, 74)->to(42, 60, 5)->to(48, 40)->to(54, 24)->to(52, 12))]), 'Up across the front of them.', 'Two loops, like an eight.', 'The loops lie on the same side: begin again.'),
            new TyingStep(Drawing::of([self::doubled($whole)]), 'Into its own loop from behind, and out to the front.', 'An eight in two strands, with a loop at its end.', 'It went in from the front: the eight falls open.'),
            new TyingStep(self::noose(), 'Snug it and trim. Pull the standing line through that loop: a noose. Drop it over the open bail on to the arbor, so that winding pulls it tight.', 'The noose closes when the reel turns.', 'It opens when the reel turns: it lies the wrong way round. Turn it over.'),
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

    /** Two strands along one course, joined at its end by a bight. */
    private static function doubled(Path $course): Path
    {
        return $course->beside(self::APART, 'a', 'standing', 'bight')->to(...$course->beyond(5))->then($course->beside(-self::APART, 'a', 'tag', 'bight')->backwards())->ending('tag');
    }

    /** The knot made small, its standing line drawn through its loop and round the arbor. */
    private static function noose(): Drawing
    {
        // from the knot, the standing line runs round the arbor and then in at the front of the loop and out at its back
        $course = self::middle()->to(130, 36, 4)->to(168, 32)->to(196, 32);
        $knot = self::doubled($course)->placed(72, 4, 0.58);
        $points = $knot->points();
        [$x, $y] = $points[0];
        $round = Path::of('a')->to(198, 92)->to(176, 74)->to(170, 30, -5)->to(168, 22.6)->to(164, 12)->to(140, 4)->to(90, 4)->to(40, 14)->to(16, 40)->to(22, 74)->to(46, 82)->to(64, 66)->to($x - 4, $y);

        return Drawing::of([$round->then($knot)], [Prop::arbor(42, 52, 22)]);
    }
}
