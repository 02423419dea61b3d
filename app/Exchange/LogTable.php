<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Log\EventLog;
use App\Log\Pages;
use App\Models\Angler;
use App\Models\Event;
use App\Models\Filler;
use App\Models\Spool;

/** The whole log as a table to read elsewhere: one row for each line that moved, or for an entry that moved none. */
final class LogTable
{
    private const COLUMNS = ['happened_at', 'kind', 'standing', 'angler', 'reel', 'spool', 'line', 'metres', 'from', 'to', 'hours', 'sun', 'rough', 'longest_cast_m', 'longest_run_m', 'gap_mm', 'drag_N', 'note', 'id', 'corrects'];

    public static function write(EventLog $log, Pages $pages): string
    {
        return Csv::write(self::COLUMNS, self::rows($log, $pages));
    }

    /** @return iterable<list<string>> */
    private static function rows(EventLog $log, Pages $pages): iterable
    {
        $spools = Spool::query()->with('reels')->get()->keyBy('id');
        $anglers = Angler::query()->pluck('name', 'id')->all();
        $fillers = Filler::query()->get()->keyBy('id');
        $lines = $log->products();
        $place = static function (?string $kind, int $id) use ($spools, $fillers, $lines): string {
            $reel = $kind === 'spool' ? ($spools->get($id)?->reels->first()->name ?? '') : '';

            return match ($kind) {
                null => '',
                'spool' => trim("$reel, " . ($spools[$id]->name ?? ''), ', '),
                'filler' => 'filler of ' . (isset($fillers[$id]) ? $lines[$fillers[$id]->line_product_id]->name : (string) $id),
                default => $kind,
            };
        };
        foreach (Event::query()->with('moves')->where('kind', '!=', 'voided')->orderBy('happened_at')->orderBy('id')->get()->chunk(500) as $chunk) {
            $events = array_values($chunk->all());
            $facts = $pages->facts($events);
            foreach ($events as $event) {
                $of = $facts[$event->id];
                $spool = is_int($of['spool']) ? $spools[$of['spool']] ?? null : null;
                $outing = is_array($of['outing']) ? $of['outing'] : [];
                $yes = static fn(string $key): string => isset($outing[$key]) ? ($outing[$key] === true ? 'yes' : 'no') : '';
                $figure = static fn(mixed $value): string => is_scalar($value) ? (string) $value : '';
                $common = [
                    'happened_at' => $event->happened_at, 'kind' => $event->kind, 'standing' => $of['standing'] === true ? 'yes' : 'no',
                    'angler' => $figure($anglers[$event->angler_id] ?? ''), 'reel' => $spool?->reels->first()->name ?? '', 'spool' => $spool->name ?? '',
                    'hours' => $figure($outing['hours'] ?? ''), 'sun' => $yes('sun'), 'rough' => $yes('rough'), 'longest_cast_m' => $figure($outing['cast_m'] ?? ''), 'longest_run_m' => $figure($outing['run_m'] ?? ''),
                    'gap_mm' => is_array($of['level']) ? $figure($of['level']['gap_mm'] ?? '') : '', 'drag_N' => is_array($of['drag']) ? $figure($of['drag']['target_N'] ?? '') : '',
                    'note' => (string) $event->note, 'id' => $event->uuid, 'corrects' => (string) $event->corrects,
                ];
                $moves = $event->moves->isEmpty() ? [[]] : $event->moves->map(static fn($move): array => [
                    'line' => $lines[$move->line_product_id]->name, 'metres' => (string) round($move->length_m, 3),
                    'from' => $move->from_kind === null ? 'counted' : $place($move->from_kind, $move->from_id), 'to' => $place($move->to_kind, $move->to_id),
                ])->all();
                foreach ($moves as $move) {
                    yield array_map(static fn(string $column): string => $move[$column] ?? $common[$column] ?? '', self::COLUMNS);
                }
            }
        }
    }
}
