<?php

declare(strict_types=1);

namespace Undro\Knot;

/** Where a knot lies. */
enum Where: string
{
    /** line to the arbor: small and tight, never carries a fish */
    case Arbor = 'arbor';
    /** under the main line: small, few turns */
    case Buried = 'buried';
    /** goes through the guides and carries the fish */
    case Guides = 'guides';
    /** line or leader to a hook, lure or snap */
    case Hook = 'hook';

    /** Returns whether a single line is tied there: to the arbor or to a hook, not to another line. */
    public function tiesOneLine(): bool
    {
        return $this === self::Arbor || $this === self::Hook;
    }
}
