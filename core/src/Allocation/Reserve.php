<?php

declare(strict_types=1);

namespace Undro\Allocation;

/** What a cut is longer than the line that lies on the spool, m: knots, and what lies through the guides while it is wound. Ours. */
final class Reserve
{
    public const MAIN_M = 3.0;
    public const BACKING_M = 1.0;
}
