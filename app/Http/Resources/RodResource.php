<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Rod;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Rod $resource */
final class RodResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $rod = $this->resource;

        return [
            'id' => $rod->id,
            'name' => $rod->name,
            'length' => $rod->length_typed,
            'line_min' => $rod->line_min_typed,
            'line_max' => $rod->line_max_typed,
            'braid_range' => $rod->braid_range,
            'max_drag' => $rod->max_drag_typed,
            'length_m' => $rod->length_m,
            'line_min_N' => $rod->line_min_n,
            'line_max_N' => $rod->line_max_n,
            'max_drag_N' => $rod->max_drag_n,
            'version' => $rod->version,
            'archived' => $rod->archived_at !== null,
        ];
    }
}
