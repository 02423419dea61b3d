<?php

declare(strict_types=1);

namespace Undro\Ledger;

/** Where line can be. */
enum PlaceKind: string
{
    case Shop = 'shop';
    case Filler = 'filler';
    case Spool = 'spool';
    case Carrier = 'carrier';
    case Waste = 'waste';
    /** lost in the water */
    case Water = 'water';
    /** found or missed at a stock-take; line whose coming and going nobody saw */
    case Unseen = 'unseen';

    /** Whether the application keeps account of what lies here. */
    public function holds(): bool
    {
        return in_array($this, [self::Filler, self::Spool, self::Carrier], true);
    }

    /** As the screen says it. */
    public function word(): string
    {
        return match ($this) {
            self::Shop => 'the shop',
            self::Filler => 'the filler spool',
            self::Spool => 'the spool',
            self::Carrier => 'the spare spool',
            self::Waste => 'the waste',
            self::Water => 'the water',
            self::Unseen => 'an unknown place',
        };
    }
}
