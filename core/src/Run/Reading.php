<?php

declare(strict_types=1);

namespace Undro\Run;

use Undro\Units\Length;

/** How deep under the lip the line stands, by calipers, in the middle of a fill. */
final readonly class Reading
{
    /**
     * @param int  $count how many readings round the spool the depth is the mean of
     * @param bool $sure  the angler was asked, and stands by it
     */
    public function __construct(public Length $depth, public int $count, public bool $sure = false) {}
}
