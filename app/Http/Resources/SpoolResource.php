<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\History\Leaders;
use App\History\LevelsLast;
use App\Http\SpoolPictures;
use App\Models\Spool;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Undro\Spool\ReelKind;
use Undro\Spool\Tolerance;

/** @property Spool $resource */
final class SpoolResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return self::inReel($this->resource, $this->resource->reelKind());
    }

    /** @return array<string, mixed> a spool as it sits in a kind of reel */
    public static function inReel(Spool $spool, ReelKind $kind): array
    {
        $pictures = app(SpoolPictures::class);
        $leaders = app(Leaders::class);
        // plain arrays: a long list reads thousands of these, and a model's magic costs more than the rest together
        $is = $spool->getAttributes();
        $rating = $spool->rating?->getAttributes() ?? [];

        return [
            'id' => $is['id'],
            'name' => $is['name'],
            'lip' => $is['lip'],
            'lay' => $is['lay'],
            'stamp' => $rating['stamped'] ?? '',
            'stamp_units' => $rating['units'] ?? null,
            'stamp_material' => $rating['material'] ?? 'mono',
            'measured_with' => $is['measured_with'],
            'measures' => $spool->measures(),
            'grips' => (bool) ($is['grips'] ?? false),
            'version' => $is['version'],
            'archived' => isset($is['archived_at']),
            'contents' => $pictures->contents($spool),
            'leader' => ($on = $leaders->on($spool->id)) === null ? null : EventResource::leader($on['leader']) + ['since' => $on['at']],
            'leader_known' => $leaders->known($spool->id),
            'level' => ($level = app(LevelsLast::class)->on($spool->id)) === null ? null : [
                'gap' => $level['row']->gap_typed,
                'gap_mm' => $level['row']->gap_mm,
                'half_mm' => Tolerance::BAND * Tolerance::depthReadingMm($level['row']->readings),
                'readings' => $level['row']->readings,
                'at' => $level['at'],
            ],
            'keeps_backing' => $pictures->keepsBacking($spool),
            'picture' => $pictures->of($spool, $kind),
        ];
    }
}
