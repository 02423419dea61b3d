<?php

declare(strict_types=1);

namespace Undro\Tests\Way;

use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;
use Undro\DomainFault;
use Undro\Tests\Property;

/** Main line off, backing stays: the same fill as from the arbor, with nothing cut, bought or wound for what stays. */
final class KeptTest extends TestCase
{
    use Property;

    private const SPOOL = ['lip_diameter_mm' => 50, 'arbor_diameter_mm' => 30, 'traverse_mm' => 15, 'measured_with' => 'caliper'];

    public function testByTheLogItIsTheSameSumAsFromTheArborWithTheSameBand(): void
    {
        $this->limitTo(40)->forAll(self::share(), self::share())->then(static function (int $backing, int $gap): void {
            $metres = self::between(10, 80, $backing);
            $gap = self::between(0.8, 3, $gap);
            $kept = self::plan(['gap_mm' => $gap], [['material' => 'mono', 'size' => '0.30', 'length_m' => $metres]]);
            $anew = self::fill($gap, $metres, null);
            self::assertEqualsWithDelta($anew['solved']['length_m'], $kept['solved']['length_m'], 1e-6);
            self::assertEqualsWithDelta($anew['solved']['low_m'], $kept['solved']['low_m'], 1e-3);
            self::assertEqualsWithDelta($anew['layers'][1]['top_diameter_mm'], $kept['fill']['layers'][0]['top_diameter_mm'], 1e-6);
            self::assertEqualsWithDelta($anew['layers'][1]['handle_turns'], $kept['fill']['layers'][0]['handle_turns'], 1e-6);
            self::assertSame(['main'], array_column($kept['fill']['layers'], 'role'), 'nothing is wound for what stays');
        });
    }

    /** No error of the room below counts once its surface was read; three readings tell more than one. */
    public function testReadingItsSurfaceNarrowsTheBand(): void
    {
        $log = [['material' => 'mono', 'size' => '0.30', 'length_m' => 70]];
        $nylon = ['main' => ['material' => 'mono', 'size' => '0.22', 'size_from' => 'measured']];
        $byLog = self::plan($nylon, $log);
        $depth = $byLog['build']['kept']['depth_mm'];
        $read = static fn(int $readings, array $layers = []): array => self::plan(
            $nylon,
            $layers,
            ['depth_mm' => $depth, 'readings' => $readings],
        );
        self::assertEqualsWithDelta($byLog['solved']['length_m'], $read(3)['solved']['length_m'], 0.01);
        self::assertLessThan($byLog['half_m'], $read(1)['half_m']);
        self::assertLessThan(0.9 * $byLog['half_m'], $read(3)['half_m']);
        self::assertLessThan($read(1)['half_m'], $read(3)['half_m']);
        self::assertEqualsWithDelta($read(3)['half_m'], $byLog['narrowings'][0]['half_m'], 1e-6, 'and that is what is promised');
        self::assertSame([], $read(3)['narrowings']);
        $braid = self::plan([], $log, ['depth_mm' => $depth, 'readings' => 3]);
        self::assertSame(['wrap_test_main'], array_column($braid['narrowings'], 'id'), 'its own thickness is what is left to guess');
        self::assertSame([null, true], [$read(3)['build']['kept']['length_m'], $read(3)['build']['kept']['read']]);
        self::assertEqualsWithDelta(70, $read(3, $log)['build']['kept']['length_m'], 1e-9);
        // a length of one's own: where it ends
        $level = self::plan(['open' => 'level', 'main' => $nylon['main'] + ['length_m' => $byLog['solved']['length_m']]], $log)['level'];
        self::assertEqualsWithDelta($byLog['gap']['mm'], $level['depth_mm'], 1e-4);
    }

    public function testItIsThePickWhereItIsYoungAndTheMainLineSuitsIt(): void
    {
        $ways = static fn(float $main, bool $sound): array => Compute::run('ways', [
            'main' => ['material' => 'braid', 'size' => '0.16', 'length_m' => $main, 'price' => '30 €', 'price_for_m' => 300],
            'backing' => ['material' => 'mono', 'size' => '0.30', 'price' => '6 €', 'price_for_m' => 300],
        ] + self::asked([['material' => 'mono', 'size' => '0.30', 'length_m' => 70]], ['sound' => $sound]) + ['pace_turns_per_min' => 60]);
        $fits = self::plan([], [['material' => 'mono', 'size' => '0.30', 'length_m' => 70]])['solved']['length_m'];
        self::assertSame(['kept', 'kept'], [$ways($fits, true)['ways'][0]['id'], $ways($fits, true)['pick']]);
        self::assertSame('backing', $ways($fits, false)['pick']);
        self::assertSame('backing', $ways($fits - 90, true)['pick'], 'far too short for it');
        $kept = $ways($fits, true)['ways'][0];
        self::assertEqualsWithDelta([$fits, $fits * 0.1], [$kept['wound_m'], $kept['cost']['amount']], 1e-6);
    }

    public function testWhatCannotStayIsRefusedWithTheFigure(): void
    {
        foreach ([
            'kept.depth_mm' => [[], ['depth_mm' => 0.5], []],
            'kept' => [[['material' => 'mono', 'size' => '0.30', 'length_m' => 900]], [], ['spool' => ['ratings_text' => '0.25/200']]],
        ] as $field => [$layers, $kept, $case]) {
            try {
                Compute::run('plan', $case + self::asked($layers, $kept));
                self::fail("$field was taken");
            } catch (DomainFault $fault) {
                self::assertSame($field, $fault->field, $fault->getMessage());
            }
        }
    }

    public function testARunTakesTheMainLineOffAndJoinsTheNewOneToWhatStays(): void
    {
        $case = self::asked([['material' => 'mono', 'size' => '0.30', 'length_m' => 70]], []);
        $run = Compute::run('run', ['case' => $case, 'old_line_m' => 138]);
        $steps = array_column($run['steps'], null, 'id');
        self::assertStringContainsString('Strip about 138 m', $steps['strip']['do']['text']);
        self::assertStringContainsString('feel the knot', $steps['strip']['do']['text']);
        self::assertArrayNotHasKey('tie', $steps);
        self::assertStringContainsString('retained backing', $steps['join.0']['do']['text']);
        self::assertSame(['main'], array_column($run['layers'], 'role'));
        self::assertSame(['mono', 0.3], [$run['kept']['material'], $run['kept']['diameter_mm']]);
    }

    /**
     * @param list<array<string, mixed>> $layers
     * @param array<string, mixed>       $kept
     *
     * @return array<string, mixed>
     */
    private static function asked(array $layers, array $kept): array
    {
        return [
            'reel' => ['kind' => 'spinning', 'gear_ratio' => '5.2'],
            'spool' => self::SPOOL,
            'main' => ['material' => 'braid', 'size' => '0.16'],
            'way' => 'kept',
            'open' => 'main',
            'kept' => ['layers' => $layers] + $kept,
        ];
    }

    /**
     * @param array<string, mixed>       $change
     * @param list<array<string, mixed>> $layers
     * @param array<string, mixed>       $kept
     *
     * @return array<string, mixed>
     */
    private static function plan(array $change, array $layers, array $kept = []): array
    {
        return Compute::run('plan', array_replace_recursive(self::asked($layers, $kept), $change));
    }

    /** @return array<string, mixed> */
    private static function fill(float $gap, float $backing, ?float $main): array
    {
        return Compute::run('fill', [
            'spool' => ['volume_sd' => 0.04] + self::SPOOL,
            'gap_mm' => $gap,
            'gear_ratio' => 5.2,
            'layers' => [
                ['material' => 'mono', 'diameter_mm' => 0.30, 'length_m' => $backing],
                ['material' => 'braid', 'diameter_mm' => 0.16, 'length_m' => $main],
            ],
        ]);
    }
}
