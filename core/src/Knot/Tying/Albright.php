<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Move;
use Undro\Knot\Path;
use Undro\Knot\Rope\Scene;

final class Albright implements Tying
{
    private const WRAPS = 7;
    public const AXIS = 55.0;
    private const LEG = 11.0;
    private const RADIUS = 20.0;

    public static function moves(int ...$turns): array
    {
        return [
            new Move(
                'Fold a bight in the thicker line.',
                'Two legs, a closed end a hand long.',
                'Too short: the wraps run off the end.',
            ),
            new Move(
                'The thin tag up through the bight from below, two hands of it.',
                'It comes in from below and lies between the legs.',
                'It came from above: it will slip off the end.',
            ),
            new Move(
                'Wrap it back over itself and both legs towards the closed end, 7 turns side by side (up to 10 in the guides).',
                'Wraps lie one beside the other, none crossed.',
                'A wrap over another: it cuts in under load.',
            ),
            new Move(
                'Out through the bight on the side it came in.',
                'Both ends of the thin line leave the bight on the same side.',
                'Out on the other side: the loop is trapped askew and cuts.',
            ),
            new Move(
                'Wet it. Pull the thin standing line against both legs. Ease the wraps to the closed end.',
                'An even barrel up against the closed end.',
                'The wraps slip off the end: hold them while you pull.',
            ),
            new Move(
                'Snug the tags.',
                'Slim, with no step under a fingernail.',
                'A tag that slips when you pull it: the knot is not seated. Pull the standing lines again.',
            ),
            Move::trim('both tags'),
        ];
    }

    public static function scene(int ...$turns): Scene
    {
        return (new Scene())
            ->line(self::bight(), 2.2)->line(self::out(self::wrapped(50, 7.6)), 1.4)->loosen()
            ->lay(0, ['a' => 'end'])
            ->lay(1, ['b' => 'through'])
            ->lay(2, ['b' => 'wrapped'], pinched: ['b', 'through'])
            ->lay(3, ['b' => 'end'], pinched: ['b', 'wrapped-30'])
            ->draw(4, pulls: ['b from', 'a from'])
            ->draw(5, pulls: ['b to', 'a to'])
            ->trim(6, ['a' => [0, -34.0], 'b' => [0, -26.0]]);
    }

    /** The thicker line, folded. */
    public static function bight(): Path
    {
        return Path::of('a')->to(2, 44)->to(40, 44)->marked('start')->to(90, 44)->to(160, 44)->to(176, 47)->to(182, 55)
            ->to(176, 63)->to(160, 66)
            ->to(90, 66)->to(20, 66);
    }

    /** The thin line from its standing end, under the closed end and up into the bight. */
    public static function in(float $y = self::AXIS): Path
    {
        return Path::of('b')->to(206, $y, -3)->marked('start')->to(200, $y, -4)->to(190, $y, -4)->to(180, $y, -5)->to(170, $y, -2)
            ->to(162, $y);
    }

    private static function wrapped(float $from, float $step): Path
    {
        return self::in()->to(120, self::AXIS)->to($from + 6, self::AXIS)->marked('through')->to($from - 6, self::AXIS + 1, 2)
            ->to($from - 6, self::AXIS + self::LEG, 5)
            ->wrapped($from, $step, 2 * self::WRAPS - 1, self::AXIS, self::RADIUS, true, false, 8.0, 'turn')->marked('wrapped')
            ->to($from + (2 * self::WRAPS - 0.7) * $step, 45, 6)->marked('turn ' . self::WRAPS);
    }

    /** The last wrap over one leg and itself, then down through the bight. */
    private static function out(Path $path): Path
    {
        return $path->to(167, 57, 4)->to(172, 60, 0)->to(179, 61.5, -5)->to(188, 66, -4)->to(198, 72);
    }

}
