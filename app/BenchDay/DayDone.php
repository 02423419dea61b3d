<?php

declare(strict_types=1);

namespace App\BenchDay;

use App\Ledger\Events;
use App\Models\Event;
use App\Models\KeptDay;
use App\Models\Run;
use Illuminate\Database\Eloquent\Builder;
use Undro\Ledger\EventKind;

/** What has been done of a kept day: a run that was ended since it began ticks its spool, and so does an entry of its task. */
final readonly class DayDone
{
    /** What care of a line is written as. */
    private const CARE = [EventKind::CutBack, EventKind::ToppedUp, EventKind::TurnedOver];

    public function __construct(private Events $events) {}

    /** @return list<int> spools */
    public function of(KeptDay $day): array
    {
        $spools = $day->spools();
        $since = $day->created_at->toIso8601ZuluString('millisecond');
        $done = [];
        foreach (Run::query()->whereIn('spool_id', $spools)->where('started_at', '>=', $since)->whereNotNull('ended_at')->get() as $run) {
            $wrote = Event::query()->where('run_id', $run->id)->where('kind', EventKind::Wound->value)->get();
            if ($run->spool_id !== null && $wrote->contains(fn(Event $event): bool => !isset($this->events->takenBack()[$event->uuid]))) {
                $done[] = $run->spool_id;
            }
        }
        $care = Event::query()->with('moves')
            ->whereIn('kind', array_map(static fn(EventKind $kind): string => $kind->value, self::CARE))
            ->where('recorded_at', '>=', $since)
            ->whereHas('moves', static fn(Builder $move): Builder => $move->where('from_kind', 'spool')->whereIn('from_id', $spools))
            ->get();
        foreach ($care as $event) {
            $spool = $event->moves->first()?->spool();
            if ($spool !== null && !isset($this->events->takenBack()[$event->uuid])) {
                $done[] = $spool;
            }
        }

        return array_values(array_unique($done));
    }
}
