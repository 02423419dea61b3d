<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\LineProduct;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property LineProduct $resource */
final class LineResource extends JsonResource
{
    /** @var \WeakMap<LineProduct, array<string, mixed>>|null the same few lie on hundreds of spools, so each is told once */
    private static ?\WeakMap $told = null;

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return self::write($this->resource);
    }

    /** @return array<string, mixed> as a part of something else, where it does not change meanwhile */
    public static function facts(LineProduct $line): array
    {
        self::$told ??= new \WeakMap();

        return self::$told[$line] ??= self::write($line);
    }

    /** @return array<string, mixed> */
    private static function write(LineProduct $line): array
    {
        return [
            'id' => $line->id,
            'name' => $line->name,
            'material' => $line->material->value,
            'size' => $line->size_typed,
            'size_from' => $line->size_from->value,
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
