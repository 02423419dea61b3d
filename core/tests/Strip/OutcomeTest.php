<?php

declare(strict_types=1);

namespace Undro\Tests\Strip;

use PHPUnit\Framework\TestCase;
use Undro\Line\Material;
use Undro\Strip\BadStrip;
use Undro\Strip\Outcome;
use Undro\Strip\Removal;
use Undro\Units\Length;

final class OutcomeTest extends TestCase
{
    public function testNothingIsLostWhateverIsDone(): void
    {
        foreach ([[30, 30, 10], [200, 120, 25], [500, 500, 500]] as [$total, $outer, $worn]) {
            foreach (self::all($total, $outer, $worn) as $way) {
                self::assertEqualsWithDelta($total, $way->off->inMetres() + $way->stays->inMetres(), 1e-9, $way->removal->value);
                self::assertNotSame('', $way->removal->word() . $way->removal->how());
            }
        }
    }

    public function testTurningOverTakesAnOddNumberOfPassesSoThatTheFreshEndComesOutOnTop(): void
    {
        $way = self::all(150, 150, 40)[Removal::TurnOver->value];
        self::assertSame(1, $way->passes % 2);
        self::assertFalse($way->wornOnTop);
        self::assertEqualsWithDelta(3 * 150, $way->wound->inMetres(), 1e-9);
    }

    public function testCuttingBackStopsShortOfTheLineUnderIt(): void
    {
        self::assertTrue(self::all(200, 120, 40)[Removal::CutBack->value]->fits);
        self::assertFalse(self::all(200, 40, 60)[Removal::CutBack->value]->fits, 'that is the whole outer line: then take it off');
    }

    public function testWhatIsUsuallyWornIsNeverMoreThanHalf(): void
    {
        self::assertEqualsWithDelta(25, Outcome::usuallyWorn(Material::Mono, Length::metres(200))->inMetres(), 1e-9);
        self::assertEqualsWithDelta(40, Outcome::usuallyWorn(Material::Braid, Length::metres(200))->inMetres(), 1e-9);
        self::assertEqualsWithDelta(15, Outcome::usuallyWorn(Material::Braid, Length::metres(30))->inMetres(), 1e-9);
    }

    public function testABareSpoolAndMoreThanThereIsAreRefused(): void
    {
        foreach ([[0, 0, 0], [50, 50, 60]] as [$total, $outer, $worn]) {
            try {
                self::all($total, $outer, $worn);
                self::fail('not refused');
            } catch (BadStrip $fault) {
                self::assertStringContainsString('spool', $fault->getMessage());
            }
        }
    }

    /** @return array<string, Outcome> */
    private static function all(float $total, float $outer, float $worn): array
    {
        $ways = Outcome::all(Length::metres($total), Length::metres($outer), Length::metres($worn));

        return array_combine(array_map(static fn(Outcome $way): string => $way->removal->value, $ways), $ways);
    }
}
