<?php

declare(strict_types=1);

namespace Undro\Join;

/** How a lure or lead is thrown. */
enum Cast: string
{
    case Gentle = 'gentle';
    case Power = 'power';
}
