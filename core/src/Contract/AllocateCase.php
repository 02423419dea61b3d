<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Allocation\BadAllocation;
use Undro\Allocation\Cuts;
use Undro\Allocation\Demand;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Json\AllocationInput;
use Undro\Json\DayJson;

/** "allocate": which filler or new pack feeds which spool on a bench day. */
final class AllocateCase implements Calculator
{
    private const JOBS = 200;

    /**
     * Question and answer: handbook, chapter 7, "allocate".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $demands = [];
        foreach ($in->objects('jobs', 0, self::JOBS) as $job) {
            $id = AllocationInput::name($job, 'id');
            !isset($demands[$id]) || throw BadAllocation::twice('jobs', $id);
            $demands[$id] = self::demand($id, $job);
        }
        $choices = AllocationInput::choices($in);
        $fillers = AllocationInput::fillers($in);
        $packs = AllocationInput::packs($in);

        return DayJson::cuts($in->make(static fn(): Cuts => Cuts::of(array_values($demands), $fillers, $packs, $choices)));
    }

    private static function demand(string $id, Input $job): Demand
    {
        $main = $job->object('main');
        $backing = $job->has('backing') ? $job->object('backing') : null;
        $under = $backing?->metres('length_m', ...Bounds::LENGTH_M);
        $lines = $backing === null || $under?->inMetres() === 0.0 ? [] : $backing->texts('lines', 1, 50, AllocationInput::NAME);

        return new Demand(
            $id,
            AllocationInput::name($main, 'line'),
            $main->metres('length_m', ...Bounds::LENGTH_M),
            $lines,
            $lines === [] ? null : $under,
        );
    }
}
