<?php

declare(strict_types=1);

namespace Undro\Tests\Knot;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Undro\Knot\Drawing;
use Undro\Knot\Knot;
use Undro\Knot\Knots;
use Undro\Knot\Path;

/**
 * What each line meets from its standing end to its tag, worked out by hand from the moves, without the curves. Round a core of
 * k strands a half turn in front lies over k and a half turn behind under k; the core meets the same half turns the other way.
 */
final class KnotsTest extends TestCase
{
    /** @param list<string> $expected of each line */
    #[DataProvider('finished')]
    public function testOverAndUnderAreAsTheMovesSay(Knot $knot, array $expected): void
    {
        $steps = Knots::steps($knot);
        $drawing = $steps[count($steps) - 1]->drawing;
        foreach ($expected as $path => $sequence) {
            self::assertSame($sequence, self::sequence($drawing, $path), "{$knot->value}, line {$drawing->paths[$path]->line}");
        }
        self::assertCount(count($expected), $drawing->paths);
    }

    /** @return iterable<string, array{Knot, list<string>}> */
    public static function finished(): iterable
    {
        // standing line in the loop (under, over), the coming strand crossed three times by what follows, the tag over the
        // standing line, under it, then over, under, over itself; the stopper is the same overhand in the tag alone
        yield 'arbor' => [Knot::Arbor, ['UO' . 'UOU' . 'OU' . 'OUO' . 'UOU' . 'OUO']];
        // two half knots; in both the tag goes over, under, over, so the standing line under, over, under
        yield 'double overhand' => [Knot::DoubleOverhand, ['UOU' . 'UOU' . 'OUO' . 'OUO']];
        // three times round and out on top: seven half turns round two strands, the first in front
        $half = 'UOUOUOU';
        $wraps = 'OO' . 'UU' . 'OO' . 'UU' . 'OO' . 'UU' . 'OO';
        yield 'uni' => [Knot::Uni, [$half . $half . $wraps]];
        // the eight in two strands: under, over, under, over, then over what it was under; the noose: the standing line in at
        // the front of the loop and out behind, so the loop is over it, then under
        $eight = 'UUOO' . 'UUOO' . 'UUOO' . 'UUOO';
        yield 'figure-eight noose' => [Knot::FigureEight, ['OU' . $eight . 'OU' . strrev($eight)]];
        // each of three wraps, from the standing end, lies over the tag in front and under it behind; the tag meets them from
        // the last wrap to the first. The line wound over the tape lies over two of them and the tag
        yield 'double uni' => [Knot::DoubleUni, [$half . $half . $wraps, $half . $half . $wraps]];
        // up through the bight from below: under its end. Seven wraps over itself and both legs; the last ends over one leg and
        // itself, and goes down through the bight: under its end again
        yield 'albright' => [Knot::Albright, [
            str_repeat('OU', 7) . 'OO' . 'O' . str_repeat('UO', 6) . 'U',
            'U' . str_repeat('UO', 7) . 'O' . str_repeat('UUU' . 'OOO', 6) . 'UUU' . 'OO' . 'U',
        ]];
        // away: over the first leg, then behind and before both, six whole turns and a half; back: the same over those
        yield 'alberto' => [Knot::Alberto, [
            'O' . str_repeat('UU' . 'OO', 6) . 'U' . 'OO' . 'U' . str_repeat('OO' . 'UU', 6) . 'O',
            'U' . 'O' . str_repeat('UOU' . 'OUO', 6) . 'UU' . str_repeat('OOO' . 'UUU', 6) . 'O' . 'U',
        ]];
        // twice through the loop and out of it: over, under, over, under, over; what is crossed comes first. All in two strands
        $twice = 'UU' . 'OO' . 'UU' . 'OO' . 'UU' . 'OO' . 'UU' . 'OO' . 'UU' . 'OO';
        yield 'surgeon’s' => [Knot::Surgeons, [$twice, $twice]];
        // five turns round the other line; the core meets the other's five. One tag goes down through the gap: over its own line,
        // under the other; the second comes up: under its own, over the other
        yield 'blood' => [Knot::Blood, [
            str_repeat('OU', 5) . 'UU' . str_repeat('OU', 5) . 'OU',
            str_repeat('OU', 5) . 'OO' . str_repeat('OU', 5) . 'UO',
        ]];
        // eighteen half turns in, each crossing one of the way back, then the leader; a last half turn closes it. Two hitches
        // round leader and braid, then one and one of three turns round the braid alone, each under its own beginning
        yield 'fg' => [Knot::Fg, [
            'O' . str_repeat('UU' . 'OO', 9) . 'OU' . 'OU',
            str_repeat('UO', 6)
                . str_repeat('OU' . 'OO', 9)
                . 'U'
                . str_repeat('UO' . 'UU', 9)
                . str_repeat('OOO' . 'UUU', 2)
                . str_repeat('OO' . 'UU', 4),
        ]];
    }

    public function testTheTagUnderTapeIsHeldByThreeWraps(): void
    {
        $wrapped = Knots::steps(Knot::TapedTag)[1]->drawing;
        self::assertSame(str_repeat('OU', 3) . str_repeat('OU', 3), self::sequence($wrapped, 0));
    }

    public function testASwappedCrossingIsNoticed(): void
    {
        foreach (self::finished() as [$knot, $expected]) {
            $steps = Knots::steps($knot);
            $paths = $steps[count($steps) - 1]->drawing->paths;
            $noticed = 0;
            foreach ($paths as $index => $path) {
                for ($from = 1; $from < $path->count() - 6; $from += 5) {
                    $swapped = $paths;
                    $swapped[$index] = $path->swappedFrom($from)->swappedFrom($from + 5);
                    try {
                        $drawing = Drawing::of($swapped);
                    } catch (\LogicException) {
                        ++$noticed; // a line now runs through another
                        continue;
                    }
                    $as = array_map(static fn(int $each): string => self::sequence($drawing, $each), array_keys($swapped));
                    $noticed += $as === $expected ? 0 : 1;
                }
            }
            self::assertGreaterThan(2, $noticed, $knot->value);
        }
    }

    public function testEveryKnotHasItsMovesAndNoLineRunsThroughAnother(): void
    {
        foreach (Knot::cases() as $knot) {
            $steps = Knots::steps($knot);
            self::assertGreaterThanOrEqual(4, count($steps), $knot->value);
            foreach ($steps as $step) {
                self::assertNotSame('', $step->do . $step->right . $step->wrong);
                foreach ($step->drawing->crossings as $crossing) {
                    self::assertGreaterThanOrEqual(0.5, $crossing->between);
                    self::assertTrue(
                        $crossing->x > -6 && $crossing->x < 206 && $crossing->y > -8 && $crossing->y < 114,
                        "{$knot->value} leaves its page",
                    );
                }
                foreach ($step->drawing->paths as $path) {
                    foreach ($path->points() as [$x, $y]) {
                        self::assertTrue(
                            $x > -6 && $x < 206 && $y > -8 && $y < 114,
                            sprintf('%s leaves its page at %.0f, %.0f', $knot->value, $x, $y),
                        );
                    }
                }
            }
        }
    }

    public function testTwoCurvesThatMeetAreRefused(): void
    {
        $this->expectException(\LogicException::class);
        Drawing::of([Path::of('a')->to(0, 0)->to(10, 10), Path::of('b')->to(0, 10)->to(10, 0)]);
    }

    public function testACurveRunBackwardsMeetsTheSameTheOtherWayRound(): void
    {
        foreach ([Knot::Uni, Knot::Arbor, Knot::FigureEight] as $knot) {
            $steps = Knots::steps($knot);
            $drawing = $steps[count($steps) - 1]->drawing;
            $back = Drawing::of(array_map(static fn(Path $path): Path => $path->backwards(), $drawing->paths));
            self::assertSame(strrev(self::sequence($drawing, 0)), self::sequence($back, 0));
        }
    }

    /** Over and under, as one meets them along a path: "O" and "U". */
    private static function sequence(Drawing $drawing, int $path): string
    {
        $met = [];
        foreach ($drawing->crossings as $crossing) {
            if ($crossing->over === $path) {
                $met[] = [$crossing->overAt, 'O'];
            }
            if ($crossing->under === $path) {
                $met[] = [$crossing->underAt, 'U'];
            }
        }
        usort($met, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return implode('', array_column($met, 1));
    }
}
