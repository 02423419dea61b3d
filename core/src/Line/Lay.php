<?php

declare(strict_types=1);

namespace Undro\Line;

/** How evenly the reel lays its wraps. Factors: handbook, chapter 2. */
enum Lay: string
{
    case Even = 'even';
    case Normal = 'normal';
    case Coarse = 'coarse';

    /** kappa: the share of a d-by-d square that one wrap really takes. */
    public function factor(): float
    {
        return match ($this) {
            self::Even => 0.90,
            self::Normal => 0.95,
            self::Coarse => 1.05,
        };
    }
}
