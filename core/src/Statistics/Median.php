<?php

declare(strict_types=1);

namespace Undro\Statistics;

/** The middle of several readings: one that is far off moves it little. */
final class Median
{
    /** @param list<float> $figures one at least */
    public static function of(array $figures): float
    {
        $figures !== [] || throw new \LogicException('The middle of nothing was asked for.');
        sort($figures);
        $count = count($figures);

        return ($figures[intdiv($count - 1, 2)] + $figures[intdiv($count, 2)]) / 2;
    }
}
