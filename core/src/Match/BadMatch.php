<?php

declare(strict_types=1);

namespace Undro\Match;

use Undro\DomainFault;

/** Ranges that cannot be compared. */
final class BadMatch extends DomainFault
{
    /** Names no field. */
    public static function backwards(string $typed): self
    {
        return new self(
            '',
            sprintf('"%s" runs from large to small. Type the smaller figure first, such as 8-14 lb.', mb_substr($typed, 0, 40)),
        );
    }
}
