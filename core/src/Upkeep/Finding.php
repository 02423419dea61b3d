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
