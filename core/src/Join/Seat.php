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
            self::OutsideTip => 'The join stays outside the tip: it never meets a guide.',
            self::InGuides => 'The join lies in the guides: slim, and trimmed close.',
            self::OnSpool => 'The join would lie on the spool at the cast, and catch in the coils.',
        };
    }
}
