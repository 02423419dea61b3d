<?php

declare(strict_types=1);

namespace Undro\Tests\Spool;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Undro\Line\Material;
use Undro\Spool\BadRating;
use Undro\Spool\Rating;
use Undro\Spool\StampedText;
use Undro\Spool\StampUnits;

final class StampedTextTest extends TestCase
{
    /** @return iterable<string, array{string, list<array{float, float, string}>}> text => mm, m, material */
    public static function stamps(): iterable
    {
        yield 'mm and metres' => ['0.25/200', [[0.25, 200, 'mono']]];
        yield 'decimal comma, two on a line' => ['0,25/160 0,30/120', [[0.25, 160, 'mono'], [0.30, 120, 'mono']]];
        yield 'decimal comma and comma between' => ['0,25/160, 0,30/120', [[0.25, 160, 'mono'], [0.30, 120, 'mono']]];
        yield 'comma without a space' => ['0,25/160,0,30/120', [[0.25, 160, 'mono'], [0.30, 120, 'mono']]];
        yield 'units written out' => ['0.25mm-200m', [[0.25, 200, 'mono']]];
        yield 'units and spaces' => ['0.25 mm / 200 m; 0.30 mm / 140 m', [[0.25, 200, 'mono'], [0.30, 140, 'mono']]];
        yield 'pounds and yards' => ['8/140 10/120', [[0.26, 128.016, 'mono'], [0.29, 109.728, 'mono']]];
        yield 'pounds and metres after a dash' => ['12-100, 14-80', [[0.33, 100, 'mono'], [0.35, 80, 'mono']]];
        yield 'dash, comma without a space' => ['12-100,14-80', [[0.33, 100, 'mono'], [0.35, 80, 'mono']]];
        yield 'PE is braid in metres' => ['PE 1.5-200', [[0.20208, 200, 'braid']]];
        yield 'PE carries on' => ['PE 1-300, 1.5-200', [[0.165, 300, 'braid'], [0.20208, 200, 'braid']]];
        yield 'PE over, then mm' => ['PE1/300 0.25mm/120', [[0.165, 300, 'braid'], [0.25, 120, 'mono']]];
        yield 'pounds with unit words' => ['8lb/140yd', [[0.26, 128.016, 'mono']]];
        yield 'newline between' => ["0.25/200\n0.30/140", [[0.25, 200, 'mono'], [0.30, 140, 'mono']]];
        yield 'leading dot' => ['.25/200', [[0.25, 200, 'mono']]];
    }

    /** @param list<array{float, float, string}> $wanted */
    #[DataProvider('stamps')]
    public function testReadsWhatPeopleCopy(string $text, array $wanted): void
    {
        $read = StampedText::read($text);
        self::assertCount(count($wanted), $read);
        foreach ($wanted as $index => [$diameter, $length, $material]) {
            self::assertEqualsWithDelta($diameter, $read[$index]->diameter->inMillimetres(), 1e-4);
            self::assertEqualsWithDelta($length, $read[$index]->length->inMetres(), 1e-3);
            self::assertSame($material, $read[$index]->material->value);
        }
    }

    public function testShowsTheReadingAsUnderstood(): void
    {
        $words = array_map(static fn(Rating $rating): string => $rating->says()->text(), StampedText::read('8/140 0.25/200 PE 1.5-200'));
        self::assertSame(['8 lb nylon, nominal 0.26 mm, 128 m', '0.25 mm nylon, 200 m', 'PE 1.5 braid, 0.20 mm, 200 m'], $words);
    }

    public function testTheUnitsSwitchOverrulesTheShape(): void
    {
        self::assertEqualsWithDelta(140, StampedText::read('8/140', Material::Mono, StampUnits::PoundsMetres)[0]->length->inMetres(), 1e-9);
        self::assertEqualsWithDelta(
            0.13,
            StampedText::read('8/140', Material::Braid, StampUnits::PoundsYards)[0]->diameter->inMillimetres(),
            1e-9,
        );
        self::assertSame('braid', StampedText::read('1.5/200', Material::Mono, StampUnits::PeMetres)[0]->material->value);
    }

    /** @return iterable<array{string, StampUnits|null, string}> */
    public static function nonsense(): iterable
    {
        yield ['hello', null, '"hello" cannot be read as a capacity'];
        yield ['0.25/200 and more', null, '"and more"'];
        yield ['🎣', null, 'cannot be read'];
        yield ['0.25/1000000', null, 'more than any spool'];
        yield ['8/140', StampUnits::MillimetresMetres, '8.0 mm thick'];
        yield ['0/200', null, 'thickness above 0'];
        yield ['0.25/0', null, 'length above 0'];
        yield ['8/140/10', null, 'cannot be read'];
    }

    #[DataProvider('nonsense')]
    public function testNamesThePartItCannotRead(string $text, ?StampUnits $units, string $message): void
    {
        $this->expectException(BadRating::class);
        $this->expectExceptionMessage($message);
        StampedText::read($text, Material::Mono, $units);
    }
}
