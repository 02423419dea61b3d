<?php

declare(strict_types=1);

namespace Undro\Tests\Allocation;

use Eris\Generators;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;
use Undro\DomainFault;
use Undro\Statistics\RandomSource;
use Undro\Tests\Property;

/** Cuts that are possible, and the best there are: held against every way there is where that can be counted. */
final class AllocatorTest extends TestCase
{
    use Property;

    public function testNoCutExceedsItsSourceAndEveryJobIsServed(): void
    {
        $this->limitTo(20)->forAll(
            Generators::choose(1, 100_000),
            Generators::choose(1, 7),
            Generators::choose(1, 2),
        )->then(function (int $seed, int $jobs, int $parts): void {
            $case = self::day($seed, $jobs, $parts);
            self::assertPossible($case, Compute::run('allocate', $case));
        });
    }

    public function testItIsTheBestOfAllWays(): void
    {
        for ($seed = 1; $seed <= 25; ++$seed) {
            $case = self::day($seed, 3, 1);
            $found = Compute::run('allocate', $case);
            self::assertTrue($found['optimal']);
            self::assertEqualsWithDelta($found['cost'], $found['cost_bound'], 1e-9);
            [$cost, $waste, $sources] = self::bestOfAll($case);
            self::assertEqualsWithDelta(
                [$cost, $waste, $sources],
                [$found['cost'], $found['waste_m'], $found['sources']],
                1e-6,
                "seed $seed",
            );
        }
    }

    public function testALargeDayIsNeverSaidToBeBetterThanItsBound(): void
    {
        $case = self::day(1, 30, 1);
        $found = Compute::run('allocate', $case);
        self::assertPossible($case, $found);
        self::assertGreaterThanOrEqual($found['cost_bound'] - 1e-9, $found['cost']);
    }

    public function testMoneyComesBeforeWasteAndWasteBeforeSources(): void
    {
        $case = [
            'jobs' => [
                ['id' => 'a', 'main' => ['line' => 'b', 'length_m' => 100]],
                ['id' => 'c', 'main' => ['line' => 'b', 'length_m' => 100]],
            ],
            'fillers' => [
                ['id' => 'x', 'line' => 'b', 'length_m' => 130],
                ['id' => 'y', 'line' => 'b', 'length_m' => 120],
                ['id' => 'z', 'line' => 'b', 'length_m' => 210],
                ['id' => 'w', 'line' => 'b', 'length_m' => 140],
            ],
            'packs' => [['line' => 'b', 'length_m' => 200, 'price' => 1]],
        ];
        // all of it is at hand, so nothing is bought; both from z waste 10 m, every other way more
        $found = Compute::run('allocate', $case);
        self::assertSame([[], 0.0, 10.0, 1], [$found['buy'], (float) $found['cost'], (float) $found['waste_m'], $found['sources']]);
        $case['fillers'][1]['length_m'] = 150;
        // y and z leave 50 m and 110 m, which are of use: no waste is worth two sources
        $found = Compute::run('allocate', $case);
        self::assertSame([0.0, 2], [(float) $found['waste_m'], $found['sources']]);
    }

    public function testBackingInTwoPiecesSavesAPack(): void
    {
        $case = [
            'jobs' => [
                ['id' => 'a', 'main' => ['line' => 'b', 'length_m' => 100], 'backing' => ['lines' => ['n', 'm'], 'length_m' => 130]],
            ],
            'fillers' => [
                ['id' => 'b', 'line' => 'b', 'length_m' => 100],
                ['id' => 'n1', 'line' => 'n', 'length_m' => 70],
                ['id' => 'm1', 'line' => 'm', 'length_m' => 125],
                ['id' => 'n2', 'line' => 'n', 'length_m' => 60],
            ],
            'packs' => [['line' => 'm', 'length_m' => 300, 'price' => 9]],
        ];
        self::assertEqualsWithDelta(9.0, Compute::run('allocate', $case)['cost'], 1e-9);
        $found = Compute::run('allocate', $case + ['backing_pieces_max' => 2]);
        self::assertPossible($case + ['backing_pieces_max' => 2], $found);
        self::assertEqualsWithDelta([0.0, 0.0], [$found['cost'], $found['waste_m']], 1e-9);
        self::assertTrue($found['optimal']);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function impossible(): iterable
    {
        $job = static fn(string $id, string $line, int $metres): array => ['id' => $id, 'main' => ['line' => $line, 'length_m' => $metres]];
        yield 'a line nobody has' => [
            ['jobs' => [$job('Skerry', 'gold', 10), $job('Tarn', 'b', 10)], 'fillers' => [['id' => 'x', 'line' => 'b', 'length_m' => 20]]],
            'jobs',
            '"Skerry"',
        ];
        yield 'longer than all' => [
            ['jobs' => [$job('Skerry', 'b', 500)], 'packs' => [['line' => 'b', 'length_m' => 300, 'price' => 1]]],
            'jobs',
            '"Skerry"',
        ];
        yield 'together too much' => [
            ['jobs' => [$job('one', 'b', 60), $job('two', 'b', 60)], 'fillers' => [['id' => 'x', 'line' => 'b', 'length_m' => 100]]],
            'jobs',
            '"one", "two"',
        ];
        yield 'one name twice' => [['jobs' => [$job('one', 'b', 6), $job('one', 'b', 6)]], 'jobs', 'there twice'];
        yield 'a price of letters' => [
            ['jobs' => [], 'packs' => [['line' => 'b', 'length_m' => 3, 'price' => 'dear']]],
            'packs.0.price',
            '"dear"',
        ];
    }

    /** @param array<string, mixed> $case */
    #[DataProvider('impossible')]
    public function testWhatCannotBeDoneIsSaid(array $case, string $field, string $part): void
    {
        try {
            Compute::run('allocate', $case);
            self::fail('it was taken');
        } catch (DomainFault $fault) {
            self::assertSame($field, $fault->field);
            self::assertStringContainsString($part, $fault->getMessage());
        }
    }

    public function testAPinHoldsAndWhatIsForbiddenIsLeftAlone(): void
    {
        $this->limitTo(15)->forAll(
            Generators::choose(1, 100_000),
            Generators::choose(2, 6),
            Generators::choose(1, 2),
        )->then(function (int $seed, int $jobs, int $parts): void {
            $case = self::day($seed, $jobs, $parts);
            $free = Compute::run('allocate', $case);
            // another filler of the line than was chosen, where there is one, and never again the one that the other was cut from
            $cut = $free['cuts'][count($free['cuts']) - 1];
            $case['forbid'] = [
                ['job' => $cut['job'], 'part' => $cut['part'], 'source' => (string) preg_replace('/^(pack:\d+):.*/', '$1', $cut['source'])],
            ];
            $pin = $free['cuts'][0];
            $case['pin'] = [
                ['job' => $pin['job'], 'part' => $pin['part'], 'source' => (string) preg_replace('/^(pack:\d+):.*/', '$1', $pin['source'])],
            ];
            try {
                $found = Compute::run('allocate', $case);
            } catch (DomainFault $fault) {
                self::assertSame('jobs', $fault->field);

                return;
            }
            self::assertPossible($case, $found);
            self::assertGreaterThanOrEqual($free['cost_bound'] - 1e-9, $found['cost']);
            foreach ($found['cuts'] as $each) {
                $source = preg_replace('/^(pack:\d+):.*/', '$1', $each['source']);
                if ([$each['job'], $each['part']] === [$cut['job'], $cut['part']]) {
                    self::assertNotSame($case['forbid'][0]['source'], $source);
                }
                if ([$each['job'], $each['part']] === [$pin['job'], $pin['part']]) {
                    self::assertSame($case['pin'][0]['source'], $source);
                }
            }
        });
    }

    public function testAnExactFitFits(): void
    {
        $found = Compute::run(
            'allocate',
            [
                'jobs' => [['id' => 'a', 'main' => ['line' => 'b', 'length_m' => 0.1 + 0.2]]],
                'fillers' => [['id' => 'x', 'line' => 'b', 'length_m' => 0.3]],
            ],
        );
        self::assertSame(0, (int) $found['waste_m']);
        self::assertTrue($found['optimal']);
    }

    /** @return array<string, mixed> a made-up day: few lines, so that jobs vie for the same fillers */
    private static function day(int $seed, int $jobs, int $parts): array
    {
        $chance = new RandomSource($seed);
        $one = static fn(array $of): mixed => $of[(int) ($chance->uniform() * count($of))];
        $case = ['jobs' => [], 'fillers' => [], 'packs' => [], 'backing_pieces_max' => $parts, 'useful_m' => 50];
        for ($i = 0; $i < $jobs; ++$i) {
            $case['jobs'][] = [
                'id' => "job $i",
                'main' => ['line' => $one(['b1', 'b2', 'n1']), 'length_m' => 80 + 10 * (int) ($chance->uniform() * 12)],
            ] + ($chance->uniform() < 0.3 ? [] : ['backing' => ['lines' => array_values(array_unique([$one(['n1', 'n2']),
                $one(['n1', 'n2'])])), 'length_m' => round(30 + 120 * $chance->uniform(), 1)]]);
        }
        for ($i = 0; $i < $jobs + 1; ++$i) {
            $case['fillers'][] = [
                'id' => "filler $i",
                'line' => $one(['b1', 'b2', 'n1', 'n2']),
                'length_m' => round(40 + 300 * $chance->uniform(), 1),
            ];
        }
        foreach ([
            'b1' => [[150, 17.9], [300, 31.0]],
            'b2' => [[300, 42.0]],
            'n1' => [[300, 6.8], [600, 9.5]],
            'n2' => [[1000, 12.0]],
        ] as $line => $sizes) {
            foreach ($sizes as [$length, $price]) {
                $case['packs'][] = ['line' => $line, 'length_m' => $length, 'price' => $price];
            }
        }

        return $case;
    }

    /**
     * @param array<string, mixed> $case
     * @param array<string, mixed> $found
     */
    private static function assertPossible(array $case, array $found): void
    {
        $line = [];
        $left = [];
        foreach ($case['fillers'] as $filler) {
            [$line[$filler['id']], $left[$filler['id']]] = [$filler['line'], $filler['length_m']];
        }
        $cost = 0.0;
        foreach ($found['buy'] as $buy) {
            for ($copy = 0; $copy < $buy['count']; ++$copy) {
                $pack = $case['packs'][$buy['pack']];
                [$line["pack:{$buy['pack']}:$copy"], $left["pack:{$buy['pack']}:$copy"]] = [$pack['line'], $pack['length_m']];
                $cost += $pack['price'];
            }
        }
        $got = [];
        foreach ($found['cuts'] as $cut) {
            $left[$cut['source']] -= $cut['length_m'];
            $got[$cut['job']][$cut['part']][] = $cut;
        }
        $waste = 0.0;
        foreach (array_unique(array_column($found['cuts'], 'source')) as $source) {
            self::assertGreaterThanOrEqual(-1e-5, $left[$source], $source);
            $waste += $left[$source] < ($case['useful_m'] ?? 50) - 1e-6 ? $left[$source] : 0.0;
        }
        self::assertEqualsWithDelta([$cost, $waste], [$found['cost'], $found['waste_m']], 1e-4);
        self::assertSame(count(array_unique(array_column($found['cuts'], 'source'))), $found['sources']);
        foreach ($case['jobs'] as $job) {
            foreach (['main', 'backing'] as $part) {
                if (!isset($job[$part])) {
                    self::assertArrayNotHasKey($part, $got[$job['id']]);
                    continue;
                }
                $cuts = $got[$job['id']][$part];
                self::assertEqualsWithDelta($job[$part]['length_m'], array_sum(array_column($cuts, 'length_m')), 1e-5);
                self::assertLessThanOrEqual($part === 'main' ? 1 : $case['backing_pieces_max'], count($cuts));
                $lines = array_unique(array_map(static fn(array $cut): string => $line[$cut['source']], $cuts));
                self::assertCount(1, $lines);
                self::assertContains($lines[0], $job[$part]['lines'] ?? [$job[$part]['line']]);
                if (count($cuts) > 1) {
                    self::assertGreaterThanOrEqual(10 - 1e-6, min(array_column($cuts, 'length_m')));
                }
            }
        }
    }

    /**
     * Every way to put each piece into each filler or pack, one after the other.
     *
     * @param array<string, mixed> $case
     *
     * @return array{float, float, int}
     */
    private static function bestOfAll(array $case): array
    {
        $pieces = [];
        foreach ($case['jobs'] as $job) {
            $pieces[] = [[$job['main']['line']], $job['main']['length_m']];
            if (isset($job['backing'])) {
                $pieces[] = [$job['backing']['lines'], $job['backing']['length_m']];
            }
        }
        $open = array_map(static fn(array $filler): array => [$filler['line'], $filler['length_m'], $filler['length_m']], $case['fillers']);
        $best = [INF, INF, PHP_INT_MAX];
        self::everyWay($pieces, $open, 0.0, $case['packs'], $best);

        return $best;
    }

    /**
     * @param list<array{list<string>, float|int}>             $pieces
     * @param list<array{string, float|int, float|int}>        $open   line, left, whole
     * @param list<array<string, mixed>>                       $packs
     * @param array{float, float, int}                         $best
     */
    private static function everyWay(array $pieces, array $open, float $cost, array $packs, array &$best): void
    {
        if ($cost > $best[0] + 1e-9) {
            return;
        }
        if ($pieces === []) {
            $cut = array_filter($open, static fn(array $each): bool => $each[1] < $each[2] - 1e-9);
            $waste = array_sum(array_map(static fn(array $each): float => $each[1] < 50 - 1e-9 ? max(0.0, $each[1]) : 0.0, $cut));
            $way = [round($cost, 6), round($waste, 6), count($cut)];
            if (($way <=> $best) < 0) {
                $best = $way;
            }

            return;
        }
        [$lines, $length] = array_shift($pieces);
        foreach ($open as $at => [$line, $left, $whole]) {
            if (in_array($line, $lines, true) && $left >= $length - 1e-9) {
                self::everyWay($pieces, array_replace($open, [$at => [$line, $left - $length, $whole]]), $cost, $packs, $best);
            }
        }
        foreach ($packs as $pack) {
            if (in_array($pack['line'], $lines, true) && $pack['length_m'] >= $length) {
                self::everyWay(
                    $pieces,
                    [...$open, [$pack['line'], $pack['length_m'] - $length, $pack['length_m']]],
                    $cost + $pack['price'],
                    $packs,
                    $best,
                );
            }
        }
    }
}
