<?php

declare(strict_types=1);

namespace Undro\Units;

/** A volume; canonical unit mm3. */
final readonly class Volume
{
    private function __construct(private float $cubicMillimetres)
    {
        is_finite($cubicMillimetres) || throw BadQuantity::notFinite('volume');
    }

    /** @param float $cubicMillimetres mm3, signed @throws BadQuantity if not finite */
    public static function cubicMillimetres(float $cubicMillimetres): self
    {
        return new self($cubicMillimetres);
    }

    /** @return float mm3 */
    public function inCubicMillimetres(): float
    {
        return $this->cubicMillimetres;
    }

}
