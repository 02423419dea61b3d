<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Ledger\EventLog;
use App\Ledger\Lines;
use App\Models\Filler;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Filler $resource */
final class FillerResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $filler = $this->resource;
        $is = $filler->getAttributes();
        $ledger = app(EventLog::class)->ledger();

        return [
            'id' => $filler->id,
            'name' => $is['name'],
            'line' => LineResource::facts(app(Lines::class)->product($filler->line_product_id)),
            'full_length' => $is['full_length_typed'],
            'full_length_m' => $is['full_length_m'],
            'left_m' => $ledger->length($filler->place())->inMetres(),
            'half_m' => $ledger->half($filler->place())?->inMetres(),
            'diameter' => $is['diameter_typed'],
            'diameter_mm' => $is['diameter_mm'],
            'core' => $is['core_typed'],
            'core_mm' => $is['core_mm'],
            'price' => $is['price'],
            'version' => $is['version'],
            'archived' => isset($is['archived_at']),
        ];
    }
}
