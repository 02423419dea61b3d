<?php

declare(strict_types=1);

namespace App\History;

use App\Ledger\Events;
use App\Models\LevelReading;
use Undro\Ledger\EventKind;

/** The level that was read last on each spool, as long as no line has come or gone since. */
final class LevelsLast
{
    private const ENDS = [
        EventKind::CutBack, EventKind::Lost, EventKind::Stripped, EventKind::TurnedOver, EventKind::Moved, EventKind::Wound,
        EventKind::FoundOnSpool, EventKind::ToppedUp, EventKind::StockTake,
    ];

    /** @var LastSaid<LevelReading> */
    private readonly LastSaid $read;

    public function __construct(Events $events)
    {
        $this->read = new LastSaid($events, LevelReading::query(...), self::ENDS);
    }

    /** @return array{at: string, row: LevelReading}|null null: none was read since line came or went */
    public function on(int $spool): ?array
    {
        return $this->read->on($spool);
    }
}
