<?php

declare(strict_types=1);

namespace Undro\Json;

use Undro\Strip\Removal;
use Undro\Upkeep\Inspection;
use Undro\Upkeep\Option;
use Undro\Upkeep\Upkeep;

/** What the line on a spool needs, when it is due, and what can be done about it. */
final class UpkeepJson
{
    /**
     * @param float $pace handle turns a minute
     *
     * @return array<string, mixed>
     */
    public static function write(Upkeep $upkeep, float $pace): array
    {
        return [
            'state' => $upkeep->state->value,
            'word' => $upkeep->state->word(),
            'calls' => $upkeep->state->calls(),
            'share' => $upkeep->wear->share,
            'by_age' => $upkeep->wear->byAge,
            'age_months' => $upkeep->wear->ageMonths,
            'shelf_months' => $upkeep->wear->shelfMonths,
            'limit_months' => $upkeep->wear->limits->months,
            'outings' => $upkeep->wear->outings,
            'limit_outings' => $upkeep->wear->limits->outings,
            'hard_outings' => $upkeep->wear->hard,
            'counted_outings' => $upkeep->wear->counted,
            'due_on' => $upkeep->dueOn,
            'days_left' => $upkeep->daysLeft,
            'worn_on' => $upkeep->wear->dueOn,
            'turn_on' => $upkeep->wear->turnOn,
            'caution' => Removal::CAUTION,
            'reach_m' => $upkeep->wear->reach->inMetres(),
            'condition' => [
                'keeps' => $upkeep->condition->keeps,
                'by' => $upkeep->condition->by === null ? 'wear' : $upkeep->condition->by->found->value,
            ],
            'found' => array_map(static fn(Inspection $each): array => [
                'at' => $each->at,
                'found' => $each->found->value,
                'from_m' => $each->from?->inMetres(),
                'to_m' => $each->to?->inMetres(),
            ], $upkeep->found),
            'also' => array_map(Written::sentence(...), $upkeep->also),
            'level' => $upkeep->level === null ? null : [
                'depth_mm' => $upkeep->level->depth->inMillimetres(),
                'wanted_mm' => $upkeep->level->wanted->inMillimetres(),
                'retrieve_m' => $upkeep->level->retrieve?->inMetres(),
                'drop' => $upkeep->level->drop,
                'low' => $upkeep->level->low,
            ],
            'pick' => $upkeep->pick->value,
            'pick_word' => $upkeep->pick->word(),
            ...Written::sentence($upkeep->says),
            'options' => array_map(static fn(Option $option): array => [
                'id' => $option->remedy->value,
                'word' => $option->remedy->word(),
                'picked' => $option->remedy === $upkeep->pick,
                'fits' => $option->fits,
                'off_m' => $option->off->inMetres(),
                'add_m' => $option->add->inMetres(),
                'wound_m' => $option->wound->inMetres(),
                'minutes' => $upkeep->minutes($option, $pace),
                'cost' => Written::price($option->cost),
                ...Written::sentence($option->says),
            ], $upkeep->options),
        ];
    }
}
