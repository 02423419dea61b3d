<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Allocation\BadAllocation;
use Undro\Day\Day;
use Undro\Day\Job;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Json\AllocationInput;
use Undro\Json\DayJson;
use Undro\Json\PlanInput;
use Undro\Spool\Usual;
use Undro\Way\Wanted;

/**
 * "day": many reels at once. Each job's plan is worked out, its cuts are reserved at the upper end of their bands with knots and
 * guides, "allocate" says what they are cut from, and the work is put in order.
 */
final class DayCase implements Calculator
{
    /**
     * Question and answer: handbook, chapter 7, "day".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $pace = $in->number('pace_turns_per_min', 1, 400, Usual::PACE_TURNS_PER_MIN);
        $jobs = [];
        foreach ($in->objects('jobs', 0, 100) as $job) {
            $id = AllocationInput::name($job, 'id');
            !isset($jobs[$id]) || throw BadAllocation::twice('jobs', $id);
            $jobs[$id] = Job::of(
                $id,
                $job->text('main_line', AllocationInput::NAME),
                $job->texts('backing_lines', 0, 50, AllocationInput::NAME),
                static fn(): Wanted => PlanInput::read($job->object('plan'))->wanted,
                $pace,
                $job->optionalMetres('old_line_m', ...Bounds::LENGTH_M),
            );
        }
        $choices = AllocationInput::choices($in);
        $fillers = AllocationInput::fillers($in);
        $packs = AllocationInput::packs($in);

        return DayJson::write($in->make(static fn(): Day => Day::of(array_values($jobs), $fillers, $packs, $choices)));
    }
}
