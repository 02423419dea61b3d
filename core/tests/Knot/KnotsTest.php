<?php

declare(strict_types=1);

namespace Undro\Tests\Knot;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Undro\Knot\Film;
use Undro\Knot\Knot;
use Undro\Knot\Knots;
use Undro\Knot\Rope\Stage;
use Undro\Knot\Where;

/**
 * The films are what the moves say, and stay that to the end. What each line meets from its beginning to its end is worked out by
 * hand from the moves, without the curves: round a core of k strands a half turn in front lies over k and a half turn behind under
 * k; the core meets the same half turns the other way.
 */
final class KnotsTest extends TestCase
{
    /** @var array<string, Film> */
    private static array $films = [];

    /** @param list<string> $expected of each line once all is laid */
    #[DataProvider('laid')]
    public function testOverAndUnderAreAsTheMovesSay(string $name, array $expected): void
    {
        $film = self::film($name);
        $last = self::lastLaid($film);
        $diagram = self::diagram($film, $last);
        self::assertSame($expected, array_map($diagram->met(...), array_keys($expected)));
        self::assertCount(count($expected), $film->lines);
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function laid(): iterable
    {
        // standing line in the loop (under, over), the coming strand crossed three times by what follows, the tag over the
        // standing line, under it, then over, under, over itself; the stopper is the same overhand in the tag alone
        yield 'arbor' => ['arbor', ['UO' . 'UOU' . 'OU' . 'OUO' . 'UOU' . 'OUO']];
        // two half knots; in both the tag goes over, under, over, so the standing line under, over, under
        yield 'double overhand' => ['double_overhand', ['UOU' . 'UOU' . 'OUO' . 'OUO']];
        // n whole turns round two strands: in front first, behind last
        $core = static fn(int $turns): string => str_repeat('UO', $turns);
        // one strand runs against the turns, the other with them; then the loop's far side under the tag, the turns, and the tag out over it
        $uni = static fn(int $turns): string => strrev($core($turns)) . $core($turns) . 'U' . str_repeat('OOUU', $turns) . 'O';
        yield 'uni' => ['uni', [$uni(3)]];
        // the eight in two strands: under, over, under, over, then over what it was under; the noose: the standing line in at the
        // front of the loop and out behind, so the loop is over it, then under
        $eight = 'UUOO' . 'UUOO' . 'UUOO' . 'UUOO';
        yield 'figure-eight noose' => ['figure_eight', ['UO' . $eight . 'OU' . strrev($eight)]];
        foreach ([[3, 3], [5, 5], [5, 7]] as [$one, $other]) {
            yield "double uni, {$one} and {$other}" => [
                "double_uni-{$one}-{$other}",
                [
                    strrev($core($other)) . $core($one) . 'U' . str_repeat('OOUU', $one) . 'O',
                    strrev($core($one)) . $core($other) . 'U' . str_repeat('OOUU', $other) . 'O',
                ],
            ];
        }
        // up through the bight from below: under its end. Seven wraps over itself and both legs; the last ends over one leg and
        // itself, and goes down through the bight: under its end again
        yield 'albright' => ['albright', [
            str_repeat('OU', 7) . 'OO' . 'O' . str_repeat('UO', 6) . 'U',
            'U' . str_repeat('UO', 7) . 'O' . str_repeat('UUU' . 'OOO', 6) . 'UUU' . 'OO' . 'U',
        ]];
        // away: over the first leg, then behind and before both, whole turns and a half; back: the same over those
        foreach ([3, 7] as $wound) {
            $more = $wound - 1;
            yield "alberto, {$wound}" => ["alberto-{$wound}", [
                'O' . str_repeat('UU' . 'OO', $more) . 'U' . 'OO' . 'U' . str_repeat('OO' . 'UU', $more) . 'O',
                'U' . 'O' . str_repeat('UOU' . 'OUO', $more) . 'UU' . str_repeat('OOO' . 'UUU', $more) . 'O' . 'U',
            ]];
        }
        // twice through the loop and out of it: over, under, over, under, over; what is crossed comes first. All in two strands
        $twice = 'UU' . 'OO' . 'UU' . 'OO' . 'UU' . 'OO' . 'UU' . 'OO' . 'UU' . 'OO';
        yield 'surgeon’s' => ['surgeons', [$twice, $twice]];
        // five turns round the other line; the core meets the other's five. One tag goes down through the gap: over its own line,
        // under the other; the second comes up: under its own, over the other
        yield 'blood' => ['blood', [
            str_repeat('OU', 5) . 'UU' . str_repeat('OU', 5) . 'OU',
            str_repeat('OU', 5) . 'OO' . str_repeat('OU', 5) . 'UO',
        ]];
        // through the eye, then the same as at the arbor
        foreach ([5, 7] as $turns) {
            yield "uni at the hook, {$turns}" => ["uni_hook-{$turns}", [$uni($turns)]];
        }
        // round the standing line alone; the tag goes down before it and up behind it through the small loop, then over the big loop
        $alone = static fn(int $turns): string => 'O' . str_repeat('UO', $turns - 1);
        $met = static fn(int $turns): string => 'U' . str_repeat('OU', $turns - 1);
        yield 'improved clinch' => ['improved_clinch', [$met(5) . 'OU' . $alone(5) . 'U' . 'OU' . 'O']];
        // the standing line meets the turns, the overhand over it, the tag twice behind it; the three that leave the overhand lie over
        // its near side; the tag goes in over that side and out behind the far one, and comes back in behind both strands below
        foreach ([5, 7] as $turns) {
            yield "non-slip loop, {$turns}" => ["non_slip_loop-{$turns}", [
                $met($turns) . 'U' . 'OO' . 'UUU' . 'O' . 'OO' . 'U' . 'O' . 'OU' . $alone($turns) . 'UU' . 'O',
            ]];
        }
        // an overhand round the standing line in two strands: over it, behind it, over itself; its other half the other way about
        $overhand = 'UU' . 'OO' . 'UU' . 'OO' . 'UU' . 'OO';
        yield 'palomar' => ['palomar', [$overhand . strrev($overhand)]];
    }

    public function testTheBraidOfAnFgCrossesItselfTwentyTimesRoundTheLeaderAndTakesTurnsAtLyingOutside(): void
    {
        $film = self::film('fg');
        // its middle passes behind; then both halves in front, both behind, and so on
        self::assertSame('O' . str_repeat('UU' . 'OO', 10), self::diagram($film, 2)->met(0));
        $braid = $film->pose(2, 1.0)['b'];
        $own = [];
        foreach (self::diagram($film, 2)->crossings as ['over' => $over, 'under' => $under]) {
            if ($over[0] === 1 && $under[0] === 1) {
                $z = ($braid[(int) $over[1]][2] + $braid[(int) $under[1]][2]) / 2;
                // the first half, from the standing end, lies over: outside in front of the leader, inside behind it
                $own[(int) round($braid[(int) $over[1]][0])] = ($z > 0) === ($over[1] < $under[1]) ? 'first' : 'second';
            }
        }
        ksort($own);
        self::assertCount(20, $own);
        foreach (array_chunk(array_values($own), 2) as $two) {
            self::assertSame(['first', 'second'], $two);
        }
    }

    /** Round everything in it and out over its own loop: under only the strand that made it, which the tag then crosses. */
    public function testEveryHitchOfAnFgLocks(): void
    {
        $film = self::film('fg');
        $hitches = [];
        foreach ($film->stages as $index => $stage) {
            if ($stage->kind === 'lay' && $stage->move >= 3) {
                $hitches[] = self::diagram($film, $index)->met(1, $stage->from['b'][1] - $stage->from['b'][0]);
            }
        }
        // round leader and braid twice, round the braid alone, and three times round it
        self::assertSame(['U' . 'OOUU' . 'O', 'U' . 'OOUU' . 'O', 'U' . 'OU' . 'O', 'U' . 'OUOUOU' . 'O'], $hitches);
    }

    /** What is drawn tight is the knot that was laid: no bending changes this, and every passage of a line through a line does. */
    #[DataProvider('films')]
    public function testAKnotStaysWhatItIsWhileItIsDrawnTightAndTrimmed(string $name): void
    {
        $film = self::film($name);
        $was = null;
        foreach ($film->stages as $index => $stage) {
            $is = self::diagram($film, $index, true)->alexander();
            // the leader of an FG is cut within its knot: from there on it is another one
            if ($was !== null && $stage->kind !== 'lay' && !($name === 'fg' && $stage->kind === 'trim')) {
                self::assertTrue(Diagram::alike($is, $was), "{$name}, stage {$index}");
            }
            $was = $is;
        }
        // two hold by the grip of their wraps alone: a tag that leaves the bight on the side on which it came is not hooked into it
        $grips = in_array($name, ['albright', 'alberto-3', 'alberto-7'], true);
        self::assertSame($grips, $was === 0, $name);
    }

    /** @return iterable<string, array{string}> */
    public static function films(): iterable
    {
        foreach (Knot::cases() as $knot) {
            foreach (Knots::shown($knot) as $turns) {
                yield Knots::film($knot, $turns) => [Knots::film($knot, $turns)];
            }
        }
    }

    public function testAWrongTuckIsAnotherKnot(): void
    {
        // out through the bight on the other side it would be hooked, and cut itself
        $film = self::film('albright');
        $last = self::lastLaid($film);
        $strands = array_column($film->seen($last, 1.0), 'points');
        $end = count($strands[1]) - 1;
        for ($i = $end - 24; $i <= $end; ++$i) {
            [$x, $y, $z] = $strands[1][$i];
            $strands[1][$i] = [$x, $y, abs($z) + 8.0];
        }
        self::assertNotSame(0, Diagram::of($strands)->alexander());
    }

    public function testASwappedCrossingIsNoticed(): void
    {
        foreach (self::laid() as [$name, $expected]) {
            $film = self::film($name);
            $strands = array_column($film->seen(self::lastLaid($film), 1.0), 'points');
            $crossings = Diagram::of($strands)->crossings;
            foreach ([intdiv(count($crossings), 3), intdiv(2 * count($crossings), 3), count($crossings) - 1] as $which) {
                ['over' => [$over, $at], 'under' => [$under, $below]] = $crossings[$which];
                $swapped = $strands;
                $by = 2 * ($strands[$over][(int) $at][2] - $strands[$under][(int) $below][2]);
                for ($i = max(0, (int) $at - 3); $i <= min(count($strands[$over]) - 1, (int) $at + 4); ++$i) {
                    [$x, $y, $z] = $swapped[$over][$i];
                    $swapped[$over][$i] = [$x, $y, $z - $by];
                }
                $diagram = Diagram::of($swapped);
                self::assertNotSame($expected, array_map($diagram->met(...), array_keys($expected)), "{$name}, {$which}");
            }
        }
    }

    /** The crossing nearest to the arbor lies against it: within so many units, a line being three thick. */
    public function testKnotsOnAnArborEndTightOnIt(): void
    {
        // two half knots lie in the corner of the two strands, and the knot of a noose is as thick as four lines
        foreach (['arbor' => 4.5, 'uni' => 4.5, 'double_overhand' => 8.0, 'figure_eight' => 13.0] as $name => $within) {
            $film = self::film($name);
            $last = count($film->stages) - 1;
            [$x, $y, $radius] = self::arbor($film);
            $nearest = INF;
            foreach ($film->seen($last, 1.0) as $seen) {
                $points = $seen['points'];
                foreach (Diagram::of([$points])->crossings as $crossing) {
                    [$u, $v] = $points[(int) $crossing['over'][1]];
                    $nearest = min($nearest, hypot($u - $x, $v - $y) - $radius);
                }
            }
            self::assertLessThan($within, $nearest, $name);
        }
    }

    /** The line goes over the near side of the ring, through it, and back behind that side; so it stays while the knot is tied. */
    public function testALineStaysInTheEyeOfItsHook(): void
    {
        foreach (['palomar', 'improved_clinch', 'uni_hook-5', 'uni_hook-7', 'non_slip_loop-5', 'non_slip_loop-7'] as $name) {
            $film = self::film($name);
            [$x, $y, $radius] = self::arbor($film);
            $rim = $x + $radius - 3.0;
            $last = count($film->stages) - 1;
            foreach ([self::lastLaid($film), $last] as $stage) {
                $sides = [];
                foreach ($film->seen($stage, 1.0)[0]['points'] as $point) {
                    // where it crosses the near side of the ring
                    if (abs($point[0] - $rim) < 1.5 && abs($point[1] - $y) < 0.6 * $radius) {
                        $sides[] = $point[2] > 0 ? 'before' : 'behind';
                    }
                }
                $met = array_count_values($sides);
                self::assertEqualsCanonicalizing(['before', 'behind'], array_keys($met), "{$name}, stage {$stage}");
            }
            // a knot that is drawn tight lies at the eye; a loop stays open before the one that is named for it
            $points = $film->seen($last, 1.0)[0]['points'];
            $nearest = min(array_map(
                static fn(array $crossing): float => $points[(int) $crossing['over'][1]][0],
                Diagram::of([$points])->crossings,
            )) - ($x + $radius);
            str_starts_with($name, 'non_slip') ? self::assertGreaterThan(2 * $radius, $nearest, $name) : self::assertLessThan(1.2 * $radius, $nearest, $name);
        }
    }

    public function testWhatIsSaidIsWhatIsShown(): void
    {
        $turns = static fn(Knot $knot, Where $where, bool $braid): string => implode(' ', array_column(
            Knots::moves($knot, $knot->wraps($where, $braid)),
            'do',
        ));
        self::assertStringContainsString('5 times', $turns(Knot::DoubleUni, Where::Guides, true));
        self::assertStringContainsString('7 times', $turns(Knot::DoubleUni, Where::Guides, true));
        self::assertStringNotContainsString('7 times', $turns(Knot::DoubleUni, Where::Guides, false));
        self::assertStringContainsString('3 times', $turns(Knot::DoubleUni, Where::Buried, true));
        self::assertStringContainsString('3 times', $turns(Knot::Alberto, Where::Buried, true));
        // each turn that is counted beside a film is one, and there are as many as the words say
        // the seventh of an Albright is the one that ends in the bight
        $all = ['uni' => [3], 'double_uni-5-7' => [5, 7], 'blood' => [5, 5], 'albright' => [6, 7], 'alberto-3' => [3, 3],
            'uni_hook-5' => [5], 'uni_hook-7' => [7], 'improved_clinch' => [5], 'non_slip_loop-5' => [5], 'non_slip_loop-7' => [7]];
        foreach ($all as $name => $said) {
            $counted = [];
            foreach (self::film($name)->stages as $stage) {
                $fresh = array_filter($stage->numbers, static fn(array $each): bool => $each[1] > $stage->from[$each[0]][1]);
                if ($fresh !== []) {
                    $counted[] = max(array_column($fresh, 2));
                }
            }
            self::assertSame($said, $counted, $name);
        }
    }

    public function testEveryKnotIsThereFromAStraightLineToATrimmedEnd(): void
    {
        foreach (self::films() as [$name]) {
            $film = self::film($name);
            $moves = Knots::moves(...self::knot($name));
            self::assertSame(range(0, count($moves) - 1), array_values(array_unique(array_map(
                static fn(Stage $stage): int => $stage->move,
                $film->stages,
            ))), $name);
            foreach ($film->stages as $index => $stage) {
                // a stage begins where the one before ended, but for the room that a new stretch is given
                $before = $index > 0 ? $film->pose($index - 1, 1.0) : [];
                foreach ($film->pose($index, 0.0) as $line => $points) {
                    if (count($before[$line] ?? []) === count($points) && $stage->kind !== 'lay') {
                        self::assertSame($before[$line], $points, "{$name}, stage {$index}");
                    }
                }
            }
            self::assertLessThan(60_000, strlen(self::packed($name)), "{$name} is more than 60 kB");
            // what one looks at follows from the rest
            $poses = static fn(string $json): array => array_map(
                static fn(array $stage): array => [$stage['from'], $stage['to'], $stage['poses']],
                ((array) json_decode($json, true))['stages'],
            );
            self::assertSame(
                $poses((string) gzdecode(self::packed($name))),
                $poses((string) json_encode($film->sent())),
                "{$name} is read as it was sent",
            );
        }
    }

    /** @return array{Knot, list<int>} */
    private static function knot(string $name): array
    {
        $turns = explode('-', $name);

        return [Knot::from($turns[0]), array_map(intval(...), array_slice($turns, 1))];
    }

    private static function packed(string $name): string
    {
        return (string) file_get_contents(__DIR__ . "/../../../resources/films/{$name}.json.gz");
    }

    private static function film(string $name): Film
    {
        return self::$films[$name] ??= Film::read(
            (array) json_decode((string) gzdecode(self::packed($name)), true, flags: JSON_THROW_ON_ERROR),
        );
    }

    private static function lastLaid(Film $film): int
    {
        $laid = array_keys(array_filter($film->stages, static fn(Stage $stage): bool => $stage->kind === 'lay'));

        return $laid[count($laid) - 1];
    }

    /**
     * What is to be seen at the end of a stage.
     *
     * @param bool $arbor and the arbor as one more strand
     */
    private static function diagram(Film $film, int $stage, bool $arbor = false): Diagram
    {
        $strands = [];
        foreach ($film->seen($stage, 1.0) as $seen) {
            $strands[] = $seen['points'];
        }
        if ($arbor && ($film->props[0]->kind ?? null) === 'arbor') {
            [$x, $y] = self::arbor($film);
            $strands[] = Diagram::arbor($x, $y);
        }

        return Diagram::of($strands);
    }

    /** @return array{float, float, float} */
    private static function arbor(Film $film): array
    {
        $prop = $film->props[0];

        return [$prop->x + $prop->width / 2, $prop->y + $prop->height / 2, $prop->width / 2];
    }
}
