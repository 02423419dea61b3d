<?php

declare(strict_types=1);

namespace Undro\Lesson;

use Undro\Units\Sentence;

/** How near it came, once it is left. */
final readonly class Outcome
{
    /**
     * @param float      $off    how far from what it should be, in its unit
     * @param string     $unit   mm, m, percent, or wrong: how many of the answers
     * @param float      $within no further off than this is well done
     * @param list<Slip> $slips  what was wrong with leaving it there
     */
    public function __construct(
        public float $off,
        public string $unit,
        public float $within,
        public Sentence $says,
        public array $slips = [],
    ) {}

    /** Whether it is as near as it should be. */
    public function good(): bool
    {
        return $this->off <= $this->within + 1e-9;
    }
}
