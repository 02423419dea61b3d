<?php

declare(strict_types=1);

namespace Undro\Fill;

/** The length found for the open layer. Negative: the other layers alone overfill the spool by that much of this line. */
final readonly class Solved
{
    public function __construct(public int $index, public Band $band) {}
}
