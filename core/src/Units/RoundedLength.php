<?php

declare(strict_types=1);

namespace Undro\Units;

/** A length told in round numbers, since no more is known of it: to 10, and under 100 to 5, in the reader's own unit. */
final readonly class RoundedLength
{
    private const TENS_FROM = 100;

    private function __construct(public float $metres) {}

    /** From a length that is known roughly. */
    public static function of(Length $length): self
    {
        return new self($length->inMetres());
    }

    /** In metres, with the unit. */
    public function text(): string
    {
        $step = abs($this->metres) < self::TENS_FROM ? 5 : 10;

        return sprintf('%.0F m', round($this->metres / $step) * $step);
    }
}
