<?php

declare(strict_types=1);

namespace Undro\Units;

/** A diameter of a line, an arbor, a lip or a level on the spool. Canonical unit: mm. Not negative. */
final readonly class Diameter
{
    /** Diameter of PE 1 braid, mm; the diameter grows with the square root of the PE number. Source: handbook, chapter 1. */
    private const PE_ONE_MM = 0.165;

    private function __construct(private float $millimetres)
    {
        is_finite($millimetres) && $millimetres >= 0 || throw BadQuantity::notFinite('diameter');
    }

    /** @throws BadQuantity if negative or not finite */
    public static function millimetres(float $millimetres): self
    {
        return new self($millimetres);
    }

    /** @param float $number the PE number of a braid @throws BadQuantity if negative */
    public static function ofPe(float $number): self
    {
        $number >= 0 || throw BadQuantity::notFinite('PE number');

        return new self(self::PE_ONE_MM * sqrt($number));
    }

    /** Millimetres. */
    public function inMillimetres(): float
    {
        return $this->millimetres;
    }
}
