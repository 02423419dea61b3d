<?php

declare(strict_types=1);

namespace Undro\Spool;

use Undro\Units\Length;

/** The three kinds of reel. */
enum ReelKind: string
{
    case Spinning = 'spinning';
    case Baitcasting = 'baitcasting';
    case Spincast = 'spincast';

    /** A fixed spool is wrapped by a rotor; a rotating one draws the line on. */
    public function hasFixedSpool(): bool
    {
        return $this !== self::Baitcasting;
    }

    /** The gap at which makers state the capacity, unless the application knows better. Source: handbook, chapter 2. */
    public function ratedGap(): Length
    {
        return Length::millimetres($this === self::Spinning ? 1.5 : 2.0);
    }

    /** The lip that spools of this kind usually have. */
    public function usualLip(): LipShape
    {
        return $this === self::Spinning ? LipShape::Bevelled : LipShape::Straight;
    }
}
