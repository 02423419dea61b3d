<?php

declare(strict_types=1);

namespace App\Stock;

use Undro\Fill\Role;
use Undro\Units\Length;

/** A part of a spool's fill that a line lies in, and how often what is at hand would do for it. */
final readonly class EnoughFor
{
    public function __construct(public int $spool, public Role $role, public int $line, public Length $length, public int $times = 0) {}

    public function times(int $times): self
    {
        return new self($this->spool, $this->role, $this->line, $this->length, $times);
    }
}
