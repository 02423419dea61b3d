<?php

declare(strict_types=1);

namespace Undro\Tests\Printed;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Undro\Line\Material;
use Undro\Printed\BadPrint;
use Undro\Printed\Reading;
use Undro\Printed\Size;

final class SizeTest extends TestCase
{
    /** @return iterable<string, array<array-key, mixed>> */
    public static function read(): iterable
    {
        yield from Table::rows('sizes', 'read');
    }

    #[DataProvider('read')]
    public function testPrintThatSaysOneThingIsReadAsThat(string $material, string $text, string $words): void
    {
        $of = Material::from($material);
        self::assertSame($words, Size::sure($text, $of)->says()->text());
        self::assertFalse(Size::read($text, $of)->piece->open());
    }

    /** @return iterable<string, array<array-key, mixed>> */
    public static function open(): iterable
    {
        yield from Table::rows('sizes', 'open');
    }

    /** @param list<string> $readings */
    #[DataProvider('open')]
    public function testPrintThatCanBeReadTwoWaysIsAskedAboutBeforeItIsWrittenDown(string $material, string $text, array $readings): void
    {
        $of = Material::from($material);
        $piece = Size::read($text, $of)->piece;
        self::assertSame($readings, array_map(static fn(Reading $reading): string => $reading->says()->text(), $piece->readings));
        foreach ($piece->readings as $reading) {
            self::assertSame($reading->says()->text(), Size::sure($reading->sizeText(), $of)->says()->text());
        }
        try {
            Size::sure($text, $of);
            self::fail("$text was taken in silence");
        } catch (BadPrint $fault) {
            foreach ($piece->readings as $reading) {
                self::assertStringContainsString($reading->sizeText(), $fault->getMessage());
            }
        }
    }

    /** @return iterable<string, array<array-key, mixed>> */
    public static function refused(): iterable
    {
        yield from Table::rows('sizes', 'refused');
    }

    #[DataProvider('refused')]
    public function testWhatCannotBeReadNamesThePieceAndWhatItCouldHaveBeen(string $material, string $text, string $piece, string $near): void
    {
        $of = Material::from($material);
        try {
            Size::read($text, $of);
            self::fail("$text was read");
        } catch (BadPrint $fault) {
            self::assertSame(['text', $piece, $near], [$fault->field, $fault->piece(), $fault->more['near'] ?? null]);
            Size::sure($fault->more['instead'] ?? '', $of);
        }
    }

    public function testAThicknessTellsHowThickAndAStrengthHowStrong(): void
    {
        $both = Size::sure('20lb 0.23', Material::Braid);
        self::assertFalse($both->nominal);
        self::assertEqualsWithDelta([0.23, 88.96], [$both->diameter->inMillimetres(), $both->strength?->inNewtons()], 0.01);
        $turned = Size::sure('0.23 mm / 20 lb', Material::Braid);
        self::assertEqualsWithDelta([0.23, 88.96], [$turned->diameter->inMillimetres(), $turned->strength?->inNewtons()], 0.01);
        self::assertTrue(Size::sure('20 lb', Material::Braid)->nominal);
        foreach (['20lb 0.23' => '20 lb', '0.23 mm / 9 kg' => '9 kg', '30#' => '30 lb', 'PE 1 (18lb)' => '18 lb', '0.23' => ''] as $text => $strength) {
            self::assertSame($strength, Size::sure($text, Material::Braid)->strengthText(), $text);
        }
    }

    public function testALineThatSaysAnotherMaterialThanTheFieldIsRefused(): void
    {
        $this->expectException(BadPrint::class);
        $this->expectExceptionMessage('says braid, and this line is mono');
        Size::read('braid 30 lb', Material::Mono);
    }
}
