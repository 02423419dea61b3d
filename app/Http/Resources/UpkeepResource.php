<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Upkeep\SpoolUpkeep;
use Undro\Json\UpkeepJson;

/** What a spool needs. */
final class UpkeepResource
{
    /** @return array<string, mixed> */
    public static function of(SpoolUpkeep $of): array
    {
        return [
            'reel' => $of->reel->id,
            'reel_name' => $of->reel->name,
            'spool' => $of->spool->id,
            'spool_name' => $of->spool->name,
            'angler' => $of->reel->angler_id,
            'line' => $of->line->name,
            'material' => $of->line->material->value,
            'length_m' => $of->length->inMetres(),
            'since' => $of->since,
            'backing' => $of->backing,
        ] + UpkeepJson::write($of->upkeep, $of->pace);
    }

    /** @return array<string, mixed> of many at once: of the ways only the one that is advised */
    public static function inList(SpoolUpkeep $of): array
    {
        $care = self::of($of);
        $options = is_array($care['options'] ?? null) ? $care['options'] : [];
        $picked = static fn(mixed $option): bool => is_array($option) && ($option['picked'] ?? false) === true;

        return ['options' => array_values(array_filter($options, $picked))] + $care;
    }
}
