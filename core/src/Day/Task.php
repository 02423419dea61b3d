<?php

declare(strict_types=1);

namespace Undro\Day;

use Undro\Upkeep\Remedy;

/** What is done to one spool on a bench day. */
enum Task: string
{
    /** a new main line; the backing stays */
    case Replace = 'replace';
    /** everything new from the arbor */
    case Refill = 'refill';
    case TopUp = 'top_up';
    case CutBack = 'cut_back';
    case TurnOver = 'turn_over';

    /** What upkeep calls it; null: the spool is filled. */
    public function remedy(): ?Remedy
    {
        return match ($this) {
            self::TopUp => Remedy::TopUp,
            self::CutBack => Remedy::CutBack,
            self::TurnOver => Remedy::TurnOver,
            self::Replace, self::Refill => null,
        };
    }

    /**
     * What is usual on a spool: what its line needs now, else a new main line; backing on it stays unless somebody says otherwise.
     *
     * @param Remedy|null $needs what upkeep advises now; null: nothing, or not known
     * @param bool        $backed backing lies on it
     */
    public static function usual(?Remedy $needs, bool $backed): self
    {
        return match ($needs) {
            Remedy::TopUp => self::TopUp,
            Remedy::CutBack => self::CutBack,
            Remedy::TurnOver => self::TurnOver,
            default => $backed ? self::Replace : self::Refill,
        };
    }
}
