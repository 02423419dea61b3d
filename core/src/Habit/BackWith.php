<?php

declare(strict_types=1);

namespace Undro\Habit;

/** What lies under the main line. */
enum BackWith: string
{
    case Nylon = 'nylon';
    case OldLine = 'old_line';
    case Thread = 'thread';
    case Tape = 'tape';
}
