<?php

declare(strict_types=1);

namespace Undro\Tests\Contract;

use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;
use Undro\DomainFault;
use Undro\Tests\Property;

/** A bench day from the plans to the order of work. */
final class DayCaseTest extends TestCase
{
    use Property;

    private const SPOOL = [
        'lip_diameter_mm' => '46.2 mm',
        'arbor_diameter_mm' => '31 mm',
        'traverse_mm' => '19.5 mm',
        'measured_with' => 'caliper',
    ];

    public function testEachCutReservesTheUpperEndOfItsBandAndALittleMore(): void
    {
        $day = Compute::run('day', self::day([self::job('one')]));
        $plan = Compute::run('plan', self::job('one')['plan']);
        [$job] = $day['jobs'];
        self::assertEqualsWithDelta($plan['solved']['length_m'], $job['backing_m'], 1e-9);
        self::assertEqualsWithDelta($plan['solved']['high_m'], $job['backing_high_m'], 1e-9);
        $cut = array_column($day['cuts'], 'length_m', 'part');
        self::assertEqualsWithDelta([150 + 3, $plan['solved']['high_m'] + 1], [$cut['main'], $cut['backing']], 1e-5);
        // what the handle takes, and what there is to do around it
        self::assertEqualsWithDelta(
            6 + ($plan['fill']['layers'][0]['handle_turns'] + $plan['fill']['layers'][1]['handle_turns']) / 60,
            $job['work_min'],
            1e-6,
        );
    }

    public function testAFillerThatIsLongEnoughForThePlanIsNeverTooShortAtTheBench(): void
    {
        $this->limitTo(25)->forAll(self::share(), self::share())->then(static function (int $main, int $filler): void {
            $case = self::day([self::job('one', self::between(60, 200, $main))]);
            $case['fillers'][1]['length_m'] = self::between(20, 260, $filler);
            try {
                $day = Compute::run('day', $case);
            } catch (DomainFault $fault) {
                // then the upper end of the band is longer than what is there
                self::assertSame('jobs', $fault->field);
                $high = Compute::run('plan', $case['jobs'][0]['plan'])['solved']['high_m'];
                self::assertGreaterThan($case['fillers'][1]['length_m'] - 1, $high);

                return;
            }
            foreach ($day['leftovers'] as $left) {
                self::assertSame(
                    $left['still'] !== [],
                    !$left['waste'] && array_filter(
                        $day['cuts'],
                        static fn(array $cut): bool => $cut['source'] === $left['source'] && $cut['length_m'] <= $left['left_m'],
                    ) !== [],
                );
                self::assertGreaterThanOrEqual(0, $left['left_m']);
                self::assertEqualsWithDelta(
                    $left['whole_m'] - $left['left_m'],
                    array_sum(
                        array_map(
                            static fn(array $cut): float => $cut['source'] === $left['source'] ? $cut['length_m'] : 0.0,
                            $day['cuts'],
                        ),
                    ),
                    1e-5,
                );
            }
        });
    }

    public function testAMainLineThatDoesNotFitIsCutToWhatDoes(): void
    {
        $case = self::day([self::job('one', 5000)]);
        $case['fillers'][0]['length_m'] = 2000;
        [$job] = Compute::run('day', $case)['jobs'];
        self::assertNull($job['problem']);
        self::assertStringContainsString('5000 m of main line doesn’t fit', $job['note']['text']);
        self::assertEqualsWithDelta(Compute::run('plan', self::job('one')['plan'])['main_most_m'], $job['main_m'], 1e-6);
        self::assertNull($job['backing_m']);
    }

    public function testALengthThatAgreesWithTheRoomWithinItsUncertaintyFits(): void
    {
        $plan = self::job('one')['plan'];
        $most = Compute::run('plan', $plan)['main_most_m'];
        $open = Compute::run('plan', ['open' => 'main', 'main' => ['length_m' => null] + $plan['main'], 'way' => 'main_only'] + $plan)['solved'];
        $half = ($open['high_m'] - $open['low_m']) / 2;
        self::assertGreaterThan(1.0, $half);
        foreach ([[0.9 * $half, true], [1.1 * $half, false]] as [$over, $fits]) {
            $case = self::day([self::job('one', $most + $over)]);
            $case['fillers'][0]['length_m'] = 2000;
            [$job] = Compute::run('day', $case)['jobs'];
            self::assertStringContainsString($fits ? 'fills the spool without backing' : 'doesn’t fit', $job['note']['text']);
            self::assertEqualsWithDelta($fits ? $most + $over : $most, $job['main_m'], 1e-6);
            self::assertNull($job['backing_m']);
        }
    }

    public function testOneJobThatCannotBePlannedDoesNotSpoilTheOthers(): void
    {
        $broken = self::job('broken');
        $broken['plan']['spool'] = ['lip_diameter_mm' => '20 mm', 'arbor_diameter_mm' => '31 mm', 'traverse_mm' => '19 mm'];
        $case = self::day([$broken, self::job('one')]);
        $case['pin'] = [['job' => 'broken', 'part' => 'main', 'source' => 'f1']];
        $day = Compute::run('day', $case);
        self::assertStringContainsString('smaller than the lip', $day['jobs'][0]['problem']['text']);
        self::assertNull($day['jobs'][1]['problem']);
        self::assertSame(['one'], $day['order']);
        self::assertSame(['one'], array_values(array_unique(array_column($day['cuts'], 'job'))));
    }

    public function testSoaksFollowTheHabitAndTheMaterial(): void
    {
        $soaks = static function (string $school, string $material): float {
            $job = self::job('one');
            $job['plan']['main'] = ['material' => $material, 'size' => '0.28 mm', 'length_m' => '60 m'];
            $job['plan']['schools'] = ['soak' => $school];

            return Compute::run('day', self::day([$job]))['jobs'][0]['soak_min'];
        };
        // the nylon under it soaks in any case
        self::assertGreaterThanOrEqual(5, $soaks('before', 'mono'));
        self::assertSame(0.0, (float) $soaks('after', 'mono'));
    }

    public function testNothingPickedIsNothingToDo(): void
    {
        $day = Compute::run('day', self::day([]));
        self::assertSame([[], [], 0.0, 0.0], [$day['cuts'], $day['order'], (float) $day['minutes'], (float) $day['cost']]);
        self::assertTrue($day['optimal']);
    }

    /** @return array<string, mixed> */
    private static function job(string $id, float $main = 150): array
    {
        return [
            'id' => $id,
            'main_line' => 'braid',
            'backing_lines' => ['nylon'],
            'plan' => [
                'reel' => ['kind' => 'spinning', 'lip' => 'bevelled', 'bevel_depth_mm' => '1.6 mm', 'gear_ratio' => '5.2'],
                'spool' => self::SPOOL,
                'main' => ['material' => 'braid', 'size' => '0.16 mm', 'length_m' => $main],
                'backing' => ['material' => 'mono', 'size' => '0.30 mm'],
            ],
        ];
    }

    /**
     * @param list<array<string, mixed>> $jobs
     *
     * @return array<string, mixed>
     */
    private static function day(array $jobs): array
    {
        return [
            'jobs' => $jobs,
            'fillers' => [['id' => 'f1', 'line' => 'braid', 'length_m' => 600], ['id' => 'f2', 'line' => 'nylon', 'length_m' => 800]],
            'pace_turns_per_min' => 60,
        ];
    }
}
