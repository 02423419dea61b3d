<?php

declare(strict_types=1);

namespace Undro\Tests\Knot;

/** Lines in space looked at from the front: where they cross, and which lies over. */
final readonly class Diagram
{
    private const PRIME = 1_000_000_007;
    /** A number for t for each strand. */
    private const T = [12_345, 678_901, 23_456_789];

    /**
     * @param list<list<array{float, float, float}>> $strands
     * @param list<array{over: array{int, float}, under: array{int, float}}> $crossings strand and place on it, in points
     */
    private function __construct(private array $strands, public array $crossings) {}

    /** @param list<list<array{float, float, float}>> $strands */
    public static function of(array $strands): self
    {
        $found = [];
        foreach ($strands as $i => $one) {
            for ($j = $i, $n = count($strands); $j < $n; ++$j) {
                foreach (self::meeting($one, $strands[$j], $i === $j) as [$s, $t, $higher]) {
                    $found[] = $higher > 0 ? ['over' => [$i, $s], 'under' => [$j, $t]] : ['over' => [$j, $t], 'under' => [$i, $s]];
                }
            }
        }

        return new self($strands, $found);
    }

    /**
     * An arbor, as a line towards the eye that comes back far outside.
     *
     * @return list<array{float, float, float}>
     */
    public static function arbor(float $x, float $y): array
    {
        return [
            [$x, $y, -300.0],
            [$x + 0.1, $y + 0.1, 300.0],
            [$x - 400.0, $y - 500.7, 300.0],
            [$x - 400.0, $y - 500.1, -300.0],
            [$x, $y, -300.0],
        ];
    }

    /** Over and under as one meets them along a strand, between two places on it. */
    public function met(int $strand, float $from = 0.0, float $to = INF): string
    {
        $met = [];
        foreach ($this->crossings as $crossing) {
            foreach (['over' => 'O', 'under' => 'U'] as $how => $letter) {
                if ($crossing[$how][0] === $strand && $crossing[$how][1] >= $from && $crossing[$how][1] <= $to) {
                    $met[] = [$crossing[$how][1], $letter];
                }
            }
        }
        sort($met);

        return implode('', array_column($met, 1));
    }

    /**
     * Alexander's polynomial of the closed curves that the strands become where each one's ends are joined in front of everything: its
     * value where every strand has a number of its own for t, modulo a prime. What it is multiplied with is not known, but plus or
     * minus a product of powers of those numbers. It does not change however the lines are bent. It is 0 for lines that come apart.
     */
    public function alexander(): int
    {
        $closed = self::of(array_map(self::closed(...), $this->strands));
        $unders = array_fill(0, count($this->strands), []);
        foreach ($closed->crossings as $crossing) {
            $unders[$crossing['under'][0]][] = $crossing['under'][1];
        }
        // an arc goes from one passage under something to the next
        $first = [];
        $count = 0;
        foreach ($unders as $strand => $places) {
            $first[$strand] = $count;
            $count += max(1, count($places));
        }
        $arc = static function (int $strand, float $at) use ($unders, $first): int {
            $passed = count(array_filter($unders[$strand], static fn(float $under): bool => $under < $at));

            return $first[$strand] + $passed % max(1, count($unders[$strand]));
        };
        $rows = [];
        foreach ($closed->crossings as ['over' => $over, 'under' => [$strand, $at]]) {
            // Fox's calculus: (1 - t under) over + (t over) before - after; before and after change places with the hand
            [$before, $after] = [$arc($strand, $at), $arc($strand, $at + 1e-9)];
            if (!$closed->leftwards($over, [$strand, $at])) {
                [$before, $after] = [$after, $before];
            }
            $row = array_fill(0, $count, 0);
            $row[$arc(...$over)] += 1 - self::T[$strand];
            $row[$before] += self::T[$over[0]];
            --$row[$after];
            $rows[] = $row;
        }

        return self::minor($rows, $count - 1);
    }

    /** Whether two values are one polynomial's. */
    public static function alike(int $one, int $other): bool
    {
        if ($one === 0 || $other === 0) {
            return $one === $other;
        }
        $most = 70;
        $powers = static function (int $value, int $t) use ($most): array {
            $back = self::power($t, self::PRIME - 2);
            $value = $value * self::power($back, $most) % self::PRIME;
            $all = [];
            for ($k = -$most; $k <= $most; ++$k) {
                $all[] = $value;
                $value = $value * $t % self::PRIME;
            }

            return $all;
        };
        $found = array_flip($powers($other, self::T[0]));
        foreach ($powers($one, self::T[1]) as $value) {
            if (isset($found[$value]) || isset($found[self::PRIME - $value])) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param array{int, float} $over
     * @param array{int, float} $under
     */
    private function leftwards(array $over, array $under): bool
    {
        [$ox, $oy] = $this->way(...$over);
        [$ux, $uy] = $this->way(...$under);

        return $ux * $oy - $uy * $ox > 0;
    }

    /** @return array{float, float} */
    private function way(int $strand, float $at): array
    {
        $i = min((int) $at, count($this->strands[$strand]) - 2);
        [$a, $b] = [$this->strands[$strand][$i], $this->strands[$strand][$i + 1]];

        return [$b[0] - $a[0], $b[1] - $a[1]];
    }

    /**
     * @param list<array{float, float, float}> $points
     *
     * @return list<array{float, float, float}>
     */
    private static function closed(array $points): array
    {
        [$a, $b] = [$points[0], $points[count($points) - 1]];
        // far in front of everything; looked at a hair from the side, so that nothing lies upon itself
        $closed = $a === $b ? $points : [...$points, [$b[0], $b[1], 500.0], [$a[0], $a[1], 500.0], $a];

        return array_map(
            static fn(array $point): array => [$point[0] + 0.0137 * $point[2], $point[1] - 0.0211 * $point[2], $point[2]],
            $closed,
        );
    }

    /**
     * The determinant without the last row and column; 0 where there are too few rows.
     *
     * @param list<list<int>> $rows
     */
    private static function minor(array $rows, int $size): int
    {
        $prime = self::PRIME;
        $rows = array_slice($rows, 0, $size);
        if (count($rows) < $size) {
            return 0;
        }
        $value = 1;
        for ($k = 0; $k < $size; ++$k) {
            $pivot = null;
            for ($i = $k; $i < $size && $pivot === null; ++$i) {
                $rows[$i][$k] = ($rows[$i][$k] % $prime + $prime) % $prime;
                $pivot = $rows[$i][$k] !== 0 ? $i : null;
            }
            if ($pivot === null) {
                return 0;
            }
            [$rows[$k], $rows[$pivot]] = [$rows[$pivot], $rows[$k]];
            $value = $value * $rows[$k][$k] % $prime;
            $inverse = self::power($rows[$k][$k], $prime - 2);
            for ($i = $k + 1; $i < $size; ++$i) {
                $factor = ($rows[$i][$k] % $prime + $prime) % $prime * $inverse % $prime;
                if ($factor === 0) {
                    continue;
                }
                for ($j = $k; $j < $size; ++$j) {
                    $rows[$i][$j] = ($rows[$i][$j] - $factor * $rows[$k][$j]) % $prime;
                }
            }
        }

        return $value;
    }

    private static function power(int $base, int $exponent): int
    {
        $prime = self::PRIME;
        $result = 1;
        for (; $exponent > 0; $exponent >>= 1) {
            if (($exponent & 1) === 1) {
                $result = $result * $base % $prime;
            }
            $base = $base * $base % $prime;
        }

        return $result;
    }

    /**
     * @param list<array{float, float, float}> $one
     * @param list<array{float, float, float}> $other
     *
     * @return iterable<array{float, float, float}> where on each, and how much higher the one lies
     */
    private static function meeting(array $one, array $other, bool $same): iterable
    {
        // by rows and columns of a few units, so that not everything is held against everything
        $cells = [];
        for ($j = 0, $n = count($other) - 1; $j < $n; ++$j) {
            foreach (self::cells($other[$j], $other[$j + 1]) as $cell) {
                $cells[$cell][$j] = true;
            }
        }
        for ($i = 0, $n = count($one) - 1; $i < $n; ++$i) {
            $near = [];
            foreach (self::cells($one[$i], $one[$i + 1]) as $cell) {
                $near += $cells[$cell] ?? [];
            }
            [[$ax, $ay, $az], [$bx, $by, $bz]] = [$one[$i], $one[$i + 1]];
            foreach (array_keys($near) as $j) {
                if ($same && $j < $i + 2) {
                    continue;
                }
                [[$cx, $cy, $cz], [$dx, $dy, $dz]] = [$other[$j], $other[$j + 1]];
                $cross = ($bx - $ax) * ($dy - $cy) - ($by - $ay) * ($dx - $cx);
                if (abs($cross) < 1e-12) {
                    continue;
                }
                $s = (($cx - $ax) * ($dy - $cy) - ($cy - $ay) * ($dx - $cx)) / $cross;
                $t = (($cx - $ax) * ($by - $ay) - ($cy - $ay) * ($bx - $ax)) / $cross;
                if ($s >= 0 && $s < 1 && $t >= 0 && $t < 1) {
                    yield [$i + $s, $j + $t, $az + $s * ($bz - $az) - $cz - $t * ($dz - $cz)];
                }
            }
        }
    }

    /**
     * @param array{float, float, float} $a
     * @param array{float, float, float} $b
     *
     * @return iterable<string>
     */
    private static function cells(array $a, array $b): iterable
    {
        $size = 6.0;
        for ($x = (int) floor(min($a[0], $b[0]) / $size); $x <= (int) floor(max($a[0], $b[0]) / $size); ++$x) {
            for ($y = (int) floor(min($a[1], $b[1]) / $size); $y <= (int) floor(max($a[1], $b[1]) / $size); ++$y) {
                yield "$x:$y";
            }
        }
    }
}
