<?php

declare(strict_types=1);

namespace Undro\Drag;

/** The places of the chain, from the arbor to the lure. */
enum LinkKind: string
{
    case Main = 'main';
    case Join = 'join';
    case Leader = 'leader';
    case Terminal = 'terminal';
    case Snap = 'snap';

    /** A knot, whose strength is a share of the line it is tied in. */
    public function isKnot(): bool
    {
        return $this === self::Join || $this === self::Terminal;
    }
}
