<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Move;
use Undro\Knot\Path;
use Undro\Knot\Rope\Scene;

final class NonSlipLoop implements Tying
{
    private const TURNS = 5;
    private const STANDING = 56.0;
    /** How far left of its usual place the hook lies: a loop stays open between it and the knot. */
    private const APART = 60.0;

    public static function moves(int ...$turns): array
    {
        $times = $turns[0] ?? self::TURNS;

        return [
            new Move(
                'Tie a loose overhand in the standing line, 25 cm from the tag.',
                'An open overhand with a long tag.',
                'It is pulled tight: the tag has to pass through it twice more.',
            ),
            new Move(
                'Pass the tag through the eye, then back through the overhand on the side it came out.',
                'Two strands run side by side between the overhand and the eye.',
                'It went in on the other side: the loop will slip.',
            ),
            new Move(
                "Wrap the tag round the standing line {$times} times.",
                'The turns lie side by side, beyond the overhand.',
                'The turns cross each other: they cut in under load.',
            ),
            new Move(
                'Pass the tag back through the overhand on the same side.',
                'The tag points to the hook again.',
                'It points away from the hook: it went in on the wrong side.',
            ),
            new Move(
                'Wet it. Pull the tag snug, then pull the standing line against the hook.',
                'A small closed loop in which the hook swings freely.',
                'The loop shrinks under a steady pull: tie it again.',
            ),
            Move::trim(),
        ];
    }

    public static function scene(int ...$turns): Scene
    {
        [$x, , $radius] = HookEye::RING;

        return (new Scene())->eye($x - self::APART, 41, $radius, 1)
            ->line(self::course($turns[0] ?? self::TURNS), 1.5)->loosen()
            ->lay(0, ['a' => 'overhand'])
            ->lay(1, ['a' => 'through'], pinched: ['a', 'overhand'])
            ->lay(2, ['a' => 'wrapped'], pinched: ['a', 'through'])
            ->lay(3, ['a' => 'end'], pinched: ['a', 'wrapped-40'])
            ->draw(4, [['a', 'in', 'out']], pulls: ['a to', 'a from'])
            ->trim(5, ['a' => [0, -16.0]]);
    }

    private static function course(int $turns): Path
    {
        $overhand = Path::of('a')->to(250, self::STANDING)->to(200, self::STANDING)->marked('start')->to(150, self::STANDING)
            ->to(110, self::STANDING)->to(92, self::STANDING)->to(78, 52)->to(71, 39)->to(76, 22)->to(96, 13)->to(114, 17)->to(122, 32)
            ->to(123, 54, 6)->to(119, 70, 2)->to(109, 74)->to(101, 66, -4)->to(99, 56, -6)->to(94, 48, -2)->to(84, 46, 4)->to(71, 46, 6)
            ->to(58, 46, 3)->marked('overhand');
        $step = min(6.0, 56 / (2 * $turns - 1));
        $out = 142 + (2 * $turns - 1) * $step;
        $eye = HookEye::through(Path::of('a'), 46, 35);
        $end = $out + 8;

        return $overhand->then($eye->shifted(-self::APART, 0))
            ->to(50, 34, 0)->to(60, 33, 4)->to(73, 32, 6)->to(90, 31, 0)->to(106, 30, -4)->to(121, 30, -6)->to(132, 36, -1)->marked('through')
            ->to(138, 43)
            ->wrapped(142, $step, 2 * $turns - 1, self::STANDING, 11, false, counted: 'turn')->marked('wrapped')
            ->to($end, 70)->to($end + 2, 80)->to($end - 10, 87)->to(150, 88)->to(124, 85, -4)->to(113, 77, -6)->to(108, 66, -6)
            ->to(107, 56, -6)->to(103, 45, -2)->to(90, 39.5, 3)->to(72, 39, 7)->to(60, 40, 4)->to(46, 40.5);
    }
}
