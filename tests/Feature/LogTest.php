<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\EventLog;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\TestCase;

/** The log over HTTP: entries that are written, put right and taken back, what follows from them, and what is learnt. */
final class LogTest extends TestCase
{
    private int $nylon;
    private int $braid;
    private int $spool;
    private int $filler;

    protected function setUp(): void
    {
        parent::setUp();
        $this->nylon = $this->ask(
            'POST',
            '/api/lines',
            ['name' => 'Plain nylon', 'material' => 'mono', 'size' => '0.30 mm'],
            status: 201,
        )['id'];
        $this->braid = $this->ask(
            'POST',
            '/api/lines',
            ['name' => 'Bright braid', 'material' => 'braid', 'size' => '0.16 mm'],
            status: 201,
        )['id'];
        $reel = $this->ask('POST', '/api/reels', ['name' => 'Skerry', 'kind' => 'spinning', 'gear_ratio' => '5.2'], status: 201)['id'];
        $this->spool = $this->ask(
            'POST',
            '/api/spools',
            [
                'name' => 'deep',
                'reels' => [$reel],
                'lip' => 'bevelled',
                'stamp' => '0.25/240 0.30/170',
                'measured_with' => 'caliper',
                'measures' => [
                    'lip_diameter' => '46.2 mm',
                    'arbor_diameter' => '31 mm',
                    'traverse' => '19.5 mm',
                    'bevel_depth' => '1.6 mm',
                ],
            ],
            status: 201,
        )['id'];
        $this->filler = $this->ask(
            'POST',
            '/api/fillers',
            ['line' => $this->nylon, 'event' => (string) Str::uuid(), 'full_length' => '1000 m', 'left' => '0 m', 'price' => '12 €'],
            status: 201,
        )['id'];
        $this->wound('2026-03-01T10:00:00Z', 110, 150);
    }

    public function testALossIsToppedUpAndTheSpoolIsFullAgain(): void
    {
        // a thicker line shows a loss early
        $thick = $this->ask('POST', '/api/lines', ['name' => 'Thick braid', 'material' => 'braid', 'size' => '0.26 mm'], status: 201)['id'];
        $this->say(['what' => 'strip', 'how' => 'off', 'happened_at' => '2026-04-01']);
        $this->braid = $thick;
        $this->wound('2026-04-02T10:00:00Z', 20, 150);
        $this->say(['what' => 'lost', 'metres' => '65 m', 'happened_at' => '2026-06-01']);
        $care = $this->care();
        self::assertSame(['low', 'top_up'], [$care['state'], $care['pick']]);
        $option = $this->option($care, 'top_up');
        $entry = $this->say(['what' => 'topped_up', 'metres' => $option['add_m'], 'filler' => $this->filler]);
        self::assertSame('topped_up', $entry['kind']);
        $after = $this->care();
        self::assertSame('fit', $after['state']);
        self::assertEqualsWithDelta($after['level']['wanted_mm'], $after['level']['depth_mm'], 0.05);
        self::assertEqualsWithDelta(85, $after['length_m'], 0.01);
        self::assertEqualsWithDelta(870 - $option['add_m'], $this->ask('GET', '/api/fillers')[0]['left_m'], 0.01);
    }

    public function testAnEntryThatWasWrongIsPutRightAndAllThatFollowsIsWorkedOutAnew(): void
    {
        $lost = $this->say(['what' => 'lost', 'metres' => '70 m', 'happened_at' => '2026-06-01']);
        $this->say(['what' => 'strip', 'how' => 'cut_back', 'metres' => '5 m', 'happened_at' => '2026-07-01']);
        self::assertEqualsWithDelta(75, $this->care()['length_m'], 0.01);
        $right = $this->say(['what' => 'lost', 'metres' => '7 m', 'corrects' => $lost['id']]);
        self::assertSame($lost['happened_at'], $right['happened_at']);
        self::assertEqualsWithDelta(138, $this->care()['length_m'], 0.01);
        $states = $this->ask('GET', '/api/spools/{id}/history', id: $this->spool)['states'];
        self::assertEqualsWithDelta(
            [150, 143, 138],
            array_map(static fn(array $state): float => $state['pieces'][1]['length_m'], $states),
            0.01,
        );
        $entries = $this->ask('GET', '/api/log', ['spool' => $this->spool])['entries'];
        self::assertSame(
            [false],
            array_values(
                array_unique(
                    array_map(
                        static fn(array $entry): bool => $entry['standing'],
                        array_filter($entries, static fn(array $entry): bool => $entry['id'] === $lost['id']),
                    ),
                ),
            ),
        );
        // and back again
        $this->ask('POST', '/api/events', ['id' => (string) Str::uuid(), 'kind' => 'voided', 'corrects' => $right['id']], status: 201);
        self::assertEqualsWithDelta(75, $this->care()['length_m'], 0.01);
    }

    public function testWhatCanNoLongerHaveHappenedIsRefusedWithTheEntryThatStandsInTheWay(): void
    {
        $lost = $this->say(['what' => 'lost', 'metres' => '10 m', 'happened_at' => '2026-06-01']);
        $this->say(['what' => 'strip', 'how' => 'cut_back', 'metres' => '200 m', 'happened_at' => '2026-07-01']);
        $answer = $this->ask(
            'POST',
            '/api/spools/{id}/entries',
            ['id' => (string) Str::uuid(), 'what' => 'lost', 'metres' => '120 m', 'corrects' => $lost['id']],
            $this->spool,
            422,
        );
        self::assertSame('length_m', $answer['error']['field']);
        self::assertStringContainsString('"cut back" of 2026-07-01 could not have happened', $answer['error']['message']);
        self::assertEqualsWithDelta(
            50,
            array_sum(array_column($this->ask('GET', '/api/spools/{id}/history', id: $this->spool)['states'][2]['pieces'], 'length_m')),
            0.01,
        );
    }

    public function testOutingsCountTowardsWhatIsDueAndAreFound(): void
    {
        $care = $this->care();
        self::assertSame(0, $care['outings']);
        $entry = $this->say(
            [
                'what' => 'fished',
                'hours' => '4',
                'cast' => '60 yd',
                'run' => '',
                'sun' => true,
                'words' => 'low tide at the Mussel Steps',
                'happened_at' => '2026-06-10',
            ],
        );
        self::assertEqualsWithDelta(54.86, $entry['outing']['cast_m'], 0.01);
        self::assertSame('60 yd', $entry['outing']['cast']);
        $care = $this->care();
        self::assertSame([1, 1], [$care['outings'], $care['hard_outings']]);
        self::assertEqualsWithDelta(54.86 + 30, $care['reach_m'], 0.01);
        foreach (['q' => 'mussel', 'kind' => 'fished', 'spool' => $this->spool, 'from' => '2026-06-10'] as $by => $what) {
            self::assertContains($entry['id'], array_column($this->ask('GET', '/api/log', [$by => $what])['entries'], 'id'), $by);
        }
        self::assertContains($entry['id'], array_column($this->ask('GET', '/api/log', ['q' => 'skerry tide'])['entries'], 'id'));
        self::assertSame([], $this->ask('GET', '/api/log', ['q' => '100%'])['entries']);
        self::assertNotContains($entry['id'], array_column($this->ask('GET', '/api/log', ['to' => '2026-06-09'])['entries'], 'id'));
        // what is not fished any more does not count
        $this->ask('POST', '/api/events', ['id' => (string) Str::uuid(), 'kind' => 'voided', 'corrects' => $entry['id']], status: 201);
        self::assertSame(0, $this->care()['outings']);
    }

    public function testALongLogComesPageByPageWithNothingTwiceOrLeftOut(): void
    {
        for ($i = 0; $i < 95; ++$i) {
            $this->say(['what' => 'fished', 'happened_at' => '2026-05-' . str_pad((string) (1 + $i % 28), 2, '0', STR_PAD_LEFT)]);
        }
        $seen = [];
        $after = null;
        do {
            $page = $this->ask('GET', '/api/log', array_filter(['kind' => 'fished', 'after' => $after]));
            $seen = [...$seen, ...array_column($page['entries'], 'id')];
            $after = $page['more'];
        } while ($after !== null);
        self::assertCount(95, $seen);
        self::assertCount(95, array_unique($seen));
    }

    /** The state at any date depends on the events alone: read anew, or with what was kept, in whatever order they were written. */
    public function testTheStatesDependOnTheEventsAlone(): void
    {
        $days = ['2026-04-01' => 12, '2026-05-02' => 9, '2026-06-03' => 20, '2026-07-04' => 5];
        for ($seed = 1; $seed <= 6; ++$seed) {
            mt_srand($seed);
            $order = array_keys($days);
            shuffle($order);
            DB::beginTransaction();
            foreach ($order as $day) {
                $this->say(['what' => 'lost', 'metres' => "$days[$day] m", 'happened_at' => $day]);
                if (mt_rand(0, 1) === 1) {
                    $this->ask('GET', '/api/spools/{id}/history', id: $this->spool);
                }
            }
            $states = $this->ask('GET', '/api/spools/{id}/history', id: $this->spool)['states'];
            self::assertEqualsWithDelta(
                [150, 138, 129, 109, 104],
                array_map(static fn(array $state): float => $state['pieces'][1]['length_m'], $states),
                1e-6,
            );
            DB::table('ledger_caches')->delete();
            DB::table('spool_states')->delete();
            app(EventLog::class)->forget();
            $again = $this->ask('GET', '/api/spools/{id}/history', id: $this->spool)['states'];
            self::assertSame(array_column($states, 'pieces'), array_column($again, 'pieces'));
            DB::rollBack();
            app(EventLog::class)->forget();
        }
    }

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

    public function testAFigureThatCannotBeIsNamed(): void
    {
        foreach ([
            ['what' => 'level', 'gap' => 'deep'],
            ['what' => 'fished', 'cast' => '3 kg'],
            ['what' => 'lost', 'metres' => ''],
            ['what' => 'lost', 'metres' => '9000 m'],
            ['what' => 'fished', 'hours' => '200'],
        ] as $wrong) {
            $answer = $this->ask('POST', '/api/spools/{id}/entries', ['id' => (string) Str::uuid()] + $wrong, $this->spool, 422);
            self::assertSame(array_keys($wrong)[1], $answer['error']['field'], json_encode($answer['error'], JSON_THROW_ON_ERROR));
        }
        self::assertSame(1, DB::table('events')->where('kind', '!=', 'bought')->count());
    }

    public function testStockSaysWhatItIsEnoughForAndWhatRunsOut(): void
    {
        $stock = array_column($this->ask('GET', '/api/stock'), null, 'used_m');
        $nylon = $stock[110] ?? self::fail('no nylon was used');
        self::assertEqualsWithDelta(0.012, $nylon['per_metre']['amount'], 1e-9);
        self::assertSame('€', $nylon['per_metre']['money']);
        self::assertSame([['spool' => $this->spool, 'role' => 'backing', 'length_m' => 110, 'times' => 7]], $nylon['enough_for']);
        self::assertFalse($nylon['running_out']);
    }

    public function testABenchDayKeepsToPinsAndTheAnglersOwnPacks(): void
    {
        $wish = $this->ask('GET', '/api/day')[0];
        self::assertSame([$this->braid, '150 m', $this->nylon], [$wish['main'], $wish['length'], $wish['backing']]);
        self::assertSame('replace', $wish['task'], 'the backing on it is young');
        $wish['task'] = 'refill';
        self::assertStringContainsString('No filler and no pack', $this->ask('POST', '/api/day', ['jobs' => [$wish]])['jobs'][0]['problem']['text']);
        $packs = $this->ask('POST', '/api/packs', ['line' => $this->braid, 'length' => '300 m', 'price' => '31 €'], status: 201);
        $day = $this->ask('POST', '/api/day', ['jobs' => [$wish]]);
        self::assertSame([31, true], [(int) $day['cost'], $day['optimal']]);
        self::assertSame("filler:$this->filler", array_column($day['cuts'], 'source', 'part')['backing']);
        // nothing is cut, bought or wound for a backing that stays
        $kept = $this->ask('POST', '/api/day', ['jobs' => [['task' => 'replace'] + $wish]]);
        self::assertSame(['main'], array_column($kept['cuts'], 'part'));
        self::assertSame([null, null], [$kept['jobs'][0]['backing_m'], $kept['jobs'][0]['problem']]);
        self::assertLessThan($day['jobs'][0]['work_min'], $kept['jobs'][0]['work_min']);
        $replace = $this->option($this->care(), 'replace');
        self::assertEqualsWithDelta($replace['add_m'], $kept['jobs'][0]['main_m'], 1e-6);
        self::assertEqualsWithDelta($replace['minutes'] + 6, $kept['jobs'][0]['work_min'], 1e-6, 'the log says the same');
        // the upper end of the band is reserved, and a little for knots
        self::assertGreaterThan($day['jobs'][0]['backing_high_m'], array_column($day['cuts'], 'length_m', 'part')['backing']);
        self::assertGreaterThan($day['jobs'][0]['backing_m'], $day['jobs'][0]['backing_high_m']);
        $own = $this->ask(
            'POST',
            '/api/fillers',
            ['line' => $this->braid, 'event' => (string) Str::uuid(), 'full_length' => '300 m'],
            status: 201,
        )['id'];
        self::assertSame(0, (int) $this->ask('POST', '/api/day', ['jobs' => [$wish]])['cost']);
        $not = ['job' => "spool:$this->spool", 'part' => 'main', 'source' => "filler:$own"];
        self::assertSame(31, (int) $this->ask('POST', '/api/day', ['jobs' => [$wish], 'forbid' => [$not]])['cost']);
        $id = array_column($packs, 'id', 'line')[$this->braid];
        $this->ask('PATCH', '/api/packs/{id}', ['archived' => true], $id);
        $stuck = $this->ask('POST', '/api/day', ['jobs' => [$wish], 'forbid' => [$not]]);
        self::assertStringContainsString('Allow it again', $stuck['jobs'][0]['problem']['text'], 'beside its spool, and nothing else is blank');
    }

    public function testABenchDayIsKeptTickedByWhatWasDoneAndGoesThroughTheDocument(): void
    {
        $other = $this->ask('POST', '/api/reels', ['name' => 'Spare', 'kind' => 'spinning', 'spool' => ['name' => 'shallow']], status: 201);
        $never = $other['spools'][0]['id'];
        $usual = array_column($this->ask('GET', '/api/day'), null, 'spool');
        self::assertSame([null, '', 'refill'], [$usual[$never]['main'], $usual[$never]['length'], $usual[$never]['task']]);
        $wish = json_encode([$never => ['main' => $this->braid, 'length' => '100 m', 'reuse' => $this->spool]], JSON_THROW_ON_ERROR);
        $draft = ['spools' => "$this->spool,$never", 'wish' => $wish, 'forbid' => "spool:$this->spool|main|filler:$this->filler"];
        $day = $this->ask('POST', '/api/days', ['name' => 'Bench day', 'draft' => $draft], status: 201);
        self::assertSame([], $day['done']);
        $this->say(['what' => 'strip', 'how' => 'cut_back', 'metres' => '20 m']);
        self::assertSame([$this->spool], $this->ask('GET', '/api/days')[0]['done'], 'what its task asked for was written down');
        $changed = $this->ask('PATCH', '/api/days/{id}', ['version' => $day['version'], 'draft' => ['done' => (string) $never] + $draft], $day['id']);
        self::assertSame((string) $never, $changed['draft']['done']);
        $this->ask('PATCH', '/api/days/{id}', ['version' => $day['version'], 'draft' => $draft], $day['id'], 409);
        $row = $this->ask('GET', '/api/data')['days'][0];
        self::assertStringNotContainsString("\"$never\"", $row['draft']['wish'], 'its spools go by their keys');
        self::assertSame('Bench day', $row['name']);
        $this->ask('PATCH', '/api/days/{id}', ['archived' => true], $day['id']);
        self::assertSame([], $this->ask('GET', '/api/days'));
    }

    public function testWornButSoundLineIsOfferedUnderAnotherSpoolOfTheDayAndSavesItsBacking(): void
    {
        $this->ask('POST', '/api/packs', ['line' => $this->braid, 'length' => '300 m', 'price' => '31 €'], status: 201);
        $other = $this->ask('POST', '/api/reels', [
            'name' => 'Spare',
            'kind' => 'spinning',
            'spool' => [
                'name' => 'deep',
                'stamp' => '0.20/150',
                'measured_with' => 'caliper',
                'measures' => ['lip_diameter' => '40 mm', 'arbor_diameter' => '28 mm', 'traverse' => '14 mm'],
            ],
        ], status: 201);
        $spare = $other['spools'][0]['id'];
        $mine = array_column($this->ask('GET', '/api/day'), null, 'spool')[$this->spool];
        $wish = ['reel' => $other['id'], 'spool' => $spare, 'task' => 'refill', 'main' => $this->braid, 'length' => '140 m', 'backing' => $this->nylon];
        $day = $this->ask('POST', '/api/day', ['jobs' => [$mine, $wish]]);
        $offers = array_values(array_filter($day['offers'], static fn(array $offer): bool => $offer['spool'] === $spare));
        self::assertSame([$this->spool, $this->braid], [$offers[0]['from'], $offers[0]['line']]);
        self::assertGreaterThan(0, $day['off'][0]['length_m']);
        self::assertSame('strip', $day['bars'][0]['what'], 'all old line comes off first');
        $taken = $this->ask('POST', '/api/day', ['jobs' => [$mine, ['reuse' => $this->spool] + $wish]]);
        self::assertContains("spool:$this->spool", array_column($taken['cuts'], 'source'));
        self::assertNotContains("filler:$this->filler", array_column($taken['cuts'], 'source'), 'no new backing is cut');
        $this->say(['what' => 'inspected', 'found' => 'rough']);
        self::assertSame([], $this->ask('POST', '/api/day', ['jobs' => [['task' => 'replace'] + $mine, $wish]])['offers'], 'rough line is not sound');
    }

    public function testABenchDayDoesWhatTheLogAdvises(): void
    {
        $this->say(['what' => 'inspected', 'found' => 'nicked', 'from' => '12 m']);
        $wish = $this->ask('GET', '/api/day')[0];
        self::assertSame(['cut_back', 'nicked'], [$wish['task'], $wish['due']]);
        $day = $this->ask('POST', '/api/day', ['jobs' => [$wish]]);
        self::assertSame([[], 0], [$day['cuts'], (int) $day['cost']]);
        self::assertStringContainsString('13 m of the outer end off', $day['jobs'][0]['note']['text']);
        self::assertSame(["spool:$this->spool"], $day['order'], 'and takes its time');
    }

    public function testTheCalendarIsFollowedByItsKeyUntilThatIsRevoked(): void
    {
        self::assertSame([], $this->ask('GET', '/api/calendar'));
        $made = $this->ask('POST', '/api/calendar', status: 201);
        $text = (string) $this->get($made['path'])->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')->getContent();
        self::assertSame(
            $this->care()['due_on'],
            preg_match(
                '/UID:undro-due_on.*?DTSTART;VALUE=DATE:(\d{4})(\d{2})(\d{2})/s',
                $text,
                $found,
            ) === 1 ? "$found[1]-$found[2]-$found[3]" : '',
        );
        foreach (explode("\r\n", $text) as $line) {
            self::assertLessThanOrEqual(75, strlen($line));
        }
        // from another machine: nothing but this, and not with another key
        $this->withServerVariables(['REMOTE_ADDR' => '192.0.2.7'])->get($made['path'])->assertOk();
        $this->withServerVariables(['REMOTE_ADDR' => '192.0.2.7'])->get('/calendar/' . str_repeat('a', 40) . '.ics')->assertNotFound();
        $this->withServerVariables(['REMOTE_ADDR' => '127.0.0.1']);
        self::assertStringNotContainsString(
            basename($made['path'], '.ics'),
            json_encode(DB::table('calendar_keys')->get(), JSON_THROW_ON_ERROR),
        );
        $this->ask('DELETE', '/api/calendar/{id}', id: $made['id']);
        $this->get($made['path'])->assertNotFound();
    }

    public function testTheLogGoesOutAsATable(): void
    {
        $this->say(['what' => 'fished', 'words' => 'with, a comma and "marks"']);
        $rows = array_map(
            static fn(string $line): array => str_getcsv($line, escape: ''),
            array_filter(explode("\n", (string) $this->get('/api/data/log')->assertOk()->getContent())),
        );
        self::assertContains('with, a comma and "marks"', end($rows) ?: []);
        self::assertCount(count($rows[0]), end($rows) ?: []);
        self::assertContains('150', array_column($rows, (int) array_search('metres', $rows[0], true)));
    }

    public function testWhatIsFoundDrivesAdviceConditionAndDateUntilItIsCutAway(): void
    {
        $this->say(['what' => 'inspected', 'found' => 'nicked', 'from' => '20 m', 'until' => '21 m']);
        $care = $this->care();
        self::assertSame(['nicked', 'cut_back', 0.5, 'nicked'], [$care['state'], $care['pick'], ...array_values($care['condition'])]);
        self::assertSame(gmdate('Y-m-d'), $care['due_on']);
        self::assertEqualsWithDelta(22, $this->option($care, 'cut_back')['off_m'], 1e-9, 'past the nick');
        // as the end is lost it comes nearer, and a lost end has its own advice
        $this->say(['what' => 'lost', 'metres' => '8 m']);
        $care = $this->care();
        self::assertEqualsWithDelta([12.0, 13.0], [$care['found'][0]['from_m'], $care['found'][0]['to_m']], 1e-6);
        self::assertStringContainsString('cut back what rubbed, and tie again', $care['also'][0]['text']);
        // turned, it lies at the other end
        $turned = $this->say(['what' => 'strip', 'how' => 'turn_over']);
        self::assertEqualsWithDelta(142 - 13, $this->care()['found'][0]['from_m'], 1e-6);
        $this->ask('POST', '/api/events', ['id' => (string) Str::uuid(), 'kind' => 'voided', 'corrects' => $turned['id']], status: 201);
        // cut off, it is gone
        $this->say(['what' => 'strip', 'how' => 'cut_back', 'metres' => '14 m']);
        $care = $this->care();
        self::assertSame([[], [], 'wear'], [$care['found'], $care['also'], $care['condition']['by']]);
        self::assertFalse($care['calls']);
        $wrong = ['id' => (string) Str::uuid(), 'what' => 'inspected', 'found' => 'rough', 'from' => '3 m', 'until' => '900 m'];
        $refused = $this->ask('POST', '/api/spools/{id}/entries', $wrong, $this->spool, 422)['error'];
        self::assertSame('until', $refused['field']);
        self::assertStringContainsString('128 m', $refused['message']);
    }

    public function testALeaderBelongsToItsSpoolUntilItIsChangedOrTheEndComesOff(): void
    {
        $leader = function (): ?array {
            $found = array_values(array_filter($this->ask('GET', '/api/reels')[0]['spools'], fn(array $each): bool => $each['id'] === $this->spool));

            return $found[0]['leader'];
        };
        self::assertNull($leader());
        $tie = fn(array $change = []): array => $change + [
            'what' => 'leader', 'strength' => '15 lb', 'leader' => '1.5 m', 'leader_material' => 'fluoro', 'knot' => 'fg',
        ];
        // of one day: in the order they were written
        $sameDay = ['happened_at' => '2026-07-01'];
        $cut = ['what' => 'strip', 'how' => 'cut_back', 'metres' => '2 m'] + $sameDay;
        $this->say($cut);
        $this->say($tie(['strength' => '9 lb'] + $sameDay));
        self::assertSame('9 lb', $leader()['strength']);
        $this->say($cut);
        self::assertNull($leader());
        $made = $this->say($tie());
        self::assertSame('leader_tied', $made['kind']);
        self::assertSame(['15 lb', 'fg', 1.5], [$leader()['strength'], $leader()['knot'], $leader()['length_m']]);
        $this->say(['what' => 'fished', 'hours' => 3]);
        self::assertNotNull($leader(), 'fishing leaves it on');
        $this->say($tie(['strength' => '6 kg']));
        self::assertSame('6 kg', $leader()['strength']);
        $this->say(['what' => 'leader', 'no_leader' => true]);
        self::assertNull($leader());
        $this->say($tie());
        $cut = $this->say(['what' => 'strip', 'how' => 'cut_back', 'metres' => '10 m']);
        self::assertNull($leader(), 'the end it was tied to is off');
        $this->ask('POST', '/api/events', ['id' => (string) Str::uuid(), 'kind' => 'voided', 'corrects' => $cut['id']], status: 201);
        self::assertNotNull($leader());
        $ask = fn(array $change): array => ['id' => (string) Str::uuid()] + $tie($change);
        $heavy = ['lead' => '112 g', 'thrown' => 'power', 'path' => '3.6 m', 'spool_mm' => 65, 'main' => '8 kg'];
        $short = $this->ask('POST', '/api/spools/{id}/entries', $ask($heavy), $this->spool, 422)['error'];
        self::assertSame('leader', $short['field']);
        self::assertStringContainsString('five turns on the spool', $short['message']);
        $this->say($tie(['leader' => '6.2 m', 'strength' => '40 lb'] + $heavy));
        $this->ask('POST', '/api/spools/{id}/entries', $ask(['leader' => '6.2 m', 'path' => '3.6 m']), $this->spool, 422);
        foreach (['strength' => ['strength' => ''], 'knot' => ['knot' => 'arbor']] as $field => $wrong) {
            self::assertSame($field, $this->ask('POST', '/api/spools/{id}/entries', $ask($wrong), $this->spool, 422)['error']['field']);
        }
    }

    /** Once, all of it was turned: that stays as it was told, and is put right only where the angler says so. */
    public function testATurningOfEverythingStaysAsToldUntilItIsPutRight(): void
    {
        $onto = ['kind' => 'spool', 'id' => $this->spool];
        $carrier = ['kind' => 'carrier', 'id' => 1];
        $move = static fn(array $from, array $to, int $line, float $metres): array => [
            'from' => $from, 'to' => $to, 'line' => $line, 'length_m' => $metres,
        ];
        $this->ask('POST', '/api/events', [
            'id' => $old = (string) Str::uuid(),
            'kind' => 'turned_over',
            'moves' => [
                $move($onto, $carrier, $this->braid, 150), $move($onto, $carrier, $this->nylon, 110),
                $move($carrier, ['kind' => 'carrier', 'id' => 2], $this->nylon, 110),
                $move($carrier, ['kind' => 'carrier', 'id' => 2], $this->braid, 150),
                $move(['kind' => 'carrier', 'id' => 2], $onto, $this->braid, 150),
                $move(['kind' => 'carrier', 'id' => 2], $onto, $this->nylon, 110),
            ],
        ], status: 201);
        $lines = fn(): array => array_map(
            static fn(array $piece): array => [$piece['role'], $piece['line']['id'], $piece['length_m']],
            $this->ask('GET', '/api/spools/{id}', id: $this->spool)['contents'],
        );
        self::assertEquals([['backing', $this->braid, 150.0], ['main', $this->nylon, 110.0]], $lines());
        $log = fn(): array => $this->ask('GET', '/api/log', ['spool' => $this->spool])['entries'];
        $entry = static fn(string $id): array => array_column($log(), null, 'id')[$id];
        self::assertTrue($entry($old)['old_turn']);
        $right = $this->say(['what' => 'strip', 'how' => 'turn_over', 'corrects' => $old]);
        self::assertEquals([['backing', $this->nylon, 110.0], ['main', $this->braid, 149.5]], $lines());
        self::assertSame([false, false], [$right['old_turn'], $entry($old)['standing']]);
    }

    public function testTheMainLineOffLeavesTheBackingAndTwoStretchesAreOneMainLine(): void
    {
        $this->ask('POST', '/api/events', ['id' => (string) Str::uuid(), 'kind' => 'wound', 'moves' => [[
            'from' => ['kind' => 'shop'], 'to' => ['kind' => 'spool', 'id' => $this->spool], 'length_m' => 30, 'line' => $this->braid,
        ]]], status: 201);
        $care = $this->care();
        self::assertEqualsWithDelta([180, 180, 180], [
            $care['length_m'], $this->option($care, 'replace')['off_m'], $this->option($care, 'replace')['wound_m'],
        ], 1e-6);
        $this->say(['what' => 'strip', 'how' => 'main_off']);
        $spool = $this->ask('GET', '/api/spools/{id}', id: $this->spool);
        self::assertSame([['backing', $this->nylon]], array_map(
            static fn(array $piece): array => [$piece['role'], $piece['line']['id']],
            $spool['contents'],
        ));
        // a main line of the very line that lies under it is a main line all the same
        $this->ask('POST', '/api/events', ['id' => (string) Str::uuid(), 'kind' => 'wound', 'moves' => [[
            'from' => ['kind' => 'filler', 'id' => $this->filler],
            'to' => ['kind' => 'spool', 'id' => $this->spool],
            'length_m' => 90,
            'line' => $this->nylon,
        ]]], status: 201);
        self::assertEqualsWithDelta(90, $this->care()['length_m'], 1e-6);
    }

    public function testOwnLimitsMoveWhatIsDue(): void
    {
        $angler = $this->ask('GET', '/api/anglers')[0]['id'] ?? null;
        if ($angler === null) {
            $this->seed(DemoSeeder::class);
            $angler = $this->ask('GET', '/api/anglers')[0]['id'];
        }
        $before = $this->care($angler);
        $this->ask('PATCH', '/api/anglers/{id}', ['limits' => ['braid' => ['months' => '10', 'outings' => '']]], $angler);
        self::assertLessThan($before['due_on'], $this->care($angler)['due_on']);
        $this->ask('PATCH', '/api/anglers/{id}', ['limits' => ['braid' => ['months' => 'long']]], $angler, 422);
    }

    /** @param array<string, mixed> $said @return array<string, mixed> */
    private function say(array $said): array
    {
        return $this->ask('POST', '/api/spools/{id}/entries', ['id' => (string) Str::uuid()] + $said, $this->spool, 201);
    }

    private function wound(string $when, int $backing, int $main): void
    {
        $onto = ['kind' => 'spool', 'id' => $this->spool];
        $this->ask(
            'POST',
            '/api/events',
            [
                'id' => (string) Str::uuid(),
                'kind' => 'bought',
                'happened_at' => '2026-02-01T10:00:00Z',
                'counts' => [['at' => ['kind' => 'filler', 'id' => $this->filler], 'length_m' => 1000, 'line' => $this->nylon]],
            ],
            status: 201,
        );
        $this->ask('POST', '/api/events', ['id' => (string) Str::uuid(), 'kind' => 'wound', 'happened_at' => $when, 'moves' => [
            ['from' => ['kind' => 'filler', 'id' => $this->filler], 'to' => $onto, 'length_m' => $backing, 'line' => $this->nylon],
            ['from' => ['kind' => 'shop'], 'to' => $onto, 'length_m' => $main, 'line' => $this->braid],
        ]], status: 201);
    }

    public function testAListTellsTheWayThatIsAdvisedAndTheHistoryOfASpoolAllOfThem(): void
    {
        $all = array_column($this->care()['options'] ?? [], 'picked', 'id');
        self::assertGreaterThan(2, count($all));
        $listed = array_values(array_filter($this->ask('GET', '/api/upkeep'), fn(array $care): bool => $care['spool'] === $this->spool))[0];
        self::assertSame([array_search(true, $all, true)], array_column($listed['options'], 'id'));
    }

    /** @return array<string, mixed> */
    private function care(?int $angler = null): array
    {
        return $this->ask('GET', '/api/spools/{id}/history', array_filter(['angler' => $angler]), $this->spool)['care'];
    }

    /** @param array<string, mixed> $care @return array<string, mixed> */
    private function option(array $care, string $id): array
    {
        return array_column($care['options'], null, 'id')[$id];
    }
}
