<?php

declare(strict_types=1);

namespace Undro\Drag;

/** What the drag is set with. Up is tighter. */
enum Knob: string
{
    case Turn = 'turn';
    case Click = 'click';
    case Notch = 'notch';

    /** The smallest move anybody can make with it, in its own unit. */
    public function resolution(): float
    {
        return $this === self::Turn ? 0.05 : 1.0;
    }

    /** The first move, when nothing is known of it yet: a quarter turn, one click or one notch (handbook, chapter 5). */
    public function firstMove(): float
    {
        return $this === self::Turn ? 0.25 : 1.0;
    }

    /**
     * What one of its units is in turns, least and most. General experience of ours, and wide: eight to thirty clicks to a
     * turn; a lever goes through in a dozen notches what a star does in two or three turns.
     *
     * @return array{float, float}
     */
    public function inTurns(): array
    {
        return match ($this) {
            self::Turn => [1.0, 1.0],
            self::Click => [1 / 30, 1 / 8],
            self::Notch => [1 / 8, 1 / 2],
        };
    }

    /**
     * @param float|null $least where it can be; null: not known
     * @param float|null $most
     *
     * @throws BadDrag if it cannot stand there
     */
    public function check(float $position, ?float $least, ?float $most): void
    {
        $this === self::Turn || abs($position - round($position)) < 1e-6 || throw BadDrag::notWhole($this, $position);
        $most === null || $position <= $most + 1e-6 || throw $this === self::Notch
            ? BadDrag::pastStop($this, $position, $most)
            : BadDrag::pastLimits($this, $position, $least, $most);
        $least === null || $position >= $least - 1e-6 || throw BadDrag::pastLimits($this, $position, $least, $most);
    }

    /** "0.25 turn", "1 click", "3 notches". */
    public function many(float $amount): string
    {
        $shown = rtrim(rtrim(number_format(abs($amount), 2, '.', ''), '0'), '.');
        $word = match (true) {
            abs($amount) <= 1 => $this->value,
            $this === self::Notch => 'notches',
            default => $this->value . 's',
        };

        return "$shown $word";
    }
}
