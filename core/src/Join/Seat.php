<?php

declare(strict_types=1);

namespace Undro\Join;

enum Seat: string
{
    case OutsideTip = 'outside_tip';
    case InGuides = 'in_guides';
    /** never: the coils catch it at every cast */
    case OnSpool = 'on_spool';

    /** As the screen says it. */
    public function words(): string
    {
        return match ($this) {
            self::OutsideTip => 'The knot stays outside the rod tip and never touches a guide.',
            self::InGuides => 'The knot is in the guides. Tie it slim and trim it close.',
            self::OnSpool => 'The knot would be on the spool when you cast and catch in the coils.',
        };
    }
}
