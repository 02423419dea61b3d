<?php

declare(strict_types=1);

namespace Undro\Knot;

/**
 * One line of a drawing as a curve in space, from its standing end to its tag: x to the right, y down the page, z towards the
 * eye. It passes through its points smoothly. Lengths in units of the drawing, in which a thin line is about 3 thick.
 */
final readonly class Path
{
    /** Points drawn between two of the curve's own. */
    private const FINE = 10;

    /**
     * @param list<array{float, float, float}> $through
     * @param array<string, int> $marks
     */
    private function __construct(
        public string $line,
        private array $through,
        public string $from,
        public string $to,
        private array $marks = [],
    ) {}

    /**
     * @param string $line which line it is: "a" or "b"
     * @param string $from what its beginning is: standing, tag, or bight
     * @param string $to   what its end is
     */
    public static function of(string $line, string $from = 'standing', string $to = 'tag'): self
    {
        return new self($line, [], $from, $to);
    }

    /** On through one more point. */
    public function to(float $x, float $y, float $z = 0.0): self
    {
        $last = $this->through[array_key_last($this->through) ?? 0] ?? null;

        return $last !== null && hypot($last[0] - $x, $last[1] - $y) < 1e-6
            ? $this
            : new self($this->line, [...$this->through, [$x, $y, $z]], $this->from, $this->to, $this->marks);
    }

    /** As far as here it has a name. */
    public function marked(string $name): self
    {
        return new self($this->line, $this->through, $this->from, $this->to, [...$this->marks, $name => count($this->through) - 1]);
    }

    /** Every mark with one more word. */
    public function renamed(string $word): self
    {
        $names = array_map(static fn(string $name): string => "{$name} {$word}", array_keys($this->marks));

        return new self($this->line, $this->through, $this->from, $this->to, array_combine($names, $this->marks));
    }

    /** @return array<string, int> the marks, as indices into its fine points */
    public function marks(): array
    {
        return array_map(static fn(int $at): int => $at * self::FINE, $this->marks);
    }

    /** The same curve with another end. */
    public function ending(string $to): self
    {
        return new self($this->line, $this->through, $this->from, $to, $this->marks);
    }

    /**
     * Round a straight core that lies along x, half a turn after half a turn: in front going up (or down), behind coming back.
     *
     * @param float $from   x of the first half turn's beginning
     * @param float $step   x from one half turn to the next; below 0 to the left
     * @param int   $halves half turns
     * @param float $axis   y of the core's middle
     * @param float $radius from there to the outermost of the wrap
     * @param bool  $up     the first half turn goes up the page
     * @param bool  $front  the first half turn lies in front
     * @param float $depth  how far before and behind the page
     * @param string|null $counted every turn is marked with this word and its number where it has passed the front
     * @param int $turn the turns that went before
     */
    public function wrapped(
        float $from,
        float $step,
        int $halves,
        float $axis,
        float $radius,
        bool $up = true,
        bool $front = true,
        float $depth = 6.0,
        ?string $counted = null,
        int $turn = 0,
    ): self {
        $path = $this;
        for ($half = 0; $half < $halves; ++$half) {
            $upward = ($half % 2 === 0) === $up;
            $forward = ($half % 2 === 0) === $front;
            foreach ([0.0, 0.25, 0.5, 0.75] as $part) {
                if ($part === 0.0 && $half > 0) {
                    continue;
                }
                $angle = M_PI * $part;
                $path = $path->to(
                    $from + ($half + $part) * $step,
                    $axis + ($upward ? 1 : -1) * $radius * cos($angle),
                    ($forward ? 1 : -1) * $depth * sin($angle),
                );
            }
            $path = $path->to($from + ($half + 1) * $step, $axis - ($upward ? 1 : -1) * $radius, 0.0);
            if ($counted !== null && $forward) {
                $path = $path->marked($counted . ' ' . ++$turn);
            }
        }

        return $path;
    }

    /** The same curve so much further right and down. */
    public function shifted(float $x, float $y): self
    {
        $through = array_map(static fn(array $point): array => [$point[0] + $x, $point[1] + $y, $point[2]], $this->through);

        return new self($this->line, $through, $this->from, $this->to, $this->marks);
    }

    /** Turned half round in the page about a point, as another line. */
    public function turned(float $x, float $y, string $line): self
    {
        return new self(
            $line,
            array_map(static fn(array $point): array => [2 * $x - $point[0], 2 * $y - $point[1], $point[2]], $this->through),
            $this->from,
            $this->to,
            $this->marks,
        );
    }

    /** From its n-th point on, what lay in front lies behind and the other way about. */
    public function swappedFrom(int $n): self
    {
        return new self(
            $this->line,
            array_map(
                static fn(array $point, int $index): array => $index < $n ? $point : [$point[0], $point[1], -$point[2]],
                $this->through,
                array_keys($this->through),
            ),
            $this->from,
            $this->to,
            $this->marks,
        );
    }

    /**
     * A point beyond its end, straight on.
     *
     * @return array{float, float, float}
     */
    public function beyond(float $distance): array
    {
        $fine = $this->points();
        $end = $fine[count($fine) - 1];
        $before = $fine[max(0, count($fine) - 3)];
        $length = hypot($end[0] - $before[0], $end[1] - $before[1]) ?: 1.0;

        return [$end[0] + $distance * ($end[0] - $before[0]) / $length, $end[1] + $distance * ($end[1] - $before[1]) / $length, $end[2]];
    }

    /** How many points it passes through. */
    public function count(): int
    {
        return count($this->through);
    }

    /** The points of another path, one after these. */
    public function then(self $other): self
    {
        $joined = $this;
        foreach ($other->through as $index => $point) {
            $joined = $joined->to(...$point);
            foreach (array_keys($other->marks, $index, true) as $mark) {
                $joined = $joined->marked($mark);
            }
        }

        return $joined->ending($other->to);
    }

    /** The same curve run through backwards. */
    public function backwards(): self
    {
        return new self(
            $this->line,
            array_reverse($this->through),
            $this->to,
            $this->from,
            array_map(fn(int $at): int => count($this->through) - 1 - $at, $this->marks),
        );
    }

    /** A second curve beside this one, to its left as it runs (right where below 0). */
    public function beside(float $distance, string $line, string $from, string $to): self
    {
        $fine = $this->points();
        $beside = [];
        $last = count($fine) - 1;
        for ($i = 0; $i <= $last; $i += 4) {
            $a = $fine[max(0, $i - 2)];
            $b = $fine[min($last, $i + 2)];
            $length = hypot($b[0] - $a[0], $b[1] - $a[1]) ?: 1.0;
            $beside[] = [
                $fine[$i][0] + $distance * ($b[1] - $a[1]) / $length,
                $fine[$i][1] - $distance * ($b[0] - $a[0]) / $length,
                $fine[$i][2],
            ];
        }

        $marks = array_map(static fn(int $at): int => intdiv($at, 4), $this->marks());

        return new self($line, $beside, $from, $to, $marks);
    }

    /**
     * The curve finely drawn (Catmull and Rom's spline, centripetal, so that it neither loops nor overshoots).
     *
     * @return list<array{float, float, float}>
     */
    public function points(): array
    {
        $p = $this->through;
        $last = count($p) - 1;
        if ($last < 1) {
            return $p;
        }
        $out = [$p[0]];
        for ($i = 0; $i < $last; ++$i) {
            $a = $p[$i - 1] ?? self::mirrored($p[$i + 1], $p[$i]);
            $b = $p[$i];
            $c = $p[$i + 1];
            $d = $p[$i + 2] ?? self::mirrored($p[$i], $p[$i + 1]);
            [$t0, $t1] = [0.0, self::knot($a, $b)];
            $t2 = $t1 + self::knot($b, $c);
            $t3 = $t2 + self::knot($c, $d);
            for ($k = 1; $k <= self::FINE; ++$k) {
                $t = $t1 + ($t2 - $t1) * $k / self::FINE;
                $out[] = self::barry($a, $b, $c, $d, $t0, $t1, $t2, $t3, $t);
            }
        }

        return $out;
    }

    /**
     * @param array{float, float, float} $of
     * @param array{float, float, float} $in
     *
     * @return array{float, float, float}
     */
    private static function mirrored(array $of, array $in): array
    {
        return [2 * $in[0] - $of[0], 2 * $in[1] - $of[1], 2 * $in[2] - $of[2]];
    }

    /**
     * @param array{float, float, float} $a
     * @param array{float, float, float} $b
     */
    private static function knot(array $a, array $b): float
    {
        return max(1e-3, sqrt(sqrt(($b[0] - $a[0]) ** 2 + ($b[1] - $a[1]) ** 2 + ($b[2] - $a[2]) ** 2)));
    }

    /**
     * Barry and Goldman's pyramid.
     *
     * @param array{float, float, float} $a
     * @param array{float, float, float} $b
     * @param array{float, float, float} $c
     * @param array{float, float, float} $d
     *
     * @return array{float, float, float}
     */
    private static function barry(array $a, array $b, array $c, array $d, float $t0, float $t1, float $t2, float $t3, float $t): array
    {
        $ab = self::mix($a, $b, $t0, $t1, $t);
        $bc = self::mix($b, $c, $t1, $t2, $t);
        $cd = self::mix($c, $d, $t2, $t3, $t);

        return self::mix(self::mix($ab, $bc, $t0, $t2, $t), self::mix($bc, $cd, $t1, $t3, $t), $t1, $t2, $t);
    }

    /**
     * @param array{float, float, float} $p at $from
     * @param array{float, float, float} $q at $to
     *
     * @return array{float, float, float} at $t
     */
    private static function mix(array $p, array $q, float $from, float $to, float $t): array
    {
        $share = ($t - $from) / ($to - $from);

        return [$p[0] + $share * ($q[0] - $p[0]), $p[1] + $share * ($q[1] - $p[1]), $p[2] + $share * ($q[2] - $p[2])];
    }
}
