<?php

declare(strict_types=1);

namespace Undro\Json;

use Undro\Allocation\Cut;
use Undro\Allocation\Cuts;
use Undro\Day\Day;
use Undro\Day\Job;
use Undro\Day\Leftover;

/** A bench day, and the cuts of one. */
final class DayJson
{
    /** @return array<string, mixed> */
    public static function write(Day $day): array
    {
        return [
            'jobs' => array_map(static fn(Job $job): array => [
                'id' => $job->id,
                'problem' => $job->problem === null ? null : Written::sentence($job->problem),
                'note' => $job->note === null ? null : Written::sentence($job->note),
                'soak_min' => $job->soakMin,
                'work_min' => $job->workMin,
                'strip_min' => $job->stripMin(),
                'off_m' => $job->off?->inMetres(),
                'main_m' => $job->main?->inMetres(),
                'main_goes_m' => $job->goes?->inMetres(),
                'backing_m' => $job->backing?->inMetres(),
                'backing_high_m' => $job->backingHigh?->inMetres(),
            ], $day->jobs),
            ...self::cuts($day->cuts),
            'leftovers' => array_map(static fn(Leftover $left): array => [
                'source' => $left->source,
                'line' => $left->line,
                'whole_m' => $left->whole->inMetres(),
                'left_m' => $left->left->inMetres(),
                'waste' => $left->waste,
                'still' => $left->still,
            ], $day->leftovers),
            'order' => $day->order,
            'bars' => $day->bars,
            'minutes' => $day->minutes,
        ];
    }

    /** @return array<string, mixed> */
    public static function cuts(Cuts $cuts): array
    {
        return [
            'cuts' => array_map(static fn(Cut $cut): array => [
                'job' => $cut->job,
                'part' => $cut->part->value,
                'source' => $cut->source,
                'length_m' => $cut->length->inMetres(),
            ], $cuts->cuts),
            'buy' => array_map(
                static fn(int $pack, int $count): array => ['pack' => $pack, 'count' => $count],
                array_keys($cuts->buy),
                array_values($cuts->buy),
            ),
            'cost' => $cuts->cost,
            'waste_m' => $cuts->waste->inMetres(),
            'sources' => $cuts->sources,
            'optimal' => $cuts->optimal,
            'cost_bound' => $cuts->costBound,
        ];
    }
}
