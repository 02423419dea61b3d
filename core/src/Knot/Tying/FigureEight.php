<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Move;
use Undro\Knot\Path;
use Undro\Knot\Rope\Scene;

final class FigureEight implements Tying
{
    private const APART = 3.2;

    public static function moves(int ...$turns): array
    {
        return [
            new Move(
                'Double the end of the line over a hand’s length.',
                'Two strands side by side, a bight at the end.',
                'Too short: no loop is left.',
            ),
            new Move(
                'The bight goes behind its own two strands.',
                'A loop to the right, the bight comes out below.',
                'In front instead of behind: it becomes a plain overhand.',
            ),
            new Move(
                'Up across the front of them.',
                'Two loops, like an eight.',
                'The loops lie on the same side: begin again.',
            ),
            new Move(
                'Into its own loop from behind, and out to the front.',
                'An eight in two strands, with a loop at its end.',
                'It went in from the front: the eight falls open.',
            ),
            new Move(
                'Wet it. Pull the loop and the two strands apart until the eight is hard.',
                'A small loop that does not slip.',
                'The loop closes when you pull it: the eight has fallen open.',
            ),
            Move::trim(),
            new Move(
                'Pull the standing line through that loop: a noose.',
                'The noose runs freely.',
                'The tag went through, not the standing line: nothing slides.',
            ),
            new Move(
                'Drop the noose over the open bail onto the arbor, so that winding pulls it tight.',
                'The noose closes when the reel turns.',
                'It opens when the reel turns: it is the wrong way round. Flip it.',
            ),
        ];
    }

    public static function scene(int ...$turns): Scene
    {
        $eight = self::doubled(self::middle()->to(130, 36, 4)->to(150, 33)->to(162, 32)->marked('eye'), 9);
        // in at the front of the loop, out behind; the arbor comes in between
        $standing = Path::of('a')->to(250, 40)->to(190, 44, -5)->to(146, 46, -5)->to(130, 46)->to(124, 58, 6)->to(112, 80, 4)
            ->to(106, 90, 2)
            ->to(100, 96)->to(20, 98)->to(-40, 88)->to(-60, 80)->to(-68, 60)->to(-60, 40)->to(-40, 32)->to(-16, 42)
            ->to(4, 60 - self::APART)->marked('joined');

        return (new Scene([-40, 60, 20], 7))
            ->line($eight, 1.5, true)->loosen()
            ->lay(0, ['a' => 'doubled'])
            ->lay(1, ['a' => 'behind'], pinched: ['a', 'doubled-30'])
            ->lay(2, ['a' => 'front'], pinched: ['a', 'doubled-30'])
            ->lay(3, ['a' => 'end'])
            ->draw(4, [], [['a', 'eye', 'eye back', -50, 14, 0.2]], pulls: ['a from', 'a to'])
            ->trim(5, ['a' => [0, -62.0]])->cut('a')
            ->extend($standing, true)->lay(6, [], ['a' => 'begin'])
            ->draw(7, [['a', 'joined', 'end']], pulls: ['a from'])
            ->draw(7, [], [['a', 'joined+70', 'end', -120, 14, 0.3]], pulls: ['a from']);
    }

    /** The doubled line as far as into its own loop. */
    private static function middle(): Path
    {
        return Path::of('a')
            ->to(4, 60)->to(50, 60)->to(70, 60)->marked('doubled')->to(96, 60)->to(122, 50)->to(120, 28)->to(96, 22)->to(80, 40)
            ->to(76, 60, -5)->to(66, 84)->marked('behind')->to(48, 86)->to(40, 74)->to(42, 60, 5)->to(48, 40)->marked('front')->to(64, 34)
            ->to(82, 36, -5)->to(100, 38);
    }

    /** Two strands along one course, joined at its end by a bight; `eye`: how wide that stands open. */
    private static function doubled(Path $course, float $eye = 0.0): Path
    {
        $out = $course->beside(self::APART, 'a', 'standing', 'bight');
        $back = $course->beside(-self::APART, 'a', 'tag', 'bight')->backwards()->ending('tag')->renamed('back');
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
}
