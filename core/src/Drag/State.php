<?php

declare(strict_types=1);

namespace Undro\Drag;

/** What to do after a pull. */
enum State: string
{
    case PullAgain = 'pull_again';
    case Move = 'move';
    case Accept = 'accept';
}
