<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\History\EntryFacts;
use App\Models\DragSetting;
use App\Models\Event;
use App\Models\Leader;
use Undro\Ledger\How;
use Undro\Ledger\PlaceKind;

/** An entry of the log, by itself or with what belongs to it. */
final class EventResource
{
    /** @return array<string, mixed> */
    public static function of(Event $event, ?EntryFacts $facts = null): array
    {
        $moves = [];
        $counts = [];
        foreach ($event->moves as $move) {
            $to = self::place($move->to_kind, $move->to_id);
            $of = ['length_m' => $move->length_m, 'line' => $move->line_product_id]
                + ($move->half_m === null ? [] : ['half_m' => $move->half_m]);
            if ($move->from_kind === null) {
                $counts[] = ['at' => $to] + $of;
            } else {
                $known = How::values(How::read($move->known));
                $moves[] = ['from' => self::place($move->from_kind, $move->from_id), 'to' => $to] + $of
                    + ($known === [] ? [] : ['known' => $known]);
            }
        }

        return [
            'id' => $event->uuid,
            'kind' => $event->kind->value,
            'happened_at' => $event->happened_at,
            'angler' => $event->angler_id,
            'corrects' => $event->corrects,
            'note' => $event->note,
            'moves' => $moves,
            'counts' => $counts,
        ] + ($facts === null ? [] : self::facts($facts));
    }

    /** @return array<string, mixed> */
    private static function facts(EntryFacts $facts): array
    {
        [$outing, $level, $drag] = [$facts->outing, $facts->level, $facts->drag];

        return [
            'spool' => $facts->spool,
            'outing' => $outing === null ? null : [
                'hours' => $outing->hours,
                'sun' => $outing->sun,
                'rough' => $outing->rough,
                'cast' => $outing->cast_typed,
                'cast_m' => $outing->cast_m,
                'run' => $outing->run_typed,
                'run_m' => $outing->run_m,
            ],
            'level' => $level === null ? null : [
                'gap' => $level->gap_typed,
                'gap_mm' => $level->gap_mm,
                'readings' => $level->readings,
                'counts' => $level->counts,
                'keep' => $level->keep,
            ],
            'inspection' => $facts->inspection === null ? null : [
                'found' => $facts->inspection->found->value,
                'from' => $facts->inspection->from_typed,
                'from_m' => $facts->inspection->from_m,
                'until' => $facts->inspection->to_typed,
                'until_m' => $facts->inspection->to_m,
            ],
            'leader' => $facts->leader === null ? null : self::leader($facts->leader),
            'trouble' => $facts->trouble === null ? null : [
                'seen' => $facts->trouble->seen->value,
                'words' => $facts->trouble->seen->words(),
                'cause' => $facts->trouble->cause?->value,
                'cause_words' => $facts->trouble->cause?->words(),
            ],
            'old_turn' => $facts->oldTurn,
            'drag' => $drag === null ? null : self::drag($drag),
            'standing' => $facts->standing,
        ];
    }

    /** @return array<string, mixed> a leader as it was tied on */
    public static function leader(Leader $leader): array
    {
        return [
            'off' => $leader->off,
            'material' => $leader->material?->value,
            'strength' => $leader->strength_typed,
            'strength_N' => $leader->strength_n,
            'length' => $leader->length_typed,
            'length_m' => $leader->length_m,
            'knot' => $leader->knot?->value,
        ];
    }

    /** @return array<string, mixed> what was measured, and what was aimed at */
    private static function drag(DragSetting $drag): array
    {
        $came = $drag->measured();

        return [
            'target_N' => $drag->target_n,
            'median_N' => $came?->median->inNewtons(),
            'pulls' => $came === null ? 0 : $came->here,
            'peaks_only' => $came !== null && $came->peaksOnly,
            'scattered' => $came !== null && $came->scattered(),
            'line_out_m' => $drag->atAnotherLevel() ? $drag->line_out_m : null,
        ];
    }

    /** @return array{kind: string, id?: int} */
    private static function place(PlaceKind $kind, int $id): array
    {
        return $id === 0 ? ['kind' => $kind->value] : ['kind' => $kind->value, 'id' => $id];
    }
}
