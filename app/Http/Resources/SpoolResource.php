<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Log\EventLog;
use App\Log\Pictures;
use App\Models\Spool;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Undro\Ledger\Piece;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;

/** @property Spool $resource */
final class SpoolResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return self::inReel($this->resource, $this->resource->reels->first()->kind ?? 'spinning');
    }

    /** @return array<string, mixed> a spool as it sits in a kind of reel */
    public static function inReel(Spool $spool, string $kind): array
    {
        $log = app(EventLog::class);
        // plain arrays: a long list reads thousands of these, and a model's magic costs more than the rest together
        $is = $spool->getAttributes();
        $stamp = ($spool->rating?->getAttributes() ?? []) + ['stamped' => '', 'units' => null, 'material' => 'mono'];
        $measures = $spool->measures();
        $contents = array_map(static fn(Piece $piece): array => [
            'line' => $log->facts($piece->product, LineResource::facts(...)),
            'length_m' => $piece->length->inMetres(),
            'since' => $piece->since,
        ], $log->ledger()->at(Place::of(PlaceKind::Spool, $spool->id)));
        $last = array_key_last($contents);

        return [
            'id' => $spool->id,
            'name' => $is['name'],
            'lip' => $is['lip'],
            'lay' => $is['lay'],
            'stamp' => $stamp['stamped'],
            'stamp_units' => $stamp['units'],
            'stamp_material' => $stamp['material'],
            'measured_with' => $is['measured_with'],
            'measures' => $measures,
            'grips' => (bool) ($is['grips'] ?? false),
            'version' => $is['version'],
            'archived' => isset($is['archived_at']),
            'contents' => $contents,
            'picture' => app(Pictures::class)->of([
                'reel' => $kind,
                'spool' => $spool->figures(),
                'layers' => array_map(static fn(array $piece, int $index): array => [
                    'role' => $index === $last ? 'main' : 'backing',
                    'material' => $piece['line']['material'],
                    'diameter_mm' => $piece['line']['diameter_mm'],
                    'length_m' => $piece['length_m'],
                ], $contents, array_keys($contents)),
            ]),
        ];
    }
}
