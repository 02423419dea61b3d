<?php

declare(strict_types=1);

namespace Undro\Ledger;

/** What can happen to line and reels. */
enum EventKind: string
{
    case Bought = 'bought';
    case StockTake = 'stock_take';
    case FoundOnSpool = 'found_on_spool';
    case Wound = 'wound';
    /** backing added under the main line */
    case ToppedUp = 'topped_up';
    case CutBack = 'cut_back';
    case Lost = 'lost';
    case TurnedOver = 'turned_over';
    case Moved = 'moved';
    case Stripped = 'stripped';
    case Fished = 'fished';
    case Measured = 'measured';
    case Inspected = 'inspected';
    case LeaderTied = 'leader_tied';
    case Trouble = 'trouble';
    case DragSet = 'drag_set';
    case Retired = 'retired';
    /** takes another event back */
    case Voided = 'voided';
}
