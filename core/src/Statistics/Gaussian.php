<?php

declare(strict_types=1);

namespace Undro\Statistics;

/**
 * What is believed of several figures at once: their means and how they vary together. Readings are linear; each is taken in
 * by its variance, one after the other, which gives the same as taking all in at once.
 */
final readonly class Gaussian
{
    /**
     * @param list<float>       $mean
     * @param list<list<float>> $covariance square, symmetric
     */
    private function __construct(public array $mean, public array $covariance) {}

    /**
     * Figures that know nothing of each other.
     *
     * @param list<float> $mean
     * @param list<float> $sd
     */
    public static function independent(array $mean, array $sd): self
    {
        $covariance = array_map(
            static fn(int $i): array => array_map(static fn(int $j): float => $i === $j ? $sd[$i] ** 2 : 0.0, array_keys($sd)),
            array_keys($sd),
        );

        return new self($mean, $covariance);
    }

    /** One figure has grown by an amount that is known only so well. */
    public function grown(int $figure, float $by, float $variance): self
    {
        $mean = $this->mean;
        $covariance = $this->covariance;
        $mean[$figure] += $by;
        $covariance[$figure][$figure] += $variance;

        return new self(array_values($mean), array_map(array_values(...), $covariance));
    }

    /** One figure is known by itself from here on, whatever the others are. */
    public function known(int $figure, float $mean, float $variance): self
    {
        $all = $this->mean;
        $covariance = $this->covariance;
        foreach (array_keys($all) as $other) {
            $covariance[$figure][$other] = 0.0;
            $covariance[$other][$figure] = 0.0;
        }
        $all[$figure] = $mean;
        $covariance[$figure][$figure] = $variance;

        return new self(array_values($all), array_map(array_values(...), $covariance));
    }

    /**
     * After a reading of h . x = value with an error of its own.
     *
     * @param list<float> $h        what the reading sees of each figure
     * @param float       $off      value - h . mean
     * @param float       $variance of the reading's own error
     */
    public function seen(array $h, float $off, float $variance): self
    {
        $seen = $this->times($h);
        $total = $this->variance($h) + $variance;
        if ($total <= 0) {
            return $this;
        }
        $mean = $this->mean;
        $covariance = $this->covariance;
        foreach ($seen as $i => $each) {
            $mean[$i] += $each * $off / $total;
            foreach ($seen as $j => $other) {
                $covariance[$i][$j] -= $each * $other / $total;
            }
        }

        return new self(array_values($mean), array_map(array_values(...), $covariance));
    }

    /**
     * The variance of h . x.
     *
     * @param list<float> $h
     */
    public function variance(array $h): float
    {
        return max(0.0, array_sum(array_map(static fn(float $a, float $b): float => $a * $b, $h, $this->times($h))));
    }

    /** The standard deviation of one figure, in its own unit. */
    public function sd(int $figure): float
    {
        return sqrt(max(0.0, $this->covariance[$figure][$figure]));
    }

    /**
     * @param list<float> $h
     *
     * @return list<float> C h
     */
    private function times(array $h): array
    {
        return array_map(
            static fn(array $row): float => array_sum(array_map(static fn(float $a, float $b): float => $a * $b, $row, $h)),
            $this->covariance,
        );
    }
}
