<?php

declare(strict_types=1);

namespace Undro\Plan;

/** How much a note matters: worth knowing, worth changing something, or nothing fits. */
enum Weight: string
{
    case Note = 'note';
    case Warning = 'warning';
    case Stop = 'stop';
}
