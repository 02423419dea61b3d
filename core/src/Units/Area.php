<?php

declare(strict_types=1);

namespace Undro\Units;

/** An area, such as the cell one wrap takes out of the spool's cross-section; canonical unit mm2. */
final readonly class Area
{
    private function __construct(private float $squareMillimetres)
    {
        is_finite($squareMillimetres) || throw BadQuantity::notFinite('area');
    }

    /** @param float $squareMillimetres mm2, signed @throws BadQuantity if not finite */
    public static function squareMillimetres(float $squareMillimetres): self
    {
        return new self($squareMillimetres);
    }

    /** @return float mm2 */
    public function inSquareMillimetres(): float
    {
        return $this->squareMillimetres;
    }

}
