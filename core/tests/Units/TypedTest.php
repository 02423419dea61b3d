<?php

declare(strict_types=1);

namespace Undro\Tests\Units;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Undro\Tests\Property;
use Undro\Units\BadQuantity;
use Undro\Units\Force;
use Undro\Units\ForceUnit;
use Undro\Units\Length;
use Undro\Units\LengthUnit;
use Undro\Units\MassUnit;
use Undro\Units\Typed;

final class TypedTest extends TestCase
{
    use Property;

    /** @return iterable<array{string, float}> typed, mm */
    public static function lengths(): iterable
    {
        yield ['0.2in', 5.08];
        yield ['1/8"', 3.175];
        yield ['1 1/8 in', 28.575];
        yield ['1-3/4"', 44.45];
        yield ['1 - 3/4 in', 44.45];
        yield ['300yds', 274_320];
        yield ['150 yd', 137_160];
        yield ['150yds.', 137_160];
        yield ['0,25', 0.25];
        yield ['.25 mm', 0.25];
        yield ['2 ft', 609.6];
        yield ["3'", 914.4];
        yield [' 12 cm ', 120];
        yield ['200 metres', 200_000];
        yield ['-0.5', -0.5];
    }

    #[DataProvider('lengths')]
    public function testReadsLengthsAsTyped(string $typed, float $millimetres): void
    {
        self::assertEqualsWithDelta($millimetres, Typed::length($typed, LengthUnit::Millimetre)->inMillimetres(), 1e-6);
    }

    public function testALengthMaySayHowWellItIsKnown(): void
    {
        foreach (['80 ± 12 m', '80 m ± 12', '80m±12m', '80 +- 12 m', '80 +/- 12', '80 ± 15 %', '87.489 yd ± 12 m'] as $typed) {
            [$length, $half] = Typed::lengthWithin($typed, LengthUnit::Metre);
            self::assertEqualsWithDelta([80, 12], [$length->inMetres(), $half?->inMetres()], 0.001, $typed);
        }
        self::assertNull(Typed::lengthWithin('80 m', LengthUnit::Metre)[1]);
    }

    public function testAGearRatioMaySayThatItIsToOne(): void
    {
        foreach (['5.2', '5.2:1', '5,2 : 1', '1:5.2', '5.2 :1'] as $typed) {
            self::assertSame(5.2, Typed::number($typed), $typed);
        }
    }

    public function testTheExampleIsOfTheQuantityAskedFor(): void
    {
        foreach ([[LengthUnit::Metre, '150 m or 165 yd'], [LengthUnit::Millimetre, '2.5 mm or 1/8 in']] as [$bare, $example]) {
            try {
                Typed::length('long', $bare);
                self::fail('it was read');
            } catch (BadQuantity $fault) {
                self::assertStringContainsString($example, $fault->getMessage());
            }
        }
    }

    public function testReadsForcesMassesAndPe(): void
    {
        self::assertEqualsWithDelta(88.964, Typed::force('20lb', ForceUnit::Newton)->inNewtons(), 0.001);
        self::assertEqualsWithDelta(88.26, Typed::force('9 kg', ForceUnit::Newton)->inNewtons(), 0.001);
        self::assertEqualsWithDelta(7.5, Typed::force('7,5', ForceUnit::Newton)->inNewtons(), 1e-9);
        self::assertEqualsWithDelta(113.398, Typed::mass('4 oz', MassUnit::Gram)->inGrams(), 0.001);
        self::assertEqualsWithDelta(0.165 * sqrt(1.2), Typed::diameter('PE 1.2', LengthUnit::Millimetre)->inMillimetres(), 1e-9);
        self::assertEqualsWithDelta(0.165 * sqrt(1.2), Typed::diameter('pe1,2', LengthUnit::Millimetre)->inMillimetres(), 1e-9);
    }

    /** @return iterable<array{string, string}> typed, a part of the message */
    public static function nonsense(): iterable
    {
        yield ['', 'The field is empty'];
        yield ['twelve', '"twelve" can’t be read'];
        yield ['🎣', 'can’t be read'];
        yield ['12 34', 'can’t be read'];
        yield ['12 stone', '"stone" in "12 stone" is not a unit'];
        yield ['1,200 m', 'two ways'];
        yield ['1/0 in', 'divides by zero'];
        yield [str_repeat('9x', 200), '...'];
    }

    #[DataProvider('nonsense')]
    public function testRefusesNonsenseAndSaysWhatIsWrong(string $typed, string $message): void
    {
        $this->expectException(BadQuantity::class);
        $this->expectExceptionMessage($message);
        Typed::length($typed, LengthUnit::Millimetre);
    }

    public function testEveryUnitRoundTrips(): void
    {
        $this->forAll(self::share())->then(function (int $share): void {
            $amount = self::between(0.01, 500, $share);
            foreach (LengthUnit::cases() as $unit) {
                $typed = sprintf('%.6F %s', $amount, $unit->value);
                self::assertEqualsWithDelta($amount, Typed::length($typed, LengthUnit::Metre)->in($unit), 1e-5);
                self::assertEqualsWithDelta($amount, Length::of($amount, $unit)->in($unit), 1e-9);
            }
            foreach (ForceUnit::cases() as $unit) {
                $typed = sprintf('%.6F%s', $amount, $unit->value);
                self::assertEqualsWithDelta($amount, Typed::force($typed, ForceUnit::Newton)->in($unit), 1e-5);
                self::assertEqualsWithDelta($amount, Force::of($amount, $unit)->in($unit), 1e-9);
            }
        });
    }
}
