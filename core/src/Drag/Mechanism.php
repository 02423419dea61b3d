<?php

declare(strict_types=1);

namespace Undro\Drag;

use Undro\Spool\ReelKind;

/** How a drag is worked, and how each is set. Source: handbook, chapter 5, setting it. */
enum Mechanism: string
{
    case Front = 'front';
    case Rear = 'rear';
    case Star = 'star';
    case Lever = 'lever';
    case Spincast = 'spincast';

    /** Never the face near the line, whatever the drag. */
    public const CAUTION = 'Take hooks off. Wear glasses. Keep everybody out of line with the rod: a broken line springs back. Watch out '
        . 'for lamps and cables.';

    /** As the screen says it. */
    public function word(): string
    {
        return match ($this) {
            self::Front => 'front drag',
            self::Rear => 'rear drag',
            self::Star => 'star drag',
            self::Lever => 'lever drag',
            self::Spincast => 'spincast drag',
        };
    }

    /** What its knob is called. */
    public function knobWord(): string
    {
        return match ($this) {
            self::Front => 'knob on the spool',
            self::Rear => 'knob at the back',
            self::Star => 'star',
            self::Lever => 'preset',
            self::Spincast => 'wheel or star',
        };
    }

    /** Usual for a kind of reel. */
    public static function usual(ReelKind $reel): self
    {
        return match ($reel) {
            ReelKind::Spinning => self::Front,
            ReelKind::Baitcasting => self::Star,
            ReelKind::Spincast => self::Spincast,
        };
    }

    /**
     * What it is counted in, the usual first. A lever drag by its preset in turns, or by the lever in notches.
     *
     * @return non-empty-list<Knob>
     */
    public function knobs(): array
    {
        return match ($this) {
            self::Lever => [Knob::Turn, Knob::Notch],
            self::Rear => [Knob::Click, Knob::Turn],
            default => [Knob::Turn, Knob::Click],
        };
    }

    /**
     * Before the first pull, in this order.
     *
     * @param bool $tip read at the rod tip; else straight off the reel
     *
     * @return list<string>
     */
    public function steps(bool $tip, Knob $knob): array
    {
        $where = $tip
            ? 'Thread the line through all guides, hold the rod at about 45 degrees, and hook the scale to the line.'
            : 'Pull straight off the reel: hook the scale to the line, and point the rod at it or take the rod off.';

        return array_merge([
            'Take hooks off. Have the spool full, the line dry and the reel as you fish it.',
            $where,
        ], match ($this) {
            self::Front => [
                'Loosen the knob on the front of the spool until the spool turns freely. Count from there, so that you can find the '
                    . 'setting again.',
                'Come up to each setting from below. If you pass it, go back below it and come up again.',
            ],
            self::Rear => [
                'Loosen the knob at the back until its clicks stop. Count clicks from there.',
                'Near the end of its range small moves do a lot. Go one click at a time there.',
            ],
            self::Star => [
                'Loosen the star until the spool turns freely. Count from there.',
                'Switch the anti-reverse on and hold the handle, so that only the drag slips. Come up from below, and pull once after '
                    . 'each move to settle the washers.',
            ],
            self::Lever => $knob === Knob::Notch
                ? [
                    'Leave the preset alone. Push the lever up from free, notch by notch.',
                    'Never go past the strike stop. Measure at it or below it.',
                ]
                : [
                    'Put the lever to free, then loosen the preset. Turn the preset only with the lever at free.',
                    'Push the lever to the strike stop, no further, and pull there. Put it back to free before you turn the preset again.',
                ],
            self::Spincast => [
                'Loosen the wheel or star until line comes off freely. The pick-up pin has to be out: turn the handle until it clicks.',
                'Spincast drags have a short range. Make small moves with a pull after each, because pin and nose cone rub too.',
            ],
        }, ['Pull slowly and steadily. The peak as the drag starts to slip is the start-up. What it settles at is the running force.']);
    }
}
