<?php

declare(strict_types=1);

namespace Undro\Spool;

/** The form of a spool's front rim. */
enum LipShape: string
{
    case Bevelled = 'bevelled';
    case Straight = 'straight';
    case Rounded = 'rounded';
}
