<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Exchange\Calendar;
use App\Exchange\Csv;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** What leaves Undro does no harm in the program that opens it, and comes back as it was. */
final class SpreadsheetTest extends TestCase
{
    #[TestWith(['=1+1'])]
    #[TestWith(['+cmd|x'])]
    #[TestWith(['-2+3'])]
    #[TestWith(['@SUM(A1)'])]
    #[TestWith(["'=quoted already"])]
    #[TestWith(["''=twice"])]
    #[TestWith(["'plain"])]
    #[TestWith(['-0.5'])]
    #[TestWith(['a=b'])]
    public function testAFormulaIsNoneAndComesBack(string $name): void
    {
        $cell = Csv::cell($name);
        self::assertDoesNotMatchRegularExpression('/^[=@\t\r]|^[+-](?!\d+(\.\d+)?$)/', $cell);
        self::assertSame($name, Csv::said($cell));
        $this->ask('POST', '/api/lines', ['name' => $name, 'material' => 'mono', 'size' => '0.30', 'colour' => $name], status: 201);
        $csv = (string) $this->get('/api/data/lines')->content();
        self::assertStringContainsString($cell, str_replace('""', '"', $csv));
        self::assertSame(
            ['same'],
            array_column($this->ask('POST', '/api/data/import', ['text' => $csv, 'table' => 'lines', 'take' => true])['rows'], 'state'),
        );
        self::assertSame([$name], array_column($this->ask('GET', '/api/lines'), 'name'));
    }

    public function testACalendarHoldsNoBareReturnAndNothingThatCannotBeSeen(): void
    {
        $care = [
            'spool' => 1,
            'due_on' => '2026-12-01',
            'turn_on' => null,
            'reel_name' => "Two\rlines\r\nand\0more\x1b[31m",
            'spool_name' => 'deep; wide, \\',
            'line' => 'L',
            'text' => "a\nb",
        ];
        $file = Calendar::write([$care], '20261127T120000Z');
        self::assertDoesNotMatchRegularExpression('/\r(?!\n)|(?<!\r)\n|[\x00-\x09\x0B\x0C\x0E-\x1F]/', $file);
        self::assertStringContainsString('Two\nlines\nandmore', $file);
    }
}
