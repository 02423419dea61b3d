<?php

declare(strict_types=1);

namespace Undro\Allocation;

/**
 * The best cuts of a few pieces, source by source: what is best for the rest depends only on which pieces are left, so
 * each such question is answered once. Fillers come first, each once or not at all; packs take what is left over.
 *
 * A piece in two parts leaves one source with a part of it, and its rest goes whole to a later source. Where that first
 * part ends is looked for where it can matter: this source or the other one emptied, a useful rest left, or a part as short
 * as allowed. So with parts the answer may not be the best, and is not said to be.
 */
final class Exact
{
    private int $steps = 0;
    /** @var array<string, array{Worth, list<Bin>}|false> false: cannot be done */
    private array $known = [];
    /** @var list<list<int>> the pieces each source could give, by their bits */
    private array $reach = [];
    private bool $parts = false;
    /** @var array<int, int> by bit */
    private array $lengths = [];
    /** @var array<int, int> by bit */
    private array $numbers = [];
    /** @var array<int, int> the bit of the piece before where that one is alike */
    private array $twin = [];

    /**
     * @param array<int, Piece>                   $pieces  at most 60, by their number
     * @param list<Source>                        $fillers
     * @param list<Source>                        $packs
     * @param array<int, array{string, int}|null> $fixed   pieces of which only a part is to be placed: its line and length
     * @param int                                 $most    steps, after which it gives up
     */
    public function __construct(
        private readonly array $pieces,
        private readonly array $fillers,
        private readonly array $packs,
        private readonly int $useful,
        private readonly int $least,
        private readonly int $most,
        private readonly array $fixed = [],
    ) {}

    /** Steps taken so far, of those that were allowed. */
    public function steps(): int
    {
        return $this->steps;
    }

    /** Whether what was found is certainly the best. */
    public function certain(): bool
    {
        return !$this->parts;
    }

    /**
     * @return array{Worth, list<Bin>}|null null: it cannot be done
     *
     * @throws TooMuch after the steps allowed
     */
    public function solve(): ?array
    {
        $lengths = [];
        $numbers = array_keys($this->pieces);
        foreach ($numbers as $bit => $number) {
            $lengths[$bit] = $this->fixed[$number][1] ?? $this->pieces[$number]->length;
            $this->parts = $this->parts || $this->splits($number);
        }
        foreach ([...$this->fillers, ...$this->packs] as $at => $source) {
            $this->reach[$at] = array_values(array_filter(
                array_keys($numbers),
                fn(int $bit): bool => ($lengths[$bit] <= $source->length || $this->splits($numbers[$bit]))
                    && $this->pieces[$numbers[$bit]]->takes($source)
                    && (!isset($this->fixed[$numbers[$bit]]) || $this->fixed[$numbers[$bit]][0] === $source->line),
            ));
        }
        $this->lengths = $lengths;
        $this->numbers = $numbers;
        foreach ($numbers as $bit => $number) {
            $this->twin[$bit] = $bit > 0 && $this->alike($number, $numbers[$bit - 1]) ? 1 << ($bit - 1) : 0;
        }
        $found = $this->from(0, (1 << count($numbers)) - 1, null);

        return $found === false ? null : $found;
    }

    /**
     * The best from a source on, with these pieces left and perhaps the rest of one that was begun.
     *
     * @param array{int, int, string}|null $begun its bit, what is left of it, and its line
     *
     * @return array{Worth, list<Bin>}|false
     */
    private function from(int $at, int $left, ?array $begun): array|false
    {
        if ($left === 0 && $begun === null) {
            return [new Worth(), []];
        }
        $packs = $at >= count($this->fillers);
        $key = ($packs ? 'p' : $at) . ':' . $left . ($begun === null ? '' : ':' . implode(':', $begun));
        if (isset($this->known[$key])) {
            return $this->known[$key];
        }
        $best = false;
        if ($packs) {
            // what comes first must come from some pack
            $first = $begun === null ? self::lowest($left) : null;
            foreach ($this->packs as $index => $pack) {
                if ($begun !== null || in_array($first, $this->reach[count($this->fillers) + $index], true)) {
                    $best = $this->cut($pack, count($this->fillers) + $index, $left, $begun, $first, count($this->fillers), $best);
                }
            }
        } else {
            $best = $this->from($at + 1, $left, $begun);
            $best = $this->cut($this->fillers[$at], $at, $left, $begun, null, $at + 1, $best);
        }

        return $this->known[$key] = $best;
    }

    /**
     * Tries everything one source can give.
     *
     * @param array{int, int, string}|null  $begun
     * @param int|null                      $needed a piece that must be among it
     * @param array{Worth, list<Bin>}|false $best
     *
     * @return array{Worth, list<Bin>}|false
     */
    private function cut(Source $source, int $reach, int $left, ?array $begun, ?int $needed, int $next, array|false $best): array|false
    {
        $may = array_values(array_filter($this->reach[$reach], static fn(int $bit): bool => ($left & (1 << $bit)) !== 0));
        // the rest of a piece that was begun may end here, or wait for a later source
        $starts = [[[], $source->length, $begun]];
        if (
            $begun !== null
            && $begun[2] === $source->line
            && $begun[1] <= $source->length
            && $this->pieces[$this->numbers[$begun[0]]]->takes($source)
        ) {
            $starts[] = [[[$this->numbers[$begun[0]], $begun[1]]], $source->length - $begun[1], null];
        }
        foreach ($starts as [$cuts, $room, $still]) {
            if ($source->bought && $begun !== null && $still !== null) {
                continue; // a new pack is for what was begun first
            }
            $stack = [[0, $room, $left, $cuts]];
            while ($stack !== []) {
                [$index, $free, $rest, $taken] = array_pop($stack);
                $this->step();
                if ($taken !== [] && ($needed === null || ($rest & (1 << $needed)) === 0)) {
                    $best = $this->better($best, $source, $taken, $free, $this->from($next, $rest, $still));
                }
                if ($this->parts && $still === null && $free >= $this->least) {
                    foreach ($may as $bit) {
                        if (
                            ($rest & (1 << $bit)) !== 0
                            && $this->splits($this->numbers[$bit])
                            && ($needed === null || $needed === $bit || ($rest & (1 << $needed)) === 0)
                        ) {
                            foreach ($this->ends($source, $bit, $free, $rest) as $x) {
                                $this->step();
                                $best = $this->better(
                                    $best,
                                    $source,
                                    [...$taken, [$this->numbers[$bit], $x]],
                                    $free - $x,
                                    $this->from($next, $rest & ~(1 << $bit), [$bit, $this->lengths[$bit] - $x, $source->line]),
                                );
                            }
                        }
                    }
                }
                for ($i = count($may) - 1; $i >= $index; --$i) {
                    $bit = $may[$i];
                    // of pieces that are alike the first is taken first
                    if ($this->lengths[$bit] <= $free && ($rest & $this->twin[$bit]) === 0) {
                        $stack[] = [
                            $i + 1,
                            $free - $this->lengths[$bit],
                            $rest & ~(1 << $bit),
                            [...$taken, [$this->numbers[$bit], $this->lengths[$bit]]],
                        ];
                    }
                }
            }
        }

        return $best;
    }

    /**
     * @param array{Worth, list<Bin>}|false $best
     * @param list<array{int, int}>         $cuts
     * @param array{Worth, list<Bin>}|false $rest
     *
     * @return array{Worth, list<Bin>}|false
     */
    private function better(array|false $best, Source $source, array $cuts, int $free, array|false $rest): array|false
    {
        $this->step();
        if ($rest === false) {
            return $best;
        }
        $worth = $rest[0]->and($source->price, Bin::waste($free, $this->useful), 1);

        return $best === false || $worth->betterThan($best[0]) ? [$worth, [new Bin($source, $cuts), ...$rest[1]]] : $best;
    }

    /**
     * How much of a piece this source could give where it matters.
     *
     * @return list<int>
     */
    private function ends(Source $source, int $bit, int $free, int $left): array
    {
        $this->step();
        $whole = $this->lengths[$bit];
        $most = min($free, $whole - $this->least);
        $found = [$most, $free - $this->useful, $this->least];
        foreach ([...$this->fillers, ...$this->packs] as $at => $other) {
            if ($other->line !== $source->line) {
                continue;
            }
            $beside = [0];
            foreach ($this->reach[$at] as $third) {
                if ($third !== $bit && ($left & (1 << $third)) !== 0) {
                    $beside[] = $this->lengths[$third];
                }
            }
            foreach ($beside as $taken) {
                $found[] = $whole - ($other->length - $taken);
                $found[] = $whole - ($other->length - $taken - $this->useful);
            }
        }

        return array_values(array_unique(array_filter($found, fn(int $x): bool => $x >= $this->least && $x <= $most)));
    }

    /** @throws TooMuch */
    private function step(): void
    {
        if (++$this->steps > $this->most) {
            throw new TooMuch();
        }
    }

    private function splits(int $number): bool
    {
        return $this->pieces[$number]->parts && !isset($this->fixed[$number]) && $this->pieces[$number]->length >= 2 * $this->least;
    }

    private function alike(int $one, int $other): bool
    {
        return ($this->fixed[$one] ?? null) === ($this->fixed[$other] ?? null)
            && $this->pieces[$one]->length === $this->pieces[$other]->length
            && $this->pieces[$one]->lines === $this->pieces[$other]->lines
            && $this->pieces[$one]->parts === $this->pieces[$other]->parts
            && $this->pieces[$one]->not === $this->pieces[$other]->not
            && $this->pieces[$one]->only === $this->pieces[$other]->only;
    }

    private static function lowest(int $mask): int
    {
        $bit = 0;
        while (($mask & (1 << $bit)) === 0) {
            ++$bit;
        }

        return $bit;
    }
}
