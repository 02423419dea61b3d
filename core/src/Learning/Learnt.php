<?php

declare(strict_types=1);

namespace Undro\Learning;

use Undro\DomainFault;
use Undro\Fill\Band;
use Undro\Fill\FillCalculator;
use Undro\Fill\Layer;
use Undro\Line\Line;
use Undro\Spool\Spool;
use Undro\Spool\Tolerance;
use Undro\Units\Length;

/**
 * What finished fills have taught of each spool's room and of the cell of each line, as factors on what was believed
 * before. A fill is one equation: v V(gap) - sum c 1000 L s = 0, within pi D w scale e (handbook, chapter 6). Fills that do not
 * agree with the rest are set aside and do not count until the angler says so.
 */
final class Learnt
{
    /** What a reading that is kept all the same may make of any factor. */
    private const BELIEVABLE = [0.6, 1.6];

    private readonly Posterior $believed;
    /** @var array<string, int> where each line stands */
    private array $order;
    /** @var list<int> */
    private readonly array $aside;

    /**
     * @param array<string, Spool> $spools by name, with geometry
     * @param array<string, Line>  $lines
     * @param list<Finished>       $fills
     *
     * @throws BadLearning
     */
    public function __construct(private readonly array $spools, private readonly array $lines, private readonly array $fills)
    {
        $this->order = array_flip(array_map(strval(...), array_keys($lines)));
        $equations = array_map($this->equation(...), $fills);
        $asked = array_filter($equations, static fn(int $number): bool => !$fills[$number]->keep, ARRAY_FILTER_USE_KEY);
        [$this->aside, $others] = Outliers::among($asked, $this->solve(...));
        $kept = count($asked) < count($fills);
        $this->believed = $kept ? $this->solve(array_diff_key($equations, array_flip($this->aside))) : $others;
        if ($kept) {
            $this->refuseWhatIsKept($equations, $others);
        }
    }

    /** @return list<int> the places of the fills that are set aside and do not count, ascending */
    public function outliers(): array
    {
        return $this->aside;
    }

    /** @return array{float, float} the factor on a spool's room, and its sd */
    public function room(string $spool): array
    {
        return [$this->believed->room($spool), sqrt($this->believed->variance($spool, 1.0, []))];
    }

    /** @return array{float, float} the factor on a line's cell, and its sd */
    public function cell(string $line): array
    {
        return [$this->believed->cell($this->order[$line]), $this->believed->cellSd($this->order[$line])];
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
        return $this->believed->correlations($spool, array_map(fn(string $line): int => $this->order[$line], $lines));
    }

    /** What was learnt of a spool's room; null where fewer than half of its fills count. */
    public function ofSpool(string $spool): ?Taught
    {
        return $this->taught($this->room($spool), static fn(Finished $fill): bool => $fill->spool === $spool);
    }

    /** What was learnt of a line's cell; null where fewer than half of the fills with it count. */
    public function ofLine(string $line): ?Taught
    {
        return $this->taught($this->cell($line), static fn(Finished $fill): bool => in_array($line, array_column($fill->layers, 0), true));
    }

    /**
     * The gap that a fill should have come to by what is believed now, within the 90 % band of what is believed; null where it can
     * be none on this spool.
     *
     * @param int $fill its place in the list
     */
    public function expected(int $fill): ?Expected
    {
        $finished = $this->fills[$fill];
        try {
            $full = FillCalculator::solve(
                $this->spool($finished->spool)->roomier($this->believed->room($finished->spool)),
                null,
                Layer::stacked(array_map(fn(array $layer): array => [
                    $this->lines[$layer[0]]->learnt(...$this->cell($layer[0])), $layer[1], $layer[0],
                ], $finished->layers)),
            );
        } catch (DomainFault) {
            return null;
        }

        $depth = $full->layers[count($full->layers) - 1]->depth ?? null;
        if ($depth === null) {
            return null;
        }
        $then = $this->equation(new Finished($finished->spool, $finished->layers, $depth));
        $perDepth = sqrt($then->variance) / Tolerance::depthReadingMm(1);

        return new Expected($depth, Length::millimetres(Tolerance::BAND * sqrt($this->believed->varianceOf($then)) / $perDepth));
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
            $at = $this->order[$line];
            $taken += $this->believed->cell($at) * $length->inMetres() * $perMetre;
            $seen[$at] = ($seen[$at] ?? 0.0) + $length->inMetres() * $perMetre;
        }
        $open !== null || throw BadLearning::oneOpen();
        [$line, $perMetre] = $open;
        $full = $reel->fullVolume($gap)->inCubicMillimetres();
        $of = $this->order[$line];
        $each = $this->believed->cell($of) * $perMetre;
        $length = ($this->believed->room($spool) * $full - $taken) / $each;
        $towards = array_map(static fn(float $metres): float => -$metres / $each, $seen);
        $towards[$of] = ($towards[$of] ?? 0.0) - $length / $this->believed->cell($of);

        return Band::of(Length::metres($length), Length::metres(sqrt($this->believed->variance($spool, $full / $each, $towards))));
    }

    /** @param array<int, Equation> $counted */
    private function solve(array $counted): Posterior
    {
        return new Posterior($this->spools, array_values($this->lines), $counted);
    }

    private function equation(Finished $fill): Equation
    {
        $spool = $this->spool($fill->spool);
        $geometry = $spool->geometry ?? throw BadLearning::noShape($fill->spool);
        $seen = [];
        foreach ($fill->layers as [$line, $length]) {
            $volume = $length->inMetres() * $this->perMetre($line, $spool);
            $seen[$this->order[$line]] = ($seen[$this->order[$line]] ?? 0.0) + $volume;
        }
        $perDepth = $spool->volumePerDepth($geometry, $geometry->diameterAt($fill->gap))->inSquareMillimetres();

        return new Equation(
            $fill->spool,
            $spool->fullVolume($fill->gap)->inCubicMillimetres(),
            $seen,
            max(1e-9, $perDepth * Tolerance::depthReadingMm($fill->readings)) ** 2,
        );
    }

    /**
     * A reading counted all the same must not make nonsense of what all others say.
     *
     * @param list<Equation> $equations of all fills
     * @param Posterior      $others    what is believed without those that are kept
     *
     * @throws BadLearning naming the kept fill that is furthest off
     */
    private function refuseWhatIsKept(array $equations, Posterior $others): void
    {
        $factors = [
            ...array_map(fn(string|int $spool): float => $this->believed->room((string) $spool), array_keys($this->spools)),
            ...array_map($this->believed->cell(...), array_values($this->order)),
        ];
        if ($factors === [] || (min($factors) >= self::BELIEVABLE[0] && max($factors) <= self::BELIEVABLE[1])) {
            return;
        }
        $worst = null;
        $furthest = -1.0;
        foreach ($this->fills as $number => $fill) {
            $far = $fill->keep ? abs($others->misses($equations[$number])) / sqrt($equations[$number]->variance) : -1.0;
            if ($far > $furthest) {
                [$worst, $furthest] = [$number, $far];
            }
        }
        throw BadLearning::keptIsNonsense((int) $worst, $this->fills[(int) $worst]);
    }

    /**
     * Nothing is said where half of the fills are set aside.
     *
     * @param array{float, float}     $factor and its sd
     * @param \Closure(Finished): bool $of
     */
    private function taught(array $factor, \Closure $of): ?Taught
    {
        $fills = array_filter($this->fills, $of);
        $counted = array_diff_key($fills, array_flip($this->aside));

        return count($counted) > 0 && 2 * count($counted) > count($fills) ? new Taught($factor[0], $factor[1], count($counted)) : null;
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
