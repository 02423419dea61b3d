<?php

declare(strict_types=1);

namespace Undro\Line;

use Undro\DomainFault;

/** A line that cannot exist. */
final class BadLine extends DomainFault
{
    /** Names “diameter_mm”. */
    public static function noDiameter(): self
    {
        return new self('diameter_mm', 'A line needs a diameter above 0, or a strength from which a nominal one is taken.');
    }

    /** Names “strength”. */
    public static function noStrength(): self
    {
        return new self('strength', 'A strength must be above 0, such as 8 lb or 4 kg.');
    }
}
