<?php

declare(strict_types=1);

namespace App\History;

use App\Database\Row;
use App\Ledger\Events;
use App\Models\DragSetting;
use App\Models\Event;
use App\Models\Inspection;
use App\Models\Leader;
use App\Models\LevelReading;
use App\Models\Outing;
use App\Models\TroubleSeen;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as Rows;
use Illuminate\Support\Facades\DB;
use Undro\Ledger\EventKind;
use Undro\Ledger\PlaceKind;

/** The log, page by page, newest first, searched and narrowed down. */
final readonly class Pages
{
    private const PAGE = 40;
    private const WORDS = 6;

    public function __construct(private Events $events) {}

    public function page(Search $search): Page
    {
        $events = Event::query()->with('moves')
            ->where('kind', '!=', EventKind::Voided->value)
            ->orderByDesc('happened_at')->orderByDesc('id')
            ->when($search->kind, static fn(Builder $found, EventKind $kind): Builder => $found->where('kind', $kind->value))
            ->when($search->angler, static fn(Builder $found, int $angler): Builder => $found->where('angler_id', $angler))
            ->when($search->from, static fn(Builder $found, string $from): Builder => $found->where('happened_at', '>=', $from))
            ->when($search->to, static fn(Builder $found, string $to): Builder => $found->where('happened_at', '<', $to . 'T24'))
            ->when($search->line, static fn(Builder $found, int $line): Builder => self::movedLine($found, [$line]));
        $spools = $search->spool !== null ? [$search->spool] : ($search->reel !== null ? self::spoolsOf([$search->reel]) : null);
        if ($spools !== null) {
            $events->where(static fn(Builder $any): Builder => self::touches($any, $spools));
        }
        $words = array_slice(preg_split('/\s+/', $search->words, -1, PREG_SPLIT_NO_EMPTY) ?: [], 0, self::WORDS);
        $names = array_map(self::named(...), $words);
        // the word that names the fewest is looked for first: what it leaves out need not be looked at again
        uasort($names, static fn(array $a, array $b): int => count($a['spools']) <=> count($b['spools']));
        foreach ($names as $at => $named) {
            $events->where(static fn(Builder $any): Builder => self::speaksOf($any, $words[$at], $named));
        }
        if (preg_match('/^(?<at>[0-9TZ:.-]+)\/(?<id>\d+)$/', $search->after, $found) === 1) {
            $events->where(static fn(Builder $before): Builder => $before
                ->where('happened_at', '<', $found['at'])
                ->orWhere(static fn(Builder $same): Builder => $same
                    ->where('happened_at', $found['at'])
                    ->where('id', '<', (int) $found['id'])));
        }
        $page = $events->limit(self::PAGE + 1)->get();
        $entries = array_values($page->take(self::PAGE)->all());
        $last = $entries[count($entries) - 1] ?? null;

        return new Page($entries, $page->count() > self::PAGE && $last !== null ? "$last->happened_at/$last->id" : null);
    }

    /**
     * What belongs to each entry beside the line that moved.
     *
     * @param list<Event> $entries
     *
     * @return array<int, EntryFacts> by the entry's number
     */
    public function facts(array $entries): array
    {
        $ids = array_map(static fn(Event $event): int => $event->id, $entries);
        $out = $this->events->takenBack();
        $outings = Outing::query()->whereIn('event_id', $ids)->get()->keyBy('event_id');
        $levels = LevelReading::query()->whereIn('event_id', $ids)->get()->keyBy('event_id');
        $drags = DragSetting::query()->whereIn('event_id', $ids)->get()->keyBy('event_id');
        $inspections = Inspection::query()->whereIn('event_id', $ids)->get()->keyBy('event_id');
        $leaders = Leader::query()->whereIn('event_id', $ids)->get()->keyBy('event_id');
        $troubles = TroubleSeen::query()->whereIn('event_id', $ids)->get()->keyBy('event_id');
        $facts = [];
        foreach ($entries as $event) {
            $outing = $outings->get($event->id);
            $level = $levels->get($event->id);
            $drag = $drags->get($event->id);
            $inspection = $inspections->get($event->id);
            $leader = $leaders->get($event->id);
            $trouble = $troubles->get($event->id);
            $spool = $outing->spool_id ?? $level->spool_id ?? $drag->spool_id ?? $inspection->spool_id ?? $leader->spool_id ?? $trouble->spool_id ?? null;
            foreach ($event->moves as $move) {
                $spool ??= $move->spool();
            }
            $facts[$event->id] = new EntryFacts(
                $spool,
                $outing,
                $level,
                $drag,
                $inspection,
                $leader,
                $trouble,
                self::turnedEverything($event),
                !isset($out[$event->uuid]),
            );
        }

        return $facts;
    }

    /** Whether more than the main line was turned over, as it was once written. */
    private static function turnedEverything(Event $event): bool
    {
        $lines = [];
        foreach ($event->kind === EventKind::TurnedOver ? $event->moves : [] as $move) {
            if ($move->from_kind === PlaceKind::Spool) {
                $lines[$move->line_product_id] = true;
            }
        }

        return count($lines) > 1;
    }

    /**
     * @param Builder<Event> $events
     * @param list<int>      $spools
     *
     * @return Builder<Event>
     */
    private static function touches(Builder $events, array $spools): Builder
    {
        $side = static fn(string $side): \Closure => static fn(Rows $moves): Rows => $moves
            ->select('event_id')->from('event_moves')->where("{$side}_kind", 'spool')->whereIn("{$side}_id", $spools);
        $events->whereIn('id', $side('to'))->orWhereIn('id', $side('from'));
        foreach (['outings', 'level_readings', 'drag_settings', 'inspections', 'leaders', 'troubles'] as $table) {
            $events->orWhereIn('id', static fn(Rows $rows): Rows => $rows->select('event_id')->from($table)->whereIn('spool_id', $spools));
        }

        return $events;
    }

    /**
     * @param Builder<Event> $events
     * @param list<int>      $lines
     *
     * @return Builder<Event>
     */
    private static function movedLine(Builder $events, array $lines): Builder
    {
        return $events->whereIn(
            'id',
            static fn(Rows $moves): Rows => $moves->select('event_id')->from('event_moves')->whereIn('line_product_id', $lines),
        );
    }

    /**
     * The spools, the lines and the fillers in whose names, or in those of their reels, a word is.
     *
     * @return array{spools: list<int>, lines: list<int>, fillers: list<int>}
     */
    private static function named(string $word): array
    {
        $like = self::like($word);
        $named = static fn(string $table): array => Row::ints(DB::table($table)->whereRaw("name like ? escape '\\'", [$like]), 'id');

        return [
            'spools' => array_values(array_unique([...$named('spools'), ...self::spoolsOf($named('reels'))])),
            'lines' => $named('line_products'),
            'fillers' => $named('fillers'),
        ];
    }

    private static function like(string $word): string
    {
        return '%' . addcslashes($word, '%_\\') . '%';
    }

    /**
     * A word in the note, or in the name of a reel, a spool, a line or a filler that the entry speaks of, or its kind.
     *
     * @param Builder<Event>                                                      $events
     * @param array{spools: list<int>, lines: list<int>, fillers: list<int>} $named
     *
     * @return Builder<Event>
     */
    private static function speaksOf(Builder $events, string $word, array $named): Builder
    {
        $like = self::like($word);
        ['spools' => $spools, 'lines' => $lines, 'fillers' => $fillers] = $named;
        $events->whereRaw("note like ? escape '\\'", [$like])->orWhereRaw("replace(kind, '_', ' ') like ? escape '\\'", [$like]);
        if ($spools !== []) {
            $events->orWhere(static fn(Builder $any): Builder => self::touches($any, $spools));
        }
        if ($lines !== []) {
            $events->orWhere(static fn(Builder $any): Builder => self::movedLine($any, $lines));
        }
        if ($fillers !== []) {
            $events->orWhereIn('id', static fn(Rows $moves): Rows => $moves
                ->select('event_id')->from('event_moves')->where('from_kind', 'filler')->whereIn('from_id', $fillers));
        }

        return $events;
    }

    /**
     * @param list<int> $reels
     *
     * @return list<int>
     */
    private static function spoolsOf(array $reels): array
    {
        return Row::ints(DB::table('reel_spool')->whereIn('reel_id', $reels), 'spool_id');
    }
}
