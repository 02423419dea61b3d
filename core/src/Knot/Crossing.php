<?php

declare(strict_types=1);

namespace Undro\Knot;

/** Where one part of a drawing passes over another. */
final readonly class Crossing
{
    /**
     * @param int   $over    the path that lies over
     * @param float $overAt  where on it, in points from its beginning
     * @param int   $under   the path that lies under; may be the same
     * @param float $underAt where on it
     * @param float $between how far one lies over the other
     */
    public function __construct(
        public int $over,
        public float $overAt,
        public int $under,
        public float $underAt,
        public float $x,
        public float $y,
        public float $between,
    ) {}
}
