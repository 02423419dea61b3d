<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Log\EventLog;
use App\Models\LineProduct;
use App\Models\Spool;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Undro\Contract\Compute;
use Undro\DomainFault;
use Undro\Ledger\Piece;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;

/** @property Spool $resource */
final class SpoolResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $spool = $this->resource;
        $pieces = app(EventLog::class)->ledger()->at(Place::of(PlaceKind::Spool, $spool->id));
        $lines = app(EventLog::class)->products();

        return [
            'id' => $spool->id,
            'name' => $spool->name,
            'lip' => $spool->lip,
            'lay' => $spool->lay,
            'stamp' => $spool->rating->stamped ?? '',
            'stamp_units' => $spool->rating?->units,
            'stamp_material' => $spool->rating->material ?? 'mono',
            'measured_with' => $spool->measured_with,
            'measures' => $spool->measures(),
            'archived' => $spool->archived_at !== null,
            'contents' => array_map(static fn(Piece $piece): array => [
                'line' => new LineResource($lines[$piece->product]),
                'length_m' => $piece->length->inMetres(),
                'since' => $piece->since,
            ], $pieces),
            'picture' => $this->picture($spool, $pieces, $lines),
        ];
    }

    /**
     * @param list<Piece>             $pieces
     * @param array<int, LineProduct> $lines
     *
     * @return array<string, mixed>
     */
    private function picture(Spool $spool, array $pieces, array $lines): array
    {
        $measures = $spool->measures();
        $last = array_key_last($pieces);
        try {
            $drawn = Compute::run('picture', [
                'reel' => $spool->reels->first()->kind ?? 'spinning',
                'spool' => [
                    'ratings_text' => $spool->rating->stamped ?? '',
                    'ratings_units' => $spool->rating?->units,
                    'ratings_material' => $spool->rating->material ?? 'mono',
                    'lip_diameter_mm' => $measures['lip_diameter'],
                    'arbor_diameter_mm' => $measures['arbor_diameter'],
                    'arbor_deep_diameter_mm' => $measures['arbor_deep_diameter'],
                    'traverse_mm' => $measures['traverse'],
                    'lay' => $spool->lay,
                    'rated_gap_mm' => $measures['rated_gap'],
                ],
                'layers' => array_map(static fn(Piece $piece, int $index): array => [
                    'role' => $index === $last ? 'main' : 'backing',
                    'material' => $lines[$piece->product]->material,
                    'diameter_mm' => $lines[$piece->product]->diameter_mm,
                    'length_m' => $piece->length->inMetres(),
                ], $pieces, array_keys($pieces)),
            ]);

            return $drawn + ['problem' => null];
        } catch (DomainFault $fault) {
            return ['shape' => null, 'layers' => [], 'filled_fraction' => null, 'problem' => $fault->getMessage()];
        }
    }
}
