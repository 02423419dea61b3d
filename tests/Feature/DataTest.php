<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Exchange\Document;
use App\Ledger\EventLog;
use App\Schema\Schema;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Tests\TestCase;

final class DataTest extends TestCase
{
    private const RECORDS = [
        'event_moves',
        'events',
        'measurements',
        'line_measurements',
        'plans',
        'days',
        'fillers',
        'ratings',
        'reel_spool',
        'spools',
        'reels',
        'rods',
        'line_products',
        'habits',
        'anglers',
        'ledger_caches',
        'answers',
    ];

    public function testTheDocumentIsAsItsSchemaSays(): void
    {
        $this->seed(DemoSeeder::class);
        $this->weighed();
        $document = $this->getJson('/api/data')->assertOk()->content();
        $error = (new Validator())->validate(json_decode((string) $document), (string) file_get_contents(Schema::file()))->error();
        self::assertNull(
            $error,
            $error === null ? '' : (string) json_encode(
                (new ErrorFormatter())->formatFlat($error, static fn($e) => implode('/', $e->data()->fullPath()) . ': ' . $e->message()),
            ),
        );
        $this->get('/api/data/schema')->assertOk()->assertHeader('Content-Type', 'application/schema+json');
    }

    public function testAllOfItReadIntoAnEmptyDatabaseIsTheSameAgain(): void
    {
        $this->seed(DemoSeeder::class);
        $this->measureALine();
        $this->weighed();
        $before = (string) $this->getJson('/api/data')->content();
        $stock = app(EventLog::class)->ledger()->state()['pieces'];
        $this->emptied();
        $rows = $this->import($before, take: true)['rows'];
        self::assertSame(['new'], array_values(array_unique(array_column($rows, 'state'))));
        self::assertSame($before, (string) $this->getJson('/api/data')->content(), 'nothing may be lost on the way');
        self::assertEquals(count($stock), count(app(EventLog::class)->ledger()->state()['pieces']));
        $weighed = array_values(array_filter($this->ask('GET', '/api/fillers'), static fn(array $each): bool => $each['full_length_m'] === null));
        self::assertEqualsWithDelta([80, 12], [$weighed[0]['left_m'] ?? null, $weighed[0]['half_m'] ?? null], 1e-6);
        self::assertContains('kr', array_column(array_column($this->ask('GET', '/api/anglers'), 'units'), 'money'));

        $again = $this->import($before, take: true)['rows'];
        self::assertSame(['same'], array_values(array_unique(array_column($again, 'state'))), 'read in once more it changes nothing');
        self::assertSame($before, (string) $this->getJson('/api/data')->content());
    }

    public function testEachTableReadBackIsTheSameAgain(): void
    {
        $this->seed(DemoSeeder::class);
        $this->weighed();
        foreach (['lines', 'reels', 'spools', 'fillers'] as $table) {
            $csv = (string) $this->get("/api/data/$table")->assertOk()->content();
            $rows = $this->import($csv, $table, true)['rows'];
            self::assertNotSame([], $rows);
            self::assertSame(['same'], array_values(array_unique(array_column($rows, 'state'))), $table);
            self::assertSame($csv, (string) $this->get("/api/data/$table")->content());
        }
    }

    public function testALookChangesNothingAndGoodRowsAreTakenOnRequest(): void
    {
        $csv = <<<'CSV'
            name;material;size;strength
            Fresh one;mono;0,28 mm;5 kg
            No such stuff;silk;0.20 mm;
            No size;braid;;
            ;mono;0.30;
            Too thick;mono;9 mm;
            Fresh two;braid;PE 1.2;8 kg
            CSV;
        $look = $this->import($csv, 'lines');
        self::assertSame(['new', 'bad', 'bad', 'bad', 'bad', 'new'], array_column($look['rows'], 'state'));
        self::assertSame([2, 3, 4, 5, 6, 7], array_column($look['rows'], 'row'), 'numbered as a spreadsheet numbers them');
        self::assertStringContainsString('mono, fluoro, hybrid, braid', $look['rows'][1]['problem']);
        self::assertStringContainsString('size', $look['rows'][2]['problem']);
        self::assertStringContainsString('name', $look['rows'][3]['problem']);
        self::assertStringContainsString('no fishing line is', $look['rows'][4]['problem']);
        self::assertSame([], $this->ask('GET', '/api/lines'));

        self::assertSame($look['rows'], $this->import($csv, 'lines', true)['rows']);
        self::assertSame(['Fresh one', 'Fresh two'], array_column($this->ask('GET', '/api/lines'), 'name'));
    }

    public function testFillersFindTheirLineAndBringTheirStock(): void
    {
        $this->import("name,material,size\nTarn,mono,0.30", 'lines', true);
        $rows = $this->import(
            "line,full_length,left,price\nTarn,300 m,120 m,9.50\nOther,300 m,,\nTarn,,80 ± 12 m,9.50\nTarn,300 m,,two for ten\nTarn,300 m,400 m,",
            'fillers',
            true,
        )['rows'];
        self::assertSame(['new', 'bad', 'new', 'bad', 'bad'], array_column($rows, 'state'));
        self::assertStringContainsString('from 0 m to 300 m', $rows[4]['problem'], 'no more is left than it held');
        self::assertStringContainsString('no line “Other”', $rows[1]['problem']);
        $fillers = $this->ask('GET', '/api/fillers');
        self::assertEqualsCanonicalizing([[120, null], [80, 12]], array_map(static fn(array $each): array => [$each['left_m'], $each['half_m']], $fillers));
        self::assertStringContainsString('80 ± 12 m', (string) $this->get('/api/data/fillers')->content());

        $csv = str_replace('120 m', '90 m', (string) $this->get('/api/data/fillers')->content());
        self::assertSame(['changed', 'same'], array_column($this->import($csv, 'fillers', true)['rows'], 'state'));
        self::assertContains(90, array_column($this->ask('GET', '/api/fillers'), 'left_m'), 'a changed figure of stock is a stock-take');
        self::assertSame(1, DB::table('events')->where('kind', 'stock_take')->count());
    }

    public function testAChangedFigureIsSeenAndTaken(): void
    {
        $this->seed(DemoSeeder::class);
        $csv = str_replace('"46.2 mm","31 mm"', '"46.4 mm","31 mm"', (string) $this->get('/api/data/spools')->content());
        $rows = array_filter($this->import($csv, 'spools', true)['rows'], static fn(array $row): bool => $row['state'] !== 'same');
        self::assertCount(1, $rows);
        self::assertSame('changed', array_values($rows)[0]['state']);
        self::assertSame(
            [['field' => 'measures.lip_diameter', 'from' => '46.2 mm', 'to' => '46.4 mm']],
            array_values($rows)[0]['changes'],
            'which figure, from what to what',
        );
        self::assertStringContainsString('46.4 mm', (string) $this->get('/api/data/spools')->content());
        self::assertSame(
            2,
            DB::table('measurements')->where('typed', 'like', '46.%')->where('quantity', 'lip_diameter')->whereIn('spool_id', [1])->count(),
            'the older figure stays as a dated fact',
        );
    }

    public function testAnImportIsTakenBackAsAWhole(): void
    {
        $this->seed(DemoSeeder::class);
        // a version counts changes, and taking back is one more; what is taken back is put away
        $lists = fn(): array => array_map(
            fn(string $list): string => (string) preg_replace('/"version":\d+/', '', json_encode(array_values(array_filter(
                $this->ask('GET', "/api/$list"),
                static fn(array $each): bool => ($each['archived'] ?? false) === false,
            )), JSON_THROW_ON_ERROR)),
            ['lines', 'reels', 'fillers'],
        );
        $before = $lists();
        $csv = str_replace('240 m', '90 m', (string) $this->get('/api/data/fillers')->content());
        $filler = $this->import($csv, 'fillers', true);
        self::assertContains('changed', array_column($filler['rows'], 'state'));
        $lines = $this->import("name,material,size\nBrindle Eight 0.13,braid,0.14\nQuite new,mono,0.30", 'lines', true);
        self::assertSame(['changed', 'new'], array_column($lines['rows'], 'state'));
        self::assertNotEquals($before, $lists());

        $imports = $this->ask('GET', '/api/data/imports');
        self::assertSame([$lines['id'], $filler['id']], array_column($imports, 'id'), 'the newest first');
        self::assertSame('1 new and 1 changed lines', $imports[0]['words']);
        foreach ($imports as $import) {
            $back = $this->postJson("/api/data/imports/{$import['id']}/take-back")->assertOk()->json();
            self::assertNotContains('bad', array_column($back['rows'], 'state'));
            $this->postJson("/api/data/imports/{$import['id']}/take-back")->assertStatus(409);
        }
        self::assertEquals($before, $lists());
        self::assertNull($this->import($csv, 'fillers')['id'], 'a look leaves nothing to take back');
        // taking back is an import too: it can be taken back
        $again = $this->ask('GET', '/api/data/imports')[0];
        self::assertFalse($again['undone']);
        $this->postJson("/api/data/imports/{$again['id']}/take-back")->assertOk();
        self::assertStringContainsString('90 m', (string) $this->get('/api/data/fillers')->content());
    }

    public function testAHistoryThatCannotHaveHappenedIsNotTakenAndTheRestIs(): void
    {
        $this->seed(DemoSeeder::class);
        $document = json_decode((string) json_encode(Document::of()), true);
        $this->emptied();
        $wound = array_search('wound', array_column($document['history'], 'kind'), true);
        $document['history'][$wound]['moves'][0]['length_m'] = 15000;
        $rows = $this->import((string) json_encode($document), take: true)['rows'];
        $last = end($rows);
        self::assertSame(['history', 'bad'], [$last['kind'], $last['state']]);
        self::assertMatchesRegularExpression('/The filler spool “[^”]+” has [\d.]+ m, so you can’t take 15000 m off it/i', (string) $last['problem']);
        self::assertSame(0, DB::table('events')->count());
        self::assertCount(9, $this->ask('GET', '/api/reels'));
    }

    public function testWhatIsNoTableOrDocumentIsRefused(): void
    {
        foreach ([['{"undro": 99}', null], ['fish', null], ['weight,height', 'reels'], ["name\xFF", 'reels']] as [$text, $table]) {
            $this->postJson(
                '/api/data/import',
                ['text' => mb_convert_encoding($text, 'UTF-8', 'UTF-8'), 'table' => $table],
            )->assertStatus(422);
        }
        $this->get('/api/data/plans')->assertNotFound();
    }

    /** @return array<array-key, mixed> */
    private function import(string $text, ?string $table = null, bool $take = false): array
    {
        return $this->ask('POST', '/api/data/import', ['text' => $text, 'table' => $table, 'take' => $take]);
    }

    private function measureALine(): void
    {
        $line = $this->ask('GET', '/api/lines')[0];
        $this->ask(
            'PATCH',
            '/api/lines/{id}',
            ['size' => '0.142 mm', 'size_from' => 'measured', 'workings' => '85 touching wraps over 12.1 mm'],
            $line['id'],
        );
        self::assertSame(1, DB::table('line_measurements')->count());
    }

    private function emptied(): void
    {
        foreach ([
            'events',
            'event_moves',
            'measurements',
            'line_measurements',
            'run_marks',
            'drag_settings',
            'outings',
            'level_readings',
            'inspections',
            'leaders',
            'troubles',
        ] as $table) {
            DB::statement("DROP TRIGGER {$table}_no_delete");
        }
        $of = ['run_marks', 'runs', 'drag_settings', 'outings', 'level_readings', 'inspections', 'leaders', 'troubles', 'spool_states'];
        foreach ([...$of, ...self::RECORDS] as $table) {
            DB::table($table)->delete();
        }
        app(EventLog::class)->forget();
    }

    /** A filler that nobody knows the length of, weighed to within twelve metres, and an angler with a currency. */
    private function weighed(): void
    {
        $line = $this->ask('GET', '/api/lines')[0]['id'];
        $this->ask('POST', '/api/fillers', ['line' => $line, 'left' => '80 ± 12 m', 'price' => '8 kr', 'event' => (string) Str::uuid()], status: 201);
        $angler = $this->ask('GET', '/api/anglers')[0]['id'];
        $this->ask('PATCH', '/api/anglers/{id}', ['units' => ['money' => 'kr']], $angler);
    }
}
