<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Path;
use Undro\Knot\Rope\Scene;

/** The moves of the uni at the arbor, through the eye of a hook. */
final class UniAtHook implements Tying
{
    private const TURNS = 5;

    public static function moves(int ...$turns): array
    {
        return Uni::movesAt(
            'eye',
            (string) ($turns[0] ?? self::TURNS),
            'Pass the tag through the eye and lay it back along the standing line.',
            'The barrel sits tight against the eye.',
        );
    }

    public static function scene(int ...$turns): Scene
    {
        $times = $turns[0] ?? self::TURNS;
        $start = Path::of('a')->to(250, 40)->to(210, 40)->marked('start')->to(120, 40);
        $back = HookEye::through($start, 41, 53)->marked('round');
        $step = 62 / (2 * $times);

        return (new Scene())->eye(HookEye::RING[0], 47, HookEye::RING[2])
            ->line(Uni::wrapped($back->to(72, 53), 182, 74, $step, $times), 1.5)->loosen()
            ->lay(0, ['a' => 'back'])
            ->lay(1, ['a' => 'folded'], pinched: ['a', 'round+4'])
            ->lay(2, ['a' => 'end'], pinched: ['a', 'round+4'])
            ->draw(3, [['a', 0, 'round']], pulls: ['a to'])
            ->draw(4, [['a', 'in', 'round']], [['a', 'knot after round+2', 'end', -9, -1, 0.2]], pulls: ['a from'])
            ->trim(5, ['a' => [0, -38.0]]);
    }
}
