<?php

declare(strict_types=1);

namespace Undro\Knot;

/** One step of a knot: lines as curves, and what they are tied to. Its crossings are read from the curves themselves. */
final readonly class Drawing
{
    /** Two lines nearer than this at a crossing would be one through the other. */
    private const CLEAR = 0.5;
    /** Points of a curve looked at together. */
    private const STRETCH = 12;

    /**
     * @param list<Path>  $paths
     * @param list<Prop>  $props
     * @param list<Crossing> $crossings
     */
    private function __construct(public array $paths, public array $props, public array $crossings) {}

    /**
     * @param list<Path> $paths
     * @param list<Prop> $props
     *
     * @throws \LogicException if one line runs through another
     */
    public static function of(array $paths, array $props = []): self
    {
        return new self($paths, $props, self::read($paths));
    }

    /**
     * @param list<Path> $paths
     *
     * @return list<Crossing>
     */
    private static function read(array $paths): array
    {
        $found = [];
        $fine = array_map(static fn(Path $path): array => $path->points(), $paths);
        foreach ($fine as $i => $one) {
            for ($j = $i; $j < count($fine); ++$j) {
                foreach (self::between($one, $fine[$j], $i === $j) as [$s, $t, $x, $y, $zs, $zt]) {
                    abs($zs - $zt) >= self::CLEAR
                        || throw new \LogicException(sprintf('Two lines run through each other at %.1f, %.1f.', $x, $y));
                    $found[] = $zs > $zt
                        ? new Crossing($i, $s, $j, $t, $x, $y, $zs - $zt)
                        : new Crossing($j, $t, $i, $s, $x, $y, $zt - $zs);
                }
            }
        }

        return $found;
    }

    /**
     * Stretches of a few points whose boxes do not touch are passed over whole.
     *
     * @param list<array{float, float, float}> $one
     * @param list<array{float, float, float}> $other
     *
     * @return iterable<array{float, float, float, float, float, float}> where on each, where on the page, how high each
     */
    private static function between(array $one, array $other, bool $same): iterable
    {
        $boxesOne = self::boxes($one);
        $boxesOther = $same ? $boxesOne : self::boxes($other);
        foreach ($boxesOne as $i => $a) {
            foreach ($boxesOther as $j => $b) {
                if (($same && $j < $i) || $a[0] > $b[1] || $b[0] > $a[1] || $a[2] > $b[3] || $b[2] > $a[3]) {
                    continue;
                }
                yield from self::meeting($one, $other, $same, $i * self::STRETCH, $j * self::STRETCH);
            }
        }
    }

    /**
     * The boxes round stretches of a curve.
     *
     * @param list<array{float, float, float}> $points
     *
     * @return list<array{float, float, float, float}> left, right, top, bottom
     */
    private static function boxes(array $points): array
    {
        $boxes = [];
        for ($from = 0; $from < count($points) - 1; $from += self::STRETCH) {
            $part = array_slice($points, $from, self::STRETCH + 1);
            $x = [$points[$from][0], ...array_column($part, 0)];
            $y = [$points[$from][1], ...array_column($part, 1)];
            $boxes[] = [min($x), max($x), min($y), max($y)];
        }

        return $boxes;
    }

    /**
     * @param list<array{float, float, float}> $one
     * @param list<array{float, float, float}> $other
     *
     * @return iterable<array{float, float, float, float, float, float}>
     */
    private static function meeting(array $one, array $other, bool $same, int $fromOne, int $fromOther): iterable
    {
        for ($i = $fromOne; $i < min(count($one) - 1, $fromOne + self::STRETCH); ++$i) {
            [$ax, $ay, $az] = $one[$i];
            [$bx, $by, $bz] = $one[$i + 1];
            for ($j = $same ? max($fromOther, $i + 2) : $fromOther; $j < min(count($other) - 1, $fromOther + self::STRETCH); ++$j) {
                [$cx, $cy, $cz] = $other[$j];
                [$dx, $dy, $dz] = $other[$j + 1];
                $cross = ($bx - $ax) * ($dy - $cy) - ($by - $ay) * ($dx - $cx);
                if (abs($cross) < 1e-12) {
                    continue;
                }
                $s = (($cx - $ax) * ($dy - $cy) - ($cy - $ay) * ($dx - $cx)) / $cross;
                $t = (($cx - $ax) * ($by - $ay) - ($cy - $ay) * ($bx - $ax)) / $cross;
                if ($s >= 0 && $s < 1 && $t >= 0 && $t < 1) {
                    yield [
                        $i + $s,
                        $j + $t,
                        $ax + $s * ($bx - $ax),
                        $ay + $s * ($by - $ay),
                        $az + $s * ($bz - $az),
                        $cz + $t * ($dz - $cz),
                    ];
                }
            }
        }
    }
}
