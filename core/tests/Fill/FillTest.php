<?php

declare(strict_types=1);

namespace Undro\Tests\Fill;

use PHPUnit\Framework\TestCase;
use Undro\Fill\BadFill;
use Undro\Fill\DepthMark;
use Undro\Fill\Fill;
use Undro\Fill\FillCalculator;
use Undro\Fill\Layer;
use Undro\Fill\Level;
use Undro\Fill\Narrowing;
use Undro\Fill\Role;
use Undro\Line\Lay;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Printed\Stamp;
use Undro\Spool\Measures;
use Undro\Spool\Spool;
use Undro\Tests\Property;
use Undro\Units\Diameter;
use Undro\Units\Length;

final class FillTest extends TestCase
{
    use Property;

    public function testWhatLiesOnASpoolIsAMainLineOverItsBackingAndStretchesThatTouchAreOne(): void
    {
        $mono = Line::of(Material::Mono, Diameter::millimetres(0.3));
        $braid = Line::of(Material::Braid, Diameter::millimetres(0.16));
        $lies = static fn(array ...$stretches): array => array_map(
            static fn(Layer $layer): array => [$layer->role, $layer->line, $layer->length?->inMetres()],
            Layer::stacked(array_map(static fn(array $each): array => [$each[0], Length::metres($each[1]), $each[2]], array_values($stretches))),
        );
        self::assertSame([[Role::Main, $braid, 100.0]], $lies([$braid, 60, 'b'], [$braid, 40, 'b']));
        self::assertSame(
            [[Role::Backing, $mono, 80.0], [Role::Main, $braid, 100.0]],
            $lies([$mono, 50, 'm'], [$mono, 30, 'm'], [$braid, 60, 'b'], [$braid, 40, 'b']),
        );
        // a line that is covered by itself, as the record says, is backing all the same
        self::assertSame([[Role::Backing, $mono, 80.0], [Role::Main, $mono, 90.0]], $lies([$mono, 80, null], [$mono, 90, 'm']));
    }

    public function testASolvedLengthFillsTheSpoolExactly(): void
    {
        $this->forAllFills(function (Spool $spool, Length $gap, Line $backing, Line $main, Length $length): void {
            $solved = FillCalculator::solve(
                $spool,
                $gap,
                [Layer::open(Role::Backing, $backing), Layer::of(Role::Main, $main, $length)],
                5.2,
            );
            if (!$solved->fits() || $solved->solved === null) {
                self::assertLessThan(0, $solved->solved?->band->middle->inMetres());

                return;
            }
            $again = FillCalculator::solve($spool, $gap, [
                Layer::of(Role::Backing, $backing, $solved->solved->band->middle),
                Layer::of(Role::Main, $main, $length),
            ], 5.2);
            self::assertEqualsWithDelta(1, $again->filledFraction, 1e-9);
            self::assertEqualsWithDelta($gap->inMillimetres(), self::depth($again), 1e-6);
            // and the main line over that backing comes out as it was given
            $main = FillCalculator::solve(
                $spool,
                $gap,
                [Layer::of(Role::Backing, $backing, $solved->solved->band->middle), Layer::open(Role::Main, $main)],
            );
            self::assertEqualsWithDelta($length->inMetres(), $main->solved?->band->middle->inMetres(), 1e-6);
        });
    }

    public function testMoreBackingMeansAFullerSpoolAndShallowerLevel(): void
    {
        $this->forAllFills(function (Spool $spool, Length $gap, Line $backing, Line $main, Length $length): void {
            $less = self::level($spool, $gap, $backing, $main, $length, 20);
            $more = self::level($spool, $gap, $backing, $main, $length, 21);
            self::assertGreaterThan($less->filledFraction, $more->filledFraction);
            self::assertLessThan(self::depth($less), self::depth($more));
        });
    }

    public function testLayersAddUp(): void
    {
        $this->forAllFills(function (Spool $spool, Length $gap, Line $backing, Line $main, Length $length): void {
            $fill = self::level($spool, $gap, $backing, $main, $length, 30);
            $one = FillCalculator::solve($spool, $gap, [Layer::of(Role::Backing, $backing, Length::metres(30))]);
            $two = FillCalculator::solve($spool, $gap, [Layer::of(Role::Main, $main, $length)]);
            self::assertEqualsWithDelta($one->filledFraction + $two->filledFraction, $fill->filledFraction, 1e-9);
            self::assertEqualsWithDelta($fill->layers[0]->top?->inMillimetres(), $fill->layers[1]->bottom?->inMillimetres(), 1e-12);
            // splitting a layer in two changes nothing above it
            $half = Length::metres($length->inMetres() / 2);
            $split = FillCalculator::solve(
                $spool,
                $gap,
                [
                    Layer::of(Role::Backing, $backing, Length::metres(30)),
                    Layer::of(Role::Main, $main, $half),
                    Layer::of(Role::Main, $main, $half),
                ],
            );
            self::assertEqualsWithDelta(self::depth($fill), self::depth($split), 1e-9);
            self::assertEqualsWithDelta($fill->layers[1]->wraps, ($split->layers[1]->wraps ?? 0) + ($split->layers[2]->wraps ?? 0), 1e-6);
        });
    }

    public function testLineWoundIsWrapsTimesTheirMeanCircumference(): void
    {
        $spool = self::straightSpool();
        $fill = self::level($spool, Length::millimetres(1.5), self::nylon(0.30), self::braid(0.16), Length::metres(150), 80);
        foreach ($fill->layers as $layer) {
            $mean = (($layer->bottom?->inMillimetres() ?? 0) + ($layer->top?->inMillimetres() ?? 0)) / 2;
            self::assertEqualsWithDelta($layer->length->inMetres(), M_PI * $mean * ($layer->wraps ?? 0) / 1000, 1e-6);
        }
    }

    public function testUsingDepthAndLengthTogetherIsNeverWorseThanEither(): void
    {
        $this->forAllFills(function (Spool $spool, Length $gap, Line $backing, Line $main, Length $length): void {
            $fill = FillCalculator::solve($spool, $gap, [Layer::open(Role::Backing, $backing), Layer::of(Role::Main, $main, $length)]);
            $one = DepthMark::of($fill, 1);
            $three = DepthMark::of($fill, 3);
            if ($one === null || $three === null) {
                return;
            }
            foreach ([$one, $three] as $mark) {
                self::assertLessThanOrEqual($mark->byLength->inMetres() + 1e-9, $mark->together->inMetres());
                self::assertLessThanOrEqual($mark->byDepth->inMetres() + 1e-9, $mark->together->inMetres());
            }
            self::assertLessThan($one->byDepth->inMetres(), $three->byDepth->inMetres());
            self::assertLessThanOrEqual($one->together->inMetres() + 1e-9, $three->together->inMetres());
            self::assertEqualsWithDelta($fill->solved?->band->half()->inMetres(), $one->byLength->inMetres(), 1e-6);
        });
    }

    public function testTheDepthMarkDoesNotMindHowThickTheBackingIs(): void
    {
        $depths = array_map(static function (float $diameter): float {
            $fill = FillCalculator::solve(
                self::straightSpool(),
                Length::millimetres(1.5),
                [Layer::open(Role::Backing, self::nylon($diameter)), Layer::of(Role::Main, self::braid(0.16), Length::metres(150))],
            );

            return DepthMark::of($fill, 1)?->depth->inMillimetres() ?? -1;
        }, [0.20, 0.28, 0.40]);
        self::assertEqualsWithDelta($depths[0], $depths[1], 1e-9);
        self::assertEqualsWithDelta($depths[0], $depths[2], 1e-9);
    }

    public function testWhatNarrowsIsListedBestFirstAndEachReallyNarrows(): void
    {
        $spool = Spool::of(new Measures(), Stamp::read('8/140')->ratings(), Lay::Normal, Length::millimetres(1.5));
        $layers = [Layer::open(Role::Backing, self::nylon(0.30)), Layer::of(Role::Main, self::braid(0.16), Length::metres(80))];
        $fill = FillCalculator::solve($spool, null, $layers);
        $halves = array_map(static fn(Narrowing $each): float => $each->half->inMetres(), Narrowing::of($fill, $layers, 0.06));
        self::assertGreaterThanOrEqual(2, count($halves));
        $sorted = $halves;
        sort($sorted);
        self::assertSame($sorted, $halves);
        self::assertLessThan($fill->solved?->band->half()->inMetres(), max($halves));
    }

    public function testALevelIsLessCertainTheLessTheSpoolIsKnown(): void
    {
        $level = static fn(float $sd): float => Level::of(
            self::level(
                self::straightSpool()->trusted($sd),
                Length::millimetres(1.5),
                self::nylon(0.30),
                self::braid(0.16),
                Length::metres(150),
                60,
            ),
        )?->half->inMillimetres() ?? 0;
        self::assertLessThan($level(0.06), $level(0.02));
    }

    public function testTheLowEndOfABandIsNeverNegative(): void
    {
        $fill = FillCalculator::solve(
            self::straightSpool(),
            Length::millimetres(1.5),
            [Layer::open(Role::Backing, self::nylon(0.30)), Layer::of(Role::Main, self::braid(0.20), Length::metres(205))],
        );
        self::assertGreaterThanOrEqual(0, $fill->solved?->band->low()->inMetres());
    }

    public function testTwoOpenLayersAreRefused(): void
    {
        $this->expectException(BadFill::class);
        $this->expectExceptionMessage('one length at a time');
        FillCalculator::solve(
            self::straightSpool(),
            null,
            [Layer::open(Role::Backing, self::nylon(0.30)), Layer::open(Role::Main, self::braid(0.16))],
        );
    }

    private static function straightSpool(): Spool
    {
        return Spool::of(
            new Measures(Diameter::millimetres(46), Diameter::millimetres(30), null, Length::millimetres(17)),
            [],
            Lay::Normal,
            Length::millimetres(1.5),
        );
    }

    private static function level(Spool $spool, Length $gap, Line $backing, Line $main, Length $length, float $backingMetres): Fill
    {
        return FillCalculator::solve(
            $spool,
            $gap,
            [Layer::of(Role::Backing, $backing, Length::metres($backingMetres)), Layer::of(Role::Main, $main, $length)],
            5.2,
        );
    }

    private static function depth(Fill $fill): ?float
    {
        return $fill->layers[array_key_last($fill->layers) ?? 0]->depth?->inMillimetres();
    }

    private static function nylon(float $millimetres): Line
    {
        return Line::of(Material::Mono, Diameter::millimetres($millimetres));
    }

    private static function braid(float $millimetres): Line
    {
        return Line::of(Material::Braid, Diameter::millimetres($millimetres));
    }

    /** @param callable(Spool, Length, Line, Line, Length): void $check */
    private function forAllFills(callable $check): void
    {
        $this->forAll(self::share(), self::share(), self::share(), self::share(), self::share(), self::share())->then(
            function (int $a, int $b, int $c, int $d, int $e, int $f) use ($check): void {
                $lip = self::between(34, 70, $a);
                $arbor = self::between(0.4 * $lip, 0.7 * $lip, $b);
                $other = $c > 500 ? null : Diameter::millimetres(0.8 * $arbor);
                $measures = new Measures(
                    Diameter::millimetres($lip),
                    Diameter::millimetres($arbor),
                    $other,
                    Length::millimetres(self::between(9, 30, $d)),
                );
                $lays = Lay::cases();
                $spool = Spool::of($measures, [], $lays[$e % 3], Length::millimetres(1.5));
                $check(
                    $spool,
                    Length::millimetres(self::between(0.5, 3, $e)),
                    self::nylon(self::between(0.2, 0.5, $f)),
                    self::braid(self::between(0.08, 0.4, $a)),
                    Length::metres(self::between(20, 200, $f)),
                );
            },
        );
    }
}
