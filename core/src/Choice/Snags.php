<?php

declare(strict_types=1);

namespace Undro\Choice;

/** How much there is for a fish to reach. */
enum Snags: string
{
    case None = 'none';
    case Some = 'some';
    case Many = 'many';

    /** The steady pull needed, as a share of the fish's weight in air. General experience: open water lets a fish run. */
    public function pull(): float
    {
        return match ($this) {
            self::None => 0.25,
            self::Some => 0.40,
            self::Many => 0.60,
        };
    }
}
