<?php

declare(strict_types=1);

namespace Undro\Tests\Fill;

use PHPUnit\Framework\TestCase;
use Undro\Fill\Covariance;
use Undro\Fill\DepthMark;
use Undro\Fill\Fill;
use Undro\Fill\FillCalculator;
use Undro\Fill\Layer;
use Undro\Fill\Role;
use Undro\Line\Lay;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Spool\Measures;
use Undro\Spool\Spool;
use Undro\Statistics\CorrelationMatrix;
use Undro\Tests\Property;
use Undro\Units\Diameter;
use Undro\Units\Length;

/** Figures that were learnt together are not known independently, and every band knows it. */
final class CovarianceTest extends TestCase
{
    use Property;

    public function testWithoutTiesTheVariancesAddUp(): void
    {
        $spread = new Covariance(self::spool(null), self::layers());
        self::assertEqualsWithDelta((2 * 0.04) ** 2 + (3 * 0.05) ** 2 + (0.5 * 0.15) ** 2, $spread->variance([2.0, -3.0, 0.5]), 1e-12);
        self::assertEqualsWithDelta(2 * 0.04 ** 2, $spread->covariance([2.0, 0.0, 0.0], [1.0, 0.0, 0.0]), 1e-12);
        self::assertEqualsWithDelta(0.0, $spread->covariance([2.0, 0.0, 0.0], [0.0, 1.0, 1.0]), 1e-12);
    }

    public function testATieOfTheRoomAndTheLineNarrowsWhatDependsOnTheirDifference(): void
    {
        $free = self::solved(null);
        $tied = self::solved(self::together(0.8));
        $against = self::solved(self::together(-0.8));
        self::assertEqualsWithDelta($free->solved?->band->middle->inMetres(), $tied->solved?->band->middle->inMetres(), 1e-9);
        self::assertLessThan($free->solved?->band->half()->inMetres(), $tied->solved?->band->half()->inMetres());
        self::assertGreaterThan($free->solved?->band->half()->inMetres(), $against->solved?->band->half()->inMetres());
    }

    /** Counting the length, reading the depth, or both: both together are never worse than either, however things are tied. */
    public function testTheDepthMarkKeepsItsOrder(): void
    {
        $this->limitTo(60)->forAll(self::share(), self::share())->then(static function (int $one, int $other): void {
            $fill = self::solved(self::together(self::between(-0.7, 0.7, $one), self::between(-0.7, 0.7, $other)));
            foreach ([1, 3] as $readings) {
                $mark = DepthMark::of($fill, $readings);
                self::assertNotNull($mark);
                self::assertLessThanOrEqual($mark->byLength->inMetres() + 1e-9, $mark->together->inMetres());
                self::assertLessThanOrEqual($mark->byDepth->inMetres() + 1e-9, $mark->together->inMetres());
                self::assertEqualsWithDelta($fill->solved?->band->half()->inMetres(), $mark->byLength->inMetres(), 1e-6);
            }
        });
    }

    public function testWhatWasLearntMovesTheRoomAndKeepsItsTies(): void
    {
        $spool = self::spool(null);
        $learnt = $spool->learnt(1.1, 0.02, self::together(0.3));
        $gap = Length::millimetres(1.6);
        self::assertEqualsWithDelta(
            1.1 * $spool->fullVolume($gap)->inCubicMillimetres(),
            $learnt->fullVolume($gap)->inCubicMillimetres(),
            1e-6,
        );
        self::assertSame(0.02, $learnt->sd);
        self::assertSame(0.3, $learnt->trusted(0.01)->correlations?->between(0, 2));
        self::assertSame(0.0, (new CorrelationMatrix([]))->between(1, 2));
    }

    private static function solved(?CorrelationMatrix $together): Fill
    {
        $layers = self::layers();

        return FillCalculator::solve(
            self::spool($together),
            Length::millimetres(1.6),
            [Layer::open(Role::Backing, $layers[0]->line), $layers[1]],
        );
    }

    /** @return list<Layer> */
    private static function layers(): array
    {
        return [
            Layer::of(Role::Backing, Line::of(Material::Mono, Diameter::millimetres(0.30)), Length::metres(100)),
            Layer::of(Role::Main, Line::of(Material::Braid, Diameter::millimetres(0.16)), Length::metres(150)),
        ];
    }

    private static function spool(?CorrelationMatrix $together): Spool
    {
        $spool = Spool::of(
            new Measures(Diameter::millimetres(46.2), Diameter::millimetres(31), null, Length::millimetres(19.5), 0.04),
            [],
            Lay::Normal,
            Length::millimetres(1.5),
        );

        return $together === null ? $spool : $spool->learnt(1.0, 0.04, $together);
    }

    private static function together(float $backing, float $main = 0.0): CorrelationMatrix
    {
        return new CorrelationMatrix([[1.0, $main, $backing], [$main, 1.0, 0.0], [$backing, 0.0, 1.0]]);
    }
}
