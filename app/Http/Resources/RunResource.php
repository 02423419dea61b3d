<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Event;
use App\Models\Run;
use App\Models\RunSource;
use App\Runs\Going;
use App\Runs\Winding;
use App\Runs\Written;
use Undro\Json\PracticeJson;
use Undro\Json\RunJson;
use Undro\Ledger\How;

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
    public static function whole(Going $going): array
    {
        $run = $going->run;
        $basis = $run->setOutWith();
        $standing = $going->standing();
        $seed = $run->seed();

        return self::about($run) + [
            'seen' => $going->marks->seen,
            'pace_turns_per_min' => $standing->pace() ?? $basis->pace(),
            'sources' => array_map(static fn(RunSource $source): array => $source->json(), $basis->sources()),
            'draft' => (object) $basis->draft(),
            'state' => RunJson::write($standing),
            'truth' => $seed === null ? null : PracticeJson::write($standing, $seed),
            'written' => array_map(static fn(Written $each): array => [
                'layer' => $each->layer,
                'length_m' => $each->length->inMetres(),
                'half_m' => $each->half?->inMetres(),
                'known' => How::values($each->known),
                'stop' => $each->stop,
            ], $going->marks->written),
            'filler' => app(Winding::class)->filler($going),
            'entries' => Event::query()->where('run_id', $run->id)->where('kind', '!=', 'voided')->count(),
            'taken_back' => Event::query()->where('run_id', $run->id)->where('kind', 'voided')->exists(),
        ];
    }
}
