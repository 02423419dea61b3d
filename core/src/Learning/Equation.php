<?php

declare(strict_types=1);

namespace Undro\Learning;

/** One finished fill as the equation v room - sum c seen = 0, with its own error. Source: handbook, chapter 6, learning. */
final readonly class Equation
{
    /**
     * @param string            $spool    v is the factor on its room
     * @param float             $room     of the spool up to the gap that was read, mm3
     * @param array<int, float> $seen     mm3 of each line by its place; c is the factor on its cell
     * @param float             $variance of the reading, mm6
     */
    public function __construct(public string $spool, public float $room, public array $seen, public float $variance) {}
}
