<?php

declare(strict_types=1);

namespace Undro\Knot;

use Undro\Knot\Rope\Scene;
use Undro\Knot\Rope\Stage;

/**
 * A knot being tied, small enough to send: poses in tenths of a unit, each as what it differs from the pose before it. A coordinate
 * is one letter: how much further it goes from one point of its line to the next, less what it went in the pose before.
 *
 * @phpstan-type Line array{line: string, radius: float, from: string, to: string, bight: bool}
 * @phpstan-type Coded array{int, array{int, int, int}, string}
 * @phpstan-type SentStage array{move: int, kind: string, from: array<string, array{int, int}>, to: array<string, array{int, int}>,
 *     numbers: list<array{string, int, int}>, pulls: list<array{string, string}>, pinched: array{string, int}|null,
 *     box: array{float, float, float, float}, poses: non-empty-list<array<string, Coded>>}
 * @phpstan-type Sent array{lines: list<Line>, stages: non-empty-list<SentStage>,
 *     props: list<array{kind: string, from: int, x: float, y: float, width: float, height: float}>}
 */
final readonly class Film
{
    /** Tenths of a unit. */
    private const SCALE = 10;
    /** Letters that need no escape: from # on, without the backslash; the middle one is nothing. */
    private const FIRST = 35;
    private const MIDDLE = 45;
    /** Room round what is looked at, and the least that is looked at. */
    private const ROOM = 17.0;
    private const LEAST = 64.0;

    /**
     * @param list<Line> $lines
     * @param list<Prop>  $props
     * @param non-empty-list<Stage> $stages
     */
    private function __construct(public array $lines, public array $props, public array $stages) {}

    public static function of(Scene $scene): self
    {
        $stages = $scene->stages();
        $stages !== [] || throw new \LogicException('Nothing happens in this scene.');

        return new self($scene->lines(), $scene->props(), $stages);
    }

    /**
     * What is sent.
     *
     * @return Sent
     */
    public function sent(): array
    {
        $before = [];
        $stages = [];
        foreach ($this->stages as $index => $stage) {
            $poses = [];
            foreach ($stage->poses as $pose) {
                $coded = [];
                foreach ($pose as $line => $points) {
                    $ints = self::rounded($points);
                    $coded[$line] = self::coded($ints, $before[$line] ?? []);
                    $before[$line] = $ints;
                }
                $poses[] = $coded;
            }
            $stages[] = [
                'move' => $stage->move,
                'kind' => $stage->kind,
                'from' => array_map(self::whole(...), $stage->from),
                'to' => array_map(self::whole(...), $stage->to),
                'numbers' => $stage->numbers,
                'pulls' => $stage->pulls,
                'pinched' => $stage->pinched,
                'box' => $stage->look ?? $this->box($index),
                'poses' => $poses,
            ];
        }

        return [
            'lines' => $this->lines,
            'props' => array_map(static fn(Prop $prop): array => $prop->sent(), $this->props),
            'stages' => $stages,
        ];
    }

    /**
     * What was sent, read again.
     *
     * @param Sent $sent
     */
    public static function read(array $sent): self
    {
        $before = [];
        $stages = [];
        foreach ($sent['stages'] as $stage) {
            $poses = [];
            foreach ($stage['poses'] as $coded) {
                $pose = [];
                foreach ($coded as $line => [$count, $first, $letters]) {
                    $before[$line] = self::decoded($count, $first, $letters, $before[$line] ?? []);
                    $pose[$line] = array_map(
                        static fn(array $point): array => array_map(static fn(int $each): float => $each / self::SCALE, $point),
                        $before[$line],
                    );
                }
                $poses[] = $pose;
            }
            $stages[] = new Stage(
                $stage['move'],
                $stage['kind'],
                $poses,
                $stage['from'],
                $stage['to'],
                $stage['numbers'],
                $stage['pulls'],
                $stage['pinched'],
                $stage['box'],
            );
        }

        return new self($sent['lines'], array_map(Prop::read(...), $sent['props']), $stages);
    }

    /**
     * What is to be seen of the lines at a share of a stage, from 0 to 1.
     *
     * @return list<array{line: string, points: list<array{float, float, float}>}>
     */
    public function seen(int $stage, float $share): array
    {
        $of = $this->stages[$stage];
        $seen = [];
        foreach ($this->pose($stage, $share) as $line => $points) {
            $last = count($points) - 1;
            $from = $of->from[$line][0] + $share * ($of->to[$line][0] - $of->from[$line][0]);
            $to = $of->from[$line][1] + $share * ($of->to[$line][1] - $of->from[$line][1]);
            // a fold shows both its legs, and all of it once they meet
            $fold = $this->line($line)['bight'] && $of->from[$line][1] < $last / 2;
            $seen[] = [
                'line' => $line,
                'points' => match (true) {
                    $fold && $to < $last / 2 => [...array_slice($points, 0, (int) $to + 1), ...array_slice($points, $last - (int) $to)],
                    $fold => $points,
                    default => array_slice($points, (int) ceil($from), (int) $to - (int) ceil($from) + 1),
                },
            ];
        }

        return $seen;
    }

    /**
     * Where every point of the lines is at a share of a stage.
     *
     * @return array<string, list<array{float, float, float}>>
     */
    public function pose(int $stage, float $share): array
    {
        $poses = $this->stages[$stage]->poses;
        $at = $share * (count($poses) - 1);
        $index = min((int) $at, count($poses) - 1);
        $one = $poses[$index];
        $other = $poses[$index + 1] ?? $one;
        $part = $at - $index;
        foreach ($one as $line => $points) {
            foreach ($points as $i => [$x, $y, $z]) {
                [$u, $v, $w] = $other[$line][$i];
                $one[$line][$i] = [$x + $part * ($u - $x), $y + $part * ($v - $y), $z + $part * ($w - $z)];
            }
        }

        return $one;
    }

    /** @return Line */
    public function line(string $name): array
    {
        foreach ($this->lines as $line) {
            if ($line['line'] === $name) {
                return $line;
            }
        }

        throw new \LogicException("No line {$name}.");
    }

    /**
     * What one looks at by the end of a stage: while lines are laid all that is laid from the same pose, afterwards the knot itself.
     *
     * @return array{float, float, float, float} x, y, width, height
     */
    private function box(int $index): array
    {
        $stage = $this->stages[$index];
        if ($stage->kind === 'lay') {
            $points = [];
            for ($i = $index; isset($this->stages[$i]) && $this->stages[$i]->kind === 'lay'; ++$i) {
                foreach ($this->seen($i, 1.0) as $seen) {
                    $points = [...$points, ...$seen['points']];
                }
            }
            for ($i = $index - 1; $i >= 0 && $this->stages[$i]->kind === 'lay'; --$i) {
                foreach ($this->seen($i, 1.0) as $seen) {
                    $points = [...$points, ...$seen['points']];
                }
            }
            $inner = array_filter($points, static fn(array $point): bool => $point[0] > -75 && $point[0] < 215 && $point[1] < 125);
        } else {
            $inner = $this->knotted($index);
        }
        foreach ($this->props as $prop) {
            if ($prop->from <= $stage->move) {
                $inner[] = [$prop->x, $prop->y, 0.0];
                $inner[] = [$prop->x + $prop->width, $prop->y + $prop->height, 0.0];
            }
        }
        $inner !== [] || throw new \LogicException('Nothing to look at.');
        $x = array_column($inner, 0);
        $y = array_column($inner, 1);
        $width = max(self::LEAST, max($x) - min($x) + 2 * self::ROOM);
        $height = max(self::LEAST * 0.5, max($y) - min($y) + 2 * self::ROOM);

        return array_map(static fn(float $each): float => round($each, 1), [
            (min($x) + max($x) - $width) / 2,
            (min($y) + max($y) - $height) / 2,
            $width,
            $height,
        ]);
    }

    /**
     * The points that another stretch is near to, and the tags with their tips.
     *
     * @return list<array{float, float, float}>
     */
    private function knotted(int $index): array
    {
        $all = [];
        foreach ($this->seen($index, 1.0) as $seen) {
            $all[] = $seen['points'];
        }
        $near = [];
        foreach ($this->seen($index, 1.0) as $seen) {
            $line = $this->line($seen['line']);
            $near = [
                ...$near,
                ...($line['from'] === 'tag' ? [$seen['points'][0]] : []),
                ...($line['to'] === 'tag' ? [$seen['points'][count($seen['points']) - 1]] : []),
            ];
        }
        foreach ($all as $i => $one) {
            foreach ($all as $j => $other) {
                if ($j < $i) {
                    continue;
                }
                foreach ($one as $k => [$x, $y, $z]) {
                    for ($m = $i === $j ? $k + 14 : 0, $n = count($other); $m < $n; $m += 2) {
                        [$u, $v, $w] = $other[$m];
                        if (abs($x - $u) < 4 && abs($y - $v) < 4 && abs($z - $w) < 5) {
                            $near[] = [$x, $y, $z];
                            break;
                        }
                    }
                }
            }
        }

        return $near;
    }

    /**
     * @param array{float, float} $range
     *
     * @return array{int, int}
     */
    private static function whole(array $range): array
    {
        return [(int) round($range[0]), (int) round($range[1])];
    }

    /**
     * @param list<array{float, float, float}> $points
     *
     * @return list<array{int, int, int}>
     */
    private static function rounded(array $points): array
    {
        return array_map(
            static fn(array $point): array => [
                (int) round(self::SCALE * $point[0]),
                (int) round(self::SCALE * $point[1]),
                (int) round(self::SCALE * $point[2]),
            ],
            $points,
        );
    }

    /**
     * @param list<array{int, int, int}> $points
     * @param list<array{int, int, int}> $before of the pose before, if there was one
     *
     * @return Coded how many, the first, the others
     */
    private static function coded(array $points, array $before): array
    {
        $same = count($before) === count($points);
        $letters = '';
        for ($i = 1, $n = count($points); $i < $n; ++$i) {
            for ($axis = 0; $axis < 3; ++$axis) {
                $more = $points[$i][$axis] - $points[$i - 1][$axis];
                $more -= $same ? $before[$i][$axis] - $before[$i - 1][$axis] : 0;
                abs($more) <= self::MIDDLE || throw new \LogicException("A point is {$more} tenths from the one before it.");
                $letter = self::FIRST + self::MIDDLE + $more;
                $letters .= chr($letter >= 92 ? $letter + 1 : $letter);
            }
        }

        return [count($points), $points[0], $letters];
    }

    /**
     * @param array{int, int, int}       $first
     * @param list<array{int, int, int}> $before
     *
     * @return list<array{int, int, int}>
     */
    private static function decoded(int $count, array $first, string $letters, array $before): array
    {
        $same = count($before) === $count;
        $points = [$first];
        for ($i = 1; $i < $count; ++$i) {
            $point = [0, 0, 0];
            for ($axis = 0; $axis < 3; ++$axis) {
                $letter = ord($letters[3 * ($i - 1) + $axis]);
                $more = ($letter > 92 ? $letter - 1 : $letter) - self::FIRST - self::MIDDLE;
                $point[$axis] = $points[$i - 1][$axis] + $more + ($same ? $before[$i][$axis] - $before[$i - 1][$axis] : 0);
            }
            $points[] = $point;
        }

        return $points;
    }
}
