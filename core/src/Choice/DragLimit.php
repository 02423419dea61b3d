<?php

declare(strict_types=1);

namespace Undro\Choice;

/** What keeps a drag under its share of the line's strength. */
enum DragLimit: string
{
    case None = 'none';
    case Person = 'person';
    case Reel = 'reel';
    case Rod = 'rod';
}
