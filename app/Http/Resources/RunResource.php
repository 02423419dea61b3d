<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Log\Bench;
use App\Models\Event;
use App\Models\Run;
use Undro\Contract\Compute;
use Undro\Spool\Usual;

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

    /**
     * @param array<string, mixed>|null $state how it stands, where that was worked out already
     *
     * @return array<string, mixed>
     */
    public static function whole(Run $run, Bench $bench, ?array $state = null): array
    {
        $basis = $run->basis;

        return self::about($run) + [
            'seen' => $run->seen(),
            'pace_turns_per_min' => $basis['pace_turns_per_min'] ?? Usual::PACE_TURNS_PER_MIN,
            'sources' => $basis['sources'] ?? [],
            'draft' => (object) (is_array($basis['draft'] ?? null) ? $basis['draft'] : []),
            'state' => $state ?? $bench->state($run),
            'truth' => $run->truth === null ? null : Compute::run('practice', $bench->question($run) + ['seed' => $run->truth['seed'] ?? 0]),
            'written' => $bench->writtenBy($run),
            'entries' => Event::query()->where('run_id', $run->id)->where('kind', '!=', 'voided')->count(),
            'taken_back' => Event::query()->where('run_id', $run->id)->where('kind', 'voided')->exists(),
        ];
    }
}
