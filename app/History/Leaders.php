<?php

declare(strict_types=1);

namespace App\History;

use App\Ledger\Events;
use App\Models\EventMove;
use App\Models\Leader;
use Undro\Ledger\EventKind;
use Undro\Ledger\PlaceKind;

/** The leader that is on each spool by the log; read once for all spools. */
final class Leaders
{
    /** What takes the outer end off, and the leader with it. */
    private const ENDS = [
        EventKind::CutBack, EventKind::Lost, EventKind::Stripped, EventKind::TurnedOver, EventKind::Moved, EventKind::Wound,
        EventKind::FoundOnSpool,
    ];

    /** @var array<int, array{at: string, event: int, uuid: string, row: Leader}>|null the last that was said of each spool */
    private ?array $said = null;
    /** @var array<int, array{string, int}>|null the moment and entry at which the outer end of a spool came off last */
    private ?array $ended = null;

    public function __construct(private readonly Events $events) {}

    /** @return array{at: string, leader: Leader}|null null: none is on, or nothing was ever said of one */
    public function on(int $spool): ?array
    {
        $last = $this->said()[$spool] ?? null;

        // of one moment, what was written later comes after
        return $last === null || $last['row']->off || ($this->ended()[$spool] ?? ['', 0]) > [$last['at'], $last['event']]
            ? null
            : ['at' => $last['at'], 'leader' => $last['row']];
    }

    /** Whether anything was ever said of a leader on it. */
    public function known(int $spool): bool
    {
        return isset($this->said()[$spool]);
    }

    /** @return array<int, array{at: string, event: int, uuid: string, row: Leader}> */
    private function said(): array
    {
        if ($this->said === null) {
            $this->said = [];
            foreach ($this->events->standing(Leader::query()) as $each) {
                $this->said[$each['row']->spool_id] = $each;
            }
        }

        return $this->said;
    }

    /** @return array<int, array{string, int}> */
    private function ended(): array
    {
        if ($this->ended === null) {
            $this->ended = [];
            $kinds = array_map(static fn(EventKind $kind): string => $kind->value, self::ENDS);
            $moves = $this->said() === [] ? [] : $this->events->standing(EventMove::query()->whereIn('events.kind', $kinds));
            foreach ($moves as ['at' => $at, 'event' => $event, 'row' => $move]) {
                foreach ([[$move->from_kind, $move->from_id], [$move->to_kind, $move->to_id]] as [$kind, $id]) {
                    if ($kind === PlaceKind::Spool) {
                        $this->ended[$id] = [$at, $event];
                    }
                }
            }
        }

        return $this->ended;
    }
}
