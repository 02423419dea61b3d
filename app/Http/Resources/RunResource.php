<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Log\Bench;
use App\Models\Event;
use App\Models\Run;
use App\Models\RunMark;
use Undro\Contract\Compute;
use Undro\Run\MarkKind;

/** A run, short for a list, or whole with how it stands. */
final class RunResource
{
    /** @return array<string, mixed> */
    public static function about(Run $run): array
    {
        return [
            'id' => $run->uuid,
            'name' => $run->name,
            'angler' => $run->angler_id,
            'reel' => $run->reel_id,
            'spool' => $run->spool_id,
            'practice' => $run->isPractice(),
            'started_at' => $run->started_at,
            'ended_at' => $run->ended_at,
        ];
    }

    /** @return array<string, mixed> */
    public static function whole(Run $run, Bench $bench): array
    {
        $basis = $run->basis;

        return self::about($run) + [
            'seen' => $run->marks->last()->id ?? 0,
            'pace_turns_per_min' => $basis['pace_turns_per_min'] ?? 60,
            'sources' => $basis['sources'] ?? [],
            'draft' => (object) (is_array($basis['draft'] ?? null) ? $basis['draft'] : []),
            'state' => $bench->state($run),
            'truth' => $run->truth === null ? null : Compute::run('practice', $bench->question($run) + ['seed' => $run->truth['seed'] ?? 0]),
            'written' => $run->marks
                ->filter(static fn(RunMark $mark): bool => is_numeric($mark->mark['written_m'] ?? null) && $mark->mark['written_m'] > 0)
                ->map(static fn(RunMark $mark): array => ['layer' => $mark->mark['layer'] ?? 0, 'length_m' => $mark->mark['written_m'] ?? 0, 'stop' => $mark->mark['stop'] ?? ($mark->kind === MarkKind::Left->value ? 'left' : 'early')])
                ->values()->all(),
            'entries' => $run->exists ? Event::query()->where('run_id', $run->id)->where('kind', '!=', 'voided')->count() : 0,
            'taken_back' => $run->exists && Event::query()->where('run_id', $run->id)->where('kind', 'voided')->exists(),
        ];
    }
}
