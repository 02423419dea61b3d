<?php

declare(strict_types=1);

namespace Undro\Knot;

/** Where a join lies. */
enum Where: string
{
    /** line to the arbor: small and tight, never carries a fish */
    case Arbor = 'arbor';
    /** under the main line: small, few turns */
    case Buried = 'buried';
    /** goes through the guides and carries the fish */
    case Guides = 'guides';
}
