<?php

declare(strict_types=1);

namespace Undro\Knot\Rope;

/**
 * Lines under tension as chains of points in space, drawn tight step by step: every curve grows shorter, and no two stretches
 * come nearer than their thickness. Overdamped and without friction; ends are held. Lengths in units of the drawing.
 */
final class Rope
{
    /** How far any point may go in one step, in radii of the thinnest: under half of one, so that no line is jumped over. */
    private const STRIDE = 0.3;
    /** How hard a point is pulled towards the middle of its neighbours: touched by another line, on the arbor, in the air. */
    private const TOUCHED = 1.5;
    private const NEAR = 2.0;
    private const ALOFT = 40.0;
    /** Nearer than this share of their thickness two stretches would be one through the other. */
    private const THROUGH = 0.6;
    /** Where lines are pressed nearer than this they are pushed apart again, so many times more. */
    private const ENOUGH = 0.96;
    private const MORE = 12;
    /** How often a step brings marks nearer to the middle of their neighbours. */
    private const SETTLE = 16;
    private const SWEEPS = 8;
    /** Steps for which a list of neighbours holds. */
    private const KEEP = 2;

    /** @var array<int, float> */
    private array $x = [];
    /** @var array<int, float> */
    private array $y = [];
    /** @var array<int, float> */
    private array $z = [];
    /** @var array<int, float> */
    private array $radius = [];
    /** @var array<int, float> how freely a point moves: 0 is held */
    private array $free = [];
    /** @var array<int, int> whose hand takes it along */
    private array $hand = [];
    /** @var list<int> which line a point is of */
    private array $of = [];
    /** @var list<array{int, int}> first and last point of each line */
    private array $lines = [];
    /** @var list<array<int, float>> where on each line its marks are now, in points: they go with the line and never along it */
    private array $marks = [];
    /** @var list<int> two and two */
    private array $pairs = [];
    /** @var list<float> how far apart each pair must be */
    private array $apart = [];
    /** @var list<float> how hard each point is pulled */
    private array $pull = [];
    private int $age = self::KEEP;
    private float $thin = INF;
    private float $girth = 1.0;
    /** The least distance between two stretches after the last step, as a share of what it must be. */
    private float $least = INF;

    /** @param array{float, float, float}|null $arbor x, y and radius of a cylinder along z */
    public function __construct(private readonly ?array $arbor = null) {}

    /**
     * One more line, held at its ends.
     *
     * @param list<array{float, float, float}> $points evenly apart
     */
    public function line(array $points, float $radius): int
    {
        $from = count($this->x);
        foreach ($points as $i => [$x, $y, $z]) {
            $this->x[] = $x;
            $this->y[] = $y;
            $this->z[] = $z;
            $this->radius[] = $radius;
            $this->free[] = $i === 0 || $i === count($points) - 1 ? 0.0 : 1.0;
            $this->hand[] = 0;
            $this->of[] = count($this->lines);
        }
        $this->lines[] = [$from, count($this->x) - 1];
        $this->marks[] = array_map(floatval(...), range(0, count($points) - 1));
        $this->thin = min($this->thin, $radius);
        $this->age = self::KEEP;

        return count($this->lines) - 1;
    }

    /**
     * A stretch is held where it is, or let go.
     *
     * @param int $by whose hand it is that takes it along; 0: it stays. What two hands take along may meet.
     */
    public function hold(int $line, int $from, int $to, bool $held = true, int $by = 0): void
    {
        [$first, $last] = $this->lines[$line];
        for ($i = $first + $from; $i <= min($last, $first + $to); ++$i) {
            $this->free[$i] = $held ? 0.0 : 1.0;
            $this->hand[$i] = $by;
        }
        $this->age = self::KEEP;
    }

    public function count(int $line): int
    {
        return $this->lines[$line][1] - $this->lines[$line][0] + 1;
    }

    /** @return list<array{float, float, float}> */
    public function points(int $line): array
    {
        [$from, $to] = $this->lines[$line];
        $points = [];
        for ($i = $from; $i <= $to; ++$i) {
            $points[] = [$this->x[$i], $this->y[$i], $this->z[$i]];
        }

        return $points;
    }

    /**
     * Where the marks of a line are. Between two moments each has gone straight aside with its line, while points are spread anew along
     * it: so that one can go from one moment to another without cutting a bend.
     *
     * @return list<array{float, float, float}>
     */
    public function marked(int $line): array
    {
        [$first, $last] = $this->lines[$line];

        return array_values(array_map(function (float $at) use ($first, $last): array {
            $i = min($first + (int) $at, $last - 1);
            $part = $first + $at - $i;

            return [
                $this->x[$i] + $part * ($this->x[$i + 1] - $this->x[$i]),
                $this->y[$i] + $part * ($this->y[$i + 1] - $this->y[$i]),
                $this->z[$i] + $part * ($this->z[$i + 1] - $this->z[$i]),
            ];
        }, $this->marks[$line]));
    }

    /** Which mark is at a point; between two marks a part. */
    public function markAt(int $line, float $point): float
    {
        $marks = $this->marks[$line];
        $last = count($marks) - 1;
        for ($i = 0; $i < $last; ++$i) {
            if ($marks[$i + 1] >= $point) {
                return $i + ($point - $marks[$i]) / max(1e-9, $marks[$i + 1] - $marks[$i]);
            }
        }

        return (float) $last;
    }

    /** The share of their thickness at which lines touch. */
    public function girth(float $girth): void
    {
        $this->girth = $girth;
        $this->age = self::KEEP;
    }

    /** A held point of a line is taken along. */
    public function move(int $line, int $point, float $dx, float $dy): void
    {
        $i = $this->lines[$line][0] + $point;
        $this->x[$i] += $dx;
        $this->y[$i] += $dy;
    }

    public function length(int $line): float
    {
        [$from, $to] = $this->lines[$line];
        $length = 0.0;
        for ($i = $from; $i < $to; ++$i) {
            $length += $this->between($i, $i + 1);
        }

        return $length;
    }

    /** Everything that is free is drawn a little tighter. */
    public function step(float $tension = 1.0): void
    {
        if (++$this->age > self::KEEP) {
            $this->neighbours();
            $this->age = 1;
        }
        [$x, $y, $z] = [$this->x, $this->y, $this->z];
        $this->pull($tension);
        for ($sweep = 0; $sweep < self::SWEEPS; ++$sweep) {
            $this->contacts();
            $this->offTheArbor();
        }
        $most = self::STRIDE * $this->thin * min(1.0, $this->girth);
        foreach ($this->x as $i => $new) {
            $gone = sqrt(($new - $x[$i]) ** 2 + ($this->y[$i] - $y[$i]) ** 2 + ($this->z[$i] - $z[$i]) ** 2);
            if ($gone > $most && $this->free[$i] > 0) {
                $part = $most / $gone;
                $this->x[$i] = $x[$i] + $part * ($new - $x[$i]);
                $this->y[$i] = $y[$i] + $part * ($this->y[$i] - $y[$i]);
                $this->z[$i] = $z[$i] + $part * ($this->z[$i] - $z[$i]);
            }
        }
        $this->even();
        $this->settleMarks();
        for ($more = 0; $more < self::MORE && $this->nearest() < self::ENOUGH; ++$more) {
            $this->contacts();
            $this->offTheArbor();
        }
        $this->least = $this->nearest();
        $this->least > self::THROUGH || throw new \LogicException('A line is drawn through another.');
    }

    /** The least distance between two stretches, as a share of what it must be. */
    private function nearest(): float
    {
        $least = INF;
        for ($k = 0, $n = count($this->pairs); $k < $n; $k += 2) {
            $i = $this->pairs[$k];
            $j = $this->pairs[$k + 1];
            $dx = $this->x[$j] - $this->x[$i];
            $dy = $this->y[$j] - $this->y[$i];
            $dz = $this->z[$j] - $this->z[$i];
            $apart = $this->apart[$k >> 1];
            $least = min($least, ($dx * $dx + $dy * $dy + $dz * $dz) / ($apart * $apart));
        }

        return sqrt($least);
    }

    /** The first point of a line that touches the line itself, after it has left the arbor, or after a point of it. */
    public function knotted(int $line, int $from = 0): int
    {
        $this->neighbours();
        $this->age = 1;
        [$first, $last] = $this->lines[$line];
        $after = $first + $from;
        for ($i = $first; $i <= $last; ++$i) {
            $after = $this->nearArbor($i) ? $i : $after;
        }
        $found = $last;
        foreach ($this->apart as $k => $apart) {
            [$i, $j] = [$this->pairs[2 * $k], $this->pairs[2 * $k + 1]];
            if ($this->of[$i] === $line && $this->of[$j] === $line && $this->between($i, $j) < 1.25 * $apart) {
                foreach ([$i, $j] as $point) {
                    $found = $point > $after ? min($found, $point) : $found;
                }
            }
        }

        return $found - $first;
    }

    /** How near anything came to a line or to the arbor in the last step, as a share of what it must be. */
    public function room(): float
    {
        $least = $this->least;
        if ($this->arbor !== null) {
            foreach ($this->x as $i => $x) {
                $off = hypot($x - $this->arbor[0], $this->y[$i] - $this->arbor[1]) - $this->arbor[2];
                $least = min($least, $off / ($this->radius[$i] * $this->girth));
            }
        }

        return $least;
    }

    private function between(int $i, int $j): float
    {
        return sqrt(($this->x[$i] - $this->x[$j]) ** 2 + ($this->y[$i] - $this->y[$j]) ** 2 + ($this->z[$i] - $this->z[$j]) ** 2);
    }

    /**
     * Every free point goes towards the middle between its neighbours, all of them at once: (1 + 2 p) x - p (left + right) = x before,
     * solved along each line (Thomas).
     */
    private function pull(float $tension): void
    {
        foreach ($this->lines as [$first, $last]) {
            $this->x = $this->pulled($this->x, $first, $last, $tension);
            $this->y = $this->pulled($this->y, $first, $last, $tension);
            $this->z = $this->pulled($this->z, $first, $last, $tension);
        }
    }

    /**
     * @param array<int, float> $of one coordinate of every point
     *
     * @return array<int, float>
     */
    private function pulled(array $of, int $first, int $last, float $tension): array
    {
        $upper = [$first => 0.0];
        $known = [$first => $of[$first]];
        for ($i = $first + 1; $i <= $last; ++$i) {
            $p = $i === $last ? 0.0 : $tension * $this->pull[$i];
            $by = 1 + 2 * $p + $p * $upper[$i - 1];
            $upper[$i] = -$p / $by;
            $known[$i] = ($of[$i] + $p * $known[$i - 1]) / $by;
        }
        for ($i = $last - 1; $i >= $first; --$i) {
            $known[$i] -= $upper[$i] * $known[$i + 1];
        }
        for ($i = $first; $i <= $last; ++$i) {
            $of[$i] = $known[$i];
        }

        return $of;
    }

    private function contacts(): void
    {
        for ($k = 0, $n = count($this->pairs); $k < $n; $k += 2) {
            $i = $this->pairs[$k];
            $j = $this->pairs[$k + 1];
            $dx = $this->x[$j] - $this->x[$i];
            $dy = $this->y[$j] - $this->y[$i];
            $dz = $this->z[$j] - $this->z[$i];
            $apart = $this->apart[$k >> 1];
            $square = $dx * $dx + $dy * $dy + $dz * $dz;
            $free = $this->free[$i] + $this->free[$j];
            if ($square >= $apart * $apart || $square < 1e-12 || $free <= 0) {
                continue;
            }
            $d = sqrt($square);
            $share = 0.7 * ($apart - $d) / ($d * $free);
            $p = $share * $this->free[$i];
            $q = $share * $this->free[$j];
            $this->x[$i] -= $p * $dx;
            $this->y[$i] -= $p * $dy;
            $this->z[$i] -= $p * $dz;
            $this->x[$j] += $q * $dx;
            $this->y[$j] += $q * $dy;
            $this->z[$j] += $q * $dz;
        }
    }

    private function offTheArbor(): void
    {
        if ($this->arbor === null) {
            return;
        }
        [$cx, $cy, $r] = $this->arbor;
        foreach ($this->x as $i => $x) {
            $dx = $x - $cx;
            $dy = $this->y[$i] - $cy;
            $least = $r + $this->girth * $this->radius[$i];
            $square = $dx * $dx + $dy * $dy;
            if ($square < $least * $least && $square > 1e-9 && $this->free[$i] > 0) {
                $part = $least / sqrt($square);
                $this->x[$i] = $cx + $part * $dx;
                $this->y[$i] = $cy + $part * $dy;
            }
        }
    }

    /** Marks that have drawn apart draw their neighbours along: slowly, so that none goes far along its line. */
    private function settleMarks(): void
    {
        foreach ($this->marks as $line => $marks) {
            for ($turn = 0; $turn < self::SETTLE; ++$turn) {
                $before = $marks[0];
                for ($i = 1, $last = count($marks) - 1; $i < $last; ++$i) {
                    $is = $marks[$i];
                    $marks[$i] = 0.5 * $is + 0.25 * ($before + $marks[$i + 1]);
                    $before = $is;
                }
            }
            $this->marks[$line] = $marks;
        }
    }

    /** Points evenly apart again along every stretch that is free; the shape stays. */
    private function even(): void
    {
        foreach ($this->lines as $line => [$first, $last]) {
            for ($from = $first; $from < $last; $from = $to) {
                $to = $from + 1;
                while ($to < $last && $this->free[$to] > 0) {
                    ++$to;
                }
                if ($to > $from + 1) {
                    $this->spread($line, $from, $to);
                }
            }
        }
    }

    private function spread(int $line, int $from, int $to): void
    {
        $points = [];
        for ($i = $from; $i <= $to; ++$i) {
            $points[] = [$this->x[$i], $this->y[$i], $this->z[$i]];
        }
        foreach (Chain::even($points, $to - $from) as $k => [$x, $y, $z]) {
            $this->x[$from + $k] = $x;
            $this->y[$from + $k] = $y;
            $this->z[$from + $k] = $z;
        }
        $along = Chain::along($points);
        $step = $along[$to - $from] / ($to - $from);
        $began = $from - $this->lines[$line][0];
        foreach ($this->marks[$line] as $mark => $at) {
            $at -= $began;
            if ($at > 0 && $at < $to - $from) {
                $k = (int) $at;
                $this->marks[$line][$mark] = $began + ($along[$k] + ($at - $k) * ($along[$k + 1] - $along[$k])) / $step;
            }
        }
    }

    /** Pairs near enough to touch before the list is made anew; neighbours along a line only where it could have bent back. */
    private function neighbours(): void
    {
        $order = array_keys($this->x);
        usort($order, fn(int $a, int $b): int => $this->x[$a] <=> $this->x[$b]);
        $slack = 2.0 * self::KEEP * self::STRIDE * $this->thin * min(1.0, $this->girth);
        $most = 2 * ($this->radius === [] ? 0.0 : max($this->radius)) * $this->girth + $slack;
        $this->pairs = [];
        $this->apart = [];
        $along = [];
        $gone = 0.0;
        foreach (array_keys($this->x) as $i) {
            $along[$i] = $gone;
            $gone += isset($this->x[$i + 1]) ? $this->between($i, $i + 1) : 0.0;
        }
        $touched = [];
        foreach ($order as $a => $i) {
            [$x, $y, $z] = [$this->x[$i], $this->y[$i], $this->z[$i]];
            for ($b = $a + 1, $n = count($order); $b < $n; ++$b) {
                $j = $order[$b];
                $dx = $this->x[$j] - $x;
                if ($dx > $most) {
                    break;
                }
                $dy = $this->y[$j] - $y;
                $dz = $this->z[$j] - $z;
                $apart = abs($dy) > $most || abs($dz) > $most;
                if ($apart || $this->free[$i] + $this->free[$j] <= 0 && $this->hand[$i] === $this->hand[$j]) {
                    continue;
                }
                $apart = $this->girth * ($this->radius[$i] + $this->radius[$j]);
                if ($this->of[$i] === $this->of[$j] && abs($along[$i] - $along[$j]) < Chain::BENT * $apart) {
                    continue;
                }
                $reach = $apart + $slack;
                if ($dx * $dx + $dy * $dy + $dz * $dz < $reach * $reach) {
                    $this->pairs[] = $i;
                    $this->pairs[] = $j;
                    $this->apart[] = $apart;
                    $touched[$i] = $touched[$j] = true;
                }
            }
        }
        $this->pull = [];
        foreach ($this->free as $i => $free) {
            $this->pull[] = $free * (isset($touched[$i]) ? self::TOUCHED : ($this->nearArbor($i) ? self::NEAR : self::ALOFT));
        }
    }

    private function nearArbor(int $i): bool
    {
        return $this->arbor !== null
            && hypot($this->x[$i] - $this->arbor[0], $this->y[$i] - $this->arbor[1]) < $this->arbor[2] + 2 * $this->radius[$i];
    }
}
