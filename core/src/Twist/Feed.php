<?php

declare(strict_types=1);

namespace Undro\Twist;

/** How line leaves the filler: lifted over the end of a still filler, or off one that turns. */
enum Feed: string
{
    case OverEnd = 'over_end';
    case Rotating = 'rotating';
}
