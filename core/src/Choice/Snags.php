<?php

declare(strict_types=1);

namespace Undro\Choice;

use Undro\Units\Length;

/** How much there is for a fish to reach. */
enum Snags: string
{
    case None = 'none';
    case Some = 'some';
    case Many = 'many';

    /** How far a fish can be let run, where nobody says. Ours; the screen says so. */
    public function room(): Length
    {
        return Length::metres(match ($this) {
            self::None => 100.0,
            self::Some => 60.0,
            self::Many => 25.0,
        });
    }
}
