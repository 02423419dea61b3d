<?php

declare(strict_types=1);

namespace Undro\Twist;

/** The ways a filler can lie, and what to make of each. Source: handbook, chapter 3, the table of verdicts. */
enum PlacingId: string
{
    case Matched = 'matched';
    case Axle = 'axle';
    case Opposed = 'opposed';
    case OverEnd = 'over_end';

    /** As the screen says it. */
    public function words(): string
    {
        return match ($this) {
            self::Matched => 'over its end, turning with the rotor',
            self::Axle => 'on an axle, turning with the line',
            self::Opposed => 'over its end, turning against the rotor',
            self::OverEnd => 'over its end',
        };
    }

    /** Whether it may be done at all. */
    public function sound(): bool
    {
        return $this === self::Matched || $this === self::Axle;
    }

    /**
     * What it comes to, in words.
     *
     * @param bool $fixedSpool a rotor winds
     */
    public function verdict(bool $fixedSpool): string
    {
        return match ($this) {
            self::Matched => 'Easy to wind and for the first casts. In the water, each coil off the filler spool leaves one twist, which '
                . 'spins out '
                . 'through a free lure or a swivel.',
            self::Axle => $fixedSpool
                ? 'Each coil on the reel has one twist, which casting takes out, so none is left in the water. Keep tension, and don’t '
                    . 'judge it by slack alone.'
                : 'No twist, neither on the reel nor in the water.',
            self::Opposed => 'The two twists add up. Flip the filler spool.',
            self::OverEnd => 'Each coil off the filler spool leaves one twist, on the reel and in the water, and nothing takes it out. '
                . 'Use an axle.',
        };
    }
}
