<?php

declare(strict_types=1);

namespace Undro\Allocation;

use Undro\Statistics\RandomSource;

/**
 * Which source feeds which spool: the least money for packs, then the least waste, then the fewest sources. Pieces that
 * could not take line from each other's sources are solved apart. Where a group is small enough the answer is the best there
 * is; where not, a first answer is bettered by solving a few of its sources anew, time after time, and a bound says how far
 * from the best it can be. Source: handbook, chapter 6, bench day.
 */
final class Allocator
{
    /** Steps for one group's exact answer, for one small one, and for bettering a group. */
    private const EXACT_STEPS = 350_000;
    private const SMALL_STEPS = 6_000;
    private const BETTERING_STEPS = 500_000;
    private const TRIES = 1_500;
    /** Pieces that are solved anew together. */
    private const TOGETHER = 8;
    /** A source that does not exist, and its price. */
    private const NOWHERE = '';
    private const DEAR = 1_000_000_000_000;

    /**
     * @param list<Source> $fillers
     * @param list<Source> $packs
     * @param int          $useful  leftovers shorter than this are waste, micrometres
     * @param int          $least   the shortest part of a piece in two
     */
    public function __construct(
        private readonly array $fillers,
        private readonly array $packs,
        private readonly int $useful,
        private readonly int $least,
    ) {}

    /**
     * @param list<Piece> $pieces
     *
     * @throws BadAllocation naming the jobs that cannot be done
     */
    public function solve(array $pieces): Allocation
    {
        $this->refuseImpossible($pieces);
        $bins = [];
        $worth = new Worth();
        $optimal = true;
        $bound = 0;
        foreach ($this->groups($pieces) as [$among, $lines]) {
            $own = static fn(Source $source): bool => isset($lines[$source->line]);
            $shortest = min(
                PHP_INT_MAX,
                ...array_map(fn(Piece $piece): int => $piece->parts ? min($this->least, $piece->length) : $piece->length, $among),
            );
            $fillers = array_values(
                array_filter($this->fillers, static fn(Source $source): bool => $own($source) && $source->length >= $shortest),
            );
            $packs = array_values(array_filter($this->packs, $own));
            $part = $this->group($among, $fillers, $packs, count($among) / count($pieces));
            $bins = [...$bins, ...$part->bins];
            $worth = $worth->plus($part->worth);
            $optimal = $optimal && $part->optimal;
            $bound += $part->bound;
        }

        return new Allocation($bins, $worth, $optimal, $bound);
    }

    /** @param list<Piece> $pieces */
    private function refuseImpossible(array $pieces): void
    {
        $cannot = [];
        foreach ($pieces as $piece) {
            $may = false;
            foreach ([...$this->fillers, ...$this->packs] as $source) {
                $least = $piece->parts ? min($this->least, $piece->length) : $piece->length;
                $may = $may || ($piece->takes($source) && $source->length >= $least);
            }
            if (!$may) {
                $cannot[] = $piece->job;
            }
        }
        $cannot === [] || throw BadAllocation::cannot(array_values(array_unique($cannot)));
    }

    /**
     * Pieces that share no line with the others.
     *
     * @param list<Piece> $pieces
     *
     * @return list<array{array<int, Piece>, array<string, true>}>
     */
    private function groups(array $pieces): array
    {
        $groups = [];
        foreach ($pieces as $number => $piece) {
            $new = [[$number => $piece], array_fill_keys($piece->lines, true)];
            foreach ($groups as $at => $group) {
                if (array_intersect_key($group[1], $new[1]) !== []) {
                    $new = [$new[0] + $group[0], $new[1] + $group[1]];
                    unset($groups[$at]);
                }
            }
            $groups[] = $new;
        }

        return array_values($groups);
    }

    /**
     * @param array<int, Piece> $pieces
     * @param list<Source>      $fillers
     * @param list<Source>      $packs
     * @param float             $share of all the work that may be spent on it
     */
    private function group(array $pieces, array $fillers, array $packs, float $share): Allocation
    {
        uasort(
            $pieces,
            static fn(Piece $a, Piece $b): int => [
                $b->only !== null,
                $b->length,
                $a->lines,
                $a->parts,
                $a->not,
                $a->only,
            ] <=> [$a->only !== null, $a->length, $b->lines, $b->parts, $b->not, $b->only],
        );
        $bound = Bound::cost($pieces, $fillers, $packs);
        $found = null;
        if (count($pieces) <= 24) {
            try {
                $exact = new Exact(
                    $pieces,
                    $fillers,
                    $packs,
                    $this->useful,
                    $this->least,
                    (int) (self::EXACT_STEPS * $share) + self::SMALL_STEPS,
                );
                $found = $exact->solve() ?? throw BadAllocation::cannot(self::jobs($pieces));
                if ($exact->certain()) {
                    return new Allocation($found[1], $found[0], true, $found[0]->cost);
                }
            } catch (TooMuch) {
                // too many ways to look at: bettered from a first answer below
            }
        }
        $bins = $found[1] ?? $this->searched(
            $pieces,
            $fillers,
            $packs,
            $this->inOne($pieces, $fillers, $packs, $share / 2),
            (int) (self::BETTERING_STEPS * $share),
        );
        $worth = $this->worth($bins);
        $optimal = $worth->cost <= $bound && $worth->waste === 0 && $worth->sources <= Bound::sources(
            $pieces,
            $fillers,
            array_filter($packs, static fn(Source $pack): bool => $pack->price <= $worth->cost),
        );

        return new Allocation($bins, $worth, $optimal, min($bound, $worth->cost));
    }

    /**
     * Where pieces may be in two, the answer that has each in one is a good start.
     *
     * @param array<int, Piece> $pieces
     * @param list<Source>      $fillers
     * @param list<Source>      $packs
     *
     * @return list<Bin>|null
     */
    private function inOne(array $pieces, array $fillers, array $packs, float $share): ?array
    {
        if (array_filter($pieces, static fn(Piece $piece): bool => $piece->parts) === []) {
            return null;
        }
        $whole = array_map(static fn(Piece $piece): Piece => $piece->whole(), $pieces);
        try {
            return $this->group($whole, $fillers, $packs, $share)->bins;
        } catch (BadAllocation) {
            return null;
        }
    }

    /**
     * A first answer, bettered. What found no room at first comes from a source that does not exist and costs more than all
     * others; where bettering does not get rid of it, there is no room.
     *
     * @param array<int, Piece> $pieces
     * @param list<Source>      $fillers
     * @param list<Source>      $packs
     * @param list<Bin>|null    $start an answer that is known already
     *
     * @return list<Bin>
     */
    private function searched(array $pieces, array $fillers, array $packs, ?array $start, int $steps): array
    {
        $longest = max(0, ...array_map(static fn(Piece $piece): int => $piece->length, array_values($pieces)));
        $lines = array_unique(array_merge(...array_map(static fn(Piece $piece): array => $piece->lines, array_values($pieces))));
        $nowhere = array_map(
            static fn(string $line): Source => new Source(self::NOWHERE, $line, $longest, self::DEAR, true),
            array_values($lines),
        );
        $bins = $this->bettered(
            $start ?? $this->first($pieces, $fillers, [...$packs, ...$nowhere]),
            $pieces,
            $fillers,
            [...$packs, ...$nowhere],
            $steps,
        );
        $cannot = [];
        foreach ($bins as $bin) {
            if ($bin->source->id === self::NOWHERE) {
                $cannot = [...$cannot, ...array_map(static fn(array $cut): string => $pieces[$cut[0]]->job, $bin->cuts)];
            }
        }
        $cannot === [] || throw BadAllocation::cannot(array_values(array_unique($cannot)));

        return $bins;
    }

    /**
     * The longest piece first, each where it leaves the least, what is at hand before what must be bought.
     *
     * @param array<int, Piece> $pieces
     * @param list<Source>      $fillers
     * @param list<Source>      $packs
     *
     * @return list<Bin>
     */
    private function first(array $pieces, array $fillers, array $packs): array
    {
        /** @var array<int, Bin> $open */
        $open = [];
        $unused = $fillers;
        foreach ($pieces as $number => $piece) {
            $rest = $piece->length;
            $may = static fn(Source $source): bool => $piece->takes($source)
                || ($source->id === self::NOWHERE && $piece->only === null && in_array($source->line, $piece->lines, true));
            $at = $this->place($open, $unused, $packs, $rest, $may);
            if ($at === null && $piece->parts) {
                // in two: as much as the roomiest gives, the rest somewhere else of the same line
                $at = $this->inTwo($number, $piece, $open, $unused, $packs);
                $at || throw BadAllocation::cannot([$piece->job]);
                continue;
            }
            $at !== null || throw BadAllocation::cannot([$piece->job]);
            $open[$at] = new Bin($open[$at]->source, [...$open[$at]->cuts, [$number, $rest]]);
        }

        return array_values($open);
    }

    /**
     * Finds room for a length and opens what it is in.
     *
     * @param array<int, Bin>        $open
     * @param array<int, Source>     $unused
     * @param list<Source>           $packs
     * @param callable(Source): bool $may
     */
    private function place(array &$open, array &$unused, array $packs, int $length, callable $may): ?int
    {
        $best = null;
        $least = PHP_INT_MAX;
        foreach ($open as $at => $bin) {
            if ($may($bin->source) && $bin->left() >= $length && $bin->left() < $least) {
                [$best, $least] = [$at, $bin->left()];
            }
        }
        if ($best !== null) {
            return $best;
        }
        $from = null;
        foreach ($unused as $at => $source) {
            if ($may($source) && $source->length >= $length && $source->length < $least) {
                [$from, $least] = [$at, $source->length];
            }
        }
        if ($from !== null) {
            $open[] = new Bin($unused[$from], []);
            unset($unused[$from]);

            return array_key_last($open);
        }
        $fit = array_filter($packs, static fn(Source $pack): bool => $may($pack) && $pack->length >= $length);
        if ($fit === []) {
            return null;
        }
        usort($fit, static fn(Source $a, Source $b): int => $a->price <=> $b->price);
        $open[] = new Bin($fit[0], []);

        return array_key_last($open);
    }

    /**
     * @param array<int, Bin>    $open
     * @param array<int, Source> $unused
     * @param list<Source>       $packs
     */
    private function inTwo(int $number, Piece $piece, array &$open, array &$unused, array $packs): bool
    {
        foreach ($piece->lines as $line) {
            $may = static fn(Source $source): bool => $source->line === $line && $piece->takes($source);
            $rooms = [
                ...array_map(
                    static fn(Bin $bin): int => $bin->left(),
                    array_filter($open, static fn(Bin $bin): bool => $may($bin->source)),
                ),
                ...array_map(static fn(Source $source): int => $source->length, array_filter([...$unused, ...$packs], $may)),
            ];
            rsort($rooms);
            foreach ($rooms as $room) {
                $one = min($room, $piece->length - $this->least);
                if ($one < $this->least) {
                    continue;
                }
                [$tryOpen, $tryUnused] = [$open, $unused];
                $first = $this->place($tryOpen, $tryUnused, $packs, $one, $may);
                if ($first === null) {
                    continue;
                }
                $tryOpen[$first] = new Bin($tryOpen[$first]->source, [...$tryOpen[$first]->cuts, [$number, $one]]);
                $second = $this->place($tryOpen, $tryUnused, $packs, $piece->length - $one, $may);
                if ($second !== null) {
                    $tryOpen[$second] = new Bin($tryOpen[$second]->source, [...$tryOpen[$second]->cuts, [$number, $piece->length - $one]]);
                    [$open, $unused] = [$tryOpen, $tryUnused];

                    return true;
                }
            }
        }

        return false;
    }

    /**
     * Takes a few sources at a time, with some that are not used, and solves what was cut from them anew.
     *
     * @param list<Bin>         $bins
     * @param array<int, Piece> $pieces
     * @param list<Source>      $fillers
     * @param list<Source>      $packs
     *
     * @return list<Bin>
     */
    private function bettered(array $bins, array $pieces, array $fillers, array $packs, int $steps): array
    {
        $chance = new RandomSource(7);
        for ($try = 0; $try < self::TRIES && $steps > 0 && count($bins) > 0; ++$try) {
            [$chosen, $others] = $this->some($bins, $chance);
            [$part, $fixed] = self::taken($chosen, $pieces);
            $used = array_map(static fn(Bin $bin): string => $bin->source->id, $bins);
            $free = array_values(array_filter($fillers, static fn(Source $source): bool => !in_array($source->id, $used, true)));
            $more = [];
            for ($i = 0; $i < 4 && $free !== []; ++$i) {
                $more[] = array_splice($free, (int) ($chance->uniform() * count($free)), 1)[0];
            }
            $own = array_values(
                array_filter(
                    array_map(static fn(Bin $bin): Source => $bin->source, $chosen),
                    static fn(Source $source): bool => !$source->bought,
                ),
            );
            $exact = new Exact($part, [...$own, ...$more], $packs, $this->useful, $this->least, min($steps, self::SMALL_STEPS), $fixed);
            try {
                $found = $exact->solve();
                if ($found !== null && !$this->worth($chosen)->betterThan($found[0])) {
                    $bins = [...$others, ...$found[1]];
                }
            } catch (TooMuch) {
                // this choice was too wide; the next one is another
            }
            $steps -= $exact->steps();
        }

        return $bins;
    }

    /**
     * @param list<Bin> $bins
     *
     * @return array{list<Bin>, list<Bin>} some, and the others
     */
    private function some(array $bins, RandomSource $chance): array
    {
        $chosen = [];
        $count = 0;
        // one that wastes or was bought first, where there is one
        $first = array_keys(array_filter($bins, fn(Bin $bin): bool => $bin->source->bought || $bin->worth($this->useful)->waste > 0));
        $at = $first === [] || $chance->uniform() < 0.3
            ? (int) ($chance->uniform() * count($bins))
            : $first[(int) ($chance->uniform() * count($first))];
        while (true) {
            $chosen[] = $bins[$at];
            $count += count($bins[$at]->cuts);
            array_splice($bins, $at, 1);
            if ($bins === [] || count($chosen) >= 5) {
                break;
            }
            $at = (int) ($chance->uniform() * count($bins));
            if ($count + count($bins[$at]->cuts) > self::TOGETHER) {
                break;
            }
        }

        return [$chosen, $bins];
    }

    /**
     * The pieces that were cut from some sources. One of which only a part is among them stays that part.
     *
     * @param list<Bin>         $bins
     * @param array<int, Piece> $pieces
     *
     * @return array{array<int, Piece>, array<int, array{string, int}>}
     */
    private static function taken(array $bins, array $pieces): array
    {
        $sum = [];
        $line = [];
        foreach ($bins as $bin) {
            foreach ($bin->cuts as [$number, $length]) {
                $sum[$number] = ($sum[$number] ?? 0) + $length;
                $line[$number] = $bin->source->line;
            }
        }
        $among = array_intersect_key($pieces, $sum);
        $fixed = [];
        foreach ($sum as $number => $length) {
            if ($length < $pieces[$number]->length) {
                $fixed[$number] = [$line[$number], $length];
            }
        }

        return [$among, $fixed];
    }

    /** @param list<Bin> $bins */
    private function worth(array $bins): Worth
    {
        return array_reduce($bins, fn(Worth $sum, Bin $bin): Worth => $sum->plus($bin->worth($this->useful)), new Worth());
    }

    /**
     * @param array<int, Piece> $pieces
     *
     * @return list<string>
     */
    private static function jobs(array $pieces): array
    {
        ksort($pieces);

        return array_values(array_unique(array_map(static fn(Piece $piece): string => $piece->job, $pieces)));
    }
}
