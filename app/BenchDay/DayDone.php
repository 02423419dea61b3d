<?php

declare(strict_types=1);

namespace App\BenchDay;

use App\Ledger\Events;
use App\Models\Event;
use App\Models\KeptDay;
use App\Models\Run;
use Undro\Ledger\EventKind;

/** What the log shows to be done of a kept day: a run that has wound since it began ticks its spool, and so does an entry of its task. */
final readonly class DayDone
{
    /** What care of a line is written as. */
    private const CARE = [EventKind::CutBack, EventKind::ToppedUp, EventKind::TurnedOver];

    public function __construct(private Events $events) {}

    /** @return list<int> spools */
    public function of(KeptDay $day): array
    {
        $since = $day->created_at->toIso8601ZuluString('millisecond');
        $spools = $day->spools();
        $runs = Run::query()->whereIn('spool_id', $spools)->where('started_at', '>=', $since)->whereNotNull('ended_at')
            ->get()->keyBy('id');
        $kinds = array_map(static fn(EventKind $kind): string => $kind->value, [EventKind::Wound, ...self::CARE]);
        $entries = Event::query()->with('moves')->whereIn('kind', $kinds)->where('recorded_at', '>=', $since)->get();
        $out = $entries->isEmpty() ? [] : $this->events->takenBack();
        $done = [];
        foreach ($entries as $entry) {
            $wound = $entry->kind === EventKind::Wound;
            $spool = $wound ? $runs->get($entry->run_id)?->spool_id : $entry->moves->first()?->spool();
            $task = $spool === null ? null : $day->task($spool);
            // where it is to be filled, care of the line that was on is not it
            $fills = !$wound && $task !== null && $task->remedy() === null;
            if ($spool !== null && !$fills && !isset($out[$entry->uuid])) {
                $done[] = $spool;
            }
        }

        return array_values(array_intersect($spools, $done));
    }
}
