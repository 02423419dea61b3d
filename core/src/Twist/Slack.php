<?php

declare(strict_types=1);

namespace Undro\Twist;

/** How a metre of slack hangs. */
enum Slack: string
{
    case Straight = 'straight';
    case Loops = 'loops';
}
