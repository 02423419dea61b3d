<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Clock;
use App\Database\Row;
use App\Ledger\Events;
use App\Ledger\SpoolStates;
use App\Models\Outing;
use App\Models\Spool;
use Undro\Ledger\OnSpool;
use Undro\Upkeep\Outing as Wearing;

/** What the lines that are on spools now went through; read once for all spools. */
final class Outings
{
    /** @var array<int, list<Wearing>>|null */
    private ?array $bySpool = null;

    public function __construct(private readonly Events $events, private readonly SpoolStates $states) {}

    /** @return list<Wearing> that stand, since the oldest line that is still on any spool */
    public function of(int $spool): array
    {
        if ($this->bySpool === null) {
            $this->bySpool = [];
            $since = Outing::query()->where('events.happened_at', '>=', substr($this->oldestLine(), 0, 10));
            foreach ($this->events->standing($since) as ['at' => $at, 'row' => $outing]) {
                $this->bySpool[$outing->spool_id][] = $outing->wearing($at);
            }
        }

        return $this->bySpool[$spool] ?? [];
    }

    private function oldestLine(): string
    {
        $oldest = Clock::now();
        foreach (Row::ints(Spool::inUse(), 'id') as $spool) {
            $oldest = min($oldest, OnSpool::of($this->states->lying($spool))->since() ?? $oldest);
        }

        return $oldest;
    }
}
