<?php

declare(strict_types=1);

namespace Undro\Way;

/** The ways to fill a spool. Source: handbook, chapter 2, "Cheaper and other ways". */
enum WayId: string
{
    case Kept = 'kept';
    case Backing = 'backing';
    case MainOnly = 'main_only';
    case Grip = 'grip';
    case Sleeve = 'sleeve';
    case Tape = 'tape';
    case TurnOver = 'turn_over';

    /** As the screen says it. */
    public function word(): string
    {
        return match ($this) {
            self::Kept => 'replace the main line, keep the backing',
            self::Backing => 'backing, then main line',
            self::MainOnly => 'main line only',
            self::Grip => 'a little backing for grip',
            self::Sleeve => 'a sleeve on the arbor',
            self::Tape => 'tape on the arbor',
            self::TurnOver => 'fill and reverse',
        };
    }

    /** Whether backing of some length lies under the main line. */
    public function hasBacking(): bool
    {
        return in_array($this, [self::Backing, self::Grip, self::TurnOver], true);
    }
}
