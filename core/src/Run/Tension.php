<?php

declare(strict_types=1);

namespace Undro\Run;

/** How tightly line is held while it goes on. */
enum Tension: string
{
    case Loose = 'loose';
    case Firm = 'firm';
    case Hard = 'hard';

    /** How much more or less room the same line takes. General experience of ours. */
    public function onCell(): float
    {
        return match ($this) {
            self::Loose => 1.08,
            self::Firm => 1.0,
            self::Hard => 0.97,
        };
    }
}
