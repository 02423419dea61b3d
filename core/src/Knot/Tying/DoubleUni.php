<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Move;
use Undro\Knot\Path;
use Undro\Knot\Rope\Scene;

final class DoubleUni implements Tying
{
    /** y of the first line, and of the middle between it and the other */
    private const A = 48.0;
    private const AXIS = 54.0;

    public static function moves(int ...$turns): array
    {
        [$one, $other] = [$turns[0] ?? 3, $turns[1] ?? 3];

        return [
            new Move(
                'Overlap the two lines by two hands, tags opposite.',
                'They lie side by side.',
                'Too little overlap: the second half has no room.',
            ),
            new Move(
                "With the first tag fold a loop back over both lines and wrap inside it, away from the middle, {$one} times.",
                'The wraps lie side by side inside the loop.',
                'Wraps outside of the loop: nothing holds them.',
            ),
            new Move(
                "The same with the other tag, mirrored, {$other} times.",
                'Two barrels, mirror images, a gap between them.',
                'Both run the same way: they pull past each other.',
            ),
            new Move(
                'Wet it. Pull each tag until its wraps close to a barrel, but not tight.',
                'Two barrels that still slide.',
                'Pulled tight: a barrel no longer slides to the other.',
            ),
            new Move(
                'Pull both standing lines: the barrels slide together.',
                'Two barrels hard against each other.',
                'A gap stays: one barrel was snugged too early.',
            ),
            new Move(
                'Snug the tags once more. Trim them close.',
                'Short ends on both sides, and nothing moves.',
                'Cut before the barrels met: a tag slips in.',
            ),
        ];
    }

    public static function scene(int ...$turns): Scene
    {
        [$one, $other] = [$turns[0] ?? 3, $turns[1] ?? 3];
        $step = static fn(int $turns): float => min(7.0, 54 / (2 * $turns));
        $alike = $one === $other;

        return (new Scene())
            ->line(self::first(114, $step($one), 190, 12, $one), $alike ? 1.6 : 2.0)
            ->line(self::second(114, $step($other), 190, 12, $other), $alike ? 1.6 : 1.4)->loosen()
            ->lay(0, ['a' => 'along', 'b' => 'along'])
            ->lay(1, ['a' => 'end'], pinched: ['a', 'along-64'])
            ->lay(2, ['b' => 'end'], pinched: ['b', 'along-64'])
            ->draw(3, pulls: ['a to', 'b to'])
            ->draw(4, [], [['a', 'knot', 'end', -40, 0, 0.2], ['b', 'knot', 'end', 40, 0, 0.2]], pulls: ['a from', 'b from'])
            ->trim(5, ['a' => [0, -30.0], 'b' => [0, -30.0]]);
    }

    /** The first uni, right of the middle. */
    private static function first(float $from, float $step, float $end, float $far, int $turns): Path
    {
        $out = $from + 2 * $turns * $step;

        return Path::of('a')->to(2, self::A)->to(40, self::A)->marked('start')->to(100, self::A)->to($end - 14, self::A)->marked('along')
            ->to($end - 2, self::A - 4)->to($end, ($far + self::A) / 2)->to($end - 10, $far)
            ->to(($end + $from) / 2, $far - 1)->to($from + 2, $far + 1)->to($from - 5, $far + 8)
            ->wrapped($from, $step, 2 * $turns, self::AXIS, 16, false, counted: 'turn')
            ->to($out + 2, 26, 4)->to($out + 4, $far, 5)->to($out + 9, $far - 13, 2);
    }

    /** The same turned half round in the page. */
    private static function second(float $from, float $step, float $end, float $far, int $turns): Path
    {
        return self::first($from, $step, $end, $far, $turns)->turned(100, self::AXIS, 'b');
    }

}
