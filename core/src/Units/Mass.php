<?php

declare(strict_types=1);

namespace Undro\Units;

/** A mass, as a kitchen scale shows it. Canonical unit: gram. */
final readonly class Mass
{
    private function __construct(private float $grams)
    {
        is_finite($grams) || throw BadQuantity::notFinite('mass');
    }

    /** @throws BadQuantity if not finite */
    public static function of(float $amount, MassUnit $unit): self
    {
        return new self($amount * $unit->inGrams());
    }

    /** Grams. */
    public function inGrams(): float
    {
        return $this->grams;
    }

    /** In another unit. */
    public function in(MassUnit $unit): float
    {
        return $this->grams / $unit->inGrams();
    }
}
