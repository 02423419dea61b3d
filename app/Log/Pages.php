<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\DragSetting;
use App\Models\Event;
use App\Models\LevelReading;
use App\Models\Outing;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as Rows;
use Illuminate\Support\Facades\DB;
use Undro\Ledger\EventKind;

/** The log, page by page, newest first, searched and narrowed down. */
final readonly class Pages
{
    private const PAGE = 40;

    public function __construct(private EventLog $log) {}

    /**
     * @param array{q?: string, kind?: string, spool?: int, reel?: int, angler?: int, line?: int, from?: string, to?: string, after?: string} $wanted
     *
     * @return array{entries: list<Event>, more: string|null} and where the next page begins
     */
    public function page(array $wanted): array
    {
        $events = Event::query()->with('moves')->where('kind', '!=', EventKind::Voided->value)->orderByDesc('happened_at')->orderByDesc('id');
        if (($wanted['kind'] ?? '') !== '') {
            $events->where('kind', $wanted['kind']);
        }
        if (($wanted['angler'] ?? 0) > 0) {
            $events->where('angler_id', $wanted['angler']);
        }
        if (($wanted['from'] ?? '') !== '') {
            $events->where('happened_at', '>=', $wanted['from']);
        }
        if (($wanted['to'] ?? '') !== '') {
            $events->where('happened_at', '<', $wanted['to'] . 'T24');
        }
        $spools = ($wanted['spool'] ?? 0) > 0 ? [$wanted['spool']] : (($wanted['reel'] ?? 0) > 0 ? self::ids(DB::table('reel_spool')->where('reel_id', $wanted['reel'])->pluck('spool_id')->all()) : null);
        if ($spools !== null) {
            $events->where(static fn(Builder $any): Builder => self::touches($any, $spools));
        }
        if (($wanted['line'] ?? 0) > 0) {
            $events->whereIn('id', static fn(Rows $moves): Rows => $moves->select('event_id')->from('event_moves')->where('line_product_id', $wanted['line']));
        }
        $q = trim($wanted['q'] ?? '');
        foreach ($q === '' ? [] : array_slice(preg_split('/\s+/', $q) ?: [], 0, 6) as $word) {
            $events->where(static fn(Builder $any): Builder => self::speaksOf($any, $word));
        }
        if (preg_match('/^(?<at>[0-9TZ:.-]+)\/(?<id>\d+)$/', $wanted['after'] ?? '', $found) === 1) {
            $events->where(static fn(Builder $before): Builder => $before->where('happened_at', '<', $found['at'])->orWhere(static fn(Builder $same): Builder => $same->where('happened_at', $found['at'])->where('id', '<', (int) $found['id'])));
        }
        $page = $events->limit(self::PAGE + 1)->get();
        $entries = array_values($page->take(self::PAGE)->all());
        $last = $entries[count($entries) - 1] ?? null;

        return ['entries' => $entries, 'more' => $page->count() > self::PAGE && $last !== null ? "$last->happened_at/$last->id" : null];
    }

    /**
     * What belongs to each entry beside the line that moved.
     *
     * @param list<Event> $entries
     *
     * @return array<int, array<string, mixed>> by the entry's number
     */
    public function facts(array $entries): array
    {
        $ids = array_map(static fn(Event $event): int => $event->id, $entries);
        $out = $this->log->takenBack();
        $facts = array_fill_keys($ids, ['spool' => null, 'outing' => null, 'level' => null, 'drag' => null]);
        foreach (Outing::query()->whereIn('event_id', $ids)->get() as $outing) {
            $facts[$outing->event_id] = ['spool' => $outing->spool_id, 'outing' => ['hours' => $outing->hours, 'sun' => $outing->sun, 'rough' => $outing->rough, 'cast' => $outing->cast_typed, 'cast_m' => $outing->cast_m, 'run' => $outing->run_typed, 'run_m' => $outing->run_m]] + $facts[$outing->event_id];
        }
        foreach (LevelReading::query()->whereIn('event_id', $ids)->get() as $level) {
            $facts[$level->event_id] = ['spool' => $level->spool_id, 'level' => ['gap' => $level->gap_typed, 'gap_mm' => $level->gap_mm, 'readings' => $level->readings, 'counts' => $level->counts]] + $facts[$level->event_id];
        }
        foreach (DragSetting::query()->whereIn('event_id', $ids)->get() as $drag) {
            $facts[$drag->event_id] = ['spool' => $drag->spool_id, 'drag' => ['target_N' => $drag->target_n]] + $facts[$drag->event_id];
        }
        foreach ($entries as $event) {
            if ($facts[$event->id]['spool'] === null) {
                foreach ($event->moves as $move) {
                    $facts[$event->id]['spool'] ??= $move->to_kind === 'spool' ? $move->to_id : ($move->from_kind === 'spool' ? $move->from_id : null);
                }
            }
            $facts[$event->id]['standing'] = !isset($out[$event->uuid]);
        }

        return $facts;
    }

    /**
     * @param Builder<Event> $events
     * @param list<int>      $spools
     *
     * @return Builder<Event>
     */
    private static function touches(Builder $events, array $spools): Builder
    {
        $events->whereIn('id', static fn(Rows $moves): Rows => $moves->select('event_id')->from('event_moves')->where('to_kind', 'spool')->whereIn('to_id', $spools))
            ->orWhereIn('id', static fn(Rows $moves): Rows => $moves->select('event_id')->from('event_moves')->where('from_kind', 'spool')->whereIn('from_id', $spools));
        foreach (['outings', 'level_readings', 'drag_settings'] as $table) {
            $events->orWhereIn('id', static fn(Rows $rows): Rows => $rows->select('event_id')->from($table)->whereIn('spool_id', $spools));
        }

        return $events;
    }

    /**
     * A word in the note, or in the name of a reel, a spool, a line or a filler that the entry speaks of, or its kind.
     *
     * @param Builder<Event> $events
     *
     * @return Builder<Event>
     */
    private static function speaksOf(Builder $events, string $word): Builder
    {
        $like = '%' . addcslashes($word, '%_\\') . '%';
        $named = static fn(string $table): array => self::ids(DB::table($table)->whereRaw("name like ? escape '\\'", [$like])->pluck('id')->all());
        $spools = array_values(array_unique([...$named('spools'), ...self::ids(DB::table('reel_spool')->whereIn('reel_id', $named('reels'))->pluck('spool_id')->all())]));
        $lines = $named('line_products');
        $fillers = $named('fillers');
        $events->whereRaw("note like ? escape '\\'", [$like])->orWhereRaw("replace(kind, '_', ' ') like ? escape '\\'", [$like]);
        if ($spools !== []) {
            $events->orWhere(static fn(Builder $any): Builder => self::touches($any, $spools));
        }
        if ($lines !== []) {
            $events->orWhereIn('id', static fn(Rows $moves): Rows => $moves->select('event_id')->from('event_moves')->whereIn('line_product_id', $lines));
        }
        if ($fillers !== []) {
            $events->orWhereIn('id', static fn(Rows $moves): Rows => $moves->select('event_id')->from('event_moves')->where('from_kind', 'filler')->whereIn('from_id', $fillers));
        }

        return $events;
    }

    /**
     * @param array<array-key, mixed> $ids
     *
     * @return list<int>
     */
    private static function ids(array $ids): array
    {
        return array_values(array_map(static fn(mixed $id): int => is_numeric($id) ? (int) $id : 0, $ids));
    }
}
