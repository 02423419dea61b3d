<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Move;
use Undro\Knot\Path;
use Undro\Knot\Rope\Scene;

final class DoubleOverhand implements Tying
{
    private const TOP = 32.0;
    private const BOTTOM = 78.0;

    public static function moves(int ...$turns): array
    {
        return [
            new Move(
                'Tag round the arbor.',
                'Both ends come off the same side.',
                'Bail shut: the line would lie outside it.',
            ),
            new Move(
                'A half knot with tag and standing line: tag over, round, and out on the other side. Pull it down on to the arbor.',
                'It lies on the arbor and does not turn on it.',
                'Loose on the arbor: the line slides round when you wind.',
            ),
            new Move(
                'A second half knot on top, the tag over again.',
                'The two lie flat, one on the other.',
                'The second turned the other way: it sits crooked and slips sooner.',
            ),
            new Move(
                'Wet it. Pull the tag and the standing line until both half knots are snug.',
                'A small square knot against the arbor.',
                'On bare braid it slips: take a noose or tape.',
            ),
            Move::trim(),
        ];
    }

    public static function scene(int ...$turns): Scene
    {
        $first = Path::of('a')->to(198, 84)->to(170, 82)->marked('start')
            ->then(self::twisted(Path::of('a'), 100, true, -1, 2.5)->backwards())
            ->to(70, self::TOP + 1)->to(42, self::TOP)->to(24, 39)->to(18, 55)->to(24, 71)->to(42, self::BOTTOM)->to(66, self::BOTTOM + 1)
            ->marked('round');
        $first = self::twisted($first, 100, false, 1, 12.5)->to(112, 24)->to(116, 4);
        // along the standing line towards the arbor: over it, under it, over it
        $second = Path::of('a')->to(84, 4)->to(94, -5)->to(116, 0)->to(134, 40)->to(136, 86)->to(122, 106, 2)
            ->to(107, 113, 5)->to(93, 112)->to(87, 104)->to(95, 97, -5)->to(108, 92)->to(106, 81)->to(85, 82, 5)->to(70, 88)->to(48, 106);

        return (new Scene(ArborKnot::ARBOR))
            ->line($first, ArborKnot::RADIUS)->loosen()
            ->lay(0, ['a' => 'round'])
            ->lay(1, ['a' => 'end'], pinched: ['a', 'start'])
            ->draw(1, [], [['a', 0, 0, -64, 68, 0.4], ['a', -1, 'end', -32, 0, 0.2]], pulls: ['a from', 'a to'])
            ->extend($second)->lay(2, ['a' => 'end'])
            ->draw(3, pulls: ['a from', 'a to'])
            ->draw(3, [], [['a', 0, 0, 40, -80, 0.3], ['a', -1, 'end', -16, -20, 0.1]], pulls: ['a from', 'a to'])
            ->draw(3, [], [['a', 100.0, 116.0, -18, -14, 0.2], ['a', 'knot', 'end', -18, -14, 0.2]], pulls: ['a from', 'a to'])
            ->trim(4, ['a' => [0, -16.0]]);
    }

    /** Three half turns about an upright axis, from top to bottom or back. */
    private static function twisted(Path $path, float $x, bool $down, int $front, float $wide): Path
    {
        for ($k = 0; $k <= 12; ++$k) {
            $angle = 3 * M_PI * $k / 12;
            $share = $k / 12;
            $y = self::TOP + 4 + ($down ? $share : 1 - $share) * (self::BOTTOM - self::TOP - 8);
            $path = $path->to($x - $wide * cos($angle), $y, $front * 5 * sin($angle));
        }

        return $path;
    }
}
