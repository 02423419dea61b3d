<?php

declare(strict_types=1);

namespace Undro\Match;

/** How a line stands to a range. */
enum Verdict: string
{
    case Fits = 'fits';
    case Light = 'light';
    case Heavy = 'heavy';
    /** everyday tackle, with something to mind */
    case Note = 'note';
    /** nothing printed to compare with */
    case Unknown = 'unknown';
}
