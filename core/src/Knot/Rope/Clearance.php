<?php

declare(strict_types=1);

namespace Undro\Knot\Rope;

/** How near lines come to each other, as a share of their thickness. */
final class Clearance
{
    /**
     * The least distance between two stretches, as a share of what both are thick together; neighbours along a line are passed over.
     *
     * @param array<string, list<array{float, float, float}>> $pose   line => points
     * @param array<string, float>                            $radius line => radius
     */
    public static function of(array $pose, array $radius): float
    {
        $all = [];
        foreach ($pose as $line => $points) {
            $along = Chain::along($points);
            for ($i = 0, $n = count($points) - 1; $i < $n; ++$i) {
                $all[] = [$points[$i][0], $points[$i], $points[$i + 1], $line, $along[$i], $radius[$line]];
            }
        }
        usort($all, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $reach = 2 * max(0.0, ...array_values($radius)) + 2.0;
        $least = INF;
        foreach ($all as $k => [$x, $a, $b, $line, $along, $r]) {
            [, $y, $z] = $a;
            for ($m = $k + 1; isset($all[$m]); ++$m) {
                $other = $all[$m];
                if ($other[0] - $x > $reach) {
                    break;
                }
                $dy = $other[1][1] - $y;
                $dz = $other[1][2] - $z;
                if ($dy > $reach || $dy < -$reach || $dz > $reach || $dz < -$reach) {
                    continue;
                }
                $thick = $r + $other[5];
                if ($line === $other[3] && abs($along - $other[4]) < 2.0 * $thick) {
                    continue;
                }
                $least = min($least, self::apart($a, $b, $other[1], $other[2]) / $thick);
            }
        }

        return $least;
    }

    /**
     * Between two straight stretches in space.
     *
     * @param array{float, float, float} $a
     * @param array{float, float, float} $b
     * @param array{float, float, float} $c
     * @param array{float, float, float} $d
     */
    private static function apart(array $a, array $b, array $c, array $d): float
    {
        [$ux, $uy, $uz] = [$b[0] - $a[0], $b[1] - $a[1], $b[2] - $a[2]];
        [$vx, $vy, $vz] = [$d[0] - $c[0], $d[1] - $c[1], $d[2] - $c[2]];
        [$wx, $wy, $wz] = [$a[0] - $c[0], $a[1] - $c[1], $a[2] - $c[2]];
        $uu = $ux * $ux + $uy * $uy + $uz * $uz;
        $uv = $ux * $vx + $uy * $vy + $uz * $vz;
        $vv = $vx * $vx + $vy * $vy + $vz * $vz;
        $uw = $ux * $wx + $uy * $wy + $uz * $wz;
        $vw = $vx * $wx + $vy * $wy + $vz * $wz;
        $det = $uu * $vv - $uv * $uv;
        $s = $det > 1e-9 ? max(0.0, min(1.0, ($uv * $vw - $vv * $uw) / $det)) : 0.0;
        $t = $vv > 1e-12 ? max(0.0, min(1.0, ($uv * $s + $vw) / $vv)) : 0.0;
        $s = $uu > 1e-12 ? max(0.0, min(1.0, ($uv * $t - $uw) / $uu)) : 0.0;

        return sqrt(($wx + $s * $ux - $t * $vx) ** 2 + ($wy + $s * $uy - $t * $vy) ** 2 + ($wz + $s * $uz - $t * $vz) ** 2);
    }
}
