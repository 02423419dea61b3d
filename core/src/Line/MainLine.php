<?php

declare(strict_types=1);

namespace Undro\Line;

/**
 * What of the line on a spool is the main line: all that lies outermost and is of one line, in however many stretches it was wound. What
 * lies under it, or has lain under a main line that is off, is backing.
 */
final class MainLine
{
    /**
     * Where it begins.
     *
     * @param list<int|string|null> $lines which line each piece is of, from the arbor out; null: known to be backing
     *
     * @return int the place of its innermost piece; the number of pieces where there is no main line
     */
    public static function begins(array $lines): int
    {
        $begins = count($lines);
        while ($begins > 0 && $lines[$begins - 1] !== null && $lines[$begins - 1] === $lines[count($lines) - 1]) {
            --$begins;
        }

        return $begins;
    }
}
