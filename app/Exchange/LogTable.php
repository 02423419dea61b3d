<?php

declare(strict_types=1);

namespace App\Exchange;

use App\History\EntryFacts;
use App\History\Pages;
use App\Ledger\Lines;
use App\Models\Angler;
use App\Models\Event;
use App\Models\EventMove;
use App\Models\Filler;
use App\Models\Spool;
use Undro\Ledger\PlaceKind;

/** The whole log as a table to read elsewhere: one row for each line that moved, or for an entry that moved none. */
final class LogTable
{
    private const COLUMNS = [
        'happened_at', 'kind', 'standing', 'angler', 'reel', 'spool', 'line', 'metres', 'half_m', 'known', 'from', 'to', 'hours', 'sun',
        'rough', 'longest_cast_m', 'longest_run_m', 'gap_mm', 'found', 'found_from_m', 'found_until_m', 'trouble', 'leader_m',
        'leader_N', 'drag_N', 'note', 'id', 'corrects',
    ];
    private const AT_ONCE = 500;

    /** @var array<array-key, Spool> */
    private array $spools;
    /** @var array<array-key, Angler> */
    private array $anglers;
    /** @var array<array-key, Filler> */
    private array $fillers;

    public function __construct(private readonly Pages $pages, private readonly Lines $lines)
    {
        $this->spools = Spool::query()->with('reels')->get()->keyBy('id')->all();
        $this->anglers = Angler::query()->get()->keyBy('id')->all();
        $this->fillers = Filler::query()->get()->keyBy('id')->all();
    }

    public function write(): string
    {
        return Csv::write(self::COLUMNS, $this->rows());
    }

    /** @return iterable<list<string>> */
    private function rows(): iterable
    {
        $events = Event::query()->with('moves')->where('kind', '!=', 'voided')->orderBy('happened_at')->orderBy('id')->get();
        foreach ($events->chunk(self::AT_ONCE) as $chunk) {
            $entries = array_values($chunk->all());
            $facts = $this->pages->facts($entries);
            foreach ($entries as $event) {
                $entry = $this->entry($event, $facts[$event->id]);
                foreach ($event->moves->isEmpty() ? [[]] : $event->moves->map($this->move(...))->all() as $move) {
                    yield array_map(static fn(string $column): string => $move[$column] ?? $entry[$column] ?? '', self::COLUMNS);
                }
            }
        }
    }

    /** @return array<string, string> what each of its rows says */
    private function entry(Event $event, EntryFacts $of): array
    {
        $spool = $this->spools[$of->spool ?? 0] ?? null;
        $figure = static fn(?float $value): string => $value === null ? '' : (string) $value;
        $flag = static fn(?bool $value): string => match ($value) {
            null => '',
            true => 'yes',
            false => 'no',
        };

        return [
            'happened_at' => $event->happened_at,
            'kind' => $event->kind->value,
            'standing' => $flag($of->standing),
            'angler' => $this->anglers[$event->angler_id ?? 0]->name ?? '',
            'reel' => $spool?->reels->first()->name ?? '',
            'spool' => $spool->name ?? '',
            'hours' => $figure($of->outing?->hours),
            'sun' => $flag($of->outing?->sun),
            'rough' => $flag($of->outing?->rough),
            'longest_cast_m' => $figure($of->outing?->cast_m),
            'longest_run_m' => $figure($of->outing?->run_m),
            'gap_mm' => $figure($of->level?->gap_mm),
            'found' => (string) $of->inspection?->found->value,
            'found_from_m' => $figure($of->inspection?->from_m),
            'found_until_m' => $figure($of->inspection?->to_m),
            'trouble' => $of->trouble?->seen->words() ?? '',
            'leader_m' => $figure($of->leader?->length_m),
            'leader_N' => $figure($of->leader?->strength_n),
            'drag_N' => $figure($of->drag?->measured()?->median->inNewtons()),
            'note' => (string) $event->note,
            'id' => $event->uuid,
            'corrects' => (string) $event->corrects,
        ];
    }

    /** @return array<string, string> */
    private function move(EventMove $move): array
    {
        return [
            'line' => $this->lines->product($move->line_product_id)->name,
            'metres' => (string) round($move->length_m, 3),
            'half_m' => $move->half_m === null ? '' : (string) round($move->half_m, 3),
            'known' => (string) $move->known,
            'from' => $move->from_kind === null ? 'counted' : $this->place($move->from_kind, $move->from_id),
            'to' => $this->place($move->to_kind, $move->to_id),
        ];
    }

    private function place(PlaceKind $kind, int $id): string
    {
        if ($kind === PlaceKind::Filler) {
            $filler = $this->fillers[$id] ?? null;

            return 'filler spool of ' . ($filler === null ? (string) $id : $this->lines->product($filler->line_product_id)->name);
        }
        $spool = $this->spools[$id] ?? null;

        return $kind === PlaceKind::Spool ? trim(($spool?->reels->first()->name ?? '') . ', ' . ($spool->name ?? ''), ', ') : $kind->value;
    }
}
