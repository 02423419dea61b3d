<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Move;
use Undro\Knot\Path;
use Undro\Knot\Rope\Scene;

/** Tied in the doubled line: its two strands run side by side to the bight, which goes over the hook at the end. */
final class Palomar implements Tying
{
    /** Half way from strand to strand. */
    private const APART = 2.2;

    public static function moves(int ...$turns): array
    {
        return [
            new Move(
                'Double 15 cm of line and pass the loop through the eye.',
                'A loop long enough to go over the whole hook or lure.',
                'The loop is too short to go over the lure.',
            ),
            new Move(
                'Tie an overhand with the doubled line. The hook hangs in it. Leave it loose.',
                'Two strands lie side by side everywhere, and none cross.',
                'The strands twist round each other: they cut in under load.',
            ),
            new Move(
                'Pass the loop over the whole hook or lure.',
                'The loop lies round the line above the eye.',
                'A strand is caught at the eye: it must slide past it.',
            ),
            new Move(
                'Wet it. Pull the standing line and the tag together.',
                'A small knot on the eye, with the loop closed above it.',
                'The loop stays on the eye: push it past before you pull.',
            ),
            Move::trim(),
        ];
    }

    public static function scene(int ...$turns): Scene
    {
        return (new Scene())->eye(...HookEye::RING)
            ->line(self::course(), 1.5, true)->loosen()
            ->lay(0, ['a' => 'passed'])
            ->lay(1, ['a' => 'tied'], pinched: ['a', 'out'])
            ->lay(2, ['a' => 'end'])
            ->draw(3, [['a', 'in', 'out'], ['a', 'out back', 'in back']], [['a', 'loop', 'looped', 68, 0, 0.2]], pulls: ['a from', 'a to'])
            ->draw(3, [['a', 'in', 'out'], ['a', 'out back', 'in back']], pulls: ['a from', 'a to'])
            ->trim(4, ['a' => [0, -75.0]]);
    }

    private static function course(): Path
    {
        $start = Path::of('a')->to(230, 46)->to(180, 46)->marked('start')->to(120, 46);
        $doubled = HookEye::through($start, 46, 64)->to(78, 65)->to(86, 65)->marked('passed')->to(104, 65)->to(119, 60, 3)->to(122, 46, 7)
            ->to(118, 32, 3)->to(108, 26)->to(98, 32, -3)->to(95, 46, -7)->to(95, 56, 0)->to(95, 66, 7)->to(92, 78, 4)->marked('tied');
        $out = $doubled->beside(self::APART, 'a', 'standing', 'bight');
        $back = $doubled->beside(-self::APART, 'a', 'tag', 'bight')->backwards()->ending('tag')->renamed('back');

        return $out->to(80, 92, 4)->to(56, 98, 6)->to(20, 96, 8)->to(2, 84, 9)->marked('loop')->to(-3, 56, 9)->to(2, 30, 6)->to(8, 22, 0)
            ->to(14, 30, -6)->to(12, 56, -9)->to(18, 80, -9)->marked('looped')->to(34, 90, -8)->to(56, 89, -4)->to(74, 84, 0)->then($back);
    }
}
