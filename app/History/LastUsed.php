<?php

declare(strict_types=1);

namespace App\History;

use App\Models\Reel;
use App\Models\Spool;

/** The spool that was used last, as the log knows it. */
final readonly class LastUsed
{
    public function __construct(private Pages $pages) {}

    /** @return array{reel: int, spool: int}|null null: nothing in the log's newest entries speaks of a spool that is in use */
    public function onTheBench(): ?array
    {
        $entries = $this->pages->page(new Search())->entries;
        $facts = $this->pages->facts($entries);
        foreach ($entries as $event) {
            $id = $facts[$event->id]->standing ? $facts[$event->id]->spool : null;
            $spool = $id === null ? null : Spool::inUse()->with('reels')->find($id);
            $reel = $spool?->reels->first(static fn(Reel $reel): bool => $reel->archived_at === null);
            if ($spool !== null && $reel !== null) {
                return ['reel' => $reel->id, 'spool' => $spool->id];
            }
        }

        return null;
    }
}
