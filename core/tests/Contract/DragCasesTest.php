<?php

declare(strict_types=1);

namespace Undro\Tests\Contract;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;
use Undro\DomainFault;

/** What the drag bench asks of the core, as JSON. */
final class DragCasesTest extends TestCase
{
    private const CHAIN = ['main_N' => '11 kg', 'main_condition' => '0.9', 'leader_N' => '6.9 kg', 'join' => 'fg', 'snap_N' => '12 kg'];
    private const SPOOL = ['lip_diameter_mm' => 46, 'arbor_diameter_mm' => 30, 'traverse_mm' => 17];
    private const LAYERS = [
        ['role' => 'backing', 'material' => 'mono', 'diameter_mm' => 0.30, 'length_m' => 80],
        ['role' => 'main', 'material' => 'braid', 'diameter_mm' => 0.16, 'length_m' => 120],
    ];

    public function testAChainAsItIsTyped(): void
    {
        $drag = Compute::run('drag', ['chain' => self::CHAIN, 'fishing' => 'general', 'layers' => []]);
        self::assertSame(['main', 'join', 'leader', 'terminal', 'snap'], array_column($drag['links'], 'kind'));
        self::assertSame('hook knot', $drag['weakest']);
        self::assertEqualsWithDelta(0.25 * 0.75 * 6.9 * 9.80665, $drag['target_N'], 1e-6);
        self::assertFalse($drag['ask_again']);
        // the knot at the hook by its name: the low end of what it keeps counts, its own pull test before that
        foreach (['palomar' => 0.85, 'uni_hook' => 0.80, 'improved_clinch' => 0.75] as $knot => $keeps) {
            $named = Compute::run('drag', ['chain' => ['main_N' => 100, 'hook_knot' => $knot], 'fishing' => 'general', 'layers' => []]);
            self::assertEqualsWithDelta(100 * $keeps, $named['weakest_N'], 1e-9, $knot);
            $own = ['main_N' => 100, 'hook_knot' => $knot, 'terminal_tested' => '93 %'];
            self::assertEqualsWithDelta(93, Compute::run('drag', ['chain' => $own, 'fishing' => 'general', 'layers' => []])['weakest_N'], 1e-9);
        }
        $tested = Compute::run('drag', ['chain' => ['terminal_tested' => '95 %'] + self::CHAIN, 'fishing' => 'general', 'layers' => []]);
        self::assertSame('joining knot', $tested['weakest'], 'an own pull test replaces the range');
        $alone = Compute::run('drag', ['chain' => ['main_N' => 50], 'fishing' => 'light_clear', 'layers' => []]);
        self::assertSame(['main', 'terminal'], array_column($alone['links'], 'kind'));
        self::assertEqualsWithDelta(0.2 * 0.75 * 50, $alone['target_N'], 1e-9);
    }

    public function testAnOwnShareMayBeTypedInPerCentAndALargeOneAsksAgain(): void
    {
        foreach (['0.3', '30', '30 %', '0,3'] as $typed) {
            self::assertEqualsWithDelta(
                0.3,
                Compute::run('drag', ['chain' => self::CHAIN, 'fraction' => $typed, 'layers' => []])['fraction'],
                1e-9,
            );
        }
        self::assertTrue(Compute::run('drag', ['chain' => self::CHAIN, 'fraction' => '45 %', 'layers' => []])['ask_again']);
        self::assertFalse(
            Compute::run('drag', ['chain' => self::CHAIN, 'fraction' => '45 %', 'reel_max_N' => 10, 'layers' => []])['ask_again'],
            'the reel holds it under that',
        );
        self::assertTrue(
            Compute::run('drag', ['chain' => self::CHAIN, 'fraction' => '25 %', 'wanted_N' => '3 kg', 'layers' => []])['ask_again'],
            'a force wanted because it was so before asks too',
        );
        self::assertSame(
            'reel',
            Compute::run('drag', ['chain' => self::CHAIN, 'fraction' => '45 %', 'reel_max_N' => 10, 'layers' => []])['governs'],
        );
    }

    public function testAnOwnShareGoesBeforeAHabitAndAHabitBeforeTheFishing(): void
    {
        $ask = ['chain' => self::CHAIN, 'fishing' => 'light_clear', 'layers' => []];
        foreach ([
            ['fishing', 0.20, []],
            ['habit', 0.35, ['schools' => ['drag' => '0.35']]],
            ['own', 0.3, ['schools' => ['drag' => '0.35'], 'fraction' => '0.3']],
            ['fishing', 0.20, ['schools' => ['drag' => 'rule']]],
        ] as [$from, $share, $more]) {
            $drag = Compute::run('drag', $more + $ask);
            self::assertSame($from, $drag['fraction_from']);
            self::assertEqualsWithDelta($share, $drag['fraction'], 1e-9);
        }
    }

    public function testAllThatRunsOutOfASpoolAsItIsFilled(): void
    {
        $drag = Compute::run(
            'drag',
            [
                'chain' => self::CHAIN,
                'fishing' => 'general',
                'reel' => 'spinning',
                'gear_ratio' => '5.2',
                'spool' => self::SPOOL,
                'layers' => self::LAYERS,
                'line_out_m' => [0, 100, 200],
                'at_line_out_m' => '150 m',
            ],
        );
        self::assertEqualsWithDelta(200, $drag['total_m'], 1e-9);
        self::assertEqualsWithDelta($drag['target_N'], $drag['ladder'][0]['force_N'], 1e-9);
        self::assertEqualsWithDelta(30, $drag['ladder'][2]['diameter_mm'], 1e-6);
        self::assertCount(1, $drag['at']['picture']['layers'], 'the main line is off, and part of the backing');
        self::assertEqualsWithDelta(50, $drag['at']['picture']['layers'][0]['length_m'], 1e-6);
        self::assertEqualsWithDelta(M_PI * $drag['ladder'][0]['diameter_mm'] / 1000 * 5.2, $drag['retrieve_m'], 1e-9);
        $sleeved = Compute::run(
            'drag',
            [
                'chain' => self::CHAIN,
                'fishing' => 'general',
                'spool' => self::SPOOL + ['sleeve_mm' => '36 mm'],
                'layers' => [self::LAYERS[1]],
                'line_out_m' => [120],
            ],
        );
        self::assertEqualsWithDelta(36, $sleeved['ladder'][0]['diameter_mm'], 1e-6);
    }

    public function testASpoolWithoutAShapeStillHasATarget(): void
    {
        $drag = Compute::run(
            'drag',
            ['chain' => self::CHAIN, 'fishing' => 'general', 'spool' => ['ratings_text' => '0.25/200'], 'layers' => self::LAYERS],
        );
        self::assertNull($drag['total_m']);
        self::assertGreaterThan(5, $drag['target_N']);
    }

    public function testWhatWasSetOnAFullerSpoolIsMoreNow(): void
    {
        $case = [
            'chain' => self::CHAIN,
            'fishing' => 'general',
            'spool' => self::SPOOL,
            'layers' => self::LAYERS,
            'line_out_m' => [0, 40],
            'set_N' => 12,
        ];
        $then = Compute::run('drag', $case);
        $on = $then['ladder'][0]['diameter_mm'];
        self::assertEqualsWithDelta(12, Compute::run('drag', $case + ['set_on_mm' => $on])['ladder'][0]['force_N'], 1e-9);
        // forty metres lost since: what was forty metres out is now the start
        $lost = [self::LAYERS[0], ['length_m' => 80] + self::LAYERS[1]];
        $now = Compute::run('drag', ['layers' => $lost] + $case + ['set_on_mm' => $on]);
        self::assertEqualsWithDelta($then['ladder'][1]['force_N'], $now['ladder'][0]['force_N'], 1e-9);
    }

    public function testPullsMeasuredAtAnotherLevelAreSetBesideWhatTheShapeExplains(): void
    {
        $case = ['chain' => self::CHAIN, 'fishing' => 'general', 'spool' => self::SPOOL, 'layers' => self::LAYERS, 'set_N' => 12];
        $shape = Compute::run('drag', $case + ['line_out_m' => [150]])['ladder'][0]['force_N'];
        $drag = Compute::run(
            'drag',
            $case + ['line_out_m' => [150], 'measured' => [['line_out_m' => '150 m', 'running_N' => 1.5 * $shape]]],
        );
        self::assertTrue($drag['by_measured']);
        self::assertEqualsWithDelta(1.5, $drag['measured'][0]['over_predicted'], 1e-9);
        self::assertEqualsWithDelta(1.5 * $shape, $drag['ladder'][0]['expected_N'], 1e-9);
        self::assertEqualsWithDelta($shape, $drag['ladder'][0]['force_N'], 1e-9, 'the shape stays what it was');
        self::assertLessThanOrEqual($drag['limit_line_out_m'] ?? INF, $drag['expected_limit_line_out_m'] ?? INF);
    }

    public function testWhatTheScreenShowsOfTheTargetIsWorkedOutHere(): void
    {
        $drag = Compute::run(
            'drag',
            [
                'chain' => ['main_N' => 100, 'terminal_tested' => '1'],
                'fishing' => 'general',
                'wanted_N' => 20,
                'reel_max_N' => 35,
                'rod_max_N' => 60,
                'layers' => [],
            ],
        );
        self::assertEqualsWithDelta(25, $drag['target_N'], 1e-9);
        self::assertEqualsWithDelta(20, $drag['to_set_N'], 1e-9);
        self::assertEqualsWithDelta(25, $drag['asks_N'], 1e-9, 'which the force of before leaves as it is');
        self::assertEqualsWithDelta([19, 21], $drag['within'], 1e-9);
        self::assertEqualsWithDelta(35, $drag['stop_N'], 1e-9, 'the reel holds no more');
        self::assertEqualsWithDelta(
            40,
            Compute::run(
                'drag',
                ['chain' => ['main_N' => 100, 'terminal_tested' => '1'], 'fishing' => 'general', 'layers' => []],
            )['stop_N'],
            1e-9,
        );
        $case = ['chain' => self::CHAIN, 'fishing' => 'general', 'spool' => self::SPOOL, 'layers' => self::LAYERS];
        $says = static fn(array $more): string => Compute::run('drag', $case + $more)['limit_says']['text'];
        self::assertStringContainsString('the lowest possible', $says([]));
        self::assertStringNotContainsString('stays below half', $says([]), 'never said before one deeper pull');
        $deep = [['line_out_m' => 70, 'running_N' => 14]];
        self::assertStringContainsString('stays below half', $says(['set_N' => 12, 'measured' => $deep]));
        self::assertStringContainsString('the lowest possible', $says(['set_N' => 12, 'measured' => [['line_out_m' => 5, 'running_N' => 12]]]));
        self::assertStringContainsString('from the start', $says(['set_N' => 40]));
        self::assertStringContainsString('out at the latest, the drag reaches half', $says(['set_N' => 22]));
        self::assertEqualsWithDelta(
            0.0645 * 12,
            Compute::run('drag_steps', ['knob' => 'click', 'mechanism' => 'rear', 'position' => '12'])['at_turns'],
            0.01,
        );
        self::assertNull(Compute::run('drag_steps', ['position' => 'somewhere'])['at_turns']);
    }

    public function testEveryKindOfDragHasItsOwnStepsAndALeverNeverGoesPastItsStop(): void
    {
        $steps = [];
        foreach (['front', 'rear', 'star', 'lever', 'spincast'] as $mechanism) {
            $found = Compute::run('drag_steps', ['mechanism' => $mechanism]);
            $steps[] = implode(' ', $found['steps']);
            self::assertContains($found['knob'], $found['knobs']);
            self::assertStringContainsString('Take hooks off', $found['caution'] . $steps[count($steps) - 1]);
        }
        self::assertCount(5, array_unique($steps));
        self::assertSame(
            ['front', 'star', 'spincast'],
            array_map(
                static fn(string $reel): string => Compute::run('drag_steps', ['reel' => $reel])['mechanism'],
                ['spinning', 'baitcasting', 'spincast'],
            ),
        );
        self::assertStringContainsString(
            'strike stop',
            implode(' ', Compute::run('drag_steps', ['mechanism' => 'lever', 'knob' => 'notch'])['steps']),
        );
        self::assertStringContainsString('point the rod at it', implode(' ', Compute::run('drag_steps', ['tip' => false])['steps']));
    }

    /** @param array<string, mixed> $case */
    #[DataProvider('wrong')]
    public function testWhatIsWrongIsNamed(string $calculator, array $case, string $field, string $says): void
    {
        try {
            Compute::run($calculator, $case);
            self::fail('taken');
        } catch (DomainFault $fault) {
            self::assertSame($field, $fault->field);
            self::assertStringContainsString($says, $fault->getMessage());
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>, string, string}> */
    public static function wrong(): iterable
    {
        $pull = static fn(float|string $position, float $running = 10): array => [
            'target_N' => 20,
            'knob' => 'notch',
            'limits' => ['min' => 0, 'max' => 7],
            'pulls' => [['position' => $position, 'running_N' => $running]],
        ];
        yield 'past the stop' => ['drag_next', $pull(8), 'pulls.0.position', 'past the strike stop at 7 notches'];
        yield 'under the least' => ['drag_next', $pull(-1), 'pulls.0.position', 'fully loose'];
        yield 'half a notch' => ['drag_next', $pull(3.5), 'pulls.0.position', 'Count whole ones'];
        yield 'no force' => [
            'drag_next',
            ['target_N' => 20, 'knob' => 'turn', 'pulls' => [['position' => 1, 'running_N' => 0]]],
            'pulls.0.running_N',
            'out of range',
        ];
        yield 'no pull' => ['drag_next', ['target_N' => 20, 'knob' => 'turn', 'pulls' => []], 'pulls', 'missing'];
        yield 'swapped' => [
            'drag_next',
            ['target_N' => 20, 'knob' => 'turn', 'pulls' => [['position' => 1, 'running_N' => 10, 'start_up_N' => 4]]],
            'pulls.0.start_up_N',
            'Swap the two',
        ];
        yield 'limits crossed' => ['drag_next', ['limits' => ['min' => 5, 'max' => 3]] + $pull(4), 'limits.max', '3'];
        yield 'no main line' => ['drag', ['chain' => ['leader_N' => 40], 'fishing' => 'general', 'layers' => []], 'chain.main_N', 'missing'];
        yield 'no share' => ['drag', ['chain' => ['main_N' => 40], 'layers' => []], 'fraction', 'missing'];
        yield 'a knot to the arbor' => [
            'drag',
            ['chain' => ['main_N' => 40, 'leader_N' => 30, 'join' => 'arbor'], 'fishing' => 'general', 'layers' => []],
            'join',
            'joins two lines',
        ];
        yield 'nothing on it' => ['strikes', ['lines' => [], 'sweep_m' => 1, 'distance_m' => 10], 'lines', 'missing'];
        yield 'wound past' => [
            'strikes',
            [
                'lines' => [['material' => 'mono', 'rated_N' => 50]],
                'sweep_m' => 1,
                'distance_m' => 5,
                'wind_down_turns' => 20,
                'retrieve_m_per_turn' => 0.7,
            ],
            'wind_down_turns',
            'all the line',
        ];
    }
}
