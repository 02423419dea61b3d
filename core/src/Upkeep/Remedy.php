<?php

declare(strict_types=1);

namespace Undro\Upkeep;

/** What can be done about the line on a spool. Source: handbook, chapter 6. */
enum Remedy: string
{
    case Leave = 'leave';
    case CutBack = 'cut_back';
    case TopUp = 'top_up';
    case TurnOver = 'turn_over';
    case Replace = 'replace';

    /** As the screen says it. */
    public function word(): string
    {
        return match ($this) {
            self::Leave => 'Leave it',
            self::CutBack => 'Cut back the worn end',
            self::TopUp => 'Add backing',
            self::TurnOver => 'Reverse the line',
            self::Replace => 'Replace the main line',
        };
    }
}
