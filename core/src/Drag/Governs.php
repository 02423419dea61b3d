<?php

declare(strict_types=1);

namespace Undro\Drag;

/** Which of the three limits the drag follows. */
enum Governs: string
{
    case Weakest = 'weakest';
    case Reel = 'reel';
    case Rod = 'rod';
}
