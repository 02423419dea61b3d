<?php

declare(strict_types=1);

namespace Undro\Tests\Statistics;

use Eris\Generators;
use PHPUnit\Framework\TestCase;
use Undro\Statistics\Gaussian;
use Undro\Statistics\Precision;
use Undro\Statistics\RandomSource;
use Undro\Tests\Property;

/** Knowledge added up and turned round is the same as knowledge taken in reading by reading. */
final class PrecisionTest extends TestCase
{
    use Property;

    public function testItIsTheInverse(): void
    {
        self::assertSame([], Precision::covariance([]));
        self::assertEqualsWithDelta([[0.25]], Precision::covariance([[4.0]]), 1e-12);
        self::assertEqualsWithDelta([[2 / 3, -1 / 3], [-1 / 3, 2 / 3]], Precision::covariance([[2.0, 1.0], [1.0, 2.0]]), 1e-12);
    }

    public function testReadingsAddUpToWhatTheyTeachOneByOne(): void
    {
        $this->limitTo(40)->forAll(
            Generators::choose(1, 100_000),
            Generators::choose(1, 7),
            Generators::choose(0, 9),
        )->then(static function (int $seed, int $figures, int $readings): void {
            $chance = new RandomSource($seed);
            $sd = array_map(static fn(): float => 0.02 + 0.2 * $chance->uniform(), range(1, $figures));
            $belief = Gaussian::independent(array_fill(0, $figures, 1.0), $sd);
            $precision = [];
            foreach ($sd as $i => $each) {
                $precision[$i] = array_fill(0, $figures, 0.0);
                $precision[$i][$i] = 1 / $each ** 2;
            }
            for ($reading = 0; $reading < $readings; ++$reading) {
                $h = array_map(static fn(): float => $chance->normal(), range(1, $figures));
                $variance = 0.01 + 0.1 * $chance->uniform();
                $belief = $belief->seen($h, 0.0, $variance);
                foreach ($h as $i => $one) {
                    foreach ($h as $j => $other) {
                        $precision[$i][$j] += $one * $other / $variance;
                    }
                }
            }
            $covariance = Precision::covariance(array_values(array_map(array_values(...), $precision)));
            self::assertEqualsWithDelta($belief->covariance, $covariance, 1e-9);
            foreach ($covariance as $i => $row) {
                foreach ($row as $j => $each) {
                    self::assertEqualsWithDelta($each, $covariance[$j][$i], 1e-12);
                }
            }
        });
    }
}
