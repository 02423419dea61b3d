<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Angler;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Undro\Line\Material;
use Undro\Upkeep\Limits;

/** @property Angler $resource */
final class AnglerResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $angler = $this->resource;
        $limits = [];
        foreach (Material::cases() as $material) {
            $usual = Limits::usual($material);
            $limits[$material->value] = $angler->typedLimits($material) + [
                'usual_months' => $usual->months,
                'usual_outings' => $usual->outings,
            ];
        }

        return [
            'id' => $angler->id,
            'name' => $angler->name,
            'units' => ['length' => $angler->unit_length, 'small' => $angler->unit_small, 'force' => $angler->unit_force, 'money' => $angler->unit_money],
            'habits' => [
                'long_cast' => $angler->hasHabit('long_cast'),
                'beginner' => $angler->hasHabit('beginner'),
                'schools' => (object) $angler->schools(),
            ],
            'knots' => ['tested' => (object) $angler->pullTests(), 'well' => $angler->knotsTiedWell()],
            'limits' => (object) $limits,
            'pace_turns_per_min' => $angler->pace_turns_per_min,
            'version' => $angler->version,
        ];
    }
}
