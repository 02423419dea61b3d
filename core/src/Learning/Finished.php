<?php

declare(strict_types=1);

namespace Undro\Learning;

use Undro\Units\Length;

/** One finished fill: what was wound onto which spool, and the gap it reached. */
final readonly class Finished
{
    /**
     * @param list<array{string, Length}> $layers   line and length, from the arbor out
     * @param int                         $readings of the gap, round the spool
     * @param bool                        $keep     it counts, whatever the others say
     */
    public function __construct(
        public string $spool,
        public array $layers,
        public Length $gap,
        public int $readings = 1,
        public bool $keep = false,
    ) {}
}
