<?php

declare(strict_types=1);

namespace Undro\Choice;

use Undro\DomainFault;

/** A way of fishing no line can be chosen for. */
final class BadChoice extends DomainFault
{
    /** Names “fish”. */
    public static function noFish(): self
    {
        return new self('fish', 'Fish weight must be above 0. Type a weight such as 3 kg or 6 lb.');
    }

    /** Names “fish”. */
    public static function noBigGame(): self
    {
        return new self('fish', 'Big game from a boat starts at a fish of 3 kg (7 lb). Type a heavier fish, or choose another way of fishing.');
    }
}
