<?php

declare(strict_types=1);

namespace Undro\Allocation;

/** What a cut becomes on the spool. */
enum Part: string
{
    case Main = 'main';
    case Backing = 'backing';
}
