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

    /** @var array<int, array{at: string, leader: Leader}>|null the last that was said of each spool */
    private ?array $said = null;
    /** @var array<int, string>|null when the outer end of a spool came off last */
    private ?array $ended = null;

    public function __construct(private readonly Events $events) {}

    /** @return array{at: string, leader: Leader}|null null: none is on, or nothing was ever said of one */
    public function on(int $spool): ?array
    {
        $last = $this->said()[$spool] ?? null;

        return $last === null || $last['leader']->off || ($this->ended()[$spool] ?? '') > $last['at'] ? null : $last;
    }

    /** Whether anything was ever said of a leader on it. */
    public function known(int $spool): bool
    {
        return isset($this->said()[$spool]);
    }

    /** @return array<int, array{at: string, leader: Leader}> */
    private function said(): array
    {
        if ($this->said === null) {
            $this->said = [];
            $out = $this->events->takenBack();
            $rows = Leader::query()->join('events', 'events.id', '=', 'leaders.event_id')
                ->orderBy('events.happened_at')->orderBy('events.id')
                ->get(['leaders.*', 'events.happened_at', 'events.uuid']);
            foreach ($rows as $leader) {
                [$at, $uuid] = [$leader->getAttribute('happened_at'), $leader->getAttribute('uuid')];
                if (is_string($at) && is_string($uuid) && !isset($out[$uuid])) {
                    $this->said[$leader->spool_id] = ['at' => $at, 'leader' => $leader];
                }
            }
        }

        return $this->said;
    }

    /** @return array<int, string> */
    private function ended(): array
    {
        if ($this->ended === null) {
            $this->ended = [];
            $spools = $this->said();
            $out = $this->events->takenBack();
            $moves = $spools === [] ? [] : EventMove::query()->join('events', 'events.id', '=', 'event_moves.event_id')
                ->whereIn('events.kind', array_map(static fn(EventKind $kind): string => $kind->value, self::ENDS))
                ->orderBy('events.happened_at')->orderBy('events.id')
                ->get(['event_moves.*', 'events.uuid', 'events.happened_at']);
            foreach ($moves as $move) {
                [$at, $uuid] = [$move->getAttribute('happened_at'), $move->getAttribute('uuid')];
                if (!is_string($at) || !is_string($uuid) || isset($out[$uuid])) {
                    continue;
                }
                foreach ([[$move->from_kind, $move->from_id], [$move->to_kind, $move->to_id]] as [$kind, $id]) {
                    if ($kind === PlaceKind::Spool) {
                        $this->ended[$id] = $at;
                    }
                }
            }
        }

        return $this->ended;
    }
}
