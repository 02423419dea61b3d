<?php

declare(strict_types=1);

namespace Undro\Knot\Rope;

use Undro\Knot\Path;
use Undro\Knot\Prop;

/**
 * A knot being tied: lines laid along their courses, drawn tight, trimmed. What happens is kept as stages, each with its key
 * poses; between two of them every point goes straight.
 */
final class Scene
{
    /** Points of a line lie about this far apart. */
    private const APART = 1.1;
    /** And where some of it is tight already. */
    private const TIGHTER = 1.0;
    /** Lines are kept a little further apart than they are drawn thick, so that rounding and straight ways leave them room. */
    private const ROOM = 1.1;
    /**
     * No point goes further than this between two poses, and no line comes nearer to another on the way than this share of
     * its thickness.
     */
    private const BETWEEN = 10.0;
    private const SOUND = 0.985;
    /** Steps at most. */
    private const MOST = 2500;
    /** Steps after which it is looked whether another pose is needed. */
    private const LOOK = 2;
    /** Drawn tight: less than this is gained in a step. */
    private const TIGHT = 0.02;

    /** What is taken along stops where it comes nearer than this to something, as a share of what it must be. */
    private const PRESSED = 0.95;
    /** And goes back by this much. */
    private const BACK = 0.3;
    private const EASE = 24;

    private Rope $rope;
    /** @var array<string, int> */
    private array $lines = [];
    /** @var array<string, array<string, int>> the points at which a course is marked */
    private array $marks = [];
    /** @var array<string, array{float, float}> what is laid of each line: from and to, in points */
    private array $shown = [];
    /** @var array<string, int> the last point that stays of a line that was cut back */
    private array $kept = [];
    /** @var list<Stage> */
    private array $stages = [];

    /** @var list<Prop> */
    private array $props = [];
    /** @var array<string, array{line: string, radius: float, from: string, to: string, bight: bool}> what each line is */
    private array $known = [];

    /**
     * @param array{float, float, float}|null $arbor x, y and radius
     * @param int $comes the move from which on it is there
     */
    public function __construct(private readonly ?array $arbor = null, int $comes = 0)
    {
        if ($arbor !== null) {
            $this->props[] = Prop::arbor($comes, ...$arbor);
        }
        $this->rope = new Rope($arbor);
    }

    /** A line along its course. Nothing of it is laid yet but its first stretch, up to the mark "start" if there is one. */
    public function line(Path $course, float $radius, bool $bight = false): self
    {
        $fine = $course->points();
        $along = Chain::along($fine);
        $length = $along[count($along) - 1];
        $stretches = max(4, (int) round($length / self::APART));
        $name = $course->line;
        $this->lines[$name] = $this->rope->line(Chain::even($fine, $stretches), $radius);
        $this->known[$name] = ['line' => $name, 'radius' => $radius, 'from' => $course->from, 'to' => $course->to, 'bight' => $bight];
        foreach ($course->marks() as $mark => $at) {
            $this->marks[$name][$mark] = (int) round($stretches * $along[$at] / $length);
        }
        $start = (float) ($this->marks[$name]['start'] ?? $stretches);
        $apex = $this->marks[$name]['apex'] ?? null;
        $this->shown[$name] = $apex === null ? [0.0, $start] : [(float) $apex, (float) $apex];

        return $this;
    }

    /**
     * An arbor seen from the side, and tape that is stuck over what lies on it.
     *
     * @param array{float, float, float, float} $core
     * @param array{float, float, float, float} $tape
     * @param int $taped the move that sticks it
     */
    public function wound(array $core, array $tape, int $taped): self
    {
        $this->props[] = Prop::core(0, ...$core);
        $this->props[] = Prop::tape($taped, ...$tape);

        return $this;
    }

    /** The eye of a hook, which the line passes through. @param int $comes the move from which on it is there */
    public function eye(float $x, float $y, float $radius, int $comes = 0): self
    {
        $this->props[] = Prop::eye($comes, $x, $y, $radius);

        return $this;
    }

    /** @return list<Prop> */
    public function props(): array
    {
        return $this->props;
    }

    /** Lines that were drawn thin get their thickness: where two are too near they make room. */
    public function loosen(): self
    {
        for ($girth = 0.15; $girth < self::ROOM; $girth += 0.02) {
            $this->rope->girth($girth);
            $this->rope->step(0.002);
        }
        $this->rope->girth(self::ROOM);
        for ($i = 0; $i < 40; ++$i) {
            $this->rope->step(0.002);
        }

        return $this;
    }

    /**
     * The turns that are laid of some lines.
     *
     * @param list<string> $lines
     *
     * @return list<array{string, int, int}>
     */
    private function numbers(array $lines): array
    {
        $numbers = [];
        foreach (array_unique($lines) as $line) {
            foreach ($this->marks[$line] ?? [] as $mark => $at) {
                $laid = $at >= $this->shown[$line][0] && $at <= $this->shown[$line][1];
                if ($laid && preg_match('/^turn \D*(\d+)$/', $mark, $found) === 1) {
                    $numbers[] = [$line, $at, (int) $found[1]];
                }
            }
        }

        return $numbers;
    }

    /** A line goes on from where its end is now; nothing of the new stretch is laid yet. */
    public function extend(Path $course, bool $atTheBeginning = false): self
    {
        $name = $course->line;
        $rope = new Rope($this->arbor);
        foreach ($this->lines as $line => $index) {
            $points = $this->rope->points($index);
            if ($line === $name) {
                $fine = $course->points();
                $along = Chain::along($fine);
                $new = $along[count($along) - 1];
                $old = $this->rope->length($index);
                $points = $atTheBeginning ? [...array_slice($fine, 0, -1), ...$points] : [...$points, ...array_slice($fine, 1)];
                $stretches = (int) round(($old + $new) / self::TIGHTER);
                $points = Chain::even($points, $stretches);
                $share = $stretches / ($old + $new);
                $this->marks[$name] = $atTheBeginning ? [] : ['grown' => (int) round($share * $old)];
                foreach ($course->marks() as $mark => $at) {
                    $this->marks[$name][$mark] = (int) round($share * (($atTheBeginning ? 0 : $old) + $along[$at]));
                }
                $this->shown[$name] = $atTheBeginning ? [$share * $new, (float) $stretches] : [0.0, $share * $old];
            }
            $this->lines[$line] = $rope->line($points, $this->known[$line]['radius']);
        }
        $this->rope = $rope;

        return $this->loosen();
    }

    /**
     * Lines go on along their courses.
     *
     * @param array<string, string> $to    line => mark, or "end"
     * @param array<string, string> $begin line => mark, or "begin", for lines that go on at their other end
     * @param array{string, string|int}|null $pinched where fingers hold it meanwhile: line and mark
     * @param array{float, float, float, float}|null $look what one looks at meanwhile; null: all that is laid
     */
    public function lay(int $move, array $to, array $begin = [], ?array $pinched = null, ?array $look = null): self
    {
        $from = $this->shown;
        foreach ($to as $line => $mark) {
            $this->shown[$line][1] = (float) $this->at($line, $mark);
            if ($this->known[$line]['bight']) {
                $this->shown[$line][0] = 0.0;
            }
        }
        foreach ($begin as $line => $mark) {
            $this->shown[$line][0] = (float) $this->at($line, $mark === 'begin' ? 0 : $mark);
        }
        $this->stages[] = new Stage(
            $move,
            'lay',
            [$this->pose()],
            $from,
            $this->shown,
            $this->numbers([...array_keys($to), ...array_keys($begin)]),
            pinched: $pinched === null ? null : [$pinched[0], $this->at($pinched[0], $pinched[1])],
            look: $look,
        );

        return $this;
    }

    /** What of a line is no longer shown at its end is gone. */
    public function cut(string $name): self
    {
        $rope = new Rope($this->arbor);
        foreach ($this->lines as $line => $index) {
            $points = $this->rope->points($index);
            $points = $line === $name ? array_slice($points, 0, $this->kept[$line] + 1) : $points;
            $this->lines[$line] = $rope->line($points, $this->known[$line]['radius']);
        }
        $rope->girth(self::ROOM);
        $this->rope = $rope;
        foreach ($this->lines as $line => $index) {
            $this->shown[$line] = [0.0, (float) ($rope->count($index) - 1)];
        }

        return $this;
    }

    /** The point of a line at a mark; "start", "end", or so many points from its end where below 0, or so far along it. */
    public function at(string $line, string|int|float $mark): int
    {
        if (is_float($mark)) {
            $along = Chain::along($this->rope->points($this->lines[$line]));
            $whole = $along[count($along) - 1];

            return max(0, min(count($along) - 1, (int) round((count($along) - 1) * ($mark < 0 ? 1 + $mark / $whole : $mark / $whole))));
        }
        if (is_string($mark) && preg_match('/^knot(?: after (.+))?$/', $mark, $found) === 1) {
            return $this->rope->knotted($this->lines[$line], isset($found[1]) ? $this->at($line, $found[1]) : 0);
        }
        $last = $this->rope->count($this->lines[$line]) - 1;
        if (is_string($mark) && preg_match('/^(.+)([+-]\d+)$/', $mark, $found) === 1) {
            return $this->at($line, $found[1]) + (int) $found[2];
        }

        return is_int($mark)
            ? ($mark < 0 ? $last + 1 + $mark : $mark)
            : ($mark === 'end' ? $last : $this->marks[$line][$mark] ?? throw new \LogicException("No mark {$mark} on line {$line}."));
    }

    /**
     * What is free is drawn tight.
     *
     * @param list<array{string, string|int|float, string|int|float}> $held  stretches that stay where they are
     * @param list<array{string, string|int|float, string|int|float, float, float, float}> $taken stretches taken
     *     along: to so much right and down, and how fast
     * @param list<string> $pulls what is pulled, all at once: a line and an end of it, as "a to"
     */
    public function draw(
        int $move,
        array $held = [],
        array $taken = [],
        array $pulls = [],
        float $tight = self::TIGHT,
    ): self {
        $taken = array_map(
            fn(array $each): array => [
                $each[0],
                $this->at($each[0], $each[1]),
                $this->at($each[0], $each[2]),
                $each[3],
                $each[4],
                $each[5],
            ],
            $taken,
        );
        $held = array_map(fn(array $each): array => [$each[0], $this->at($each[0], $each[1]), $this->at($each[0], $each[2])], $held);
        $hold = [...$held, ...array_map(static fn(array $each): array => [$each[0], $each[1], $each[2]], $taken)];
        foreach ($held as [$line, $from, $to]) {
            $this->rope->hold($this->lines[$line], $from, $to);
        }
        foreach ($taken as $hand => [$line, $from, $to]) {
            $this->rope->hold($this->lines[$line], $from, $to, by: $hand + 1);
        }
        $poses = [$sound = $this->pose()];
        $gone = array_fill(0, count($taken), 0.0);
        $tension = 1.0;
        $most = self::MOST;
        for ($step = 0; $step < $most; ++$step) {
            $before = $this->length();
            $moving = false;
            foreach ($taken as $i => $each) {
                $part = min($each[5], hypot($each[3], $each[4]) - $gone[$i]);
                if ($part > 0) {
                    $moving = true;
                    $gone[$i] += $part;
                    $this->take($each, $part);
                }
            }
            $this->rope->step($tension);
            if ($moving && $this->rope->room() < self::PRESSED) {
                foreach ($taken as $i => $each) {
                    $gone[$i] = hypot($each[3], $each[4]);
                    $this->take($each, -self::BACK);
                }
                // what was pressed together eases without being pulled any more
                $most = min($most, $step + self::EASE);
                $tension = 0.0;
            }
            if ($step % self::LOOK === self::LOOK - 1) {
                $now = $this->pose();
                if (!$this->straight($poses[count($poses) - 1], $now)) {
                    $poses[] = $sound;
                }
                $sound = $now;
            }
            if (!$moving && $tension > 0 && $step > 20 && abs($before - $this->length()) < $tight) {
                break;
            }
        }
        if (!$this->straight($poses[count($poses) - 1], $this->pose())) {
            $poses[] = $sound;
        }
        $poses[] = $this->pose();
        foreach ($hold as [$line, $from, $to]) {
            $last = $this->rope->count($this->lines[$line]) - 1;
            $this->rope->hold($this->lines[$line], max(1, $from), min($last - 1, $to), false);
        }
        $pulls = array_map(static fn(string $pull): array => [explode(' ', $pull)[0], explode(' ', $pull)[1]], $pulls);
        $this->stages[] = new Stage($move, 'draw', $poses, $this->shown, $this->shown, [], $pulls);

        return $this;
    }

    /** @param array{string, int, int, float, float, float} $taken */
    private function take(array $taken, float $part): void
    {
        [$line, $from, $to, $dx, $dy] = $taken;
        $way = hypot($dx, $dy);
        for ($point = $from; $point <= $to; ++$point) {
            $this->rope->move($this->lines[$line], $point, $dx * $part / $way, $dy * $part / $way);
        }
    }

    /**
     * Ends are cut back.
     *
     * @param array<string, array{string|int|float, string|int|float}> $to what stays of each line
     */
    public function trim(int $move, array $to): self
    {
        $from = $this->shown;
        foreach ($to as $line => [$first, $last]) {
            $index = $this->lines[$line];
            $points = [$this->at($line, $first), $this->at($line, $last)];
            $this->kept[$line] = $points[1];
            $this->shown[$line] = [$this->rope->markAt($index, $points[0]), $this->rope->markAt($index, $points[1])];
        }
        $this->stages[] = new Stage($move, 'trim', [$this->pose()], $from, $this->shown);

        return $this;
    }

    /** @return list<array{line: string, radius: float, from: string, to: string, bight: bool}> */
    public function lines(): array
    {
        return array_values($this->known);
    }

    /** @return list<Stage> */
    public function stages(): array
    {
        return $this->stages;
    }

    private function length(): float
    {
        return array_sum(array_map(fn(int $line): float => $this->rope->length($line), $this->lines));
    }

    /** @return array<string, list<array{float, float, float}>> */
    private function pose(): array
    {
        return array_map(fn(int $line): array => $this->rope->marked($line), $this->lines);
    }

    /**
     * Whether every point can go straight from one pose to another without a line coming too near to another.
     *
     * @param array<string, list<array{float, float, float}>> $one
     * @param array<string, list<array{float, float, float}>> $other
     */
    private function straight(array $one, array $other): bool
    {
        $far = self::furthest($one, $other);
        if ($far > self::BETWEEN) {
            return false;
        }
        $steps = (int) ceil($far / 0.75);
        for ($step = 1; $step < $steps; ++$step) {
            $part = $step / $steps;
            $mixed = [];
            foreach ($one as $line => $points) {
                foreach ($points as $i => [$x, $y, $z]) {
                    [$u, $v, $w] = $other[$line][$i];
                    $mixed[$line][] = [$x + $part * ($u - $x), $y + $part * ($v - $y), $z + $part * ($w - $z)];
                }
            }
            if (Clearance::of($mixed, array_column($this->known, 'radius', 'line')) < self::SOUND) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param array<string, list<array{float, float, float}>> $one
     * @param array<string, list<array{float, float, float}>> $other
     */
    private static function furthest(array $one, array $other): float
    {
        $most = 0.0;
        foreach ($one as $line => $points) {
            foreach ($points as $i => [$x, $y, $z]) {
                [$u, $v, $w] = $other[$line][$i];
                $most = max($most, ($x - $u) ** 2 + ($y - $v) ** 2 + ($z - $w) ** 2);
            }
        }

        return sqrt($most);
    }
}
