<?php

declare(strict_types=1);

namespace Tests\Feature;

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
        yield 'a ratio that is none' => ['reels', "name,kind,gear_ratio\nOne,spinning,fast", '"fast" cannot be read'];
        yield 'a drag in metres' => ['reels', "name,kind,max_drag\nOne,spinning,8 m", '"m" in "8 m"'];
        yield 'a range the wrong way round' => ['reels', "name,kind,mono_range\nOne,spinning,14-8 lb", '14-8 lb'];
        yield 'an angler nobody knows' => ['reels', "name,kind,angler\nOne,spinning,Nobody", 'Nobody'];
        yield 'a spool of no reel' => ['spools', "name,reels,stamp\ndeep,Gone,0.25/200", 'Gone'];
        yield 'an arbor wider than its lip' => [
            'spools',
            "name,reels,lip_diameter,arbor_diameter\ndeep,Mine,30 mm,46 mm",
            'thinner than the lip',
        ];
        yield 'a stamp that cannot be read' => ['spools', "name,reels,stamp\ndeep,Mine,lots", 'lots'];
        yield 'a lip of another shape' => ['spools', "name,reels,stamp,lip\ndeep,Mine,0.25/200,wavy", 'bevelled, straight, rounded'];
        yield 'a line of a strength without unit' => ['lines', "name,material,size\nThin,mono,12", '12'];
        yield 'a line without a size' => ['lines', "name,material,size\nThin,mono,", '“size”: is needed'];
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
