<?php

declare(strict_types=1);

namespace Undro\Plan;

use Undro\DomainFault;

/** A plan that cannot be worked out yet. */
final class BadPlan extends DomainFault
{
    /** Names “main.length_m”. */
    public static function noFiller(): self
    {
        return new self('main.length_m', 'Choose the filler spool for the main line, so that Undro knows how much is on it.');
    }

    /** Names “main.cast_m”. */
    public static function castNeeded(): self
    {
        return new self('main.cast_m', 'Type your longest cast, such as 60 m.');
    }

    /** Names “join_depth_mm”. */
    public static function joinNeedsShape(): self
    {
        return new self('join_depth_mm', 'To set the knot’s level, Undro needs the lip and one more spool dimension.');
    }
}
