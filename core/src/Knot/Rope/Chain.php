<?php

declare(strict_types=1);

namespace Undro\Knot\Rope;

/** A curve in space as points evenly apart. */
final class Chain
{
    /** Two points of one line touch only if it is at least this many thicknesses from one to the other: a half circle, and a little. */
    public const BENT = 1.7;

    /**
     * The same curve in so many stretches of one length.
     *
     * @param list<array{float, float, float}> $points
     *
     * @return list<array{float, float, float}> one more than stretches
     */
    public static function even(array $points, int $stretches): array
    {
        $along = self::along($points);
        $last = count($points) - 1;
        $step = $along[$last] / $stretches;
        $out = [$points[0]];
        $k = 1;
        for ($i = 1; $i < $stretches; ++$i) {
            $at = $i * $step;
            while ($k < $last && $along[$k] < $at) {
                ++$k;
            }
            $part = ($at - $along[$k - 1]) / max(1e-9, $along[$k] - $along[$k - 1]);
            [$ax, $ay, $az] = $points[$k - 1];
            [$bx, $by, $bz] = $points[$k];
            $out[] = [$ax + $part * ($bx - $ax), $ay + $part * ($by - $ay), $az + $part * ($bz - $az)];
        }
        $out[] = $points[$last];

        return $out;
    }

    /**
     * How far along the curve each point lies.
     *
     * @param list<array{float, float, float}> $points
     *
     * @return list<float>
     */
    public static function along(array $points): array
    {
        $along = [0.0];
        for ($k = 1, $n = count($points); $k < $n; ++$k) {
            [$ax, $ay, $az] = $points[$k - 1];
            [$bx, $by, $bz] = $points[$k];
            $along[] = $along[$k - 1] + sqrt(($bx - $ax) ** 2 + ($by - $ay) ** 2 + ($bz - $az) ** 2);
        }

        return $along;
    }
}
