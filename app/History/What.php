<?php

declare(strict_types=1);

namespace App\History;

use Undro\Ledger\EventKind;

/** What can be said of a spool. The rest of what moves line is written by runs and by taking old line off. */
enum What: string
{
    case Fished = 'fished';
    case Lost = 'lost';
    case ToppedUp = 'topped_up';
    case Level = 'level';
    case Inspected = 'inspected';
    case Leader = 'leader';
    case Trouble = 'trouble';
    case Strip = 'strip';

    /** @return non-empty-list<EventKind> what an entry of it may come to */
    public function kinds(): array
    {
        return match ($this) {
            self::Fished => [EventKind::Fished],
            self::Level => [EventKind::Measured],
            self::Inspected => [EventKind::Inspected],
            self::Leader => [EventKind::LeaderTied],
            self::Trouble => [EventKind::Trouble],
            self::Lost => [EventKind::Lost],
            self::ToppedUp => [EventKind::ToppedUp],
            self::Strip => [EventKind::Stripped, EventKind::CutBack, EventKind::TurnedOver, EventKind::Moved],
        };
    }

    public function movesLine(): bool
    {
        return in_array($this, [self::Lost, self::ToppedUp, self::Strip], true);
    }
}
