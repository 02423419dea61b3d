<?php

declare(strict_types=1);

namespace Undro\Tests\Spool;

use PHPUnit\Framework\TestCase;
use Undro\Line\Lay;
use Undro\Printed\Stamp;
use Undro\Spool\BadSpool;
use Undro\Spool\Measures;
use Undro\Spool\Rating;
use Undro\Spool\Source;
use Undro\Spool\Spool;
use Undro\Tests\Property;
use Undro\Units\Diameter;
use Undro\Units\Length;

final class SpoolTest extends TestCase
{
    use Property;

    public function testOneStampIsLessCertainThanSeveralAndANominalOneLeast(): void
    {
        $one = self::spool(ratings: '0.25/200')->sd;
        $several = self::spool(ratings: '0.25/200 0.30/139')->sd;
        $nominal = self::spool(ratings: '8/140')->sd;
        self::assertSame(0.06, $one);
        self::assertSame(0.03, $several);
        self::assertEqualsWithDelta(0.10, $nominal, 1e-9);
    }

    public function testAnIndependentMeasurementNeverRaisesTheVariance(): void
    {
        $this->forAll(self::share(), self::share())->then(function (int $a, int $b): void {
            $lip = self::between(38, 60, $a);
            $arbor = self::between(20, 30, $b);
            $index = 0.9 * M_PI / 4 * 16 * (($lip - 3) ** 2 - $arbor ** 2) / 950;
            $rating = Rating::of(Length::metres($index / 0.0625), Diameter::millimetres(0.25));
            $measures = new Measures(Diameter::millimetres($lip), Diameter::millimetres($arbor), null, Length::millimetres(16), 0.04);
            $gap = Length::millimetres(1.5);
            $alone = [Spool::of(new Measures(), [$rating], Lay::Normal, $gap)->sd, Spool::of($measures, [], Lay::Normal, $gap)->sd];
            self::assertLessThan(min($alone), Spool::of($measures, [$rating], Lay::Normal, $gap)->sd);
        });
    }

    public function testTheMissingMeasureIsDerivedSoThatTheStampFits(): void
    {
        foreach ([['lip' => 46.0, 'traverse' => 17.0], ['lip' => 46.0, 'arbor' => 30.0]] as $known) {
            $spool = self::spool(...[...$known, 'ratings' => '0.25/200']);
            self::assertNotNull($spool->geometry);
            $full = $spool->geometry->diameterAt(Length::millimetres(1.5));
            self::assertEqualsWithDelta(950 * 200 * 0.0625, $spool->geometry->volumeUnder($full)->inCubicMillimetres(), 0.01);
            self::assertSame(0.06, $spool->sd);
        }
    }

    public function testLipAloneLeavesTheStampAsItIs(): void
    {
        self::assertSame(Source::Rated, self::spool(lip: 46.0, ratings: '0.25/200')->source);
    }

    public function testAStampTooBigForItsSpoolIsRefused(): void
    {
        $this->expectException(BadSpool::class);
        $this->expectExceptionMessage('hold 13 % of the printed line even with no arbor at all');
        self::spool(lip: 30.0, traverse: 8.0, ratings: '0.35/300');
    }

    public function testAStampThatContradictsTheCalipersIsRefusedWithWhatWouldFit(): void
    {
        $this->expectException(BadSpool::class);
        $this->expectExceptionMessage('With a lip of 46.0 mm, a width of');
        self::spool(lip: 46.0, arbor: 30.0, traverse: 17.0, ratings: '0.25/600');
    }

    /** Whatever the refusal says would fit does fit: the spool with that measure has the room of its stamp. */
    public function testTheMeasuresThatARefusalSuggestsAgreeWithTheStamp(): void
    {
        $this->forAll(self::share(), self::share())->then(function (int $a, int $b): void {
            // stamped for half to a fifth less line than there is room for, and for half as much again to twice as much
            $length = (int) round($a % 2 === 0 ? self::between(75, 120, $b) : self::between(310, 420, $b));
            try {
                self::spool(lip: 46.0, arbor: 30.0, traverse: 17.0, ratings: "0.25/$length");
                self::fail("0.25/$length was taken");
            } catch (BadSpool $fault) {
                [, $traverse, $arbor] = [...$fault->says->figures, null];
                self::assertInstanceOf(Diameter::class, $traverse);
            }
            $room = static fn(Spool $spool): float => $spool->fullVolume(Length::millimetres(1.5))->inCubicMillimetres();
            $stamped = 950 * $length * 0.0625;
            self::assertEqualsWithDelta(1.0, $room(self::spool(lip: 46.0, arbor: 30.0, traverse: $traverse->inMillimetres())) / $stamped, 1e-6);
            if ($arbor !== null) {
                self::assertInstanceOf(Diameter::class, $arbor);
                self::assertEqualsWithDelta(1.0, $room(self::spool(lip: 46.0, arbor: $arbor->inMillimetres(), traverse: 17.0)) / $stamped, 1e-6);
            }
            self::assertSame(M_PI / 4 * 17 * 43 ** 2 > $stamped, $arbor !== null, 'no arbor at all is too thick for more');
        });
    }

    public function testAShallowMeasuredSpoolIsFullAtWhateverGapIsAsked(): void
    {
        // one mm of room: less than the usual rated gap, which plays no part without a stamp
        $spool = self::spool(lip: 20.0, arbor: 18.0, traverse: 8.0);
        self::assertEqualsWithDelta(
            M_PI / 4 * 8 * (19 ** 2 - 18 ** 2),
            $spool->fullVolume(Length::millimetres(0.5))->inCubicMillimetres(),
            1e-6,
        );
    }

    public function testWithoutAStampTheMissingMeasureIsAskedFor(): void
    {
        try {
            self::spool(lip: 46.0, arbor: 30.0);
            self::fail('an incomplete spool was taken');
        } catch (BadSpool $fault) {
            self::assertSame('traverse_mm', $fault->field);
            self::assertStringContainsString('The spool width is missing', $fault->getMessage());
        }
    }

    public function testNothingAtAllAsksForTheStamp(): void
    {
        $this->expectExceptionMessage('Type the capacity printed on the spool');
        self::spool();
    }

    private static function spool(?float $lip = null, ?float $arbor = null, ?float $traverse = null, string $ratings = ''): Spool
    {
        return Spool::of(
            new Measures(
                $lip === null ? null : Diameter::millimetres($lip),
                $arbor === null ? null : Diameter::millimetres($arbor),
                null,
                $traverse === null ? null : Length::millimetres($traverse),
            ),
            $ratings === '' ? [] : Stamp::read($ratings)->ratings(),
            Lay::Normal,
            Length::millimetres(1.5),
        );
    }
}
