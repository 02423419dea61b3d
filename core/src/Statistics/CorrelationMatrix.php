<?php

declare(strict_types=1);

namespace Undro\Statistics;

/**
 * How several figures vary together: their correlations, from -1 to 1. Two things learnt from the same readings are not known
 * independently.
 */
final readonly class CorrelationMatrix
{
    /** @param list<list<float>> $correlations square, symmetric, ones on the diagonal */
    public function __construct(private array $correlations) {}

    /** Of two figures that vary together, before others that do not. */
    public static function ofPair(float $correlation): self
    {
        return new self([[1.0, $correlation], [$correlation, 1.0]]);
    }

    /** The correlation of two figures by their places, from 0; 0 where nothing is known of one. */
    public function between(int $one, int $other): float
    {
        return $this->correlations[$one][$other] ?? 0.0;
    }
}
