<?php

declare(strict_types=1);

namespace App\Households;

/** What a household or a person may be called. */
final class Name
{
    private const LONGEST = 60;

    /** Returns whether this is a name: not empty, not too long, and without control characters, which a terminal would obey. */
    public static function isOne(string $typed): bool
    {
        return preg_match(sprintf('/^\P{Cc}{1,%d}$/u', self::LONGEST), $typed) === 1;
    }
}
