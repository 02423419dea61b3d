<?php

declare(strict_types=1);

namespace App\Exchange\Mappers;

use App\Clock;
use App\Drag\DragLog;
use App\Exchange\Records;
use App\Models\Angler;
use App\Models\DragSetting;
use App\Models\Event;
use App\Models\EventMove;
use App\Models\Filler;
use App\Models\Inspection;
use App\Models\Leader;
use App\Models\LevelReading;
use App\Models\LineProduct;
use App\Models\Outing;
use App\Models\Reel;
use App\Models\Run;
use App\Models\Spool;
use App\Models\TroubleSeen;
use Illuminate\Support\Facades\DB;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Ledger\BadLedger;
use Undro\Ledger\How;
use Undro\Ledger\PlaceKind;

/** The event log as rows of a document: every entry as it was recorded, with what belongs to it. */
final class HistoryMapper
{
    private const MOST = 200;

    /** @var array<array-key, array<array-key, mixed>> keys by number, by what they name */
    private array $keys = [];

    /** @return list<array<string, mixed>> in the order of entry */
    public function rows(): array
    {
        $this->keys = [
            'filler' => Filler::query()->pluck('key', 'id')->all(),
            'spool' => Spool::query()->pluck('key', 'id')->all(),
            'line' => LineProduct::query()->pluck('key', 'id')->all(),
            'angler' => Angler::query()->pluck('key', 'id')->all(),
            'reel' => Reel::query()->pluck('key', 'id')->all(),
            'run' => Run::query()->pluck('uuid', 'id')->all(),
        ];
        $drags = DragSetting::query()->get()->keyBy('event_id');
        $outings = Outing::query()->get()->keyBy('event_id');
        $levels = LevelReading::query()->get()->keyBy('event_id');
        $inspections = Inspection::query()->get()->keyBy('event_id');
        $leaders = Leader::query()->get()->keyBy('event_id');
        $troubles = TroubleSeen::query()->get()->keyBy('event_id');
        $rows = [];
        foreach (Event::query()->with('moves')->orderBy('id')->get() as $event) {
            $rows[] = $this->row($event) + array_filter([
                'drag' => $this->drag($drags->get($event->id)),
                'outing' => $this->outing($outings->get($event->id)),
                'level' => $this->level($levels->get($event->id)),
                'inspection' => $this->inspection($inspections->get($event->id)),
                'leader' => $this->leader($leaders->get($event->id)),
                'trouble' => $this->trouble($troubles->get($event->id)),
            ]);
        }

        return $rows;
    }

    /**
     * Writes an event as it was recorded elsewhere; one that is known changes nothing.
     *
     * @param array<array-key, mixed> $row of the shape of an event
     *
     * @return string|null its id; null: it is known
     *
     * @throws \Undro\DomainFault if it names a record there is not, or a figure cannot be
     */
    public function take(array $row, Records $records): ?string
    {
        $in = Input::of($row);
        $id = $in->text('id', 36);
        if (Event::query()->where('uuid', $id)->exists()) {
            return null;
        }
        $event = Event::query()->create([
            'uuid' => $id,
            'kind' => $in->text('kind', 40),
            'happened_at' => Clock::read($in, 'happened_at')->iso(),
            'recorded_at' => Clock::read($in, $in->has('recorded_at') ? 'recorded_at' : 'happened_at')->iso(),
            'angler_id' => $in->has('angler') ? $records->id(Angler::class, 'angler', $in->text('angler', 80)) : null,
            'corrects' => $row['corrects'] ?? null,
            'note' => $row['note'] ?? null,
            'run_id' => $in->has('run') ? $records->run($in->text('run', 36)) : null,
        ]);
        DB::table('event_moves')->insert(self::moves($event, $in, $records));
        $spool = static fn(Input $of, string $field): int => $records->id(Spool::class, $field, $of->text('spool', 80));
        if ($in->has('drag')) {
            $of = $in->object('drag');
            $drag = DragLog::read(
                $records->id(Reel::class, 'drag.reel', $of->text('reel', 80)),
                $spool($of, 'drag.spool'),
                Input::of($of->all()),
            );
            $drag->fill(['event_id' => $event->id])->save();
        }
        $parts = [
            'outing' => Outing::read(...),
            'level' => LevelReading::read(...),
            'inspection' => Inspection::read(...),
            'leader' => Leader::read(...),
            'trouble' => TroubleSeen::read(...),
        ];
        foreach ($parts as $part => $read) {
            if ($in->has($part)) {
                $of = $in->object($part);
                $read(Input::of($of->all()), $spool($of, "$part.spool"))->fill(['event_id' => $event->id])->save();
            }
        }

        return $id;
    }

    /** @return list<array<string, mixed>> rows of the table */
    private static function moves(Event $event, Input $in, Records $records): array
    {
        $moves = [];
        $line = static fn(Input $of): array => [
            'length_m' => $of->all()['length_m'] ?? 0,
            'line_product_id' => $records->id(LineProduct::class, 'line', $of->all()['line'] ?? ''),
        ];
        foreach ($in->objects('moves', 0, self::MOST) as $move) {
            [$from, $fromId] = self::place($move->object('from'), $records);
            [$to, $toId] = self::place($move->object('to'), $records);
            $moves[] = [
                'event_id' => $event->id,
                'from_kind' => $from,
                'from_id' => $fromId,
                'to_kind' => $to,
                'to_id' => $toId,
                'half_m' => $move->optionalNumber('half_m', 0, Bounds::LENGTH_M[1]),
                'known' => How::text(How::read($move->text('known', 60))),
            ] + $line($move);
        }
        foreach ($in->objects('counts', 0, self::MOST) as $count) {
            [$at, $atId] = self::place($count->object('at'), $records);
            $moves[] = ['event_id' => $event->id, 'from_kind' => null, 'from_id' => 0, 'to_kind' => $at, 'to_id' => $atId,
                'half_m' => $count->optionalNumber('half_m', 0, Bounds::LENGTH_M[1]), 'known' => null] + $line($count);
        }

        return $moves;
    }

    /** @return array{string, int} */
    private static function place(Input $place, Records $records): array
    {
        $kind = $place->choice('kind', PlaceKind::class);
        $key = $place->all()['key'] ?? '';

        return [$kind->value, match ($kind) {
            PlaceKind::Filler => $records->id(Filler::class, 'key', $key),
            PlaceKind::Spool => $records->id(Spool::class, 'key', $key),
            PlaceKind::Carrier => is_numeric($key) && (int) $key > 0 ? (int) $key : throw BadLedger::noSuchPlace($kind),
            default => 0,
        }];
    }

    /** @return array<string, mixed> */
    private function row(Event $event): array
    {
        $of = fn(EventMove $move): array => [
            'length_m' => $move->length_m,
            'line' => $this->keys['line'][$move->line_product_id] ?? '',
        ] + array_filter(['half_m' => $move->half_m, 'known' => $move->known], static fn(mixed $each): bool => $each !== null);
        $moves = [];
        $counts = [];
        foreach ($event->moves as $move) {
            $to = $this->key($move->to_kind, $move->to_id);
            if ($move->from_kind === null) {
                $counts[] = ['at' => $to] + $of($move);
            } else {
                $moves[] = ['from' => $this->key($move->from_kind, $move->from_id), 'to' => $to] + $of($move);
            }
        }

        return [
            'id' => $event->uuid,
            'kind' => $event->kind->value,
            'happened_at' => $event->happened_at,
            'recorded_at' => $event->recorded_at,
            'angler' => $event->angler_id === null ? null : $this->keys['angler'][$event->angler_id] ?? null,
            'corrects' => $event->corrects,
            'note' => $event->note,
            'run' => $event->run_id === null ? null : $this->keys['run'][$event->run_id] ?? null,
            'moves' => $moves,
            'counts' => $counts,
        ];
    }

    /** @return array{kind: string, key?: mixed} */
    private function key(PlaceKind $kind, int $id): array
    {
        return $id === 0 ? ['kind' => $kind->value] : ['kind' => $kind->value, 'key' => $this->keys[$kind->value][$id] ?? (string) $id];
    }

    /** @return array<string, mixed>|null */
    private function drag(?DragSetting $drag): ?array
    {
        return $drag === null ? null : [
            'reel' => $this->keys['reel'][$drag->reel_id] ?? '',
            'spool' => $this->keys['spool'][$drag->spool_id] ?? '',
            'mechanism' => $drag->mechanism->value,
            'knob' => $drag->knob->value,
            'from_off' => $drag->from_off,
            'tip' => $drag->tip,
            'rod_angle_deg' => $drag->rod_angle_deg,
            'line_out_m' => $drag->line_out_m,
            'surface_mm' => $drag->surface_mm,
            'target_N' => $drag->target_n,
            'weakest' => $drag->weakest,
            'weakest_N' => $drag->weakest_n,
            'pulls' => $drag->pulls,
            'chain' => (object) $drag->chain,
            'temperature' => $drag->temperature,
        ];
    }

    /** @return array<string, mixed>|null */
    private function outing(?Outing $outing): ?array
    {
        return $outing === null ? null : [
            'spool' => $this->keys['spool'][$outing->spool_id] ?? '',
            'hours' => $outing->hours,
            'sun' => $outing->sun,
            'rough' => $outing->rough,
            'cast' => $outing->cast_typed,
            'run' => $outing->run_typed,
        ];
    }

    /** @return array<string, mixed>|null */
    private function level(?LevelReading $level): ?array
    {
        return $level === null ? null : [
            'spool' => $this->keys['spool'][$level->spool_id] ?? '',
            'gap' => $level->gap_typed,
            'readings' => $level->readings,
            'counts' => $level->counts,
            'keep' => $level->keep,
        ];
    }

    /** @return array<string, mixed>|null */
    private function inspection(?Inspection $inspection): ?array
    {
        return $inspection === null ? null : [
            'spool' => $this->keys['spool'][$inspection->spool_id] ?? '',
            'found' => $inspection->found->value,
            'from' => $inspection->from_typed,
            'until' => $inspection->to_typed,
        ];
    }

    /** @return array<string, mixed>|null */
    private function trouble(?TroubleSeen $trouble): ?array
    {
        return $trouble === null ? null : [
            'spool' => $this->keys['spool'][$trouble->spool_id] ?? '',
            'seen' => $trouble->seen->value,
            'cause' => $trouble->cause?->value,
        ];
    }

    /** @return array<string, mixed>|null */
    private function leader(?Leader $leader): ?array
    {
        return $leader === null ? null : ['spool' => $this->keys['spool'][$leader->spool_id] ?? ''] + ($leader->off
            ? ['no_leader' => true]
            : [
                'leader_material' => $leader->material?->value,
                'strength' => $leader->strength_typed,
                'leader' => $leader->length_typed,
                'knot' => $leader->knot?->value,
            ]);
    }
}
