<?php

declare(strict_types=1);

namespace Undro\Allocation;

use Undro\Units\Length;

/** Where each job's line is cut from, what is bought for it, and what that comes to. */
final readonly class Cuts
{
    /** The shortest part of backing in two pieces, m. */
    private const LEAST_M = 10.0;

    /**
     * @param list<Cut>       $cuts      in the order of the demands, the longer part first
     * @param array<int, int> $buy       how many of each pack, by its place
     * @param float           $cost      money for packs
     * @param int             $sources   that are opened
     * @param bool            $optimal   nothing could be better
     * @param float           $costBound what any cuts would cost at least
     */
    private function __construct(
        public array $cuts,
        public array $buy,
        public float $cost,
        public Length $waste,
        public int $sources,
        public bool $optimal,
        public float $costBound,
    ) {}

    /**
     * @param list<Demand> $demands
     * @param list<Source> $fillers
     * @param list<Source> $packs   named by their places
     *
     * @throws BadAllocation naming the jobs that cannot be done
     */
    public static function of(array $demands, array $fillers, array $packs, Choices $choices): self
    {
        $pieces = [];
        foreach ($demands as $demand) {
            $pieces[] = self::piece($demand->job, Part::Main, [$demand->line], $demand->main, $choices);
            if ($demand->backing !== null) {
                $pieces[] = self::piece($demand->job, Part::Backing, $demand->backingLines, $demand->backing, $choices);
            }
        }
        $pieces = array_values(array_filter($pieces, static fn(Piece $piece): bool => $piece->length > 0));
        $allocator = new Allocator(
            $fillers,
            $packs,
            Source::micrometres($choices->useful()),
            Source::micrometres(Length::metres(self::LEAST_M)),
        );
        $found = $allocator->solve($pieces);
        $cuts = [];
        $buy = [];
        foreach ($found->bins as $bin) {
            $source = $bin->source->id;
            if ($bin->source->bought) {
                $buy[(int) $source] = ($buy[(int) $source] ?? 0) + 1;
                $source = sprintf('pack:%s:%d', $source, $buy[(int) $source] - 1);
            }
            foreach ($bin->cuts as [$number, $length]) {
                $cuts[] = [$number, new Cut($pieces[$number]->job, $pieces[$number]->part, $source, Source::length($length))];
            }
        }
        usort($cuts, static fn(array $a, array $b): int => [$a[0], $b[1]->length->inMetres()] <=> [$b[0], $a[1]->length->inMetres()]);
        ksort($buy);

        return new self(
            array_map(static fn(array $cut): Cut => $cut[1], $cuts),
            $buy,
            $found->worth->cost / Source::MONEY,
            Source::length($found->worth->waste),
            $found->worth->sources,
            $found->optimal,
            $found->bound / Source::MONEY,
        );
    }

    /** @param list<string> $lines */
    private static function piece(string $job, Part $part, array $lines, Length $length, Choices $choices): Piece
    {
        $only = $choices->only($job, $part);

        return new Piece(
            $job,
            $part,
            array_values(array_unique($lines)),
            Source::micrometres($length),
            $part === Part::Backing && $choices->two && $only === null,
            $choices->not($job, $part),
            $only,
        );
    }
}
