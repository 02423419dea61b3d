<?php

declare(strict_types=1);

namespace Undro\Upkeep;

/** What is seen and felt of a line. Source: handbook, chapters 5 (condition) and 6 (inspection). */
enum Finding: string
{
    case Fine = 'fine';
    case Coiled = 'coiled';
    case Faded = 'faded';
    case Rough = 'rough';
    case Nicked = 'nicked';

    /** Worn at most: it can be turned over, or go under another line. */
    public function sound(): bool
    {
        return $this !== self::Rough && $this !== self::Nicked;
    }

    /** What share of its strength the line still has there. */
    public function condition(): float
    {
        return match ($this) {
            self::Fine, self::Coiled => 1.0,
            self::Faded => 0.9,
            self::Rough => 0.8,
            self::Nicked => 0.5,
        };
    }
}
