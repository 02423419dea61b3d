<?php

declare(strict_types=1);

namespace Undro\Match;

/** What a line is compared with. */
enum Against: string
{
    case Reel = 'reel';
    case Rod = 'rod';
    case ReelDrag = 'reel_drag';
    case RodDrag = 'rod_drag';
}
