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
    public const CAUTION = 'Hooks off, nobody in line with the rod, eyes away from the tip: what lets go comes back. Mind lamps and '
        . 'cables.';

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
            ? 'Line through all the guides, rod held as when fishing, about 45 degrees, and the scale on the line.'
            : 'Straight off the reel: the scale on the line, the rod pointing at it or taken off.';

        return array_merge([
            'Hooks off. Spool full, line dry, reel as you fish it.',
            $where,
        ], match ($this) {
            self::Front => [
                'Back the knob on the front of the spool off until the spool turns freely; count from there if you want the place again.',
                'Come up to each place from below; when you pass it, go back past it and up again.',
            ],
            self::Rear => [
                'Back the knob at the back off until it stops clicking into anything; count clicks from there.',
                'Small moves at the end of its range do much: one click at a time there.',
            ],
            self::Star => [
                'Back the star off until the spool turns freely; count from there.',
                'Anti-reverse on; the handle held so that only the drag slips. Come up from below, and give the washers a pull after '
                    . 'each move.',
            ],
            self::Lever => $knob === Knob::Notch
                ? [
                    'Leave the preset alone. Push the lever up from free, notch by notch.',
                    'Never past the strike stop: readings are taken at it or under it.',
                ]
                : [
                    'Lever to free, then back the preset off. Only turn the preset with the lever at free.',
                    'Push the lever to the strike stop, no farther, and pull there. Back to free before the next move of the preset.',
                ],
            self::Spincast => [
                'Back the wheel or star off until line comes off the pin freely. The pick-up pin has to be out: turn the handle until it '
                    . 'clicks.',
                'Spincast drags are short: small moves, and a pull after each, since the pin and the cover rub too.',
            ],
        }, ['Pull slowly and steadily. The peak as it lets go is the start-up, what it settles at is the running force.']);
    }
}
