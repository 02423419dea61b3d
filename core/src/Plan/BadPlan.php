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
        return new self('main.length_m', 'Pick the filler the main line comes off, so that what is left on it is known.');
    }

    /** Names “main.cast_m”. */
    public static function castNeeded(): self
    {
        return new self('main.cast_m', 'How far is the longest cast? Give it, such as 60 m.');
    }

    /** Names “join_depth_mm”. */
    public static function joinNeedsShape(): self
    {
        return new self('join_depth_mm', 'Without the lip and one more measure of the spool there is no depth to set the join at.');
    }
}
