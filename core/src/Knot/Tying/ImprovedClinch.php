<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Move;
use Undro\Knot\Path;
use Undro\Knot\Rope\Scene;

final class ImprovedClinch implements Tying
{
    private const TURNS = 5;
    private const STANDING = 50.0;

    public static function moves(int ...$turns): array
    {
        return [
            new Move(
                'Pass the tag through the eye.',
                'A tag of 15 cm beside the standing line.',
                'Too short for five turns.',
            ),
            new Move(
                'Wrap it round the standing line 5 or 6 times, away from the eye.',
                'The turns lie side by side, and a small loop stays open at the eye.',
                'The first turn sits on the eye: there is no loop to pass the tag through.',
            ),
            new Move(
                'Bring the tag back and pass it through the small loop at the eye.',
                'A big loop now stands beside the turns.',
                'It went past the small loop: nothing holds the tag.',
            ),
            new Move(
                'Pass the tag through the big loop you just made.',
                'The tag comes out between the big loop and the turns.',
                'Without this pass it is a plain clinch, which slips sooner.',
            ),
            new Move(
                'Wet it. Pull the standing line until the turns close on the eye.',
                'Even coils tight against the eye.',
                'Coils lie over each other: cut it off and tie it again.',
            ),
            Move::trim(),
        ];
    }

    public static function scene(int ...$turns): Scene
    {
        return (new Scene())->eye(...HookEye::RING)
            ->line(self::course(), 1.5)->loosen()
            ->lay(0, ['a' => 'passed'])
            ->lay(1, ['a' => 'wrapped'], pinched: ['a', 'out'])
            ->lay(2, ['a' => 'tucked'])
            ->lay(3, ['a' => 'end'])
            ->draw(4, [['a', 'in', 'out']], pulls: ['a from'])
            ->trim(5, ['a' => [0, -16.0]]);
    }

    private static function course(): Path
    {
        $start = Path::of('a')->to(240, self::STANDING)->to(190, self::STANDING)->marked('start')->to(120, self::STANDING);

        return HookEye::through($start, self::STANDING)->to(74, 62.5)->marked('passed')
            ->wrapped(84, 7, 2 * self::TURNS - 1, self::STANDING, 11, counted: 'turn')->marked('wrapped')
            ->to(156, 35)->to(160, 26)->to(150, 19)->to(110, 18)->to(80, 19)->to(70, 26, 2)
            ->to(67, 36, 4)->to(66.5, 49, 9)->to(68, 56.5, 0)->marked('tucked')
            ->to(72, 56, -4)->to(75, 48, -7)->to(77, 36, -4)->to(79, 27, 2)->to(81, 18, 7)->to(86, 6, 3)->to(93, -4);
    }
}
