<?php

declare(strict_types=1);

namespace Undro\Tests\Learning;

use Eris\Generators;
use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;
use Undro\DomainFault;
use Undro\Statistics\Gaussian;
use Undro\Statistics\RandomSource;
use Undro\Tests\Property;

/** What fills teach: the same as one linear Gaussian model of everything, in any order, and never less than before. */
final class LearntTest extends TestCase
{
    use Property;

    private const SPOOLS = [
        'a' => ['lip_diameter_mm' => 46.2, 'arbor_diameter_mm' => 31, 'traverse_mm' => 19.5],
        'b' => ['lip_diameter_mm' => 52.1, 'arbor_diameter_mm' => 28.9, 'traverse_mm' => 12.7, 'lay' => 'even'],
        'c' => [
            'lip_diameter_mm' => 60,
            'arbor_diameter_mm' => 44,
            'arbor_deep_diameter_mm' => 38,
            'traverse_mm' => 20,
            'ratings_text' => '0.35/250',
        ],
    ];
    private const LINES = [
        'nylon' => ['material' => 'mono', 'diameter_mm' => 0.30],
        'braid' => ['material' => 'braid', 'diameter_mm' => 0.16],
        'fluoro' => ['material' => 'fluoro', 'diameter_mm' => 0.28],
    ];

    public function testTheArrowIsTheSameAsAllUnknownsAtOnce(): void
    {
        $fills = self::fills(11, 9);
        $found = Compute::run('learn', self::asked($fills));
        $whole = self::allAtOnce($fills);
        foreach (array_keys(self::SPOOLS) as $i => $name) {
            self::assertEqualsWithDelta($whole->mean[$i], $found['spools'][$name]['volume_factor'], 1e-6, $name);
            self::assertEqualsWithDelta($whole->sd($i), $found['spools'][$name]['volume_sd'], 1e-6, $name);
        }
        foreach (array_keys(self::LINES) as $i => $name) {
            self::assertEqualsWithDelta($whole->mean[3 + $i], $found['lines'][$name]['cell_factor'], 1e-6, $name);
            self::assertEqualsWithDelta($whole->sd(3 + $i), $found['lines'][$name]['cell_sd'], 1e-6, $name);
        }
    }

    public function testLinesThatNoFillSpeaksOfChangeNothingAndAreKnownAsBefore(): void
    {
        $asked = self::asked(self::fills(5, 8));
        $few = Compute::run('learn', $asked);
        $more = [];
        for ($i = 0; $i < 40; ++$i) {
            $more["m$i"] = ['material' => $i % 2 === 0 ? 'mono' : 'braid', 'diameter_mm' => 0.2 + $i / 200];
        }
        // before, between and after those that were wound
        $lines = array_slice($more, 0, 20) + ['nylon' => self::LINES['nylon']] + array_slice($more, 20, 10) + self::LINES + $more;
        $many = Compute::run('learn', ['lines' => $lines] + $asked);
        self::assertEqualsWithDelta($few['spools'], $many['spools'], 1e-12);
        self::assertEqualsWithDelta($few['lines'], array_intersect_key($many['lines'], $few['lines']), 1e-12);
        foreach (array_diff_key($many['lines'], $few['lines']) as $name => $line) {
            self::assertEqualsWithDelta([1.0, $more[$name]['material'] === 'mono' ? 0.05 : 0.15], [$line['cell_factor'], $line['cell_sd']], 1e-12);
        }
    }

    public function testTheOrderOfTheFillsIsNothing(): void
    {
        $fills = self::fills(4, 8);
        $one = Compute::run('learn', self::asked($fills));
        $other = Compute::run('learn', self::asked(array_reverse($fills)));
        unset($one['outliers'], $other['outliers']);
        self::assertEqualsWithDelta($one, $other, 1e-9);
    }

    /** The band of a fixed fill, in the terms of the model: what one more fill adds can only narrow it. */
    public function testOneMoreFillNeverWidensWhatIsKnown(): void
    {
        $this->limitTo(60)->forAll(Generators::choose(1, 100_000), Generators::choose(0, 8))->then(function (int $seed, int $count): void {
            $fills = self::fills($seed, $count + 1);
            $before = Compute::run('learn', self::asked(array_slice($fills, 0, $count)));
            $after = Compute::run('learn', self::asked($fills));
            foreach (['spools' => 'volume_sd', 'lines' => 'cell_sd'] as $of => $sd) {
                foreach ($before[$of] as $name => $was) {
                    self::assertLessThanOrEqual($was[$sd] + 1e-9, $after[$of][$name][$sd], $name);
                }
            }
            $known = self::allAtOnce(array_slice($fills, 0, $count));
            $then = self::allAtOnce($fills);
            $chance = new RandomSource($seed);
            $sum = array_map(static fn(): float => $chance->normal(), range(1, 6));
            self::assertLessThanOrEqual($known->variance($sum) + 1e-12, $then->variance($sum));
        });
    }

    public function testNothingLearntIsWhatThePlanKnows(): void
    {
        $layers = [['line' => 'nylon', 'length_m' => null], ['line' => 'braid', 'length_m' => 150]];
        $found = Compute::run('learn', self::asked([]) + ['plan' => ['spool' => 'a', 'gap_mm' => 1.6, 'layers' => $layers]]);
        $fill = Compute::run(
            'fill',
            [
                'spool' => self::SPOOLS['a'],
                'gap_mm' => 1.6,
                'layers' => array_map(static fn(array $layer): array => self::LINES[$layer['line']] + $layer, $layers),
            ],
        );
        self::assertEqualsWithDelta(
            [$fill['solved']['length_m'], $fill['solved']['low_m']],
            [$found['plan']['length_m'], $found['plan']['low_m']],
            0.01,
        );
    }

    public function testTheBandOfAPlanShrinksAndItsMiddleFollowsTheTruth(): void
    {
        $plan = [
            'plan' => [
                'spool' => 'a',
                'gap_mm' => 1.6,
                'layers' => [['line' => 'nylon', 'length_m' => null], ['line' => 'braid', 'length_m' => 150]],
            ],
        ];
        // this braid always lies thicker than printed: each time less backing was right than was planned
        $fill = [
            'spool' => 'a',
            'layers' => [['line' => 'nylon', 'length_m' => 80], ['line' => 'braid', 'length_m' => 150]],
            'gap_mm' => 1.6,
            'readings' => 3,
        ];
        $wide = INF;
        foreach ([0, 1, 3, 6] as $count) {
            $found = Compute::run('learn', self::asked(array_fill(0, $count, $fill)) + $plan)['plan'];
            self::assertLessThan($wide, $found['high_m'] - $found['low_m']);
            $wide = $found['high_m'] - $found['low_m'];
        }
        self::assertEqualsWithDelta(80, $found['length_m'], 2.5);
    }

    public function testSlipsOfThePenAreSetAsideAndBendNothing(): void
    {
        $fills = self::fills(5, 12);
        $honest = Compute::run('learn', self::asked($fills));
        self::assertSame([], $honest['outliers']);
        // one in six is absurd: no honest one is taken for a slip by it, and the figures are those of the honest ones alone
        foreach ([6 => 3.0, 9 => 4.0] as $slip => $mm) {
            $fills[$slip]['gap_mm'] += $mm;
        }
        $found = Compute::run('learn', self::asked($fills));
        self::assertSame([6, 9], $found['outliers']);
        unset($fills[6], $fills[9]);
        $without = Compute::run('learn', self::asked(array_values($fills)));
        self::assertEqualsWithDelta([$without['spools'], $without['lines']], [$found['spools'], $found['lines']], 1e-9);
    }

    public function testWhatIsKeptCountsAndNeverDecidesWhatIsSetAside(): void
    {
        $fills = self::fills(5, 12);
        $fills[6]['gap_mm'] += 1.5;
        $fills[9]['gap_mm'] += 4;
        $aside = Compute::run('learn', self::asked($fills));
        self::assertSame([6, 9], $aside['outliers']);
        $fills[6]['keep'] = true;
        $kept = Compute::run('learn', self::asked($fills));
        self::assertSame([9], $kept['outliers']);
        self::assertNotEqualsWithDelta($aside['spools'], $kept['spools'], 1e-4);
        // what makes nonsense of everything else is refused by name
        $fills[9] = ['keep' => true, 'gap_mm' => 7.2] + $fills[9];
        $this->expectExceptionMessage('fill 9 (7.2 mm');
        Compute::run('learn', self::asked($fills));
    }

    public function testOfTwoThatContradictEachOtherTheLaterIsAskedAbout(): void
    {
        $layers = [['line' => 'nylon', 'length_m' => 80], ['line' => 'braid', 'length_m' => 150]];
        $fill = ['spool' => 'a', 'layers' => $layers, 'readings' => 3];
        $both = [['gap_mm' => 1.6] + $fill, ['gap_mm' => 4.6] + $fill];
        // the one that spool and lines as printed speak against, in whatever order the two were read
        self::assertSame([1], Compute::run('learn', self::asked($both))['outliers']);
        self::assertSame([0], Compute::run('learn', self::asked(array_reverse($both)))['outliers']);
        // the same reading twice, and twice another: all four are as far off as their twins, the later of the worse pair goes first
        $four = Compute::run('learn', self::asked([$both[0], $both[0], $both[0], $both[1], $both[1]]))['outliers'];
        self::assertSame([3, 4], $four);
    }

    /** What is set aside does not agree with those that count, and those that count agree with each other. */
    public function testOnlyWhatDisagreesIsSetAside(): void
    {
        $this->limitTo(40)->forAll(Generators::choose(1, 100_000))->then(static function (int $seed): void {
            $chance = new RandomSource($seed);
            $fills = self::fills($seed, 9);
            foreach ($fills as &$fill) {
                $fill['gap_mm'] += $chance->uniform() < 0.25 ? 2 + 2.5 * $chance->uniform() : 0.0;
            }
            unset($fill);
            $aside = Compute::run('learn', self::asked($fills))['outliers'];
            $counted = array_diff_key($fills, array_flip($aside));
            self::assertSame([], Compute::run('learn', self::asked(array_values($counted)))['outliers']);
            // by the model as it is written down: another order of looking would name another of two that contradict each other
            $believed = self::allAtOnce(array_values($counted));
            foreach ($aside as $slip) {
                [$h, $variance] = self::reading($fills[$slip]);
                $off = array_sum(array_map(static fn(float $a, float $b): float => $a * $b, $h, $believed->mean));
                self::assertGreaterThan(3.5 * sqrt($believed->variance($h) + $variance), abs($off), "fill $slip");
            }
        });
    }

    /** Where a lone fill begins to be set aside is where the model has it 3.5 standard deviations off what all others say. */
    public function testAFillIsSetAsideFromThreeAndAHalfStandardDeviationsOn(): void
    {
        $fill = ['spool' => 'a', 'layers' => [['line' => 'nylon', 'length_m' => 80], ['line' => 'braid', 'length_m' => 150]], 'readings' => 1];
        foreach ([2, 4, 7] as $count) {
            $honest = array_fill(0, $count, ['gap_mm' => 1.6] + $fill);
            [$near, $far] = [1.6, 6.0];
            while ($far - $near > 0.001) {
                $middle = ($near + $far) / 2;
                $aside = Compute::run('learn', self::asked([...$honest, ['gap_mm' => $middle] + $fill]))['outliers'];
                [$near, $far] = $aside === [] ? [$middle, $far] : [$near, $middle];
            }
            $believed = self::allAtOnce($honest);
            [$h, $variance] = self::reading(['gap_mm' => $far] + $fill);
            $off = array_sum(array_map(static fn(float $a, float $b): float => $a * $b, $h, $believed->mean));
            self::assertEqualsWithDelta(3.5, abs($off) / sqrt($believed->variance($h) + $variance), 0.05, "beside $count");
        }
    }

    public function testWhatIsNotThereIsNamed(): void
    {
        foreach ([
            'fills.0.spool' => ['fills' => [['spool' => 'z', 'layers' => [['line' => 'nylon', 'length_m' => 1]], 'gap_mm' => 1]]],
            'fills.0.layers.0.line' => ['fills' => [['spool' => 'a', 'layers' => [['line' => 'z', 'length_m' => 1]], 'gap_mm' => 1]]],
            'plan.layers' => ['plan' => ['spool' => 'a', 'gap_mm' => 1, 'layers' => [['line' => 'nylon', 'length_m' => 1]]]],
            'spools' => ['spools' => ['x' => ['ratings_text' => '0.25/200']]],
            'fills.0.gap_mm' => ['fills' => [['spool' => 'a', 'layers' => [['line' => 'nylon', 'length_m' => 1]], 'gap_mm' => 60]]],
        ] as $field => $wrong) {
            try {
                Compute::run('learn', $wrong + self::asked([]));
                self::fail("$field was taken");
            } catch (DomainFault $fault) {
                self::assertSame($field, $fault->field);
            }
        }
    }

    /**
     * @param list<array<string, mixed>> $fills
     *
     * @return array<string, mixed>
     */
    private static function asked(array $fills): array
    {
        return ['spools' => self::SPOOLS, 'lines' => self::LINES, 'fills' => $fills];
    }

    /** @return list<array<string, mixed>> made-up fills of a truth that is a little off what is printed */
    private static function fills(int $seed, int $count): array
    {
        $chance = new RandomSource($seed);
        $fills = [];
        for ($i = 0; $i < $count; ++$i) {
            $spool = ['a', 'b', 'c'][(int) ($chance->uniform() * 3)];
            $gap = 1.0 + 2 * $chance->uniform();
            $layers = [
                ['line' => $chance->uniform() < 0.5 ? 'nylon' : 'fluoro', 'length_m' => null],
                ['line' => 'braid', 'length_m' => 60 + 60 * $chance->uniform()],
            ];
            $full = Compute::run('fill', [
                'spool' => ['volume_factor' => 1.02] + self::SPOOLS[$spool],
                'gap_mm' => $gap + 0.3 * $chance->normal(),
                'layers' => array_map(
                    static fn(array $layer): array => ['cell_factor' => 1.03] + self::LINES[$layer['line']] + $layer,
                    $layers,
                ),
            ]);
            $layers[0]['length_m'] = max(1.0, $full['solved']['length_m']);
            $fills[] = ['spool' => $spool, 'layers' => $layers, 'gap_mm' => $gap, 'readings' => 1];
        }

        return $fills;
    }

    /**
     * The model as it is written down: every unknown in one list, a fill one reading of them.
     *
     * @param list<array<string, mixed>> $fills
     */
    private static function allAtOnce(array $fills): Gaussian
    {
        $spools = array_map(
            static fn(array $spool): array => Compute::run(
                'fill',
                ['spool' => $spool, 'layers' => [['material' => 'mono', 'diameter_mm' => 0.3]]],
            ),
            self::SPOOLS,
        );
        $belief = Gaussian::independent(array_fill(0, 6, 1.0), [...array_column($spools, 'volume_sd'), 0.05, 0.15, 0.05]);
        foreach ($fills as $fill) {
            [$h, $variance] = self::reading($fill);
            $off = -array_sum(array_map(static fn(float $a, float $b): float => $a * $b, $h, $belief->mean));
            $belief = $belief->seen($h, $off, $variance);
        }

        return $belief;
    }

    /**
     * What a finished fill sees of each unknown, and the variance of its own error.
     *
     * @param array<string, mixed> $fill
     *
     * @return array{list<float>, float}
     */
    private static function reading(array $fill): array
    {
        $spool = self::SPOOLS[$fill['spool']];
        $volume = static fn(float $gap): float => Compute::run(
            'fill',
            ['spool' => $spool, 'gap_mm' => $gap, 'layers' => [['material' => 'mono', 'diameter_mm' => 0.3]]],
        )['full_volume_mm3'];
        $h = array_fill(0, 6, 0.0);
        $h[(int) array_search($fill['spool'], array_keys(self::SPOOLS), true)] = $volume($fill['gap_mm']);
        foreach ($fill['layers'] as $layer) {
            $line = self::LINES[$layer['line']];
            $cell = (['even' => 0.9][$spool['lay'] ?? ''] ?? 0.95) * ($line['material'] === 'braid' ? 1.1 : 1.0)
                * $line['diameter_mm'] ** 2;
            $h[3 + (int) array_search($layer['line'], array_keys(self::LINES), true)] -= 1000 * $layer['length_m'] * $cell;
        }
        $perMm = ($volume($fill['gap_mm'] - 0.001) - $volume($fill['gap_mm'] + 0.001)) / 0.002;

        return [$h, (0.3 * $perMm) ** 2];
    }
}
