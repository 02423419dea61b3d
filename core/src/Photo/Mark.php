<?php

declare(strict_types=1);

namespace Undro\Photo;

/** What is marked on a spool: opposite edges of its outline, or the inside faces of its flanges. */
enum Mark: string
{
    case Lip = 'lip';
    case Arbor = 'arbor';
    case Line = 'line';
    case Width = 'width';

    /** Whether its two points are edges of something round. */
    public function isRound(): bool
    {
        return $this !== self::Width;
    }
}
