<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Reel;
use App\Models\Spool;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Reel $resource */
final class ReelResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $reel = $this->resource;
        $is = $reel->getAttributes();

        return [
            'id' => $reel->id,
            'name' => $is['name'],
            'kind' => $is['kind'],
            'gear_ratio' => $is['gear_ratio_typed'],
            'max_drag' => $is['max_drag_typed'],
            'max_drag_N' => $is['max_drag_n'],
            'mono_range' => $is['mono_range'],
            'braid_range' => $is['braid_range'],
            'angler' => $reel->angler?->name,
            'angler_id' => $reel->angler_id,
            'version' => $is['version'],
            'archived' => isset($is['archived_at']),
            'spools' => $reel->spools->map(static fn(Spool $spool): array => SpoolResource::inReel($spool, $reel->kind))->all(),
        ];
    }
}
