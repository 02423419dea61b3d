<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Log\EventLog;
use App\Models\Filler;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;

/** @property Filler $resource */
final class FillerResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $filler = $this->resource;

        return [
            'id' => $filler->id,
            'name' => $filler->name,
            'line' => new LineResource($filler->line),
            'full_length' => $filler->full_length_typed,
            'full_length_m' => $filler->full_length_m,
            'left_m' => app(EventLog::class)->ledger()->length(Place::of(PlaceKind::Filler, $filler->id))->inMetres(),
            'price' => $filler->price,
            'archived' => $filler->archived_at !== null,
        ];
    }
}
