<?php

declare(strict_types=1);

namespace Undro\Allocation;

/**
 * What any cuts must cost at least. Pieces of a length t and more fit only sources of t and more; what these pieces need
 * beyond the fillers among those, in length and in number, must be bought. Lines are bought apart, so the pieces that can
 * only be of one line add up line by line.
 */
final class Bound
{
    /**
     * @param array<int, Piece> $pieces
     * @param list<Source>      $fillers
     * @param list<Source>      $packs
     */
    public static function cost(array $pieces, array $fillers, array $packs): int
    {
        $apart = 0;
        foreach (array_unique(array_map(static fn(Source $pack): string => $pack->line, $packs)) as $line) {
            $own = static fn(Source $source): bool => $source->line === $line;
            $apart += self::least(
                array_filter($pieces, static fn(Piece $piece): bool => $piece->lines === [$line]),
                array_filter($fillers, $own),
                array_filter($packs, $own),
            );
        }

        return max($apart, self::least($pieces, $fillers, $packs));
    }

    /**
     * The fewest sources that hold so much: the longest first.
     *
     * @param array<int, Piece>  $pieces
     * @param array<int, Source> $fillers
     * @param array<int, Source> $packs
     */
    public static function sources(array $pieces, array $fillers, array $packs): int
    {
        $rest = array_sum(array_map(static fn(Piece $piece): int => $piece->length, $pieces));
        $holds = array_map(static fn(Source $source): int => $source->length, $fillers);
        $pack = max([0, ...array_map(static fn(Source $source): int => $source->length, $packs)]);
        rsort($holds);
        $count = 0;
        while ($rest > 0) {
            $next = max($pack, $holds === [] ? 0 : array_shift($holds));
            if ($next === 0) {
                break;
            }
            $rest -= $next;
            ++$count;
        }

        return $count;
    }

    /**
     * @param array<int, Piece>  $pieces
     * @param array<int, Source> $fillers
     * @param array<int, Source> $packs
     */
    private static function least(array $pieces, array $fillers, array $packs): int
    {
        $bound = 0;
        foreach (array_unique(array_map(static fn(Piece $piece): int => $piece->parts ? 0 : $piece->length, $pieces)) as $from) {
            $among = array_filter($pieces, static fn(Piece $piece): bool => !$piece->parts && $piece->length >= $from || $from === 0);
            $hold = array_filter($fillers, static fn(Source $source): bool => $source->length >= $from);
            $need = array_sum(array_map(static fn(Piece $piece): int => $piece->length, $among)) - array_sum(
                array_map(static fn(Source $source): int => $source->length, $hold),
            );
            $bound = max(
                $bound,
                self::cover($need, array_map(static fn(Source $pack): array => [$pack->length, $pack->price], array_values($packs))),
            );
            if ($from > 0) {
                $many = static fn(Source $source): int => intdiv($source->length, $from);
                $number = count($among) - array_sum(array_map($many, $hold));
                $bound = max(
                    $bound,
                    self::cover($number, array_map(static fn(Source $pack): array => [$many($pack), $pack->price], array_values($packs))),
                );
            }
        }

        return $bound;
    }

    /**
     * The least money for packs that together hold so much, by whole packs where few are needed, else by the best price alone.
     *
     * @param list<array{int, int}> $packs what each holds, and its price
     */
    private static function cover(int $need, array $packs): int
    {
        $packs = array_values(array_filter($packs, static fn(array $pack): bool => $pack[0] > 0));
        if ($need <= 0 || $packs === []) {
            return 0;
        }
        usort($packs, static fn(array $a, array $b): int => $a[1] * $b[0] <=> $b[1] * $a[0]);
        [$holds, $price] = $packs[0];
        // all but the last few packs are of the best price per metre: a bound that stays true
        $bulk = max(0, intdiv($need, $holds) - 12);
        $best = PHP_INT_MAX;
        self::search($need - $bulk * $holds, 0, $packs, 0, $best);

        return $bulk === 0 ? $best : (int) floor($need / $holds * $price);
    }

    /** @param list<array{int, int}> $packs by their price for what they hold, best first */
    private static function search(int $need, int $spent, array $packs, int $at, int &$best): void
    {
        if ($need <= 0) {
            $best = min($best, $spent);

            return;
        }
        if ($at >= count($packs)) {
            return;
        }
        [$holds, $price] = $packs[$at];
        for ($count = (int) ceil($need / $holds); $count >= 0; --$count) {
            $left = $need - $count * $holds;
            $after = $packs[$at + 1] ?? null;
            $hope = $left <= 0 ? 0.0 : ($after === null ? INF : $left * $after[1] / $after[0]);
            if ($spent + $count * $price + $hope < $best) {
                self::search($left, $spent + $count * $price, $packs, $at + 1, $best);
            }
        }
    }
}
