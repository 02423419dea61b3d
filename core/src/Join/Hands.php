<?php

declare(strict_types=1);

namespace Undro\Join;

/** What makes tying hard here and now. */
enum Hands: string
{
    case Cold = 'cold';
    case Dark = 'dark';
    case Boat = 'boat';
    /** no room for fingers at the arbor */
    case Cramped = 'cramped';
}
