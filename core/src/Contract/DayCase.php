<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Allocation\Reserve;
use Undro\Allocation\Timeline;
use Undro\DomainFault;
use Undro\Fill\FilledLayer;
use Undro\Fill\Role;
use Undro\Habit\Question;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Line\Material;
use Undro\Plan\Plan;
use Undro\Run\Steps;
use Undro\Spool\Usual;

/**
 * "day": many reels at once. Each job's plan is worked out, its cuts are reserved at the upper end of their bands with knots and
 * guides, "allocate" says what they are cut from, and the work is put in order.
 */
final class DayCase implements Calculator
{
    /** Old line off, washing the spool, knots, the level and the label, minutes a reel beside the winding. Ours. */
    private const AROUND_MIN = 6.0;

    public static function compute(Input $in): array
    {
        $pace = $in->number('pace_turns_per_min', 1, 400, Usual::PACE_TURNS_PER_MIN);
        $jobs = [];
        $asked = [];
        $work = [];
        foreach ($in->objects('jobs', 0, 100) as $job) {
            $id = $job->text('id', 80);
            [$jobs[$id], $ask] = self::job($job, $pace);
            if ($ask !== null) {
                $asked[] = ['id' => $id] + $ask;
                $work[$id] = ['soak' => $jobs[$id]['soak_min'], 'work' => $jobs[$id]['work_min']];
            }
        }
        $all = $in->all();
        $known = static fn(string $key): array => array_values(array_filter(
            is_array($all[$key] ?? null) ? $all[$key] : [],
            static fn(mixed $each): bool => is_array($each) && isset($work[is_string($each['job'] ?? null) ? $each['job'] : '']),
        ));
        $found = AllocateCase::compute(Input::of(['jobs' => $asked, 'pin' => $known('pin'), 'forbid' => $known('forbid')] + array_intersect_key($all, array_flip(['fillers', 'packs', 'useful_m', 'backing_pieces_max']))));
        $timeline = Timeline::of($work);

        return ['jobs' => array_values($jobs)] + $found + [
            'leftovers' => self::leftovers($in, $found),
            'order' => $timeline['order'],
            'bars' => $timeline['bars'],
            'minutes' => $timeline['total'],
        ];
    }

    /**
     * @return array{array{id: string, problem: string|null, note: string|null, soak_min: float, work_min: float, main_m: float|null, backing_m: float|null, backing_high_m: float|null}, array<string, mixed>|null} what it comes to, and what is asked of the rack; null: it cannot be planned
     */
    private static function job(Input $job, float $pace): array
    {
        $out = ['id' => $job->text('id', 80), 'problem' => null, 'note' => null, 'soak_min' => 0.0, 'work_min' => 0.0, 'main_m' => null, 'backing_m' => null, 'backing_high_m' => null];
        try {
            $read = PlanInput::read($job->object('plan'));
            $plan = Plan::of($read->wanted);
        } catch (DomainFault $fault) {
            return [['problem' => $fault->getMessage()] + $out, null];
        }
        $length = static fn(Role $role): float => array_sum(array_map(static fn(FilledLayer $layer): float => $layer->layer->role === $role ? $layer->length->inMetres() : 0.0, $plan->fill->layers));
        $main = $length(Role::Main);
        $backing = $length(Role::Backing);
        $high = $plan->fill->solved !== null && $plan->fill->solved->index === 0 && $backing > 0 ? $plan->fill->solved->band->high()->inMetres() : $backing;
        $turns = array_sum(array_map(static fn(FilledLayer $layer): float => $layer->handleTurns ?? $layer->length->inMetres() / Usual::RETRIEVE_M, $plan->fill->layers));
        if (!$plan->fill->fits()) {
            // as much of the main line as there is room for, and nothing under it
            $wanted = $read->wanted->mainLength?->inMetres() ?? 0.0;
            $main = $plan->mainMost->inMetres();
            [$backing, $high, $turns] = [0.0, 0.0, $main / Usual::RETRIEVE_M];
            $out['note'] = sprintf('%.0F m of main line do not fit: %.0F m, and nothing under it, fill it.', $wanted, $main);
        }
        $soaks = $read->wanted->habits->school(Question::Soak) === 'before'
            ? array_map(static fn(Material $material): float => Steps::soakMinutes($material), array_map(static fn(FilledLayer $layer): Material => $layer->layer->line->material, $plan->drawn->layers))
            : [];
        $lines = $job->texts('backing_lines', 0, 50, 80);

        return [
            ['soak_min' => max([0.0, ...$soaks]), 'work_min' => self::AROUND_MIN + $turns / $pace, 'main_m' => $main, 'backing_m' => $backing > 0 ? $backing : null, 'backing_high_m' => $backing > 0 ? $high : null] + $out,
            ['main' => ['line' => $job->text('main_line', 80), 'length_m' => $main + Reserve::MAIN_M]]
            + ($backing > 0 && $lines !== [] ? ['backing' => ['lines' => $lines, 'length_m' => $high + Reserve::BACKING_M]] : []),
        ];
    }

    /**
     * What is left of each source that is cut.
     *
     * @param array{cuts: list<array{job: string, part: string, source: string, length_m: float}>, ...} $found
     *
     * @return list<array<string, mixed>>
     */
    private static function leftovers(Input $in, array $found): array
    {
        $whole = [];
        foreach ($in->objects('fillers', 0, 500) as $filler) {
            $whole[$filler->text('id', 80)] = [$filler->text('line', 80), $filler->metres('length_m', ...Bounds::LENGTH_M)->inMetres()];
        }
        $packs = array_map(static fn(Input $pack): array => [$pack->text('line', 80), $pack->metres('length_m', ...Bounds::LENGTH_M)->inMetres()], $in->objects('packs', 0, 100));
        $left = [];
        foreach ($found['cuts'] as $cut) {
            $source = $cut['source'];
            [$line, $length] = $whole[$source] ?? $packs[(int) explode(':', $source)[1]];
            $left[$source] ??= ['source' => $source, 'line' => $line, 'whole_m' => $length, 'left_m' => $length];
            $left[$source]['left_m'] -= $cut['length_m'];
        }
        $useful = $in->metres('useful_m', 0, Bounds::LENGTH_M[1], AllocateCase::USEFUL_M)->inMetres();

        // the jobs of the day it would do once more
        $still = static fn(array $each): array => $each['left_m'] < $useful ? [] : array_values(array_unique(array_map(
            static fn(array $cut): string => $cut['job'],
            array_filter($found['cuts'], static fn(array $cut): bool => $left[$cut['source']]['line'] === $each['line'] && $cut['length_m'] <= $each['left_m']),
        )));

        return array_values(array_map(static fn(array $each): array => ['left_m' => max(0.0, $each['left_m']), 'waste' => $each['left_m'] < $useful, 'still' => $still($each)] + $each, $left));
    }
}
