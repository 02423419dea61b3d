<?php

declare(strict_types=1);

namespace Undro\Run;

enum StepState: string
{
    case Open = 'open';
    case Done = 'done';
    case Skipped = 'skipped';
}
