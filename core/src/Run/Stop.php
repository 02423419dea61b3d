<?php

declare(strict_types=1);

namespace Undro\Run;

/** Why a layer stopped. */
enum Stop: string
{
    case AtMark = 'at_mark';
    case Early = 'early';
    case FillerOut = 'filler_out';
    case Snapped = 'snapped';

    /** Whether the same layer may go on afterwards. */
    public function mayGoOn(): bool
    {
        return $this !== self::AtMark;
    }
}
