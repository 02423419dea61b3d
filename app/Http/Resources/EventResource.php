<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Event;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Event $resource */
final class EventResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $event = $this->resource;
        $moves = [];
        $counts = [];
        foreach ($event->moves as $move) {
            $to = array_filter(['kind' => $move->to_kind, 'id' => $move->to_id]);
            $facts = ['length_m' => $move->length_m, 'line' => $move->line_product_id];
            if ($move->from_kind === null) {
                $counts[] = ['at' => $to] + $facts;
            } else {
                $moves[] = ['from' => array_filter(['kind' => $move->from_kind, 'id' => $move->from_id]), 'to' => $to] + $facts;
            }
        }

        return [
            'id' => $event->uuid,
            'kind' => $event->kind,
            'happened_at' => $event->happened_at,
            'angler' => $event->angler_id,
            'corrects' => $event->corrects,
            'note' => $event->note,
            'moves' => $moves,
            'counts' => $counts,
        ];
    }
}
