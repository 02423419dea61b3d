<?php

declare(strict_types=1);

namespace App\History;

use App\Ledger\Events;
use App\Models\Leader;
use Undro\Ledger\EventKind;

/** The leader that is on each spool by the log. */
final class Leaders
{
    /** What takes the outer end off, and the leader with it. */
    private const ENDS = [
        EventKind::CutBack, EventKind::Lost, EventKind::Stripped, EventKind::TurnedOver, EventKind::Moved, EventKind::Wound,
        EventKind::FoundOnSpool,
    ];

    /** @var LastSaid<Leader> */
    private readonly LastSaid $said;

    public function __construct(Events $events)
    {
        $this->said = new LastSaid($events, Leader::query(...), self::ENDS);
    }

    /** @return array{at: string, leader: Leader}|null null: none is on, or nothing was ever said of one */
    public function on(int $spool): ?array
    {
        $last = $this->said->on($spool);

        return $last === null || $last['row']->off ? null : ['at' => $last['at'], 'leader' => $last['row']];
    }

    /** Whether anything was ever said of a leader on it. */
    public function known(int $spool): bool
    {
        return $this->said->known($spool);
    }
}
