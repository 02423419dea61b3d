<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** What measured levels teach, over HTTP. */
final class LearningTest extends FilledSpoolTestCase
{
    public function testLevelsTeachAndOneThatIsLeftOutDoesNot(): void
    {
        $query = ['spool' => $this->spool, 'main' => $this->braid, 'backing' => $this->nylon];
        self::assertNull($this->ask('GET', '/api/learnt/plan', $query)['learnt']);
        $plan = fn(?array $learnt): array => $this->ask('POST', '/api/compute/plan', array_filter([
            'reel' => ['kind' => 'spinning', 'lip' => 'bevelled', 'bevel_depth_mm' => '1.6 mm'],
            'spool' => [
                'ratings_text' => '0.25/240 0.30/170',
                'lip_diameter_mm' => '46.2 mm',
                'arbor_diameter_mm' => '31 mm',
                'traverse_mm' => '19.5 mm',
                'measured_with' => 'caliper',
            ],
            'main' => ['material' => 'braid', 'size' => '0.16 mm', 'length_m' => '150 m'],
            'backing' => ['material' => 'mono', 'size' => '0.30 mm'],
            'learnt' => $learnt,
        ]));
        $before = $plan(null);
        foreach ([1, 2, 3] as $_) {
            $entry = $this->say(['what' => 'level', 'gap' => '2.4 mm', 'readings' => 3]);
        }
        $learnt = $this->ask('GET', '/api/learnt/plan', $query)['learnt'];
        $after = $plan($learnt);
        self::assertLessThan(0.6 * $before['half_m'], $after['half_m']);
        self::assertEqualsWithDelta($before['solved']['length_m'], $after['before_learning']['length_m'], 1e-6);
        // the plan's band is that of the whole covariance, as "learn" itself has it
        $spool = [
            'ratings_text' => '0.25/240 0.30/170',
            'lip_diameter_mm' => 46.2,
            'arbor_diameter_mm' => 31,
            'traverse_mm' => 19.5,
            'geometry_sd' => 0.04,
        ];
        $fill = [
            'spool' => 's',
            'layers' => [['line' => 'n', 'length_m' => 110], ['line' => 'b', 'length_m' => 150]],
            'gap_mm' => 2.4,
            'readings' => 3,
        ];
        $whole = $this->ask('POST', '/api/compute/{name}', [
            'spools' => ['s' => $spool], 'lines' => [
                'n' => ['material' => 'mono', 'diameter_mm' => 0.30],
                'b' => ['material' => 'braid', 'diameter_mm' => 0.16],
            ],
            'fills' => [$fill, $fill, $fill],
            'plan' => [
                'spool' => 's',
                'gap_mm' => 1.6,
                'layers' => [['line' => 'n', 'length_m' => null], ['line' => 'b', 'length_m' => 150]],
            ],
        ], 'learn')['plan'];
        self::assertEqualsWithDelta(
            [$whole['length_m'], $whole['high_m']],
            [$after['solved']['length_m'], $after['solved']['high_m']],
            0.02,
        );
        // left out, it is still there, and says nothing
        $this->say(['what' => 'level', 'gap' => '2.4 mm', 'readings' => 3, 'counts' => false, 'corrects' => $entry['id'] ?? '']);
        $found = $this->ask('GET', '/api/learnt');
        self::assertSame([false, true, true], array_column($found['readings'], 'counts'));
        self::assertSame(2, $found['spools'][0]['fills']);
        self::assertGreaterThan(1, $found['spools'][0]['factor']);
        self::assertStringContainsString('2 fills', $found['spools'][0]['words']);
    }

    public function testASlipOfThePenIsSetAsideAndAnsweredInThreeWays(): void
    {
        foreach ([1, 2, 3] as $_) {
            $this->say(['what' => 'level', 'gap' => '2.4 mm', 'readings' => 3]);
        }
        $honest = $this->ask('GET', '/api/learnt');
        $slip = $this->say(['what' => 'level', 'gap' => '3.4 mm', 'readings' => 3]);
        $query = ['spool' => $this->spool, 'main' => $this->braid, 'backing' => $this->nylon];
        $found = $this->ask('GET', '/api/learnt');
        // it bends nothing, and is asked about with what was expected
        self::assertSame($honest['spools'], $found['spools']);
        self::assertSame([true, false, false, false], array_column($found['readings'], 'asked'));
        self::assertEqualsWithDelta(2.4, $found['readings'][0]['expected_mm'], 0.2);
        self::assertGreaterThan(0, $found['readings'][0]['expected_half_mm']);
        self::assertSame(1, $this->ask('GET', '/api/learnt/plan', $query)['asked']);
        foreach ([
            [['counts' => false], $honest['spools'], 3],
            [['gap' => '2.4 mm'], null, 4],
            [['keep' => true], null, 4],
        ] as [$answer, $spools, $fills]) {
            $slip = $this->say([...['what' => 'level', 'gap' => '3.4 mm', 'readings' => 3, 'corrects' => $slip['id'] ?? ''], ...$answer]);
            $then = $this->ask('GET', '/api/learnt');
            self::assertSame(0, $this->ask('GET', '/api/learnt/plan', $query)['asked']);
            self::assertSame($fills, $then['spools'][0]['fills']);
            $spools === null || self::assertSame($spools, $then['spools']);
        }
        // counted all the same it bends the figures, since that was said
        self::assertLessThan($honest['spools'][0]['factor'], $then['spools'][0]['factor']);
        // what would make nonsense of everything is refused where it is said, and nothing is written
        $before = DB::table('events')->count();
        $refused = $this->ask('POST', '/api/spools/{id}/entries', [
            'id' => (string) Str::uuid(), 'what' => 'level', 'gap' => '7.3 mm', 'readings' => 100, 'keep' => true,
        ], $this->spool, 422);
        self::assertSame('keep', $refused['error']['field']);
        self::assertSame($before, DB::table('events')->count());
    }
}
