<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Str;

/** Stock and the bench day over HTTP. */
final class BenchDayTest extends FilledSpoolTestCase
{
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
        self::assertStringContainsString('No filler spool has enough', $this->ask('POST', '/api/day', ['jobs' => [$wish]])['jobs'][0]['problem']['text']);
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
        self::assertStringContainsString('Allow one again', $stuck['jobs'][0]['problem']['text'], 'beside its spool, and nothing else is blank');
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
        // it is offered where the upper end of what is needed and a metre for the knot come to no more than there is
        $asked = fn(int $main, array $more = []): array => $this->ask('POST', '/api/day', ['jobs' => [$mine, $more + ['length' => "$main m"] + $wish]]);
        [$no, $yes] = [20, 140];
        while ($yes - $no > 1) {
            $middle = intdiv($no + $yes, 2);
            in_array($spare, array_column($asked($middle)['offers'], 'spool'), true) ? $yes = $middle : $no = $middle;
        }
        $need = static fn(array $day): float => array_column($day['jobs'], 'backing_high_m', 'id')["spool:$spare"] + 1;
        $there = $day['off'][0]['length_m'];
        self::assertGreaterThanOrEqual($need($asked($yes, ['reuse' => $this->spool])), $there);
        self::assertLessThan($need($asked($no, ['reuse' => $this->spool])), $there);
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
        self::assertStringContainsString('Cut 13 m off the outer end', $day['jobs'][0]['note']['text']);
        self::assertSame(["spool:$this->spool"], $day['order'], 'and takes its time');
    }

    public function testBackingGoesUnderALineThatHasNoneFromTheAdviceToTheLedger(): void
    {
        $reel = $this->ask('POST', '/api/reels', ['name' => 'Bare', 'kind' => 'spinning', 'gear_ratio' => '5.2'], status: 201)['id'];
        $bare = $this->ask('POST', '/api/spools', [
            'name' => 'deep', 'reels' => [$reel], 'lip' => 'straight', 'stamp' => '0.25/240', 'measured_with' => 'caliper',
            'measures' => ['lip_diameter' => '46.2 mm', 'arbor_diameter' => '31 mm', 'traverse' => '19.5 mm'],
        ], status: 201)['id'];
        $this->ask('POST', '/api/events', ['id' => (string) Str::uuid(), 'kind' => 'wound', 'happened_at' => '2026-11-01T10:00:00Z', 'moves' => [
            ['from' => ['kind' => 'shop'], 'to' => ['kind' => 'spool', 'id' => $bare], 'length_m' => 120, 'line' => $this->braid],
        ]], status: 201);
        $this->spool = $bare;
        $care = $this->care();
        self::assertSame(['low', 'top_up'], [$care['state'], $care['pick']]);
        $add = $this->option($care, 'top_up')['add_m'];
        $wish = array_column($this->ask('GET', '/api/day'), null, 'spool')[$bare];
        self::assertSame('top_up', $wish['task']);
        $day = $this->ask('POST', '/api/day', ['jobs' => [$wish]]);
        self::assertCount(1, $day['cuts']);
        self::assertGreaterThan($add, $day['cuts'][0]['length_m']);
        self::assertStringContainsString('as backing', $day['jobs'][0]['note']['text']);
        $this->say(['what' => 'topped_up', 'metres' => $add, 'filler' => $this->filler]);
        $after = $this->care();
        self::assertSame('fit', $after['state']);
        self::assertEqualsWithDelta($after['level']['wanted_mm'], $after['level']['depth_mm'], 0.05);
        self::assertEqualsWithDelta(120, $after['length_m'], 0.01, 'the same main line');
    }
}
