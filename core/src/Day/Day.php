<?php

declare(strict_types=1);

namespace Undro\Day;

use Undro\Allocation\Choices;
use Undro\Allocation\Cut;
use Undro\Allocation\Cuts;
use Undro\Allocation\Source;
use Undro\Allocation\Timeline;
use Undro\Units\Length;

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
     * @throws \Undro\Allocation\BadAllocation naming the jobs there is no line for
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
                $work[$job->id] = ['soak' => $job->soakMin, 'work' => $job->workMin];
            }
        }
        $cuts = Cuts::of($demands, $fillers, $packs, $choices);
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
