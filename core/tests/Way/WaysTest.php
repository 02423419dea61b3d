<?php

declare(strict_types=1);

namespace Undro\Tests\Way;

use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;
use Undro\DomainFault;
use Undro\Tests\Property;

final class WaysTest extends TestCase
{
    use Property;

    private const CASE = [
        'reel' => ['kind' => 'spinning', 'lip' => 'bevelled', 'gear_ratio' => '5.2'],
        'spool' => ['lip_diameter_mm' => 46.2, 'arbor_diameter_mm' => 31, 'traverse_mm' => 19.5, 'measured_with' => 'caliper'],
        'main' => ['material' => 'braid', 'size' => '0.16', 'length_m' => '150 m', 'price' => '30 €', 'price_for_m' => 300],
        'backing' => ['material' => 'mono', 'size' => '0.30', 'price' => '6 €', 'price_for_m' => 300],
        'pace_turns_per_min' => 60,
    ];

    public function testAllWaysRestOnTheSameVolume(): void
    {
        $this->forAll(self::share(), self::share(), self::share())->then(function (int $lip, int $arbor, int $main): void {
            $spool = ['lip_diameter_mm' => self::between(36, 80, $lip)];
            $spool += ['arbor_diameter_mm' => $spool['lip_diameter_mm'] * self::between(0.35, 0.7, $arbor), 'traverse_mm' => 18];
            $ways = self::ways(['spool' => $spool, 'main' => ['length_m' => self::between(30, 120, $main)]]);
            $cell = static fn(array $layer): float => $layer['length_m'] * ($layer['material'] === 'braid' ? 1.1 : 1.0)
                * $layer['diameter_mm'] ** 2;
            $volume = static fn(string $id): float => array_sum(array_map($cell, $ways[$id]['layers']));
            self::assertEqualsWithDelta(
                $volume('backing'),
                $volume('main_only'),
                1e-6 * $volume('backing'),
                'backing and main take what main alone takes',
            );
            self::assertEqualsWithDelta($volume('backing'), $volume('turn_over'), 1e-9);
            $sleeve = $ways['sleeve'];
            self::assertEqualsWithDelta(
                1.0,
                $sleeve['filled_fraction'],
                1e-9,
                'the sleeve that was worked out takes the main line exactly',
            );
            self::assertEqualsWithDelta(
                $ways['backing']['layers'][0]['top_diameter_mm'],
                $sleeve['build']['outside_mm'],
                1e-6,
                'and ends where the backing would',
            );
        });
    }

    public function testASleeveOverAConeIsStraightAndTapeKeepsTheCone(): void
    {
        $ways = self::ways(['spool' => ['arbor_deep_diameter_mm' => 27]]);
        self::assertSame($ways['sleeve']['spool']['arbor_thin_mm'], $ways['sleeve']['spool']['arbor_thick_mm']);
        self::assertEqualsWithDelta(4, $ways['tape']['spool']['arbor_thick_mm'] - $ways['tape']['spool']['arbor_thin_mm'], 1e-9);
    }

    public function testTurningOverNeedsAnOddNumberOfTurnsOfTheOrderAndCountsEveryMetre(): void
    {
        $once = self::ways()['backing'];
        $cut = self::ways()['turn_over'];
        $spare = self::ways(['spare' => true])['turn_over'];
        self::assertEqualsWithDelta(3 * $once['wound_m'], $cut['wound_m'], 1e-6);
        self::assertEqualsWithDelta(2 * $once['wound_m'], $spare['wound_m'], 1e-6);
        self::assertEqualsWithDelta(3 * $once['minutes'], $cut['minutes'], 1e-6);
        self::assertEqualsWithDelta($once['handle_turns'] / 60, $once['minutes'], 1e-9);
    }

    public function testMoneyIsWhatTheFillersCostAndUnknownWhereOneHasNoPrice(): void
    {
        $backing = self::ways()['backing'];
        self::assertEqualsWithDelta(150 * 0.1 + $backing['layers'][0]['length_m'] * 0.02, $backing['cost']['amount'], 1e-6);
        self::assertSame('€', $backing['cost']['money']);
        $priceless = self::ways(['backing' => ['price' => '']]);
        self::assertNull($priceless['backing']['cost']);
        self::assertEqualsWithDelta(15, $priceless['sleeve']['cost']['amount'], 1e-9);
        self::assertNull(self::ways(['backing' => ['price' => '£6']])['backing']['cost'], 'two kinds of money do not add up');
    }

    public function testThePickFollowsTheSpoolAndTheHabit(): void
    {
        $pick = static fn(array $change): string => Compute::run('ways', array_replace_recursive(self::CASE, $change))['pick'];
        self::assertSame('backing', $pick([]));
        self::assertSame('grip', $pick(['main' => ['length_m' => 519]]));
        self::assertSame('main_only', $pick(['main' => ['length_m' => 519], 'grips' => true]));
        self::assertSame('main_only', $pick(['main' => ['material' => 'mono', 'size' => '0.30', 'length_m' => 163]]));
        self::assertSame('grip', $pick(['schools' => ['backing' => 'grip']]));
        self::assertSame('tape', $pick(['schools' => ['backing' => 'none']]));
        self::assertSame('main_only', $pick(['schools' => ['backing' => 'none'], 'grips' => true]));
        self::assertSame('turn_over', $pick(['schools' => ['how_much' => 'turn_over']]));
        $departs = Compute::run('ways', array_replace_recursive(self::CASE, ['schools' => ['backing' => 'grip']]))['departs'];
        self::assertStringContainsString('backing, then main line', $departs['text']);
    }

    /** Who uses no backing wants the line held, not the spool built up: the level comes as it comes, and is said. */
    public function testNoBackingIsOneStripOfTapeUnlessWrapsAreTyped(): void
    {
        $of = static fn(array $change): array => self::ways(['schools' => ['backing' => 'none']] + $change)['tape'];
        $own = self::ways([])['tape'];
        self::assertGreaterThan(1, $own['build']['wraps']);
        $one = $of([]);
        self::assertEqualsWithDelta(self::CASE['spool']['arbor_diameter_mm'] + 0.3, $one['spool']['arbor_thick_mm'], 1e-6);
        self::assertStringContainsString('one strip of tape', $one['steps'][0]['text']);
        self::assertStringContainsString('short of full', $one['risks'][1]['text']);
        self::assertEqualsWithDelta(self::CASE['spool']['arbor_diameter_mm'] + 1.2, $of(['tape_wraps' => 4])['spool']['arbor_thick_mm'], 1e-6);
    }

    public function testWaysThatDoNotWorkSayWhy(): void
    {
        $ways = self::ways(['main' => ['length_m' => 600]]);
        foreach (['backing', 'sleeve', 'tape', 'turn_over'] as $id) {
            self::assertFalse($ways[$id]['works'], $id);
            self::assertStringContainsString('no room for backing', $ways[$id]['risks'][0]['text']);
        }
        $stampOnly = self::ways(
            ['spool' => ['ratings_text' => '0.25/200', 'lip_diameter_mm' => null, 'arbor_diameter_mm' => null, 'traverse_mm' => null]],
        );
        self::assertTrue($stampOnly['backing']['works']);
        self::assertFalse($stampOnly['sleeve']['works']);
        self::assertNull($stampOnly['backing']['minutes']);
    }

    public function testWhatIsSaidOfThePickIsTrueOfTheseLinesAndPrices(): void
    {
        $why = static fn(array $change): string => Compute::run('ways', array_replace_recursive(self::CASE, $change))['why']['text'];
        self::assertStringEndsWith('fills it, costs less than braid, and holds the braid on the arbor.', $why([]));
        self::assertStringEndsWith(
            'fills it, costs more than braid at the prices you paid, and holds the braid on the arbor.',
            $why(['backing' => ['price' => '300 €']]),
        );
        self::assertStringEndsWith(
            'fills it, costs less than braid, and holds the braid on the arbor.',
            $why(['backing' => ['price' => '']]),
            'without prices as is usual',
        );
        self::assertStringEndsWith(
            'of backing fills it.',
            $why(['backing' => ['material' => 'braid', 'price' => '']]),
            'braid under braid neither saves nor holds',
        );
        self::assertStringEndsWith('fills it and costs less than braid.', $why(['grips' => true]));
        self::assertStringStartsWith('The main line doesn’t fit on this spool.', $why(['main' => ['length_m' => 900]]));
    }

    public function testWhatStandsOverTheLipIsNoWay(): void
    {
        $ways = self::ways(
            [
                'spool' => ['lip_diameter_mm' => 42, 'arbor_diameter_mm' => 36],
                'main' => ['material' => 'mono', 'size' => '0.35', 'length_m' => 300],
            ],
        );
        self::assertFalse($ways['grip']['works']);
        self::assertStringContainsString('above the lip', $ways['grip']['risks'][0]['text']);
        self::assertTrue($ways['main_only']['works'], 'the most that goes on is still an answer');
        self::assertStringNotContainsString('never fished', $ways['main_only']['risks'][0]['text']);
        self::assertStringContainsString(
            'never fished',
            self::ways(['main' => ['material' => 'mono', 'length_m' => 30]])['main_only']['risks'][0]['text'],
        );
    }

    public function testSleevesAreForSpinningSpoolsOnly(): void
    {
        foreach (['baitcasting', 'spincast'] as $kind) {
            $case = array_replace_recursive(self::CASE, ['reel' => ['kind' => $kind, 'lip' => 'straight']]);
            $sleeve = array_column(Compute::run('ways', $case)['ways'], null, 'id')['sleeve'];
            self::assertFalse($sleeve['works']);
            self::assertStringContainsString('spinning spools only', (string) json_encode($sleeve));
            try {
                Compute::run('plan', ['way' => 'sleeve', 'sleeve_mm' => '40 mm'] + $case);
                self::fail("a sleeve was put on a $kind spool");
            } catch (DomainFault $fault) {
                self::assertSame('way', $fault->field);
            }
        }
    }

    public function testAPlanWithASleeveIsDrawnOnItAndOneTooThinIsRefused(): void
    {
        $plan = Compute::run('plan', array_replace_recursive(self::CASE, ['way' => 'sleeve', 'sleeve_mm' => '40 mm']));
        self::assertSame('level', $plan['open']);
        self::assertEqualsWithDelta(40, $plan['spool']['arbor_thin_mm'], 1e-9);
        self::assertEqualsWithDelta(31, $plan['bare_spool']['arbor_thin_mm'], 1e-9);
        $this->expectException(DomainFault::class);
        $this->expectExceptionMessage('above 31.0 mm');
        Compute::run('plan', array_replace_recursive(self::CASE, ['way' => 'sleeve', 'sleeve_mm' => '30 mm']));
    }

    public function testEachWayOfAPlanLeavesTheRightThingOpen(): void
    {
        foreach ([
            'backing' => 'backing',
            'turn_over' => 'backing',
            'main_only' => 'main',
            'grip' => 'level',
            'sleeve' => 'level',
            'tape' => 'level',
        ] as $way => $open) {
            $plan = Compute::run('plan', array_replace_recursive(self::CASE, ['way' => $way]));
            self::assertSame($open, $plan['open'], $way);
            self::assertCount(in_array($way, ['backing', 'turn_over', 'grip'], true) ? 2 : 1, $plan['fill']['layers'], $way);
        }
    }

    public function testAPlanSaysWhereItDepartsFromTheHabit(): void
    {
        $ids = static fn(array $change): array => array_column(
            Compute::run('plan', array_replace_recursive(self::CASE, $change))['notes'],
            'id',
        );
        self::assertNotContains('departs_backing', $ids([]));
        self::assertContains('departs_backing', $ids(['schools' => ['backing' => 'none']]));
        self::assertContains('departs_backing', $ids(['way' => 'main_only', 'schools' => ['backing' => 'some']]));
        self::assertContains('thicker_than_habit', $ids(['schools' => ['backing_thickness' => 'same']]));
        self::assertContains('thread', $ids(['schools' => ['back_with' => 'thread']]));
        self::assertNotContains(
            'thread',
            $ids(['schools' => ['back_with' => 'thread'], 'backing' => ['with' => 'nylon']]),
            'one plan overrules the habit',
        );
        self::assertContains('slick_main', $ids(['way' => 'main_only']));
        self::assertNotContains('slick_main', $ids(['way' => 'main_only', 'grips' => true]));
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return array<string, array<string, mixed>> by id
     */
    private static function ways(array $change = []): array
    {
        return array_column(Compute::run('ways', array_replace_recursive(self::CASE, $change))['ways'], null, 'id');
    }
}
