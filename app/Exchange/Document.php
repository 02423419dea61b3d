<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Angler;
use App\Models\DragSetting;
use App\Models\Event;
use App\Models\EventMove;
use App\Models\Filler;
use App\Models\LevelReading;
use App\Models\LineMeasurement;
use App\Models\LinePack;
use App\Models\LineProduct;
use App\Models\Measurement;
use App\Models\Outing;
use App\Models\Plan;
use App\Models\Reel;
use App\Models\Rod;
use App\Models\Run;
use App\Models\RunMark;
use App\Models\Spool;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * Everything of an account as one document of plain rows; docs/undro.schema.json describes it. Records are named by their
 * keys, figures stand as typed, and the event log is whole, so that reading it in elsewhere loses nothing.
 */
final class Document
{
    public const VERSION = 1;
    /** Kinds of record, each after those it names. */
    public const KINDS = ['anglers', 'lines', 'reels', 'spools', 'rods', 'fillers', 'plans', 'runs'];

    /** The fields of a plan's draft that name a record by number. */
    public const DRAFT_RECORDS = ['reel' => Reel::class, 'spool' => Spool::class, 'mainFiller' => Filler::class, 'backingFiller' => Filler::class, 'otherReel' => Reel::class, 'otherSpool' => Spool::class];

    /** @return array<string, mixed> */
    public static function of(): array
    {
        $document = ['undro' => self::VERSION];
        foreach (self::KINDS as $kind) {
            $document[$kind] = self::records($kind);
        }

        return $document + ['history' => self::history()];
    }

    /**
     * The rows of a kind, in the order of entry.
     *
     * @param list<string>|null $keys null: all of them
     *
     * @return list<array<string, mixed>>
     */
    public static function records(string $kind, ?array $keys = null): array
    {
        return match ($kind) {
            'anglers' => self::rows(Angler::query()->with('habits'), $keys, self::angler(...)),
            'lines' => self::rows(LineProduct::query()->with(['measurements', 'packs']), $keys, self::line(...)),
            'reels' => self::rows(Reel::query()->with('angler'), $keys, self::reel(...)),
            'spools' => self::rows(Spool::query()->with(['rating', 'measurements', 'reels']), $keys, self::spool(...)),
            'rods' => self::rows(Rod::query(), $keys, self::rod(...)),
            'fillers' => self::rows(Filler::query()->with('line'), $keys, self::filler(...)),
            'plans' => self::rows(Plan::query(), $keys, self::plan(...)),
            default => self::rows(Run::query()->with('marks'), $keys, self::run(...), 'uuid'),
        };
    }

    /** @return array<string, mixed> */
    public static function angler(Angler $angler): array
    {
        return self::named($angler) + [
            'pace_turns_per_min' => $angler->pace_turns_per_min,
            'units' => ['length' => $angler->unit_length, 'small' => $angler->unit_small, 'force' => $angler->unit_force],
            'habits' => (object) $angler->habits->pluck('choice', 'question')->all(),
        ];
    }

    /** @return array<string, mixed> */
    public static function line(LineProduct $line): array
    {
        return self::named($line) + [
            'material' => $line->material,
            'size' => $line->size_typed,
            'size_from' => $line->size_from,
            'strength' => $line->strength_typed,
            'colour' => $line->colour,
            'packs' => $line->packs->map(static fn(LinePack $pack): array => ['length' => $pack->length_typed, 'price' => $pack->price, 'archived' => $pack->archived_at !== null])->all(),
            'measurements' => $line->measurements->map(static fn(LineMeasurement $each): array => [
                'typed' => $each->typed, 'how' => $each->how, 'workings' => $each->workings, 'measured_at' => $each->measured_at,
            ])->all(),
        ];
    }

    /** @return array<string, mixed> */
    public static function reel(Reel $reel): array
    {
        return self::named($reel) + [
            'kind' => $reel->kind,
            'gear_ratio' => $reel->gear_ratio_typed,
            'max_drag' => $reel->max_drag_typed,
            'mono_range' => $reel->mono_range,
            'braid_range' => $reel->braid_range,
            'angler' => $reel->angler?->key,
        ];
    }

    /** @return array<string, mixed> */
    public static function spool(Spool $spool): array
    {
        return self::named($spool) + [
            'reels' => $spool->reels->map(static fn(Reel $reel): string => $reel->key)->sort()->values()->all(),
            'lip' => $spool->lip,
            'lay' => $spool->lay,
            'grips' => $spool->grips,
            'stamp' => $spool->rating->stamped ?? '',
            'stamp_units' => $spool->rating?->units,
            'stamp_material' => $spool->rating->material ?? 'mono',
            'measured_with' => $spool->measured_with,
            'measurements' => $spool->measurements->map(static fn(Measurement $each): array => [
                'quantity' => $each->quantity, 'typed' => $each->typed, 'how' => $each->how, 'workings' => $each->workings, 'measured_at' => $each->measured_at,
            ])->all(),
        ];
    }

    /** @return array<string, mixed> */
    public static function rod(Rod $rod): array
    {
        return self::named($rod) + [
            'length' => $rod->length_typed,
            'line_min' => $rod->line_min_typed,
            'line_max' => $rod->line_max_typed,
            'braid_range' => $rod->braid_range,
            'max_drag' => $rod->max_drag_typed,
        ];
    }

    /** @return array<string, mixed> */
    public static function filler(Filler $filler): array
    {
        return self::named($filler) + ['line' => $filler->line->key, 'full_length' => $filler->full_length_typed, 'diameter' => $filler->diameter_typed, 'core' => $filler->core_typed, 'price' => $filler->price];
    }

    /** @return array<string, mixed> */
    public static function plan(Plan $plan): array
    {
        $draft = $plan->draft;
        foreach (self::DRAFT_RECORDS as $field => $model) {
            if (($draft[$field] ?? '') !== '') {
                $key = $model::query()->whereKey((int) $draft[$field])->value('key');
                $draft[$field] = is_string($key) ? $key : '';
            }
        }

        return self::named($plan) + [
            'angler' => Angler::query()->find($plan->angler_id)?->key,
            'draft' => (object) array_filter($draft, static fn(string $typed): bool => $typed !== ''),
            'saved_at' => $plan->created_at->toIso8601ZuluString(),
        ];
    }

    /**
     * A run with its marks. The records that it names by number in its basis and its marks are named by their keys.
     *
     * @return array<string, mixed>
     */
    public static function run(Run $run): array
    {
        $basis = RunRecords::keys($run->basis);

        return [
            'id' => $run->uuid,
            'name' => $run->name,
            'angler' => Angler::query()->find($run->angler_id)?->key,
            'reel' => Reel::query()->find($run->reel_id)?->key,
            'spool' => Spool::query()->find($run->spool_id)?->key,
            'basis' => (object) (['draft' => (object) (is_array($basis['draft'] ?? null) ? $basis['draft'] : [])] + $basis),
            'truth' => $run->truth === null ? null : (object) $run->truth,
            'started_at' => $run->started_at,
            'ended_at' => $run->ended_at,
            'marks' => $run->marks->map(static fn(RunMark $mark): array => ['id' => $mark->uuid, 'kind' => $mark->kind, 'at' => $mark->at, 'mark' => (object) RunRecords::keysOfMark($mark->mark)])->all(),
        ];
    }

    /** @return array<string, mixed> what every record has */
    private static function named(Angler|LineProduct|Reel|Spool|Rod|Filler|Plan $record): array
    {
        return ['key' => $record->key, 'name' => $record->name, 'archived' => $record->archived_at !== null];
    }

    /** @return array<string, mixed> */
    private static function drag(DragSetting $drag): array
    {
        return [
            'mechanism' => $drag->mechanism,
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

    /** @return list<array<string, mixed>> */
    private static function history(): array
    {
        $keys = [
            'filler' => Filler::query()->pluck('key', 'id')->all(),
            'spool' => Spool::query()->pluck('key', 'id')->all(),
            'line' => LineProduct::query()->pluck('key', 'id')->all(),
            'angler' => Angler::query()->pluck('key', 'id')->all(),
            'run' => Run::query()->pluck('uuid', 'id')->all(),
        ];
        $place = static fn(string $kind, int $id): array => $id === 0 ? ['kind' => $kind] : ['kind' => $kind, 'key' => $keys[$kind][$id] ?? (string) $id];
        $drags = DragSetting::query()->get()->keyBy('event_id');
        $outings = Outing::query()->get()->keyBy('event_id');
        $levels = LevelReading::query()->get()->keyBy('event_id');
        $keys['reel'] = Reel::query()->pluck('key', 'id')->all();
        $history = [];
        foreach (Event::query()->with('moves')->orderBy('id')->get() as $event) {
            [$moves, $counts] = [$event->moves->whereNotNull('from_kind'), $event->moves->whereNull('from_kind')];
            $length = static fn(EventMove $move): array => ['length_m' => $move->length_m, 'line' => $keys['line'][$move->line_product_id] ?? ''];
            $history[] = [
                'id' => $event->uuid,
                'kind' => $event->kind,
                'happened_at' => $event->happened_at,
                'recorded_at' => $event->recorded_at,
                'angler' => $event->angler_id === null ? null : $keys['angler'][$event->angler_id] ?? null,
                'corrects' => $event->corrects,
                'note' => $event->note,
                'run' => $event->run_id === null ? null : $keys['run'][$event->run_id] ?? null,
                'moves' => $moves->map(static fn(EventMove $move): array => ['from' => $place((string) $move->from_kind, $move->from_id), 'to' => $place($move->to_kind, $move->to_id)] + $length($move))->values()->all(),
                'counts' => $counts->map(static fn(EventMove $move): array => ['at' => $place($move->to_kind, $move->to_id)] + $length($move))->values()->all(),
                ...($drag = $drags->get($event->id)) === null ? [] : ['drag' => ['reel' => $keys['reel'][$drag->reel_id] ?? '', 'spool' => $keys['spool'][$drag->spool_id] ?? ''] + self::drag($drag)],
                ...($outing = $outings->get($event->id)) === null ? [] : ['outing' => ['spool' => $keys['spool'][$outing->spool_id] ?? '', 'hours' => $outing->hours, 'sun' => $outing->sun, 'rough' => $outing->rough, 'cast' => $outing->cast_typed, 'run' => $outing->run_typed]],
                ...($level = $levels->get($event->id)) === null ? [] : ['level' => ['spool' => $keys['spool'][$level->spool_id] ?? '', 'gap' => $level->gap_typed, 'readings' => $level->readings, 'counts' => $level->counts]],
            ];
        }

        return $history;
    }

    /**
     * @template M of Model
     *
     * @param Builder<M>                        $records
     * @param list<string>|null                 $keys
     * @param \Closure(M): array<string, mixed> $row
     *
     * @return list<array<string, mixed>>
     */
    private static function rows(Builder $records, ?array $keys, \Closure $row, string $named = 'key'): array
    {
        $keys === null || $records->whereIn($named, $keys);

        return array_map($row, array_values($records->orderBy('id')->get()->all()));
    }
}
