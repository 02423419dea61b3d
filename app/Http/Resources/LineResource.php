<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\LineProduct;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property LineProduct $resource */
final class LineResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return self::facts($this->resource);
    }

    /** @return array<string, mixed> */
    public static function facts(LineProduct $line): array
    {
        return [
            'id' => $line->id,
            'name' => $line->name,
            'material' => $line->material,
            'size' => $line->size_typed,
            'size_from' => $line->size_from,
            'version' => $line->version,
            'diameter_mm' => $line->diameter_mm,
            'nominal' => $line->nominal,
            'strength' => $line->strength_typed,
            'strength_N' => $line->strength_n,
            'colour' => $line->colour,
            'archived' => $line->archived_at !== null,
        ];
    }
}
