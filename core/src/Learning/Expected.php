<?php

declare(strict_types=1);

namespace Undro\Learning;

use Undro\Units\Length;

/** The gap a finished fill should come to, by what all the others say. */
final readonly class Expected
{
    /** @param Length $half half the width of its 90 % band */
    public function __construct(public Length $gap, public Length $half) {}
}
