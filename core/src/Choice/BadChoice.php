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
        return new self('fish', 'How heavy is the fish you hope for? Give a weight above 0, such as 3 kg or 6 lb.');
    }
}
