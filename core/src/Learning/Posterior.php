<?php

declare(strict_types=1);

namespace Undro\Learning;

use Undro\Line\Line;
use Undro\Spool\Spool;
use Undro\Statistics\Precision;

/**
 * What is believed of the spools' room and the lines' cells, as factors on what their figures say, once some fills have been seen.
 *
 * All fills are solved at once. A fill speaks of one spool only, so the precision is an arrow: the spools are eliminated
 * one by one, and only the lines are inverted together. Nothing is approximated by that.
 */
final class Posterior
{
    /** What is said to be known for certain is not taken to be more certain than this. */
    private const LEAST_SD = 1e-6;

    /** @var array<int, array<int, float>> of the lines */
    private array $covariance;
    /** @var array<int, float> of the lines */
    private array $cells;
    /** @var array<string, float> */
    private array $rooms = [];
    /** @var array<string, array{float, array<int, float>}> of each spool its own precision, and that with the lines */
    private array $arrow = [];
    /** @var array<string, float> towards 1, of each spool by what its figures say */
    private readonly array $pull;

    /**
     * @param array<string, Spool> $spools by name
     * @param list<Line>           $lines
     * @param array<int, Equation> $equations
     */
    public function __construct(array $spools, array $lines, array $equations)
    {
        $sure = array_map(static fn(Line $line): float => 1 / max(self::LEAST_SD, $line->cellSd) ** 2, $lines);
        // a line that no fill speaks of is known as before, and varies with nothing
        $spoken = [];
        foreach ($equations as $fill) {
            $spoken += $fill->seen;
        }
        ksort($spoken);
        $spoken = array_keys($spoken);
        $precision = [];
        $towards = [];
        foreach ($spoken as $i) {
            $precision[$i] = array_fill_keys($spoken, 0.0);
            $precision[$i][$i] = $sure[$i];
            $towards[$i] = $sure[$i];
        }
        $pull = [];
        foreach ($spools as $name => $spool) {
            $pull[(string) $name] = 1 / max(self::LEAST_SD, $spool->sd) ** 2;
            $this->arrow[(string) $name] = [$pull[(string) $name], []];
        }
        foreach ($equations as $fill) {
            $this->arrow[$fill->spool][0] += $fill->room ** 2 / $fill->variance;
            foreach ($fill->seen as $i => $volume) {
                $this->arrow[$fill->spool][1][$i] = ($this->arrow[$fill->spool][1][$i] ?? 0.0) - $fill->room * $volume / $fill->variance;
                foreach ($fill->seen as $j => $other) {
                    $precision[$i][$j] += $volume * $other / $fill->variance;
                }
            }
        }
        foreach ($this->arrow as $spool => [$own, $with]) {
            foreach ($with as $i => $one) {
                $towards[$i] -= $one * $pull[$spool] / $own;
                foreach ($with as $j => $other) {
                    $precision[$i][$j] -= $one * $other / $own;
                }
            }
        }
        $this->cells = array_fill(0, count($lines), 1.0);
        $this->covariance = array_fill(0, count($lines), $this->cells === [] ? [] : array_fill(0, count($lines), 0.0));
        foreach ($sure as $i => $one) {
            $this->covariance[$i][$i] = 1 / $one;
        }
        $together = Precision::covariance(array_values(array_map(array_values(...), $precision)));
        foreach ($spoken as $row => $i) {
            $this->cells[$i] = (float) array_sum(array_map(static fn(float $a, float $b): float => $a * $b, $together[$row], $towards));
            foreach ($spoken as $column => $j) {
                $this->covariance[$i][$j] = $together[$row][$column];
            }
        }
        $this->pull = $pull;
        $this->fitRooms();
    }

    /** The factor on a spool's room. */
    public function room(string $spool): float
    {
        return $this->rooms[$spool];
    }

    /** The factor on a line's cell, by its place. */
    public function cell(int $line): float
    {
        return $this->cells[$line];
    }

    /** Of the factor on a line's cell, by its place. */
    public function cellSd(int $line): float
    {
        return sqrt($this->covariance[$line][$line]);
    }

    /** By how much a fill misses the equation, mm3. */
    public function misses(Equation $fill): float
    {
        $off = $this->rooms[$fill->spool] * $fill->room;
        foreach ($fill->seen as $line => $volume) {
            $off -= $this->cells[$line] * $volume;
        }

        return $off;
    }

    /** How surely it is known what a fill must say, mm6: the variance of what is believed of it, without its own reading. */
    public function varianceOf(Equation $fill): float
    {
        return $this->variance($fill->spool, $fill->room, array_map(static fn(float $volume): float => -$volume, $fill->seen));
    }

    /**
     * A fill through the lines alone, its spool eliminated: what two fills have in common is the product of these with the lines'
     * covariance, and of one spool also what `inCommon` gives.
     *
     * @return array<int, float> mm3 by line
     */
    public function through(Equation $fill): array
    {
        [$own, $with] = $this->arrow[$fill->spool];
        $through = array_map(static fn(float $volume): float => -$volume, $fill->seen);
        foreach ($with as $i => $one) {
            $through[$i] = ($through[$i] ?? 0.0) - $fill->room * $one / $own;
        }

        return $through;
    }

    /** What two fills of one spool have in common beside their lines, mm6. */
    public function inCommon(Equation $fill, Equation $other): float
    {
        return $fill->room * $other->room / $this->arrow[$fill->spool][0];
    }

    /**
     * The lines' covariance times a sum of them.
     *
     * @param array<int, float> $through
     *
     * @return list<float>
     */
    public function along(array $through): array
    {
        $along = [];
        foreach ($this->covariance as $row) {
            $sum = 0.0;
            foreach ($through as $i => $each) {
                $sum += $each * $row[$i];
            }
            $along[] = $sum;
        }

        return $along;
    }

    /**
     * The same without one of its fills. Exact, but for rounding that adds up.
     *
     * @param list<float> $along what `along` gives for it
     * @param float       $left  its variance less what the belief leaves of it, mm6, above 0
     */
    public function without(Equation $fill, array $along, float $left): self
    {
        $less = clone $this;
        $misses = $this->misses($fill);
        [$own, $with] = $this->arrow[$fill->spool];
        foreach ($fill->seen as $i => $volume) {
            $with[$i] = ($with[$i] ?? 0.0) + $fill->room * $volume / $fill->variance;
        }
        $less->arrow[$fill->spool] = [$own - $fill->room ** 2 / $fill->variance, $with];
        $cells = [];
        $covariance = [];
        foreach ($this->covariance as $i => $row) {
            $share = $along[$i] / $left;
            foreach ($share === 0.0 ? [] : $row as $j => $each) {
                $row[$j] = $each + $share * $along[$j];
            }
            $covariance[] = $row;
            $cells[] = $this->cells[$i] + $share * $misses;
        }
        $less->cells = $cells;
        $less->covariance = $covariance;
        $less->fitRooms();

        return $less;
    }

    /**
     * The variance of a sum of one spool's room factor and some cell factors.
     *
     * @param array<int, float> $lines by their places
     */
    public function variance(string $spool, float $room, array $lines): float
    {
        // v given the cells has 1 / own; with them it moves by -with / own
        $fill = new Equation($spool, $room, array_map(static fn(float $each): float => -$each, $lines), 0.0);
        $through = $this->through($fill);
        $sum = $this->inCommon($fill, $fill);
        foreach ($through as $i => $one) {
            foreach ($through as $j => $other) {
                $sum += $one * $other * $this->covariance[$i][$j];
            }
        }

        return max(0.0, $sum);
    }

    /**
     * How a spool's room and some cells vary together, room first.
     *
     * @param list<int> $lines by their places
     *
     * @return list<list<float>> correlations
     */
    public function correlations(string $spool, array $lines): array
    {
        [$own, $with] = $this->arrow[$spool];
        $room = array_map(
            fn(int $i): float => array_sum(
                array_map(fn(int $j, float $each): float => -$each * $this->covariance[$i][$j] / $own, array_keys($with), $with),
            ),
            $lines,
        );
        $cov = [[$this->variance($spool, 1.0, []), ...$room]];
        foreach ($lines as $index => $i) {
            $cov[] = [$room[$index], ...array_map(fn(int $j): float => $this->covariance[$i][$j], $lines)];
        }

        return array_map(
            static fn(array $row, int $i): array => array_map(
                static fn(float $each, int $j): float => $each / sqrt($cov[$i][$i] * $cov[$j][$j]),
                $row,
                array_keys($row),
            ),
            $cov,
            array_keys($cov),
        );
    }

    private function fitRooms(): void
    {
        foreach ($this->arrow as $spool => [$own, $with]) {
            $from = $this->pull[$spool];
            foreach ($with as $i => $one) {
                $from -= $one * $this->cells[$i];
            }
            $this->rooms[$spool] = $from / $own;
        }
    }
}
