<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Reel;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Reel $resource */
final class ReelResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $reel = $this->resource;

        return [
            'id' => $reel->id,
            'name' => $reel->name,
            'kind' => $reel->kind,
            'gear_ratio' => $reel->gear_ratio_typed,
            'max_drag' => $reel->max_drag_typed,
            'max_drag_N' => $reel->max_drag_n,
            'angler' => $reel->angler?->name,
            'archived' => $reel->archived_at !== null,
            'spools' => SpoolResource::collection($reel->spools),
        ];
    }
}
