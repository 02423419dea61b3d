<?php

declare(strict_types=1);

namespace Tests\Feature;

use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\TestCase;

final class ResourcesTest extends TestCase
{
    public function testAReelComesWithASpoolKeptAsTyped(): void
    {
        $reel = $this->reel();
        [$spool] = $reel['spools'];
        self::assertSame('5,2', $reel['gear_ratio']);
        self::assertSame('17.6 lb', $reel['max_drag']);
        self::assertEqualsWithDelta(78.3, $reel['max_drag_N'], 0.1);
        self::assertSame('1.8 in', $spool['measures']['lip_diameter']);
        self::assertEqualsWithDelta(45.72, $spool['picture']['shape']['lip_mm'], 1e-6);
        self::assertEquals($reel, $this->ask('GET', '/api/reels/{id}', id: $reel['id']));
    }

    public function testAReelIsChangedPutAwayAndBroughtBack(): void
    {
        $id = $this->reel()['id'];
        self::assertSame('New name', $this->ask('PATCH', '/api/reels/{id}', ['name' => 'New name'], $id)['name']);
        $this->ask('PATCH', '/api/reels/{id}', ['archived' => true], $id);
        self::assertSame([], $this->ask('GET', '/api/reels'));
        $this->ask('PATCH', '/api/reels/{id}', ['archived' => false], $id);
        self::assertCount(1, $this->ask('GET', '/api/reels'));
    }

    public function testAChangeThatCameTooLateIsNoticedAndNothingIsOverwritten(): void
    {
        $reel = $this->reel();
        $spool = $reel['spools'][0];
        $line = $this->ask('POST', '/api/lines', ['name' => 'Thin', 'material' => 'mono', 'size' => '0.2'], status: 201);
        $plan = $this->ask('POST', '/api/plans', ['name' => 'First', 'draft' => ['stamp' => '0.25/200']], status: 201);
        foreach ([['reels', $reel], ['spools', $spool], ['lines', $line], ['plans', $plan]] as [$records, $seen]) {
            $mine = $this->ask('PATCH', "/api/$records/{id}", ['name' => 'Mine', 'version' => $seen['version']], $seen['id']);
            self::assertSame($seen['version'] + 1, $mine['version']);
            $late = $this->ask('PATCH', "/api/$records/{id}", ['name' => 'Too late', 'version' => $seen['version']], $seen['id'], 409);
            self::assertSame($mine['version'], $late['version']);
            self::assertSame('Mine', $this->ask('GET', "/api/$records/{id}", id: $seen['id'])['name']);
            $over = $this->ask('PATCH', "/api/$records/{id}", ['name' => 'After a look', 'version' => $late['version']], $seen['id']);
            self::assertSame('After a look', $over['name']);
        }
    }

    public function testRangesAreKeptAsPrintedAndRefusedWhereTheyCannotBeRead(): void
    {
        $reel = $this->reel();
        $now = $this->ask('PATCH', '/api/reels/{id}', ['mono_range' => '8–14 lb', 'braid_range' => 'PE 0.8-1.5'], $reel['id']);
        self::assertSame(['8–14 lb', 'PE 0.8-1.5'], [$now['mono_range'], $now['braid_range']]);
        self::assertSame(
            'mono_range',
            $this->ask('PATCH', '/api/reels/{id}', ['mono_range' => '14-8 lb'], $reel['id'], 422)['error']['field'],
        );
        $rod = $this->ask(
            'POST',
            '/api/rods',
            ['name' => 'Stick', 'line_max' => '20 lb', 'braid_range' => '10-30 lb', 'max_drag' => '4 kg'],
            status: 201,
        );
        self::assertSame(['10-30 lb', '4 kg'], [$rod['braid_range'], $rod['max_drag']]);
    }

    public function testAnAnglersSchoolsAreKeptOneByOne(): void
    {
        $this->seed(DemoSeeder::class);
        $angler = $this->ask('GET', '/api/anglers')[0];
        $this->ask('PATCH', '/api/anglers/{id}', ['habits' => ['schools' => ['soak' => 'after']]], $angler['id']);
        $now = $this->ask(
            'PATCH',
            '/api/anglers/{id}',
            ['habits' => ['schools' => ['full' => 'eighth']], 'pace_turns_per_min' => 80],
            $angler['id'],
        );
        self::assertEquals(
            ['soak' => 'after', 'full' => 'eighth'],
            array_intersect_key($now['habits']['schools'], ['soak' => 1, 'full' => 1]),
        );
        self::assertEquals(80, $now['pace_turns_per_min']);
        $this->ask('PATCH', '/api/anglers/{id}', ['habits' => ['schools' => ['soak' => 'tea']]], $angler['id'], 422);
    }

    public function testTheLatestEventsAreListedAndWhatWasTakenBackIsMarked(): void
    {
        $this->seed(DemoSeeder::class);
        $events = $this->ask('GET', '/api/events');
        self::assertGreaterThan(30, count($events));
        $voided = array_values(array_filter($events, static fn(array $each): bool => $each['kind'] === 'voided'))[0];
        $byId = array_column($events, null, 'id');
        self::assertFalse($byId[$voided['corrects']]['standing']);
        self::assertTrue($voided['standing']);
        $filler = $this->ask('GET', '/api/fillers')[0];
        $of = $this->getJson("/api/events?filler={$filler['id']}")->json();
        self::assertIsArray($of);
        foreach ($of as $event) {
            $places = [
                ...array_column($event['moves'], 'from'),
                ...array_column($event['moves'], 'to'),
                ...array_column($event['counts'], 'at'),
            ];
            self::assertContains(['kind' => 'filler', 'id' => $filler['id']], $places);
        }
    }

    public function testASecondSpoolFitsTheSameReel(): void
    {
        $reel = $this->reel();
        $spool = $this->ask('POST', '/api/spools', ['name' => 'shallow', 'reels' => [$reel['id']], 'lip' => 'rounded'], status: 201);
        self::assertSame('rounded', $spool['lip']);
        self::assertCount(2, $this->ask('GET', '/api/reels/{id}', id: $reel['id'])['spools']);
        $this->ask('PATCH', '/api/spools/{id}', ['archived' => true], $spool['id']);
        self::assertCount(1, $this->ask('GET', '/api/reels/{id}', id: $reel['id'])['spools']);
    }

    public function testMeasurementsAreDatedFactsAndTheLatestCounts(): void
    {
        $spool = $this->reel()['spools'][0];
        $now = $this->ask('PATCH', '/api/spools/{id}', ['measures' => ['lip_diameter' => '46 mm', 'traverse' => '']], $spool['id']);
        self::assertSame('46 mm', $now['measures']['lip_diameter']);
        self::assertSame('', $now['measures']['traverse']);
        self::assertSame(2, DB::table('measurements')->where('quantity', 'lip_diameter')->count());
        $this->ask('PATCH', '/api/spools/{id}', ['measures' => ['lip_diameter' => '46 mm']], $spool['id']);
        self::assertSame(2, DB::table('measurements')->where('quantity', 'lip_diameter')->count());
    }

    public function testWhereAStampIsFullCanBeSaid(): void
    {
        $spool = $this->reel()['spools'][0];
        $usual = $spool['picture']['shape']['arbor_thin_mm'];
        $now = $this->ask('PATCH', '/api/spools/{id}', ['measures' => ['rated_gap' => '1/8 in']], $spool['id']);
        self::assertSame('1/8 in', $now['measures']['rated_gap']);
        self::assertLessThan(
            $usual,
            $now['picture']['shape']['arbor_thin_mm'],
            'a deeper full level leaves a thinner arbor for the same line',
        );
    }

    public function testASpoolWhoseFiguresContradictEachOtherIsKeptAndSaysSo(): void
    {
        $spool = $this->reel()['spools'][0];
        $now = $this->ask('PATCH', '/api/spools/{id}', ['stamp' => '0.25/2000', 'measures' => ['arbor_diameter' => '30']], $spool['id']);
        self::assertStringContainsString('contradict', $now['picture']['problem']['text']);
    }

    public function testFiguresThatCannotBeAreRefusedAtTheirField(): void
    {
        $spool = $this->reel()['spools'][0];
        foreach ([
            ['stamp', ['stamp' => 'lots']],
            ['lip_diameter', ['measures' => ['lip_diameter' => 'wide']]],
            ['arbor_diameter', ['measures' => ['arbor_diameter' => '60 mm']]],
            ['traverse', ['measures' => ['traverse' => '9 km']]],
        ] as [$field, $change]) {
            $problem = $this->ask('PATCH', '/api/spools/{id}', $change, $spool['id'], 422);
            self::assertStringContainsString($field, $problem['error']['field']);
        }
        self::assertEquals($spool, $this->ask('GET', '/api/spools/{id}', id: $spool['id']), 'nothing of a refused change may stay');
        $this->ask('POST', '/api/reels', ['name' => '', 'kind' => 'spinning'], status: 422);
        $this->ask('POST', '/api/reels', ['name' => str_repeat('x', 81), 'kind' => 'spinning'], status: 422);
        self::assertSame(
            'max_drag',
            $this->ask('POST', '/api/reels', ['name' => 'x', 'kind' => 'spinning', 'max_drag' => '3 m'], status: 422)['error']['field'],
        );
        $this->ask('GET', '/api/reels/{id}', id: 999, status: 404);
    }

    public function testALineBySizeOfAnyKind(): void
    {
        $line = $this->ask('POST', '/api/lines', ['name' => 'Thin', 'material' => 'braid', 'size' => '20 lb'], status: 201);
        self::assertTrue($line['nominal']);
        self::assertSame('20 lb', $line['strength']);
        $now = $this->ask('PATCH', '/api/lines/{id}', ['size' => 'PE 1.2', 'strength' => '9 kg'], $line['id']);
        self::assertFalse($now['nominal']);
        self::assertEqualsWithDelta(0.1807, $now['diameter_mm'], 1e-4);
        self::assertSame('size', $this->ask('PATCH', '/api/lines/{id}', ['material' => 'mono'], $line['id'], 422)['error']['field']);
    }

    public function testAFillerBringsItsLineThroughTheLog(): void
    {
        $line = $this->ask('POST', '/api/lines', ['name' => 'Thin', 'material' => 'braid', 'size' => '0.16'], status: 201);
        $filler = $this->ask(
            'POST',
            '/api/fillers',
            ['line' => $line['id'], 'full_length' => '300 yd', 'left' => '200 yd', 'price' => '31', 'event' => (string) Str::uuid()],
            status: 201,
        );
        self::assertEqualsWithDelta(182.88, $filler['left_m'], 1e-6);
        self::assertSame(1, DB::table('events')->where('kind', 'bought')->count());
        $problem = $this->ask(
            'POST',
            '/api/fillers',
            ['line' => $line['id'], 'full_length' => '100 m', 'left' => '200 m', 'event' => (string) Str::uuid()],
            status: 422,
        );
        self::assertSame('left', $problem['error']['field']);
        self::assertCount(1, $this->ask('GET', '/api/fillers'), 'the refused filler is gone whole');
    }

    public function testARodIsKeptAsTyped(): void
    {
        $rod = $this->ask(
            'POST',
            '/api/rods',
            ['name' => 'Wand', 'length' => '6 ft', 'line_min' => '4 lb', 'line_max' => '4 kg'],
            status: 201,
        );
        self::assertSame('6 ft', $rod['length']);
        self::assertEqualsWithDelta(1.8288, DB::table('rods')->value('length_m'), 1e-9);
        self::assertEqualsWithDelta(17.79, DB::table('rods')->value('line_min_n'), 0.01);
        $this->ask('PATCH', '/api/rods/{id}', ['line_max' => ''], $rod['id']);
        self::assertNull(DB::table('rods')->value('line_max_n'));
        self::assertSame('length', $this->ask('PATCH', '/api/rods/{id}', ['length' => '90 m'], $rod['id'], 422)['error']['field']);
        self::assertEquals('Wand', $this->ask('GET', '/api/rods/{id}', id: $rod['id'])['name']);
    }

    public function testWhatIsPutAwayIsStillThereForTheRecord(): void
    {
        $line = $this->ask('POST', '/api/lines', ['name' => 'Thin', 'material' => 'braid', 'size' => '0.16'], status: 201);
        $reel = $this->reel();
        $this->ask('POST', '/api/events', ['id' => (string) Str::uuid(), 'kind' => 'found_on_spool', 'moves' => [[
            'from' => ['kind' => 'unseen'], 'to' => [
                'kind' => 'spool',
                'id' => $reel['spools'][0]['id'],
            ], 'length_m' => '100 yd', 'line' => $line['id'],
        ]]], status: 201);
        $this->ask('PATCH', '/api/lines/{id}', ['archived' => true], $line['id']);
        // put away it is in no list to pick from, but keeps its name wherever it lies
        self::assertSame([['Thin', true]], array_map(
            static fn(array $each): array => [$each['name'], $each['archived']],
            $this->ask('GET', '/api/lines'),
        ));
        self::assertSame('Thin', $this->ask('GET', '/api/reels/{id}', id: $reel['id'])['spools'][0]['contents'][0]['line']['name']);
    }

    public function testAPlanForAReelThatIsGoneStillOpens(): void
    {
        $plan = $this->ask(
            'POST',
            '/api/plans',
            ['name' => 'Old', 'draft' => ['reel' => '999', 'spool' => 'nonsense', 'stamp' => '0.25/200']],
            status: 201,
        );
        self::assertNull($plan['reel']);
        self::assertSame('0.25/200', $this->ask('PATCH', '/api/plans/{id}', ['name' => 'Older'], $plan['id'])['draft']['stamp']);
    }

    public function testAPlanComesBackAsItWasTyped(): void
    {
        $reel = $this->reel();
        $draft = [
            'reel' => (string) $reel['id'],
            'spool' => (string) $reel['spools'][0]['id'],
            'stamp' => '0.25/200',
            'mainSize' => 'PE 1,2',
            'mainLength' => '150 yd',
        ];
        $plan = $this->ask('POST', '/api/plans', ['name' => 'Spring', 'draft' => $draft], status: 201);
        self::assertSame($draft, $this->ask('GET', '/api/plans/{id}', id: $plan['id'])['draft']);
        self::assertSame($reel['id'], $plan['reel']);
        $this->ask('PATCH', '/api/plans/{id}', ['archived' => true], $plan['id']);
        self::assertSame([], $this->ask('GET', '/api/plans'));
        $this->ask('POST', '/api/plans', ['name' => 'Long', 'draft' => ['stamp' => str_repeat('x', 300)]], status: 422);
    }

    public function testUnitsAndHabitsBelongToTheAngler(): void
    {
        $this->seed(DemoSeeder::class);
        [$orla] = $this->ask('GET', '/api/anglers');
        $now = $this->ask(
            'PATCH',
            '/api/anglers/{id}',
            ['units' => ['length' => 'yd', 'small' => 'in', 'force' => 'lb'], 'habits' => ['long_cast' => true, 'beginner' => false]],
            $orla['id'],
        );
        self::assertSame('yd', $now['units']['length']);
        self::assertTrue($now['habits']['long_cast']);
        $this->json('PATCH', "/api/anglers/{$orla['id']}", ['units' => ['length' => 'furlong']])->assertStatus(422);
    }

    public function testTheDemoHasSomethingForEveryPlace(): void
    {
        $this->seed(DemoSeeder::class);
        $reels = $this->ask('GET', '/api/reels');
        self::assertGreaterThanOrEqual(8, count($reels));
        self::assertCount(3, array_unique(array_column($reels, 'kind')));
        foreach ($reels as $reel) {
            foreach ($reel['spools'] as $spool) {
                self::assertNotSame([], $spool['contents'], $reel['name']);
                self::assertNull($spool['picture']['problem'], $reel['name']);
            }
        }
        $fillers = $this->ask('GET', '/api/fillers');
        self::assertGreaterThanOrEqual(12, count($fillers));
        foreach ($fillers as $filler) {
            self::assertGreaterThan(0, $filler['left_m']);
            self::assertTrue($filler['full_length_m'] === null || $filler['left_m'] <= $filler['full_length_m'], $filler['line']['name']);
        }
        self::assertNotSame([], $this->ask('GET', '/api/rods'));
        $plan = $this->ask('GET', '/api/plans')[0];
        self::assertNotNull($plan['spool']);
        self::assertCount(10, $this->ask('GET', '/api/spools'));
        $this->ask('GET', '/api/lines');
    }

    /** @return array<string, mixed> */
    private function reel(): array
    {
        return $this->ask('POST', '/api/reels', [
            'name' => 'Skerry', 'kind' => 'spinning', 'gear_ratio' => '5,2', 'max_drag' => '17.6 lb',
            'spool' => [
                'stamp' => '0.25/200',
                'measures' => ['lip_diameter' => '1.8 in', 'traverse' => '17 mm'],
                'measured_with' => 'caliper',
            ],
        ], status: 201);
    }
}
