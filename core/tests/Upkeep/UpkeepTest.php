<?php

declare(strict_types=1);

namespace Undro\Tests\Upkeep;

use Eris\Generators;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;
use Undro\DomainFault;
use Undro\Tests\Property;
use Undro\Units\Length;
use Undro\Upkeep\Finding;
use Undro\Upkeep\Inspection;

/** When a line is due, what is advised, and what topping up comes to. */
final class UpkeepTest extends TestCase
{
    use Property;

    private const SPOOL = ['lip_diameter_mm' => 46.2, 'arbor_diameter_mm' => 31, 'traverse_mm' => 19.5];

    /** @return iterable<string, array{array<string, mixed>, string, string}> changes, state, advice */
    public static function lives(): iterable
    {
        yield 'new nylon' => [[], 'fit', 'leave'];
        yield 'nylon of a year' => [['since' => '2025-11-01'], 'due', 'replace'];
        yield 'nylon fished out in a summer' => [['since' => '2026-05-01', 'outings' => 41], 'due', 'cut_back'];
        yield 'the same, too short to cut' => [['since' => '2026-05-01', 'outings' => 41, 'length_m' => 90], 'due', 'replace'];
        yield 'nylon of eleven months' => [['since' => '2025-12-28'], 'soon', 'leave'];
        yield '28 on rough ground are 42' => [['since' => '2026-05-01', 'outings' => 28, 'rough' => true], 'due', 'cut_back'];
        yield 'without rough ground 28 are few' => [['since' => '2026-05-01', 'outings' => 28], 'fit', 'leave'];
        yield 'a nick is due now' => [['found' => ['found' => 'nicked', 'from_m' => 20, 'to_m' => 22]], 'nicked', 'cut_back'];
        yield 'a nick too far in' => [['found' => ['found' => 'nicked', 'from_m' => 120]], 'nicked', 'replace'];
        yield 'rough at the end' => [['found' => ['found' => 'rough', 'to_m' => 4]], 'soon', 'cut_back'];
        yield 'rough all along' => [['found' => ['found' => 'rough']], 'due', 'replace'];
        yield 'faded all along' => [['found' => ['found' => 'faded']], 'due', 'replace'];
        yield 'hybrid faded all along' => [['material' => 'hybrid', 'found' => ['found' => 'faded']], 'due', 'replace'];
        yield 'faded at the end' => [['found' => ['found' => 'faded', 'to_m' => 6]], 'due', 'cut_back'];
        yield 'fluorocarbon that is pale' => [['material' => 'fluoro', 'found' => ['found' => 'faded']], 'fit', 'leave'];
        yield 'braid that is pale' => [['material' => 'braid', 'found' => ['found' => 'faded']], 'fit', 'leave'];
        yield 'braid that is rough all along' => [['material' => 'braid', 'found' => ['found' => 'rough']], 'due', 'turn_over'];
        yield 'the same, reversed already' => [
            ['material' => 'braid', 'since' => '2026-05-01', 'turned_over' => '2026-06-01', 'found' => ['found' => 'rough']], 'due', 'replace',
        ];
        yield 'nylon that was old before it was wound' => [['since' => '2026-05-01', 'shelf_months' => 20], 'due', 'replace'];
        yield 'braid past its limit that was never reversed' => [['material' => 'braid', 'since' => '2023-06-01'], 'due', 'turn_over'];
        yield 'the same, once it is reversed' => [['material' => 'braid', 'since' => '2023-06-01', 'turned_over' => '2026-10-30'], 'fit', 'leave'];
        yield 'coiled' => [['found' => ['found' => 'coiled']], 'fit', 'leave'];
        yield 'too short for the cast that was noted' => [['length_m' => 85, 'outings' => 2, 'cast_m' => 70], 'short', 'replace'];
        yield 'braid that was turned is not turned again' => [
            ['material' => 'braid', 'since' => '2025-01-01', 'turned_over' => '2025-06-01'], 'fit', 'leave',
        ];
        yield 'braid at half its life' => [['material' => 'braid', 'since' => '2025-05-01'], 'turn', 'turn_over'];
        yield 'braid that was turned' => [['material' => 'braid', 'since' => '2025-05-01', 'turned_over' => '2026-10-30'], 'fit', 'leave'];
        yield 'braid of three years' => [['material' => 'braid', 'since' => '2023-11-01', 'turned_over' => '2025-04-01'], 'due', 'replace'];
        yield 'own figures' => [['since' => '2026-05-01', 'limits' => ['mono' => ['months' => 6, 'outings' => '']]], 'due', 'replace'];
        yield 'line lost' => [['length_m' => 85, 'backing_m' => 5], 'low', 'top_up'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('lives')]
    public function testTheStateAndTheAdvice(array $change, string $state, string $pick): void
    {
        $found = Compute::run('upkeep', self::spool($change));
        self::assertSame([$state, $pick], [$found['state'], $found['pick']], $found['text']);
        self::assertSame([true], array_values(array_filter(array_column($found['options'], 'picked'))));
    }

    /** A low spool costs casts on a fixed spool; a slightly low baitcaster casts light lures better. */
    public function testABaitcasterMayBeTwiceAsLow(): void
    {
        foreach ([['spinning', 2.0], ['spincast', 2.0], ['baitcasting', 4.0]] as [$reel, $limit]) {
            foreach (range(20, 120, 5) as $metres) {
                $case = ['reel' => ['kind' => $reel, 'lip' => 'straight'] + self::spool([])['reel']] + self::spool(['length_m' => (float) $metres]);
                $level = Compute::run('upkeep', $case)['level'];
                self::assertSame($level['depth_mm'] - $level['wanted_mm'] > $limit, $level['low'], "$metres m on $reel");
            }
        }
    }

    /** What is advised to be added brings the line to the level that is wanted: the fill calculator agrees. */
    public function testAToppedUpSpoolIsFull(): void
    {
        $this->limitTo(40)->forAll(self::share(), self::share())->then(static function (int $main, int $backing): void {
            $case = self::spool(['length_m' => self::between(40, 90, $main), 'backing_m' => self::between(10, 40, $backing)]);
            $found = Compute::run('upkeep', $case);
            $option = array_values(array_filter($found['options'], static fn(array $option): bool => $option['id'] === 'top_up'))[0];
            self::assertTrue($option['fits']);
            $layers = $case['pieces'];
            $layers[0]['length_m'] += $option['add_m'];
            $fill = Compute::run('fill', ['spool' => self::SPOOL, 'layers' => $layers]);
            self::assertEqualsWithDelta($found['level']['wanted_mm'], $fill['layers'][1]['depth_mm'], 0.001);
            self::assertEqualsWithDelta(2 * $layers[1]['length_m'] + $option['add_m'], $option['wound_m'], 1e-6);
        });
    }

    /** Where no end is better than the other, none is offered to be cut back to or turned to. */
    public function testWeakAllAlongLeavesNoEndToFishOn(): void
    {
        foreach ([['found' => ['found' => 'faded']], ['found' => ['found' => 'rough']], ['found' => ['found' => 'nicked']], ['since' => '2025-01-01']] as $so) {
            foreach (['mono', 'hybrid'] as $material) {
                $fits = array_column(Compute::run('upkeep', self::spool(['material' => $material] + $so))['options'], 'fits', 'id');
                self::assertSame([false, false, true], [$fits['cut_back'], $fits['turn_over'], $fits['replace']], json_encode($so) . $material);
            }
        }
        $fits = array_column(Compute::run('upkeep', self::spool(['found' => ['found' => 'faded', 'to_m' => 6]]))['options'], 'fits', 'id');
        self::assertTrue($fits['cut_back']);
    }

    /** The same where nothing lies under it: backing is put there, and the line fishes on. */
    public function testBackingIsPutUnderALineThatHasNone(): void
    {
        $this->limitTo(40)->forAll(self::share())->then(static function (int $main): void {
            $case = self::spool(['length_m' => self::between(30, 120, $main)]);
            array_shift($case['pieces']);
            $found = Compute::run('upkeep', $case);
            self::assertSame(['low', 'top_up'], [$found['state'], $found['pick']]);
            $option = array_column($found['options'], null, 'id')['top_up'];
            $backing = ['material' => 'mono', 'diameter_mm' => 0.30, 'length_m' => $option['add_m']];
            $fill = Compute::run('fill', ['spool' => self::SPOOL, 'layers' => [$backing, ...$case['pieces']]]);
            self::assertEqualsWithDelta($found['level']['wanted_mm'], $fill['layers'][1]['depth_mm'], 0.001);
            self::assertStringContainsString('0.30 mm mono as backing', $option['text']);
        });
    }

    /** Thick backing lets thin line sink in: what is advised suits the line over it. */
    public function testTheBackingAdvisedIsNoThickerThanTheLineOverItAllows(): void
    {
        foreach (['0.10' => '0.22', '0.13' => '0.28', '0.14' => '0.30', '0.20' => '0.30'] as $braid => $backing) {
            $case = self::spool(['material' => 'braid', 'length_m' => 60]);
            array_shift($case['pieces']);
            $case['pieces'][0]['diameter_mm'] = (float) $braid;
            $option = array_column(Compute::run('upkeep', $case)['options'], null, 'id')['top_up'];
            self::assertStringContainsString("of $backing mm mono as backing", $option['text']);
        }
    }

    /** More outings, more age, harder ground: a line never comes due later for it. */
    public function testWearOnlyGoesOneWay(): void
    {
        $this->limitTo(60)->forAll(
            Generators::choose(0, 60),
            Generators::choose(0, 20),
            Generators::bool(),
        )->then(static function (int $outings, int $months, bool $rough): void {
            $since = (new \DateTimeImmutable('2026-11-25'))->modify("-$months months")->format('Y-m-d');
            $found = Compute::run('upkeep', self::spool(['since' => $since, 'outings' => $outings]));
            $more = Compute::run('upkeep', self::spool(['since' => $since, 'outings' => $outings + 5]));
            $harder = Compute::run('upkeep', self::spool(['since' => $since, 'outings' => $outings, 'rough' => $rough]));
            self::assertGreaterThanOrEqual($found['share'], $more['share']);
            self::assertLessThanOrEqual($found['due_on'], $more['due_on']);
            self::assertGreaterThanOrEqual($found['share'], $harder['share']);
        });
    }

    public function testMoneyAndMetresOfEachWay(): void
    {
        $found = Compute::run(
            'upkeep',
            self::spool(['length_m' => 100]) + [
                'main_price' => ['price' => '12 €', 'for_m' => '300 m'],
                'backing_price' => ['price' => '10 €', 'for_m' => '1000 m'],
            ],
        );
        $by = array_column($found['options'], null, 'id');
        self::assertEqualsWithDelta(4.0, $by['replace']['cost']['amount'], 1e-9);
        self::assertEqualsWithDelta($by['top_up']['add_m'] / 100, $by['top_up']['cost']['amount'], 1e-9);
        self::assertSame([0.0, null], [(float) $by['leave']['wound_m'], $by['leave']['cost']]);
        self::assertEqualsWithDelta(3 * 100, $by['turn_over']['wound_m'], 1e-9, 'the main line alone');
        self::assertEqualsWithDelta(100, $by['replace']['wound_m'], 1e-9, 'the main line alone');
        self::assertGreaterThan(0, $by['replace']['minutes']);
    }

    public function testWhatIsDueNowIsDueTodayWhateverTheCalendarSays(): void
    {
        foreach ([
            ['found' => ['found' => 'nicked', 'from_m' => 20]],
            ['length_m' => 85, 'backing_m' => 5],
            ['length_m' => 85, 'outings' => 2, 'cast_m' => 70],
        ] as $change) {
            $found = Compute::run('upkeep', self::spool($change));
            self::assertSame(['2026-11-25', 0, true], [$found['due_on'], $found['days_left'], $found['calls']], $found['state']);
        }
    }

    public function testConditionFollowsTheWearAndTheLowerOfWearAndInspectionCounts(): void
    {
        $keeps = static fn(array $change): array => array_values(Compute::run('upkeep', self::spool($change))['condition']);
        self::assertSame([1.0, 'wear'], $keeps(['since' => '2026-11-25']));
        self::assertEqualsWithDelta(0.95, $keeps(['since' => '2026-05-25'])[0], 0.002);
        self::assertEqualsWithDelta(0.9, $keeps(['since' => '2025-11-25'])[0], 0.001);
        self::assertEqualsWithDelta(0.8, $keeps(['since' => '2024-01-01'])[0], 1e-9);
        self::assertSame([0.9, 'faded'], $keeps(['found' => ['found' => 'faded']]));
        self::assertSame([0.5, 'nicked'], $keeps(['found' => ['found' => 'nicked', 'from_m' => 3]]));
        self::assertSame([0.8, 'wear'], $keeps(['since' => '2024-01-01', 'found' => ['found' => 'faded']]));
        self::assertSame('wear', $keeps(['found' => ['found' => 'coiled']])[1]);
    }

    /** What replaces it ends no more than a hair over full, however much was on it once. */
    public function testNewLineIsNoMoreThanGoesOn(): void
    {
        $case = self::spool(['length_m' => 300.0, 'backing_m' => 100.0]);
        $found = Compute::run('upkeep', $case);
        $replace = array_column($found['options'], null, 'id')['replace'];
        self::assertLessThan(300, $replace['add_m']);
        $layers = $case['pieces'];
        $layers[1]['length_m'] = $replace['add_m'];
        $fill = Compute::run('fill', ['spool' => self::SPOOL, 'layers' => $layers]);
        self::assertEqualsWithDelta($found['level']['wanted_mm'], $fill['layers'][1]['depth_mm'], 0.001);
    }

    public function testWhatIsRoughAllAlongIsNotMendedByCuttingANickAway(): void
    {
        $case = self::spool([]);
        $case['inspections'] = [['at' => '2026-11-01', 'found' => 'nicked', 'from_m' => 20], ['at' => '2026-11-02', 'found' => 'rough']];
        $found = Compute::run('upkeep', $case);
        self::assertSame(['due', 'replace', 0.5], [$found['state'], $found['pick'], $found['condition']['keeps']]);
    }

    public function testALaterLookThatFindsItFineEndsWhatWasFoundThere(): void
    {
        $look = static fn(string $found, ?float $from, ?float $to): Inspection
            => Inspection::of('2026-01-01', Finding::from($found), self::m($from), self::m($to));
        $left = static fn(Inspection ...$looks): array => array_map(
            static fn(Inspection $each): string => $each->found->value,
            Inspection::standing(array_values($looks)),
        );
        self::assertSame(['nicked', 'rough'], $left($look('rough', 0, 5), $look('nicked', 20, null)));
        self::assertSame(['fine'], $left($look('rough', 0, 5), $look('nicked', 20, null), $look('fine', null, null)));
        self::assertSame(['nicked', 'fine'], $left($look('rough', 0, 5), $look('nicked', 20, null), $look('fine', 0, 10)));
        // it comes nearer to the end as the end is cut, goes with what is cut, and lies at the other end once turned
        self::assertEqualsWithDelta(12, $look('nicked', 20, null)->cutBack(Length::metres(8))?->from?->inMetres(), 1e-9);
        self::assertNull($look('nicked', 20, null)->cutBack(Length::metres(20)));
        self::assertEqualsWithDelta(118, $look('nicked', 20, null)->turned(Length::metres(138))->from?->inMetres(), 1e-9);
    }

    /** Each way that cannot be gone says why, and the why is true. */
    public function testWhereNothingCanBeDoneTheReasonIsTheTrueOne(): void
    {
        $why = static fn(array $change, array $case = []): string => array_column(
            Compute::run('upkeep', array_replace(self::spool($change), $case))['options'],
            'text',
            'id',
        )['top_up'];
        self::assertStringContainsString('There is nothing to add', $why(['length_m' => 200.0, 'backing_m' => 120.0]));
        self::assertStringContainsString('shape well enough', $why([], ['spool' => ['ratings_text' => '0.25/200']]));
    }

    public function testAWrongDateIsNamed(): void
    {
        $this->expectException(DomainFault::class);
        $this->expectExceptionMessage('"last spring" is not a date');
        Compute::run('upkeep', self::spool(['since' => 'last spring']));
    }

    private static function m(?float $metres): ?Length
    {
        return $metres === null ? null : Length::metres($metres);
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed>
     */
    private static function spool(array $change): array
    {
        $change += [
            'since' => '2026-09-01',
            'outings' => 0,
            'rough' => false,
            'material' => 'mono',
            'length_m' => 160.0,
            'backing_m' => 60.0,
        ];
        $outings = [];
        for ($i = 0; $i < $change['outings']; ++$i) {
            $outings[] = ['at' => '2026-11-20', 'rough' => $change['rough'], 'cast_m' => $change['cast_m'] ?? null];
        }

        return array_filter(['turned_over' => $change['turned_over'] ?? null, 'limits' => $change['limits'] ?? null]) + [
            'today' => '2026-11-25',
            'shelf_months' => $change['shelf_months'] ?? 0,
            'reel' => ['kind' => 'spinning', 'lip' => 'bevelled', 'bevel_depth_mm' => 1.6, 'gear_ratio' => 5.2],
            'spool' => self::SPOOL,
            'pieces' => [
                ['material' => 'mono', 'diameter_mm' => 0.30, 'length_m' => $change['backing_m'], 'since' => $change['since']],
                ['material' => $change['material'], 'diameter_mm' => 0.26, 'length_m' => $change['length_m'], 'since' => $change['since']],
            ],
            'outings' => $outings,
            'inspections' => isset($change['found']) ? [$change['found'] + ['at' => '2026-11-01']] : [],
        ];
    }
}
