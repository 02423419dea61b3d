<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Drawing;
use Undro\Knot\Path;
use Undro\Knot\TyingStep;

final class Albright implements Tying
{
    public const WRAPS = 7;
    public const AXIS = 55.0;
    public const LEG = 11.0;
    private const RADIUS = 20.0;

    /** Its moves in order, each drawn from curves in space. Source: handbook, chapter 4. */
    public static function steps(): array
    {
        return [
            new TyingStep(
                Drawing::of([self::bight()]),
                'Fold a bight in the thicker line.',
                'Two legs, a closed end a hand long.',
                'Too short: the wraps run off the end.',
            ),
            new TyingStep(
                Drawing::of([self::bight(), self::in()->to(100, self::AXIS)->to(40, self::AXIS)->to(14, self::AXIS)]),
                'The thin tag up through the bight from below, two hands of it.',
                'It comes in from below and lies between the legs.',
                'It came from above: it will slip off the end.',
            ),
            new TyingStep(
                Drawing::of([self::bight(), self::wrapped(50, 7.6)->to(178, 84)->to(190, 90)]),
                'Wrap it back over itself and both legs towards the closed end, 7 to 10 turns side by side.',
                'Wraps lie one beside the other, none crossed.',
                'A wrap over another: it cuts in under load.',
            ),
            new TyingStep(
                Drawing::of([self::bight(), self::out(self::wrapped(50, 7.6))]),
                'Out through the bight on the side it came in.',
                'Both ends of the thin line leave the bight on the same side.',
                'Out on the other side: the loop is trapped askew and cuts.',
            ),
            new TyingStep(
                Drawing::of([self::bight(), self::out(self::wrapped(78, 5.4))]),
                'Wet it. Pull the thin standing line against both legs, easing the wraps to the end without slipping off. Snug the tags, '
                    . 'trim close.',
                'A slim, even barrel up against the closed end.',
                'The wraps slip off the end: hold them while you pull.',
            ),
        ];
    }

    /** The thicker line, folded. */
    public static function bight(): Path
    {
        return Path::of('a')->to(2, 44)->to(90, 44)->to(160, 44)->to(176, 47)->to(182, 55)->to(176, 63)->to(160, 66)
            ->to(90, 66)->to(20, 66);
    }

    /** The thin line from its standing end, under the closed end and up into the bight. */
    public static function in(float $y = self::AXIS): Path
    {
        return Path::of('b')->to(198, $y)->to(190, $y, -4)->to(180, $y, -5)->to(170, $y, -2)->to(162, $y);
    }

    private static function wrapped(float $from, float $step): Path
    {
        return self::in()->to(120, self::AXIS)->to($from + 6, self::AXIS)->to($from - 6, self::AXIS + 1, 2)
            ->to($from - 6, self::AXIS + self::LEG, 5)
            ->wrapped($from, $step, 2 * self::WRAPS - 1, self::AXIS, self::RADIUS, true, false)
            ->to($from + (2 * self::WRAPS - 0.7) * $step, 45, 6);
    }

    /** The last wrap over one leg and itself, then down through the bight. */
    private static function out(Path $path): Path
    {
        return $path->to(167, 57, 4)->to(172, 60, 0)->to(179, 61.5, -5)->to(188, 66, -4)->to(198, 72);
    }
}
