<?php

declare(strict_types=1);

namespace Undro\Tests\Statistics;

use PHPUnit\Framework\TestCase;
use Undro\Statistics\Gaussian;

final class GaussianTest extends TestCase
{
    public function testOneReadingOfOneFigureIsTheWeightedMean(): void
    {
        $after = Gaussian::independent([10.0], [2.0])->seen([1.0], 14.0 - 10.0, 1.0);
        self::assertEqualsWithDelta((10 / 4 + 14 / 1) / (1 / 4 + 1 / 1), $after->mean[0], 1e-12);
        self::assertEqualsWithDelta(1 / sqrt(1 / 4 + 1 / 1), $after->sd(0), 1e-12);
    }

    public function testTheOrderOfReadingsDoesNotMatter(): void
    {
        mt_srand(11);
        for ($case = 0; $case < 50; ++$case) {
            $start = Gaussian::independent([self::some(), self::some(), self::some()], [1.0, 2.0, 0.5]);
            $readings = [];
            for ($i = 0; $i < 4; ++$i) {
                $readings[] = [[self::some(), self::some(), self::some()], self::some(), 0.2 + abs(self::some())];
            }
            $one = self::all($start, $readings);
            $other = self::all($start, array_reverse($readings));
            foreach ([0, 1, 2] as $figure) {
                self::assertEqualsWithDelta($one->mean[$figure], $other->mean[$figure], 1e-8);
                self::assertEqualsWithDelta($one->sd($figure), $other->sd($figure), 1e-8);
            }
        }
    }

    public function testAReadingNeverMakesAnythingLessSure(): void
    {
        mt_srand(12);
        $belief = Gaussian::independent([1.0, 1.0, 40.0], [0.05, 0.1, 3.0]);
        for ($reading = 0; $reading < 40; ++$reading) {
            $h = [self::some(), self::some(), self::some()];
            $after = $belief->seen($h, self::some(), abs(self::some()) + 0.01);
            foreach ([[1.0, 0.0, 0.0], [0.0, 1.0, 0.0], [0.0, 0.0, 1.0], [self::some(), self::some(), self::some()]] as $combination) {
                self::assertLessThanOrEqual($belief->variance($combination) + 1e-9, $after->variance($combination));
                self::assertGreaterThanOrEqual(0, $after->variance($combination));
            }
            $belief = $after;
        }
    }

    public function testWhatIsSeenTogetherHangsTogether(): void
    {
        $after = Gaussian::independent([1.0, 1.0], [0.1, 0.1])->seen([1.0, -1.0], 0.0, 1e-6);
        self::assertLessThan(1e-5, $after->variance([1.0, -1.0]), 'their difference is known');
        self::assertGreaterThan(0.005, $after->variance([1.0, 1.0]), 'their sum is not');
    }

    public function testGrowingAddsToTheMeanAndTheVarianceOfThatFigureAlone(): void
    {
        $after = Gaussian::independent([1.0, 5.0], [0.1, 0.2])->grown(1, 3.0, 0.05);
        self::assertSame([1.0, 8.0], $after->mean);
        self::assertEqualsWithDelta(sqrt(0.04 + 0.05), $after->sd(1), 1e-12);
        self::assertEqualsWithDelta(0.1, $after->sd(0), 1e-12);
    }

    /** @param list<array{list<float>, float, float}> $readings h, value, variance */
    private static function all(Gaussian $belief, array $readings): Gaussian
    {
        foreach ($readings as [$h, $value, $variance]) {
            $said = array_sum(array_map(static fn(float $a, float $b): float => $a * $b, $h, $belief->mean));
            $belief = $belief->seen($h, $value - $said, $variance);
        }

        return $belief;
    }

    private static function some(): float
    {
        return mt_rand(-1000, 1000) / 500;
    }
}
