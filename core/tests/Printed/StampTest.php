<?php

declare(strict_types=1);

namespace Undro\Tests\Printed;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Undro\Line\Material;
use Undro\Printed\BadPrint;
use Undro\Printed\Piece;
use Undro\Printed\Reading;
use Undro\Printed\Stamp;
use Undro\Spool\ReelKind;
use Undro\Spool\StampUnits;

final class StampTest extends TestCase
{
    /** @return iterable<string, array<array-key, mixed>> */
    public static function read(): iterable
    {
        yield from Table::rows('stamps', 'read');
    }

    /** @param list<string> $words */
    #[DataProvider('read')]
    public function testPrintThatSaysOneThingIsReadAsThat(string $text, array $words): void
    {
        $stamp = Stamp::read($text);
        self::assertSame($words, array_map(static fn(Piece $piece): string => $piece->used()->says()->text(), $stamp->pieces));
        foreach ($stamp->pieces as $piece) {
            self::assertFalse($piece->open());
            self::assertStringContainsString($piece->typed, $text);
        }
    }

    /** @return iterable<string, array<array-key, mixed>> */
    public static function open(): iterable
    {
        yield from Table::rows('stamps', 'open');
    }

    /** @param list<list<string>> $readings */
    #[DataProvider('open')]
    public function testPrintThatCanBeReadTwoWaysShowsBoth(string $text, array $readings): void
    {
        $stamp = Stamp::read($text);
        self::assertSame($readings, array_map(self::words(...), $stamp->pieces));
        // whichever is taken, its text says that and nothing else, and the others of the stamp speak alike
        foreach ($stamp->pieces as $index => $piece) {
            foreach ($piece->readings as $reading) {
                $again = Stamp::read($stamp->with($index, $reading));
                self::assertCount(count($stamp->pieces), $again->pieces);
                self::assertSame([$reading->says()->text()], self::words($again->pieces[$index]), $stamp->with($index, $reading));
                self::assertNotContains(true, array_map(static fn(Piece $each): bool => $each->open(), $again->pieces));
            }
        }
    }

    /** @return iterable<string, array<array-key, mixed>> */
    public static function refused(): iterable
    {
        yield from Table::rows('stamps', 'refused');
    }

    #[DataProvider('refused')]
    public function testWhatCannotBeReadNamesThePieceAndWhatItCouldHaveBeen(string $text, string $piece, string $near): void
    {
        try {
            Stamp::read($text);
            self::fail("$text was read");
        } catch (BadPrint $fault) {
            self::assertSame(['text', $piece, $near], [$fault->field, $fault->piece(), $fault->more['near'] ?? null]);
            self::assertStringContainsString($piece, $text);
            self::assertStringContainsString("Did you mean “{$near}”?", $fault->getMessage());
            self::assertNotEmpty(Stamp::read($fault->more['instead'] ?? '')->pieces);
        }
    }

    public function testAnAnswerHoldsForTheWholeStampWhateverItsMaterials(): void
    {
        $stamp = Stamp::read('Mono: 10/230, Braid: 30/290');
        self::assertSame('mono 10 lb / 230 m; braid 30 lb / 290 m', $stamp->with(0, $stamp->pieces[0]->readings[1]));
        self::assertSame('mono 0.10 mm / 230 m; braid 0.30 mm / 290 m', $stamp->with(1, $stamp->pieces[1]->readings[2]));
        $numbers = Stamp::read('2号-150m 3号-100m');
        self::assertSame('PE 2 / 150 m; PE 3 / 100 m', $numbers->with(0, $numbers->pieces[0]->readings[1]));
    }

    public function testALengthThatStandsFirstIsTurnedRound(): void
    {
        self::assertTrue(Stamp::read('200/0.25')->pieces[0]->turned);
        self::assertTrue(Stamp::read('140/8')->pieces[0]->turned);
        foreach (['0.25/200', '200 m / 0.25', 'm/mm 200/0.25', 'yd/lb 240/8'] as $said) {
            self::assertFalse(Stamp::read($said)->pieces[0]->turned, $said);
        }
    }

    public function testWhatASmallReelCanHoldDecidesToo(): void
    {
        self::assertSame('30 lb mono, nominal 0.55 mm, 201 m', self::words(Stamp::read('30/220')->pieces[0])[0]);
        self::assertSame('0.30 mm mono, 220 m', self::words(Stamp::read('30/220', ReelKind::Spincast)->pieces[0])[0]);
        self::assertSame('PE 0.8 braid, 0.15 mm, 100 m', self::words(Stamp::read('0.8-100', ReelKind::Spincast)->pieces[0])[0]);
    }

    public function testTheMaterialThatIsKnownCountsWhereNoneIsPrinted(): void
    {
        self::assertSame(['8 lb fluorocarbon, nominal 0.25 mm, 140 m'], self::words(Stamp::read('8 lb/140 m', material: Material::Fluoro)->pieces[0]));
        self::assertSame(['8 lb braid, nominal 0.13 mm, 140 m'], self::words(Stamp::read('braid 8 lb/140 m', material: Material::Fluoro)->pieces[0]));
        self::assertSame(['No. 3 mono, 0.29 mm, 150 m'], self::words(Stamp::read('#3-150m', material: Material::Mono)->pieces[0]));
    }

    public function testTheUnitsSwitchOverrulesTheShape(): void
    {
        self::assertSame(['8 lb mono, nominal 0.26 mm, 140 m'], self::words(Stamp::read('8/140', units: StampUnits::PoundsMetres)->pieces[0]));
        self::assertSame(['PE 1.5 braid, 0.20 mm, 200 m'], self::words(Stamp::read('1.5/200', units: StampUnits::PeMetres)->pieces[0]));
        $this->expectException(BadPrint::class);
        $this->expectExceptionMessage('“8/140” reads as line 8.0 mm thick');
        Stamp::read('8/140', units: StampUnits::MillimetresMetres);
    }

    /** @return iterable<string, array{string}> a way to print a size %1, a length %2, and their material %3 */
    public static function styles(): iterable
    {
        $sizes = ['mm' => '%s mm', 'mmRight' => '%smm', 'lb' => '%s lb', 'lbs' => '%slbs.', 'hash' => '%s#', 'kg' => '%s kg', 'PE' => 'PE %s',
            'no' => '#%s', 'No' => 'No.%s', 'wide' => '%s号', 'in' => '%s in'];
        $marks = ['/', ' / ', '-', ' x ', ' ', ': '];
        foreach ($sizes as $name => $size) {
            foreach ($marks as $mark) {
                yield "$name $mark" => [$size . $mark . '%s'];
                yield "turned $name $mark" => ['%2$s' . ($mark === '-' ? ' ' : $mark) . str_replace('%s', '%1$s', $size)];
            }
        }
    }

    #[DataProvider('styles')]
    public function testWhatIsPrintedInAnyStyleIsReadAsItWas(string $style): void
    {
        mt_srand(crc32($style));
        $style = str_contains($style, '%2$s') ? $style : preg_replace(['/%s/', '/%s/'], ['%1\$s', '%2\$s'], $style, 1) ?? $style;
        $style = str_replace('%s', '%2$s', $style);
        for ($count = 0; $count < 12; ++$count) {
            $print = [];
            $meant = [];
            foreach (range(1, mt_rand(1, 3)) as $unused) {
                [$size, $mm] = self::sizeIn($style);
                $unit = ['m', 'm', 'yd', 'yds.'][mt_rand(0, 3)];
                $long = mt_rand(40, 400);
                $print[] = sprintf($style, $size, "$long $unit");
                $meant[] = [$mm, $long * ($unit[0] === 'y' ? 0.9144 : 1.0)];
            }
            $text = implode([', ', '; ', "\n", ' | '][mt_rand(0, 3)], $print);
            $read = Stamp::read($text, material: str_contains($style, 'PE') ? null : Material::Mono);
            self::assertCount(count($meant), $read->pieces, $text);
            foreach ($meant as $index => [$mm, $metres]) {
                $used = $read->pieces[$index]->used();
                self::assertEqualsWithDelta($mm, $used->diameter->inMillimetres(), 1e-6, $text);
                self::assertEqualsWithDelta($metres, $used->length?->inMetres(), 1e-9, $text);
                self::assertSame(str_contains($style, 'PE') ? Material::Braid : Material::Mono, $used->material, $text);
                self::assertFalse($read->pieces[$index]->open(), $text);
            }
        }
    }

    public function testNoNonsenseGetsPastItsErrors(): void
    {
        mt_srand(15);
        $scraps = ['0.25', '8', '140', '/', '-', 'lb', 'yd', 'mm', 'm', 'PE', 'No.', '#', '号', 'nylon', 'braid', ' ', ',', '.', "\n", 'x', '"', 'ナ', '🎣', '0', '-1',
            '1e9', '9999999999', '(', 'kg', 'lb/yd', 'Ø', ':'];
        for ($count = 0; $count < 3000; ++$count) {
            $text = '';
            for ($part = mt_rand(0, 9); $part > 0; --$part) {
                $text .= $scraps[mt_rand(0, count($scraps) - 1)];
            }
            try {
                foreach (Stamp::read($text)->pieces as $piece) {
                    self::assertGreaterThan(0, $piece->used()->room(), $text);
                    self::assertLessThanOrEqual(3.0, $piece->used()->diameter->inMillimetres(), $text);
                }
            } catch (BadPrint $fault) {
                self::assertStringContainsString($fault->piece(), $text);
                self::assertNotEmpty(Stamp::read($fault->more['instead'] ?? '')->pieces, $text);
            }
        }
    }

    /** @return array{string, float} a size as its style prints it, and what it is in mm */
    private static function sizeIn(string $style): array
    {
        $pick = static fn(float ...$from): float => array_values($from)[mt_rand(0, count($from) - 1)];
        $nominal = ['8' => 0.26, '10' => 0.29, '12' => 0.33, '20' => 0.43, '30' => 0.55];
        if (str_contains($style, 'lb') || str_contains($style, '$s#')) {
            $pounds = array_rand($nominal);

            return ["$pounds", $nominal[$pounds]];
        }
        if (str_contains($style, 'kg')) {
            $kilos = $pick(1.81437, 3.62874, 9.07185);

            return ["$kilos", ['1.81437' => 0.20, '3.62874' => 0.26, '9.07185' => 0.43]["$kilos"] ?? 0.0];
        }
        if (str_contains($style, 'PE') || str_contains($style, '号') || str_contains($style, '#%') || str_contains($style, 'No.')) {
            $number = $pick(0.6, 1, 1.5, 2, 3);

            return ["$number", 0.165 * sqrt($number)];
        }
        $mm = mt_rand(10, 60) / 100;

        return str_contains($style, ' in') ? [sprintf('%.4F', $mm / 25.4), round($mm / 25.4, 4) * 25.4] : [sprintf('%.2F', $mm), $mm];
    }

    /** @return list<string> */
    private static function words(Piece $piece): array
    {
        return array_map(static fn(Reading $reading): string => $reading->says()->text(), $piece->readings);
    }
}
