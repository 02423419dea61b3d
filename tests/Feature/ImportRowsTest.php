<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What is wrong with a row is said with its figure and what would be right, whatever the table. */
final class ImportRowsTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> table, rows under a header, a part of the problem */
    public static function badRows(): iterable
    {
        yield 'a kind of reel nobody knows' => ['reels', "name,kind\nOne,fly", 'spinning, baitcasting, spincast'];
        yield 'a reel without a name' => ['reels', "name,kind\n,spinning", 'name'];
        yield 'a ratio that is none' => ['reels', "name,kind,gear_ratio\nOne,spinning,fast", '"fast" can’t be read'];
        yield 'a drag in metres' => ['reels', "name,kind,max_drag\nOne,spinning,8 m", '"m" in "8 m"'];
        yield 'a range the wrong way round' => ['reels', "name,kind,mono_range\nOne,spinning,14-8 lb", '14-8 lb'];
        yield 'an angler nobody knows' => ['reels', "name,kind,angler\nOne,spinning,Nobody", 'Nobody'];
        yield 'a spool of no reel' => ['spools', "name,reels,stamp\ndeep,Gone,0.25/200", 'Gone'];
        yield 'an arbor wider than its lip' => [
            'spools',
            "name,reels,lip_diameter,arbor_diameter\ndeep,Mine,30 mm,46 mm",
            'smaller than the lip',
        ];
        yield 'a stamp that can’t be read' => ['spools', "name,reels,stamp\ndeep,Mine,lots", 'lots'];
        yield 'a lip of another shape' => ['spools', "name,reels,stamp,lip\ndeep,Mine,0.25/200,wavy", 'bevelled, straight, rounded'];
        yield 'a line of a strength without unit' => ['lines', "name,material,size\nThin,mono,12", '12'];
        yield 'a line without a size' => ['lines', "name,material,size\nThin,mono,", '“size”: is missing'];
        yield 'a name without end' => [
            'lines',
            "name,material,size\n" . str_repeat('a', 84) . ',mono,0.20',
            'at most 80 characters, not 84',
        ];
        yield 'a yes that is neither' => ['lines', "name,material,size,archived\nThin,mono,0.20,perhaps", 'perhaps'];
        yield 'more left than the longest filler' => ['fillers', "line,full_length\nThin,900 km", '900 km'];
    }

    #[DataProvider('badRows')]
    public function testABadRowSaysWhatWouldBeRightAndLeavesTheGoodOnes(string $table, string $rows, string $problem): void
    {
        $this->ask('POST', '/api/reels', ['name' => 'Mine', 'kind' => 'spinning', 'spool' => ['stamp' => '0.25/200']], status: 201);
        if ($table === 'fillers') {
            $this->ask('POST', '/api/lines', ['name' => 'Thin', 'material' => 'mono', 'size' => '0.2'], status: 201);
        }
        $before = (string) $this->get("/api/data/$table")->content();
        $read = $this->ask('POST', '/api/data/import', ['text' => $rows, 'table' => $table, 'take' => true])['rows'];
        self::assertSame(['bad'], array_column($read, 'state'));
        self::assertSame(2, $read[0]['row']);
        self::assertStringContainsString($problem, $read[0]['problem']);
        self::assertSame($before, (string) $this->get("/api/data/$table")->content(), 'a bad row leaves nothing behind');

        [$header] = explode("\n", $rows);
        $good = [
            'reels' => ['name' => 'Good', 'kind' => 'spincast'],
            'spools' => ['name' => 'spare', 'reels' => 'Mine', 'stamp' => '0.30/100'],
            'lines' => ['name' => 'Good', 'material' => 'braid', 'size' => 'PE 1'],
            'fillers' => ['line' => 'Thin', 'full_length' => '100 m'],
        ][$table];
        $row = implode(',', array_map(static fn(string $column): string => $good[$column] ?? '', explode(',', $header)));
        $both = $this->ask('POST', '/api/data/import', ['text' => "$rows\n$row", 'table' => $table, 'take' => true])['rows'];
        self::assertSame(['bad', 'new'], array_column($both, 'state'), (string) $both[1]['problem']);
    }

    public function testALookSaysWhichFigureChangesAndCallsFillersByName(): void
    {
        $this->ask('POST', '/api/lines', ['name' => 'Thin', 'material' => 'mono', 'size' => '0.2', 'strength' => '3 kg'], status: 201);
        $look = fn(string $text, ?string $table = 'lines'): array => $this->ask(
            'POST',
            '/api/data/import',
            ['text' => $text, 'table' => $table, 'take' => false],
        )['rows'];
        [$row] = $look("name,material,size,strength\nThin,Nylon,0.22,3 kg");
        self::assertSame([['field' => 'size', 'from' => '0.2', 'to' => '0.22']], $row['changes'], 'nylon is mono, the strength is the same');
        self::assertSame('same', $look("name,material,size\nThin,NYLON,0.2")[0]['state']);
        $this->ask('POST', '/api/fillers', [
            'line' => $this->ask('GET', '/api/lines')[0]['id'], 'left' => '300 m', 'name' => 'first', 'event' => (string) Str::uuid(),
        ], status: 201);
        $csv = str_replace('300 m', '80 ± 12 m', (string) $this->get('/api/data/fillers')->content());
        [$filler] = $look($csv, 'fillers');
        self::assertSame('Thin, first', $filler['name']);
        self::assertSame([['field' => 'left', 'from' => '300 m', 'to' => '80 ± 12 m']], $filler['changes']);
        // the document names the line by its key, and the filler is called by its name all the same
        $document = json_decode((string) $this->get('/api/data')->content(), true);
        $document['fillers'][0]['price'] = '7 kr';
        $rows = array_values(array_filter($look((string) json_encode($document), null), static fn(array $of): bool => $of['changes'] !== []));
        self::assertSame(['Thin, first'], array_column($rows, 'name'));
        self::assertSame('price', $rows[0]['changes'][0]['field']);
    }

    public function testWhatStandsTwiceIsRefusedAndWhatIsUnknownIsNamed(): void
    {
        $line = static fn(string $name, string $key = 'one'): array => ['key' => $key, 'name' => $name, 'material' => 'mono', 'size' => '0.3'];
        $import = fn(string $text): array => $this->ask('POST', '/api/data/import', ['text' => $text, 'table' => null, 'take' => true])['rows'];
        $rows = $import((string) json_encode(['undro' => 1, 'lines' => [$line('A'), $line('B', 'two'), $line('C')]]));
        self::assertSame(['bad', 'new', 'bad'], array_column($rows, 'state'));
        self::assertStringContainsString('“one” is in rows 1 and 3', $rows[0]['problem']);
        $one = (string) json_encode($line('D', 'four') + ['weight' => 3]);
        $rows = $import("{\"undro\": 1, \"ropes\": [], \"lines\": [$one]}");
        self::assertSame([['document', 'bad'], ['lines', 'new']], array_map(static fn(array $row): array => [$row['kind'], $row['state']], $rows));
        self::assertStringContainsString('“ropes” is not a part of an export', $rows[0]['problem']);
        self::assertSame(['weight'], $rows[1]['unknown']);
        $twice = $this->postJson('/api/data/import', ['text' => '{"undro": 1, "lines": [], "rods": [{"name": "x", "name": "y"}]}', 'table' => null]);
        self::assertStringContainsString('“name” is twice in one part', $twice->assertStatus(422)->json('error.message'));
        // the same name in two rows is no such thing, nor one that is only written in a text
        self::assertSame([], $import('{"undro": 1, "lines": [], "rods": []}'));
        $odd = (string) json_encode($line('a "name": {x', 'five') + ['colour' => '"size": 1, "size": 2']);
        self::assertSame(['new'], array_column($import("{\"undro\": 1, \"lines\": [$odd]}"), 'state'));
    }

    public function testNoMessageSpeaksOfHowDataAreKept(): void
    {
        foreach ([
            ['lines' => [['name' => 5, 'material' => 'mono', 'size' => '0.3']]],
            ['lines' => [['name' => 'x', 'material' => ['a'], 'size' => '0.3']]],
            ['lines' => [['name' => 'x', 'material' => 'mono', 'size' => '0.3', 'archived' => 'maybe']]],
            ['lines' => [['name' => 'x', 'material' => 'mono', 'size' => '0.3', 'packs' => 'none']]],
            ['rods' => ['just words']],
            ['reels' => 'none'],
        ] as $part) {
            $answer = $this->postJson('/api/data/import', ['text' => json_encode(['undro' => 1] + $part), 'table' => null])->json();
            $said = $answer['rows'][0]['problem'] ?? $answer['error']['message'] ?? '';
            self::assertNotSame('', $said);
            self::assertDoesNotMatchRegularExpression('/\b(JSON|string|array|object|boolean|null|integer|true|false)\b/i', $said);
        }
    }

    public function testATableIsReadHoweverItsProgramWroteIt(): void
    {
        foreach ([
            "name;material;size\nA;mono;0,30 mm",
            "name\tmaterial\tsize\nB\tmono\t0.30",
            "\u{FEFF}name,material,size\r\nC,mono,0.30\r\n",
            "size,name,material\n\"0.30\",\"D, \"\"quoted\"\"\",mono\n\n",
        ] as $text) {
            $rows = $this->ask('POST', '/api/data/import', ['text' => $text, 'table' => 'lines', 'take' => true])['rows'];
            self::assertSame(['new'], array_column($rows, 'state'), $text);
        }
        self::assertEqualsCanonicalizing(['A', 'B', 'C', 'D, "quoted"'], array_column($this->ask('GET', '/api/lines'), 'name'));
        self::assertSame([0.3], array_values(array_unique(array_column($this->ask('GET', '/api/lines'), 'diameter_mm'))));
    }
}
