<?php

declare(strict_types=1);

namespace Undro\Units;

/** A length, signed: line, gap, depth, traverse. Canonical unit: metre. */
final readonly class Length
{
    /** No line is longer, m: more than any pack or bulk spool that is sold. */
    public const LONGEST_M = 20_000.0;

    private function __construct(private float $metres)
    {
        is_finite($metres) || throw BadQuantity::notFinite('length');
    }

    /** @throws BadQuantity if not finite */
    public static function metres(float $metres): self
    {
        return new self($metres);
    }

    /** @throws BadQuantity if not finite */
    public static function millimetres(float $millimetres): self
    {
        return new self($millimetres / 1000);
    }

    /** @throws BadQuantity if not finite */
    public static function of(float $amount, LengthUnit $unit): self
    {
        return new self($amount * $unit->inMetres());
    }

    /** Both, one after the other. */
    public function plus(self $other): self
    {
        return new self($this->metres + $other->metres);
    }

    /** The first without the second. */
    public function minus(self $other): self
    {
        return new self($this->metres - $other->metres);
    }

    /** Metres. */
    public function inMetres(): float
    {
        return $this->metres;
    }

    /** Millimetres. */
    public function inMillimetres(): float
    {
        return $this->metres * 1000;
    }

    /** In another unit. */
    public function in(LengthUnit $unit): float
    {
        return $this->metres / $unit->inMetres();
    }
}
