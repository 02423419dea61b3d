<?php

declare(strict_types=1);

namespace Undro\Units;

/** A force: line strength, drag. Canonical unit: newton. */
final readonly class Force
{
    private function __construct(private float $newtons)
    {
        is_finite($newtons) || throw BadQuantity::notFinite('force');
    }

    /** @throws BadQuantity if not finite */
    public static function newtons(float $newtons): self
    {
        return new self($newtons);
    }

    /** @throws BadQuantity if not finite */
    public static function of(float $amount, ForceUnit $unit): self
    {
        return new self($amount * $unit->inNewtons());
    }

    /** Newtons. */
    public function inNewtons(): float
    {
        return $this->newtons;
    }

    /** In another unit. */
    public function in(ForceUnit $unit): float
    {
        return $this->newtons / $unit->inNewtons();
    }
}
