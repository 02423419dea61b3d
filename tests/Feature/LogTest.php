<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\EventLog;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** The log over HTTP: entries are written, edited and undone, and what lies on the spool follows from them. */
final class LogTest extends FilledSpoolTestCase
{
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
        self::assertStringContainsString('"cut back" of 1 Jul 2026 would be impossible', $answer['error']['message']);
        self::assertEqualsWithDelta(
            50,
            array_sum(array_column($this->ask('GET', '/api/spools/{id}/history', id: $this->spool)['states'][2]['pieces'], 'length_m')),
            0.01,
        );
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
}
