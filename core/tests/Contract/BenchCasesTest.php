<?php

declare(strict_types=1);

namespace Undro\Tests\Contract;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;
use Undro\DomainFault;
use Undro\Twist\BadWinding;
use Undro\Twist\FillerSpool;
use Undro\Units\Diameter;
use Undro\Units\Length;

/** What the bench asks of the core, as JSON. */
final class BenchCasesTest extends TestCase
{
    private const PLAN = [
        'reel' => ['kind' => 'spinning', 'gear_ratio' => '5.2'],
        'spool' => ['lip_diameter_mm' => 50, 'arbor_diameter_mm' => 30, 'traverse_mm' => 15, 'measured_with' => 'caliper'],
        'main' => ['material' => 'braid', 'size' => '0.16', 'length_m' => '150 m'],
        'backing' => ['material' => 'mono', 'size' => '0.30'],
    ];

    public function testARunWithoutMarksStandsAtItsFirstStep(): void
    {
        $run = Compute::run('run', ['case' => self::PLAN, 'pace_turns_per_min' => 60]);
        self::assertSame('check', $run['current']);
        self::assertEqualsWithDelta($run['progress']['turns_left'] / 60, $run['progress']['minutes_left'], 1e-9);
        self::assertEqualsWithDelta($run['layers'][0]['planned_m'], $run['progress']['left_m'], 1e-6);
    }

    public function testALeaderGoesOnBraidAndNotOnNylonUnlessTheAnglerAlwaysTiesOne(): void
    {
        $has = static fn(array $case): bool => in_array(
            'leader',
            array_column(Compute::run('run', ['case' => $case + self::PLAN])['steps'], 'id'),
            true,
        );
        $nylon = ['main' => ['material' => 'mono', 'size' => '0.25', 'length_m' => 100]];
        self::assertTrue($has([]));
        self::assertFalse($has($nylon));
        self::assertTrue($has($nylon + ['schools' => ['leader' => 'short']]));
    }

    public function testTheMainLineGoesIntoTheWaterItsOwnLengthBeforeItsJoin(): void
    {
        $case = ['main' => ['material' => 'mono', 'size' => '0.25', 'length_m' => '100 m']] + self::PLAN;
        $steps = array_column(Compute::run('run', ['case' => $case])['steps'], 'id');
        $due = static function (float $turns, float $pace, string $upTo = 'wind.0', array $more = []) use ($case, $steps): array {
            $marks = array_map(
                static fn(string $id): array => ['kind' => 'done', 'step' => $id],
                array_slice($steps, 0, (int) array_search($upTo, $steps, true)),
            );

            return Compute::run(
                'run',
                ['case' => $case, 'pace_turns_per_min' => $pace, 'marks' => [...$marks, ['kind' => 'turns', 'turns' => $turns], ...$more]],
            );
        };
        $all = $due(0, 10)['progress']['turns_left'];
        $pace = $all / 20;
        self::assertEqualsWithDelta(12, $due(0, $pace)['soaks_due'][0]['in_min'], 1e-6, '20 minutes of backing, 8 of soak');
        self::assertEqualsWithDelta(0, $due(0.6 * $all, $pace)['soaks_due'][0]['in_min'], 0.4);
        self::assertLessThan(0, $due(0, $all / 5)['soaks_due'][0]['in_min'], 'shorter than its soak: at once, before the backing');
        self::assertSame([], $due(0, $pace, 'mount')['soaks_due'], 'not before the reel is mounted');
        $in = ['kind' => 'soak_started', 'step' => 'soak.1', 'at' => '2026-05-01T10:00:00Z'];
        self::assertSame([], $due(0, $pace, 'wind.0', [$in])['soaks_due']);
    }

    public function testABigFillerOnASmallArborIsExpectedToLoopAndIsNotTurnedOver(): void
    {
        $slack = static fn(array $fillers, string $size, array $placed): array => Compute::run('run', [
            'case' => ['main' => ['material' => 'fluoro', 'size' => $size, 'length_m' => '30 m'], 'way' => 'main_only'] + self::PLAN,
            'fillers' => $fillers,
            'marks' => [['kind' => 'placed', 'step' => 'place.0'] + $placed, ['kind' => 'slack', 'slack' => 'loops']],
        ])['slack'];
        $same = ['rotor_turns' => 'cw', 'filler_turns' => 'cw', 'feed' => 'over_end'];
        self::assertSame('look', $slack([], '0.30', ['feed' => 'over_end'])['move']);
        self::assertSame('turn_over', $slack([], '0.30', ['filler_turns' => 'ccw'] + $same)['move']);
        $big = ['main' => ['full_mm' => 300, 'core_mm' => 250, 'full_length_m' => 300]];
        self::assertSame('expected', $slack($big, '0.60', $same)['move']);
        self::assertStringContainsString('Don’t flip it', $slack($big, '0.60', $same)['words']);
        $near = ['main' => ['full_mm' => 33, 'core_mm' => 30, 'full_length_m' => 300]];
        self::assertSame('soak_or_axle', $slack($near, '0.30', $same)['move']);
    }

    public function testWhatTheFinishedLevelSays(): void
    {
        $says = static function (string ...$depths): string {
            $steps = array_column(Compute::run('run', ['case' => self::PLAN])['steps'], 'id');
            $marks = array_map(
                static fn(string $id): array => ['kind' => 'done', 'step' => $id],
                array_slice($steps, 0, (int) array_search('level', $steps, true)),
            );
            $marks[] = ['kind' => 'depth', 'depths' => array_map(static fn(string $mm): array => ['mm' => $mm], $depths)];

            return Compute::run('run', ['case' => self::PLAN, 'marks' => $marks])['level']['text'];
        };
        self::assertStringContainsString('as planned', $says('1.5', '1.6', '1.4'));
        self::assertStringContainsString('Coils will jump off', $says('0.2'));
        self::assertStringContainsString('fuller than planned', $says('0.9'));
        self::assertStringContainsString('lower than planned', $says('2.9 mm'));
    }

    public function testAPassedStopSaysWhatToDo(): void
    {
        $passed = static function (float $turns): ?string {
            $steps = array_column(Compute::run('run', ['case' => self::PLAN])['steps'], 'id');
            $marks = array_map(
                static fn(string $id): array => ['kind' => 'done', 'step' => $id],
                array_slice($steps, 0, (int) array_search('wind.0', $steps, true)),
            );
            $left = Compute::run('run', ['case' => self::PLAN, 'marks' => $marks])['progress']['turns_left'];

            return Compute::run(
                'run',
                ['case' => self::PLAN, 'marks' => [...$marks, ['kind' => 'turns', 'turns' => $left + $turns]]],
            )['progress']['passed']['text'] ?? null;
        };
        self::assertNull($passed(-1));
        self::assertStringContainsString('Leave it', (string) $passed(3));
        self::assertStringContainsString('Wind that back', (string) $passed(40));
        self::assertStringContainsString('Leave it', (string) $passed(1));
    }

    public function testEveryStopHasItsNextStep(): void
    {
        $steps = array_column(Compute::run('run', ['case' => self::PLAN])['steps'], 'id');
        $marks = array_map(
            static fn(string $id): array => ['kind' => 'done', 'step' => $id],
            array_slice($steps, 0, (int) array_search('wind.0', $steps, true)),
        );
        foreach ([
            'at_mark' => 'saved',
            'early' => 'on here',
            'filler_out' => 'Tie on more of the same',
            'snapped' => 'Cut back to sound line',
        ] as $stop => $words) {
            $run = Compute::run(
                'run',
                ['case' => self::PLAN, 'marks' => [...$marks, ['kind' => 'turns', 'turns' => 100], ['kind' => 'stopped', 'stop' => $stop]]],
            );
            self::assertStringContainsString($words, $run['progress']['stop']['text']);
            self::assertSame($stop !== 'at_mark', $run['progress']['may_go_on']);
        }
    }

    public function testPlacingsSayWhatEachWayDoesAndHowToHoldTheFiller(): void
    {
        $case = [
            'reel' => 'spinning',
            'rotor_turns' => 'cw',
            'filler_turns' => 'ccw',
            'material' => 'mono',
            'diameter_mm' => 0.3,
            'spool_diameter_mm' => 32,
            'spool_after_mm' => 46,
            'length_m' => 200,
            'filler' => ['full_length_m' => 300, 'left_m' => 300],
        ];
        $found = Compute::run('placings', $case);
        self::assertFalse($found['matched']);
        self::assertTrue($found['filler']['assumed']);
        self::assertGreaterThan($found['filler']['end_mm'], $found['filler']['start_mm']);
        self::assertCount(7, $found['holds']);
        self::assertTrue(Compute::run('placings', ['filler_turns' => 'cw'] + $case)['matched']);
        self::assertNull(Compute::run('placings', ['reel' => 'baitcasting'] + $case)['matched']);
    }

    public function testAFillerShrinksWithTheLineOnIt(): void
    {
        $filler = FillerSpool::of(Diameter::millimetres(80), Diameter::millimetres(50), Length::metres(300));
        self::assertEqualsWithDelta(80, $filler->with(Length::metres(300))->inMillimetres(), 1e-9);
        self::assertEqualsWithDelta(50, $filler->with(Length::metres(0))->inMillimetres(), 1e-9);
        // half of the line is half of the ring's area
        self::assertEqualsWithDelta(sqrt((80 ** 2 + 50 ** 2) / 2), $filler->with(Length::metres(150))->inMillimetres(), 1e-9);
        $this->expectException(BadWinding::class);
        FillerSpool::of(Diameter::millimetres(40), Diameter::millimetres(50), Length::metres(300));
    }

    public function testPracticeIsTheSameForTheSameSeedAndDiffersFromThePrint(): void
    {
        $case = ['case' => self::PLAN, 'seed' => 11, 'marks' => [['kind' => 'turns', 'turns' => 120]]];
        $one = Compute::run('practice', $case);
        self::assertEquals($one, Compute::run('practice', $case));
        $counted = [];
        for ($seed = 1; $seed <= 30; ++$seed) {
            $truth = Compute::run('practice', ['seed' => $seed] + $case);
            $counted[] = $truth['layers'][0]['real_m'] / $truth['layers'][0]['counted_m'];
            foreach ($truth['readings_mm'] as $reading) {
                self::assertEqualsWithDelta($truth['level']['depth_mm'], $reading, 0.46, 'a reading is within its error');
            }
        }
        self::assertGreaterThan(0.002, max($counted) - min($counted));
        self::assertEqualsWithDelta(1, array_sum($counted) / 30, 0.03, 'the made-up reels lie about what is printed');
    }

    public function testLooseLineStandsHigherAndKnotsInTheWind(): void
    {
        $steps = array_column(Compute::run('run', ['case' => self::PLAN])['steps'], 'id');
        $upTo = array_map(
            static fn(string $id): array => ['kind' => 'done', 'step' => $id],
            array_slice($steps, 0, (int) array_search('wind.1', $steps, true)),
        );
        $wound = static fn(string $tension): array => Compute::run(
            'practice',
            [
                'case' => self::PLAN,
                'seed' => 3,
                'marks' => [...$upTo, ['kind' => 'tension', 'tension' => $tension], ['kind' => 'turns', 'turns' => 220]],
            ],
        );
        self::assertLessThan($wound('hard')['level']['depth_mm'], $wound('loose')['level']['depth_mm']);
        self::assertGreaterThan($wound('firm')['layers'][1]['wind_knots'], $wound('loose')['layers'][1]['wind_knots']);
    }

    public function testStrippingSaysWhatComesOffAndWhichEndIsOnTop(): void
    {
        $found = Compute::run(
            'strip',
            ['pieces' => [['material' => 'mono', 'length_m' => 120], ['material' => 'braid', 'length_m' => 150]]],
        );
        $ways = array_column($found['ways'], null, 'id');
        self::assertEqualsWithDelta(270, $ways['off']['off_m'], 1e-9);
        self::assertEqualsWithDelta(40, $found['worn_m'], 1e-9);
        self::assertEqualsWithDelta(230, $ways['cut_back']['stays_m'], 1e-9);
        self::assertSame(3, $ways['turn_over']['passes']);
        self::assertFalse($ways['onto_reel']['worn_on_top'], 'the worn end goes to the bottom');
    }

    /** @param array<string, mixed> $case */
    #[DataProvider('bad')]
    public function testWhatIsWrongIsNamed(string $name, array $case, string $field): void
    {
        try {
            Compute::run($name, $case);
            self::fail('nothing was refused');
        } catch (DomainFault $fault) {
            self::assertSame($field, $fault->field);
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'a plan that does not fit' => [
            'run',
            ['case' => ['main' => ['material' => 'braid', 'size' => '0.16', 'length_m' => 3000]] + self::PLAN],
            'case',
        ];
        yield 'a mark nobody knows' => ['run', ['case' => self::PLAN, 'marks' => [['kind' => 'sung']]], 'marks.0.kind'];
        yield 'a depth that is no figure' => [
            'run',
            ['case' => self::PLAN, 'marks' => [['kind' => 'depth', 'depths' => [['mm' => 'deep']]]]],
            'marks.0.depths.0.mm',
        ];
        yield 'a filler smaller than its core' => [
            'placings',
            [
                'reel' => 'spinning',
                'material' => 'mono',
                'diameter_mm' => 0.3,
                'spool_diameter_mm' => 40,
                'length_m' => 100,
                'filler' => ['full_mm' => 40, 'core_mm' => 50],
            ],
            'filler.core_mm',
        ];
        yield 'no line out' => [
            'twist_lab',
            [
                'reel' => 'spinning',
                'feed' => 'rotating',
                'material' => 'mono',
                'diameter_mm' => 0.3,
                'filler_diameter_mm' => 60,
                'spool_diameter_mm' => 40,
                'line_out_m' => 0,
            ],
            'line_out_m',
        ];
        yield 'more worn than there is' => [
            'strip',
            ['pieces' => [['material' => 'mono', 'length_m' => 20]], 'worn_m' => '30 m'],
            'metres',
        ];
        yield 'a pull test of nine times the line' => [
            'joins',
            ['where' => 'arbor', 'one' => ['material' => 'mono', 'diameter_mm' => 0.3], 'tested' => ['uni' => '940']],
            'tested.uni',
        ];
        yield 'a join of one line' => ['joins', ['where' => 'guides', 'one' => ['material' => 'mono', 'diameter_mm' => 0.3]], 'other'];
        yield 'a rod shorter than a hand' => ['leader', ['leader_m' => 1, 'path_m' => 0.1], 'path_m'];
        yield 'a knot nobody ties' => ['knot', ['knot' => 'gordian'], 'knot'];
    }
}
