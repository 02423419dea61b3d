<?php

declare(strict_types=1);

namespace App\History;

use App\Database\Row;
use App\Ledger\Events;
use App\Models\Account;
use App\Models\LevelReading;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Undro\Ledger\EventKind;

/** The level that was read last on each spool, as long as no line has come or gone since; read once for all spools. */
final class LevelsLast
{
    /** What changes how full a spool is. */
    private const CHANGES = [
        EventKind::CutBack, EventKind::Lost, EventKind::Stripped, EventKind::TurnedOver, EventKind::Moved, EventKind::Wound,
        EventKind::FoundOnSpool, EventKind::ToppedUp, EventKind::StockTake,
    ];

    /** @var array<int, array{at: string, row: LevelReading}>|null */
    private ?array $read = null;

    public function __construct(private readonly Events $events) {}

    /** @return array{at: string, row: LevelReading}|null null: none was read since line came or went */
    public function on(int $spool): ?array
    {
        return ($this->read ??= $this->all())[$spool] ?? null;
    }

    /** @return array<int, array{at: string, row: LevelReading}> */
    private function all(): array
    {
        $read = [];
        $order = [];
        foreach ($this->events->standing(LevelReading::query()) as ['at' => $at, 'event' => $event, 'row' => $row]) {
            $read[$row->spool_id] = ['at' => $at, 'row' => $row];
            $order[$row->spool_id] = [$at, $event];
        }
        if ($read === []) {
            return [];
        }
        $out = $this->events->takenBack();
        $changes = DB::table('event_moves')->join('events', 'events.id', '=', 'event_moves.event_id')
            ->where('events.account_id', Account::current()->id)
            ->whereIn('events.kind', array_map(static fn(EventKind $kind): string => $kind->value, self::CHANGES))
            ->where('events.happened_at', '>=', min(array_column($order, 0)))
            ->where(static fn(Builder $either): Builder => $either->where('from_kind', 'spool')->orWhere('to_kind', 'spool'));
        foreach (Row::all($changes, ['uuid', 'happened_at', 'event_id', 'from_kind', 'from_id', 'to_kind', 'to_id']) as $move) {
            if (isset($out[$move->text('uuid')])) {
                continue;
            }
            foreach (['from', 'to'] as $side) {
                $spool = $move->int("{$side}_id");
                $changed = [$move->text('happened_at'), $move->int('event_id')];
                if ($move->optionalText("{$side}_kind") === 'spool' && isset($order[$spool]) && $changed > $order[$spool]) {
                    unset($read[$spool]);
                }
            }
        }

        return $read;
    }
}
