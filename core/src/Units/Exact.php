<?php

declare(strict_types=1);

namespace Undro\Units;

/** A figure told with the digits it has, not rounded as a finding is: a bound, or what was typed. */
final readonly class Exact
{
    private function __construct(public float $value, public string $unit) {}

    /** From mm. */
    public static function millimetres(float $value): self
    {
        return new self($value, 'mm');
    }

    /** From m. */
    public static function metres(float $value): self
    {
        return new self($value, 'm');
    }

    /** From N. */
    public static function newtons(float $value): self
    {
        return new self($value, 'N');
    }

    /** As it is, at most three decimals, with its unit. */
    public function text(): string
    {
        return self::plain($this->value) . " $this->unit";
    }

    /** A number with at most three decimals and no more than it takes. */
    public static function plain(float $value): string
    {
        return abs($value) >= 1e15 ? sprintf('%.3g', $value) : rtrim(rtrim(number_format($value, 3, '.', ''), '0'), '.');
    }
}
