<?php

declare(strict_types=1);

namespace Undro\Line;

use Undro\Units\Length;

/** What comes off the outer end of line that lies in pieces. */
final class OuterEnd
{
    /** Less than this is nothing, m. */
    public const NOTHING_M = 1e-6;

    /**
     * How much of each piece is gone with so much of the outer end; more than there is takes all.
     *
     * @param list<Length> $pieces from the arbor out
     *
     * @return list<Length> in the same order
     */
    public static function off(array $pieces, Length $gone): array
    {
        $left = $gone->inMetres();
        $off = [];
        foreach (array_reverse($pieces) as $piece) {
            $length = $piece->inMetres();
            $taken = $length <= $left + self::NOTHING_M ? $length : $left;
            $off[] = Length::metres($taken > self::NOTHING_M ? $taken : 0.0);
            $left = max(0.0, $left - $taken);
        }

        return array_reverse($off);
    }
}
