<?php

declare(strict_types=1);

namespace Undro\Plan;

/** What says how long the main line is. */
enum LengthBy: string
{
    /** a length as typed */
    case Typed = 'typed';
    /** all that is left on the filler */
    case All = 'all';
    /** the filler shared out over several reels */
    case Share = 'share';
    /** twice the longest cast and a run in reserve */
    case Reach = 'reach';
}
