<?php

declare(strict_types=1);

namespace Undro\Allocation;

/** What cuts come to: money first, then waste, then how many sources are opened. Less is better. */
final readonly class Worth
{
    public function __construct(public int $cost = 0, public int $waste = 0, public int $sources = 0) {}

    /** With so much more money, waste (micrometres) and sources. */
    public function and(int $cost, int $waste, int $sources): self
    {
        return new self($this->cost + $cost, $this->waste + $waste, $this->sources + $sources);
    }

    /** Both together. */
    public function plus(self $other): self
    {
        return $this->and($other->cost, $other->waste, $other->sources);
    }

    /**
     * Money first, then waste, then sources.
     *
     * @param self|null $other null: nothing was found yet
     */
    public function betterThan(?self $other): bool
    {
        return $other === null || $this->cost < $other->cost
            || ($this->cost === $other->cost && $this->waste < $other->waste)
            || ($this->cost === $other->cost && $this->waste === $other->waste && $this->sources < $other->sources);
    }
}
