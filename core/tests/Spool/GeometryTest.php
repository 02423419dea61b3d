<?php

declare(strict_types=1);

namespace Undro\Tests\Spool;

use PHPUnit\Framework\TestCase;
use Undro\Spool\Arbor;
use Undro\Spool\BadSpool;
use Undro\Spool\Geometry;
use Undro\Tests\Property;
use Undro\Units\Area;
use Undro\Units\Diameter;
use Undro\Units\Length;

final class GeometryTest extends TestCase
{
    use Property;

    public function testVolumeAndDiameterInvertEachOther(): void
    {
        $this->forAllSpools(function (Geometry $geometry, int $share): void {
            $lo = $geometry->arbor->thin->inMillimetres();
            $surface = self::between($lo, $geometry->lip->inMillimetres(), $share);
            $back = $geometry->diameterHolding($geometry->volumeUnder(Diameter::millimetres($surface)));
            self::assertEqualsWithDelta($surface, $back->inMillimetres(), 1e-6);
        });
    }

    public function testRingAreaIsTheSlopeOfVolume(): void
    {
        $this->forAllSpools(function (Geometry $geometry, int $share): void {
            $surface = self::between($geometry->arbor->thin->inMillimetres() + 0.2, $geometry->lip->inMillimetres(), $share);
            $step = 1e-4;
            $slope = ($geometry->volumeUnder(Diameter::millimetres($surface + $step))->inCubicMillimetres()
                - $geometry->volumeUnder(Diameter::millimetres($surface - $step))->inCubicMillimetres()) / (2 * $step);
            self::assertEqualsWithDelta(
                $slope,
                $geometry->ringArea(Diameter::millimetres($surface))->inSquareMillimetres(),
                0.01 * $slope + 0.1,
            );
        });
    }

    public function testWrapsAreTheIntegralOfTheRingOverTheCircumference(): void
    {
        $this->forAllSpools(function (Geometry $geometry, int $share): void {
            $from = $geometry->arbor->thin->inMillimetres();
            $to = self::between($from + 0.5, $geometry->lip->inMillimetres(), $share);
            $cell = Area::squareMillimetres(0.06);
            $steps = 2000;
            $sum = 0.0;
            for ($i = 0; $i < $steps; ++$i) {
                $middle = $from + ($i + 0.5) * ($to - $from) / $steps;
                $sum += $geometry->ringArea(
                    Diameter::millimetres($middle),
                )->inSquareMillimetres() / (M_PI * $middle * 0.06) * ($to - $from) / $steps;
            }
            self::assertEqualsWithDelta(
                $sum,
                $geometry->wrapsBetween(Diameter::millimetres($from), Diameter::millimetres($to), $cell),
                0.001 * $sum + 0.01,
            );
        }, 40);
    }

    public function testAnArborAsThickAsTheLipIsRefused(): void
    {
        $this->expectException(BadSpool::class);
        $this->expectExceptionMessage('Arbor (46.0 mm) must be smaller than the lip (40.5 mm)');
        Geometry::of(Diameter::millimetres(40.5), Arbor::straight(Diameter::millimetres(46)), Length::millimetres(15));
    }

    public function testAGapBelowTheArborIsRefused(): void
    {
        $this->expectException(BadSpool::class);
        $this->expectExceptionMessage('A full level of 9.0 mm leaves no room, since the arbor is 5.0 mm below the lip');
        Geometry::of(
            Diameter::millimetres(40),
            Arbor::straight(Diameter::millimetres(30)),
            Length::millimetres(15),
        )->diameterAt(Length::millimetres(9));
    }

    /** @param callable(Geometry, int): void $check */
    private function forAllSpools(callable $check, int $draws = 100): void
    {
        $this->limitTo($draws)->forAll(self::share(), self::share(), self::share(), self::share(), self::share())->then(
            function (int $a, int $b, int $c, int $d, int $e) use ($check): void {
                $lip = self::between(20, 90, $a);
                $thick = self::between(0.3 * $lip, 0.9 * $lip, $b);
                $thin = self::between(0.4 * $thick, $thick, $c);
                $arbor = $c > 700
                    ? Arbor::straight(Diameter::millimetres($thick))
                    : Arbor::tapered(Diameter::millimetres($thin), Diameter::millimetres($thick));
                $check(Geometry::of(Diameter::millimetres($lip), $arbor, Length::millimetres(self::between(5, 40, $d))), $e);
            },
        );
    }
}
