<?php

declare(strict_types=1);

namespace Undro\Learning;

use Undro\Fill\Band;
use Undro\Line\Line;
use Undro\Spool\Spool;
use Undro\Spool\Tolerance;
use Undro\Statistics\Precision;
use Undro\Units\Length;

/**
 * What finished fills have taught of each spool's room and of the cell of each line, as factors on what was believed
 * before. A fill is one equation: v V(gap) - sum c 1000 L s = 0, within pi D w scale e (handbook, chapter 6).
 *
 * All fills are solved at once. A fill speaks of one spool only, so the precision is an arrow: the spools are eliminated
 * one by one, and only the lines are inverted together. Nothing is approximated by that.
 */
final class Learnt
{
    /** A fill further from what the others say than this many sd of the difference is asked about. */
    public const DOUBT = 3.5;
    /** What is said to be known for certain is not taken to be more certain than this. */
    private const LEAST_SD = 1e-6;

    /** @var array<string, int> where each line stands in the matrix */
    private array $order;
    /** @var list<list<float>> of the lines */
    private array $covariance;
    /** @var array<string, float> */
    private array $roomFactor = [];
    /** @var array<string, float> */
    private array $cellFactor = [];
    /** @var array<string, array{float, array<int, float>}> of each spool its own precision, and that with the lines */
    private array $arrow = [];
    /** @var list<array{array<int, float>, float, string, float}> lines seen, room, spool and variance of each fill */
    private array $equations = [];

    /**
     * @param array<string, Spool> $spools by name, with geometry
     * @param array<string, Line>  $lines
     * @param list<Finished>       $fills
     *
     * @throws BadLearning
     */
    public function __construct(private readonly array $spools, private readonly array $lines, array $fills)
    {
        $this->order = array_flip(array_map(strval(...), array_keys($lines)));
        foreach ($fills as $fill) {
            $this->equations[] = $this->equation($fill);
        }
        $this->solve();
    }

    /** @return array{float, float} the factor on a spool's room, and its sd */
    public function room(string $spool): array
    {
        return [$this->roomFactor[$spool], sqrt($this->variance($spool, 1.0, []))];
    }

    /** @return array{float, float} the factor on a line's cell, and its sd */
    public function cell(string $line): array
    {
        $at = $this->order[$line];

        return [$this->cellFactor[$line], sqrt($this->covariance[$at][$at])];
    }

    /**
     * How a spool's room and some cells vary together, room first.
     *
     * @param list<string> $lines
     *
     * @return list<list<float>> correlations
     */
    public function correlations(string $spool, array $lines): array
    {
        [$own, $with] = $this->arrow[$spool];
        $at = array_map(fn(string $line): int => $this->order[$line], $lines);
        $room = array_map(
            fn(int $i): float => array_sum(
                array_map(fn(int $j, float $each): float => -$each * $this->covariance[$i][$j] / $own, array_keys($with), $with),
            ),
            $at,
        );
        $cov = [[$this->variance($spool, 1.0, []), ...$room]];
        foreach ($at as $index => $i) {
            $cov[] = [$room[$index], ...array_map(fn(int $j): float => $this->covariance[$i][$j], $at)];
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

    /**
     * The open length of a fill still to be wound, linearised where the beliefs stand, its band by their whole covariance.
     *
     * @param list<array{string, Length|null}> $layers exactly one open
     *
     * @throws BadLearning
     */
    public function plan(string $spool, Length $gap, array $layers): Band
    {
        $reel = $this->spool($spool);
        $open = null;
        $taken = 0.0;
        $seen = [];
        foreach ($layers as [$line, $length]) {
            $perMetre = $this->perMetre($line, $reel);
            if ($length === null) {
                $open === null || throw BadLearning::oneOpen();
                $open = [$line, $perMetre];
                continue;
            }
            $taken += $this->cellFactor[$line] * $length->inMetres() * $perMetre;
            $seen[$this->order[$line]] = ($seen[$this->order[$line]] ?? 0.0) + $length->inMetres() * $perMetre;
        }
        $open !== null || throw BadLearning::oneOpen();
        [$line, $perMetre] = $open;
        $full = $reel->fullVolume($gap)->inCubicMillimetres();
        $each = $this->cellFactor[$line] * $perMetre;
        $length = ($this->roomFactor[$spool] * $full - $taken) / $each;
        $of = $this->order[$line];
        $towards = array_map(static fn(float $metres): float => -$metres / $each, $seen);
        $towards[$of] = ($towards[$of] ?? 0.0) - $length / $this->cellFactor[$line];

        return Band::of(Length::metres($length), Length::metres(sqrt($this->variance($spool, $full / $each, $towards))));
    }

    /**
     * The fills that do not agree with the rest: each against what all the others predict. All of them count until the angler
     * leaves one out.
     *
     * @return list<int> by their place in the list
     */
    public function doubtful(): array
    {
        $doubtful = [];
        $lines = array_map(strval(...), array_keys($this->lines));
        foreach ($this->equations as $index => [$seen, $room, $spool, $variance]) {
            $off = $this->roomFactor[$spool] * $room;
            foreach ($seen as $at => $volume) {
                $off -= $this->cellFactor[$lines[$at]] * $volume;
            }
            // without this fill the difference would be off R / (R - hCh), its variance R2 / (R - hCh)
            $left = $variance - $this->variance($spool, $room, array_map(static fn(float $volume): float => -$volume, $seen));
            if ($left <= 0 || $off ** 2 / $left > self::DOUBT ** 2) {
                $doubtful[] = $index;
            }
        }

        return $doubtful;
    }

    /** @return array{array<int, float>, float, string, float} */
    private function equation(Finished $fill): array
    {
        $spool = $this->spool($fill->spool);
        $geometry = $spool->geometry ?? throw BadLearning::noShape($fill->spool);
        $seen = [];
        foreach ($fill->layers as [$line, $length]) {
            $volume = $length->inMetres() * $this->perMetre($line, $spool);
            $seen[$this->order[$line]] = ($seen[$this->order[$line]] ?? 0.0) + $volume;
        }
        $perDepth = $spool->volumePerDepth($geometry, $geometry->diameterAt($fill->gap))->inSquareMillimetres();

        return [
            $seen,
            $spool->fullVolume($fill->gap)->inCubicMillimetres(),
            $fill->spool,
            max(1e-9, $perDepth * Tolerance::depthReadingMm($fill->readings)) ** 2,
        ];
    }

    private function solve(): void
    {
        $lines = array_keys($this->lines);
        $precision = [];
        $towards = [];
        foreach ($lines as $i => $line) {
            $sure = 1 / max(self::LEAST_SD, $this->lines[$line]->cellSd) ** 2;
            $precision[$i] = array_fill(0, count($lines), 0.0);
            $precision[$i][$i] = $sure;
            $towards[$i] = $sure;
        }
        $pull = [];
        foreach ($this->spools as $name => $spool) {
            $sure = 1 / max(self::LEAST_SD, $spool->sd) ** 2;
            $this->arrow[(string) $name] = [$sure, []];
            $pull[(string) $name] = $sure;
        }
        foreach ($this->equations as [$seen, $room, $spool, $variance]) {
            $this->arrow[$spool][0] += $room ** 2 / $variance;
            foreach ($seen as $i => $volume) {
                $this->arrow[$spool][1][$i] = ($this->arrow[$spool][1][$i] ?? 0.0) - $room * $volume / $variance;
                foreach ($seen as $j => $other) {
                    $precision[$i][$j] += $volume * $other / $variance;
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
        $this->covariance = Precision::covariance(array_values(array_map(array_values(...), $precision)));
        $means = array_map(
            static fn(array $row): float => array_sum(array_map(static fn(float $a, float $b): float => $a * $b, $row, $towards)),
            $this->covariance,
        );
        foreach ($lines as $i => $line) {
            $this->cellFactor[(string) $line] = $means[$i];
        }
        foreach ($this->arrow as $spool => [$own, $with]) {
            $from = $pull[$spool];
            foreach ($with as $i => $one) {
                $from -= $one * $means[$i];
            }
            $this->roomFactor[$spool] = $from / $own;
        }
    }

    /**
     * The variance of a sum of one spool's room factor and some cell factors.
     *
     * @param array<int, float> $lines
     */
    private function variance(string $spool, float $room, array $lines): float
    {
        [$own, $with] = $this->arrow[$spool];
        // v given the cells has 1 / own; with them it moves by -with / own
        $through = $lines;
        foreach ($with as $i => $one) {
            $through[$i] = ($through[$i] ?? 0.0) - $room * $one / $own;
        }
        $sum = $room ** 2 / $own;
        foreach ($through as $i => $one) {
            foreach ($through as $j => $other) {
                $sum += $one * $other * $this->covariance[$i][$j];
            }
        }

        return max(0.0, $sum);
    }

    private function spool(string $name): Spool
    {
        return $this->spools[$name] ?? throw BadLearning::noSuchSpool($name);
    }

    /** What a metre takes out of this spool by the table, mm3. */
    private function perMetre(string $line, Spool $spool): float
    {
        return 1000 * ($this->lines[$line] ?? throw BadLearning::noSuchLine($line))->cell($spool->lay)->inSquareMillimetres();
    }
}
