<?php

declare(strict_types=1);

namespace Undro\Statistics;

/** Repeatable chance: the same seed always gives the same figures. */
final class RandomSource
{
    private readonly \Random\Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
    }

    /** From 0 up to 1. */
    public function uniform(): float
    {
        return $this->random->getInt(0, 1_000_000) / 1_000_001;
    }

    /** Of mean 0 and sd 1, by the method of Box and Muller. */
    public function normal(): float
    {
        return sqrt(-2 * log(1 - $this->uniform())) * cos(2 * M_PI * $this->uniform());
    }
}
