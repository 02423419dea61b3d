<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\BenchDay\DayDone;
use App\Models\KeptDay;

/** A bench day that is kept. */
final class KeptDayResource
{
    /** @return array<string, mixed> */
    public static function of(KeptDay $day, DayDone $done): array
    {
        $seen = $done->of($day);

        return [
            'id' => $day->id,
            'name' => $day->name,
            'draft' => (object) $day->draft,
            'spools' => $day->spools(),
            'done' => $seen,
            'finished' => array_values(array_intersect($day->spools(), [...$seen, ...$day->ticked()])),
            'began_at' => $day->created_at->toIso8601ZuluString(),
            'version' => $day->version,
            'archived' => $day->archived_at !== null,
        ];
    }
}
