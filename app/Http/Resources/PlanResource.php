<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Plan;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Plan $resource */
final class PlanResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $plan = $this->resource;

        return [
            'id' => $plan->id,
            'name' => $plan->name,
            'draft' => (object) $plan->draft,
            'reel' => $plan->reel_id,
            'spool' => $plan->spool_id,
            'saved_at' => $plan->created_at->toIso8601ZuluString(),
            'version' => $plan->version,
            'archived' => $plan->archived_at !== null,
        ];
    }
}
