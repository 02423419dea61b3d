<?php

declare(strict_types=1);

namespace Undro\Tests\Units;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Undro\Tests\Property;
use Undro\Units\BadQuantity;
use Undro\Units\Length;
use Undro\Units\Price;

final class PriceTest extends TestCase
{
    use Property;

    /** @return iterable<array{string, float, string}> typed, amount, money */
    public static function prices(): iterable
    {
        yield ['12.50', 12.5, ''];
        yield ['14,90 €', 14.9, '€'];
        yield ['£9', 9.0, '£'];
        yield [' 30 kr ', 30.0, 'kr'];
        yield ['0', 0.0, ''];
    }

    #[DataProvider('prices')]
    public function testReadsAPriceInWhateverMoneyItIsWritten(string $typed, float $amount, string $money): void
    {
        $price = Price::read($typed);
        self::assertSame([$amount, $money], [$price->amount, $price->money]);
    }

    public function testRefusesWhatIsNoPrice(): void
    {
        foreach (['', 'two for ten', '-3', '1,234.50', '3.999', '9 9', '🎣'] as $typed) {
            try {
                Price::read($typed);
                self::fail("\"$typed\" was taken for a price");
            } catch (BadQuantity $fault) {
                self::assertStringStartsWith("\"$typed\" can’t be read", $fault->getMessage());
                self::assertStringEndsWith('such as 12.50 or 9 €.', $fault->getMessage());
            }
        }
    }

    public function testThePartsOfAFillerCostWhatItCosts(): void
    {
        $this->forAll(self::share(), self::share())->then(function (int $cost, int $cut): void {
            $whole = Length::metres(300);
            $price = Price::read(sprintf('%.2F €', self::between(0, 80, $cost)));
            $part = Length::metres(300 * $cut / 1000);
            $rest = Length::metres(300 - $part->inMetres());
            $sum = $price->share($part, $whole)->plus($price->share($rest, $whole));
            self::assertNotNull($sum);
            self::assertEqualsWithDelta($price->amount, $sum->amount, 1e-9);
        });
        self::assertSame(-2.0, Price::read('5 €')->minus(Price::read('7 €'))?->amount);
        self::assertNull(Price::read('5 €')->minus(Price::read('5 £')));
        self::assertNull(Price::read('5 €')->plus(Price::read('5 £')), 'two kinds of money are not added up');
        $this->expectException(BadQuantity::class);
        Price::read('5')->share(Length::metres(1), Length::metres(0));
    }
}
