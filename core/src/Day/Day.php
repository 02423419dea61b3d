<?php

declare(strict_types=1);

namespace Undro\Day;

use Undro\Allocation\BadAllocation;
use Undro\Allocation\Choices;
use Undro\Allocation\Cut;
use Undro\Allocation\Cuts;
use Undro\Allocation\Demand;
use Undro\Allocation\Source;
use Undro\Allocation\Timeline;
use Undro\Units\Length;
use Undro\Units\Sentence;

/**
 * A bench day: many reels at once. Each job's cuts are reserved at the upper end of their bands with knots and guides, it is said what
 * they are cut from, and the work is put in order. Source: handbook, chapter 6, bench day.
 */
final readonly class Day
{
    /**
     * @param list<Job>                                                           $jobs
     * @param list<Leftover>                                                      $leftovers
     * @param list<string>                                                        $order     of the jobs
     * @param list<array{job: string, what: string, from: float, to: float}> $bars      minutes from the start
     */
    private function __construct(
        public array $jobs,
        public Cuts $cuts,
        public array $leftovers,
        public array $order,
        public array $bars,
        public float $minutes,
    ) {}

    /**
     * @param list<Job>    $jobs
     * @param list<Source> $fillers
     * @param list<Source> $packs
     *
     * A job that nothing can give the line for has that as its problem, and the others go on.
     */
    public static function of(array $jobs, array $fillers, array $packs, Choices $choices): self
    {
        $demands = [];
        $work = [];
        foreach ($jobs as $job) {
            if ($job->demand !== null) {
                $demands[] = $job->demand;
            }
            if ($job->problem === null) {
                $work[$job->id] = ['soak' => $job->soakMin, 'work' => $job->workMin, 'strip' => $job->stripMin()];
            }
        }
        [$cuts, $without] = self::cuts($demands, $fillers, $packs, $choices);
        $work = array_diff_key($work, $without);
        $jobs = array_map(static fn(Job $job): Job => isset($without[$job->id]) ? $job->without(Sentence::of($without[$job->id])) : $job, $jobs);
        $timeline = Timeline::of($work);

        return new self(
            $jobs,
            $cuts,
            self::leftovers($cuts->cuts, $fillers, $packs, $choices->useful()),
            $timeline['order'],
            $timeline['bars'],
            $timeline['total'],
        );
    }

    /**
     * @param list<Demand> $demands
     * @param list<Source> $fillers
     * @param list<Source> $packs
     *
     * @return array{Cuts, array<string, string>} what is cut, and why for those that nothing can give the line for
     */
    private static function cuts(array $demands, array $fillers, array $packs, Choices $choices): array
    {
        $without = [];
        while (true) {
            try {
                return [Cuts::of($demands, $fillers, $packs, $choices), $without];
            } catch (BadAllocation $fault) {
                $left = array_values(array_filter($demands, static fn(Demand $demand): bool => !in_array($demand->job, $fault->jobs, true)));
                count($left) < count($demands) || throw $fault;
                foreach ($fault->jobs as $job) {
                    $without[$job] = BadAllocation::says('its line', $choices->forbids($job), $choices->pins($job));
                }
                $demands = $left;
            }
        }
    }

    /**
     * @param list<Cut>    $cuts
     * @param list<Source> $fillers
     * @param list<Source> $packs
     *
     * @return list<Leftover>
     */
    private static function leftovers(array $cuts, array $fillers, array $packs, Length $useful): array
    {
        $sources = [];
        foreach ($fillers as $filler) {
            $sources[$filler->id] = $filler;
        }
        $of = [];
        foreach ($cuts as $cut) {
            $of[$cut->source] ??= $sources[$cut->source] ?? $packs[(int) explode(':', $cut->source)[1]];
        }
        $leftovers = [];
        foreach ($of as $name => $source) {
            $name = (string) $name;
            $whole = Source::length($source->length);
            $left = $whole->inMetres() - array_sum(array_map(
                static fn(Cut $cut): float => $cut->source === $name ? $cut->length->inMetres() : 0.0,
                $cuts,
            ));
            $waste = $left < $useful->inMetres();
            $still = $waste ? [] : array_values(array_unique(array_map(static fn(Cut $cut): string => $cut->job, array_filter(
                $cuts,
                static fn(Cut $cut): bool => $of[$cut->source]->line === $source->line && $cut->length->inMetres() <= $left,
            ))));
            $leftovers[] = new Leftover($name, $source->line, $whole, Length::metres(max(0.0, $left)), $waste, $still);
        }

        return $leftovers;
    }
}
