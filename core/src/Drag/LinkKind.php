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

    /** As a sentence says it. */
    public function word(): string
    {
        return match ($this) {
            self::Main => 'main line',
            self::Join => 'joining knot',
            self::Leader => 'leader',
            self::Terminal => 'hook knot',
            self::Snap => 'snap',
        };
    }

    /** A knot, whose strength is a share of the line it is tied in. */
    public function isKnot(): bool
    {
        return $this === self::Join || $this === self::Terminal;
    }
}
