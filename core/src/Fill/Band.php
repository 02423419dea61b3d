<?php

declare(strict_types=1);

namespace Undro\Fill;

use Undro\Spool\Tolerance;
use Undro\Units\Length;

/** A length with its standard deviation and the 90 % band; the low end of the band is never under 0. */
final readonly class Band
{
    private function __construct(public Length $middle, public Length $sd) {}

    /** Of 90 %: 1.645 sd to either side. */
    public static function of(Length $middle, Length $sd): self
    {
        return new self($middle, $sd);
    }

    /** Its lower end, never below 0. */
    public function low(): Length
    {
        return Length::metres(max(0.0, $this->middle->inMetres() - $this->half()->inMetres()));
    }

    /** Its upper end. */
    public function high(): Length
    {
        return Length::metres(max(0.0, $this->middle->inMetres() + $this->half()->inMetres()));
    }

    /** Half the width of the 90 % band. */
    public function half(): Length
    {
        return Length::metres(Tolerance::BAND * $this->sd->inMetres());
    }
}
