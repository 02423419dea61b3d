<?php

declare(strict_types=1);

namespace App\History;

use App\Database\Row;
use App\Ledger\Events;
use App\Models\Account;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder as Rows;
use Illuminate\Support\Facades\DB;
use Undro\Ledger\EventKind;

/**
 * The last that was said of each spool in one way, and whether something has ended it since; read once for all spools.
 *
 * @template T of Model
 */
final class LastSaid
{
    /** @var array<int, array{at: string, event: int, row: T}>|null */
    private ?array $said = null;
    /** @var array<int, array{string, int}>|null the moment and entry by which it ended last */
    private ?array $ended = null;

    /**
     * @param \Closure(): Builder<T> $rows of a table with an event_id and a spool_id
     * @param list<EventKind>        $ends what ends it, where line comes or goes
     */
    public function __construct(private readonly Events $events, private readonly \Closure $rows, private readonly array $ends) {}

    /** Whether it was ever said of a spool. */
    public function known(int $spool): bool
    {
        return isset($this->said()[$spool]);
    }

    /** @return array{at: string, event: int, row: T}|null null: it was not, or has ended */
    public function on(int $spool): ?array
    {
        $last = $this->said()[$spool] ?? null;

        // of one moment, what was written later comes after
        return $last === null || ($this->ended()[$spool] ?? ['', 0]) > [$last['at'], $last['event']] ? null : $last;
    }

    /** @return array<int, array{at: string, event: int, row: T}> */
    private function said(): array
    {
        if ($this->said !== null) {
            return $this->said;
        }
        $said = [];
        foreach ($this->events->standing(($this->rows)()) as ['at' => $at, 'event' => $event, 'row' => $row]) {
            $spool = $row->getAttribute('spool_id');
            $said[is_numeric($spool) ? (int) $spool : 0] = ['at' => $at, 'event' => $event, 'row' => $row];
        }

        return $this->said = $said;
    }

    /** @return array<int, array{string, int}> */
    private function ended(): array
    {
        if ($this->ended !== null) {
            return $this->ended;
        }
        $this->ended = [];
        if ($this->said() === []) {
            return [];
        }
        $out = $this->events->takenBack();
        $moves = DB::table('event_moves')->join('events', 'events.id', '=', 'event_moves.event_id')
            ->where('events.account_id', Account::current()->id)
            ->whereIn('events.kind', array_map(static fn(EventKind $kind): string => $kind->value, $this->ends))
            ->where('events.happened_at', '>=', min(array_column($this->said(), 'at')))
            ->where(static fn(Rows $either): Rows => $either->where('from_kind', 'spool')->orWhere('to_kind', 'spool'));
        foreach (Row::all($moves, ['uuid', 'happened_at', 'event_id', 'from_kind', 'from_id', 'to_kind', 'to_id']) as $move) {
            $when = [$move->text('happened_at'), $move->int('event_id')];
            foreach (isset($out[$move->text('uuid')]) ? [] : ['from', 'to'] as $side) {
                $spool = $move->int("{$side}_id");
                if ($move->optionalText("{$side}_kind") === 'spool' && $when > ($this->ended[$spool] ?? ['', 0])) {
                    $this->ended[$spool] = $when;
                }
            }
        }

        return $this->ended;
    }
}
