<?php

declare(strict_types=1);

namespace Undro\Tests\Device;

use PHPUnit\Framework\TestCase;
use Undro\Device\PullTrace;
use Undro\Statistics\RandomSource;

/** Pulls are read out of a stream as somebody at the scale would read them. */
final class PullTraceTest extends TestCase
{
    public function testAPullHasItsPeakAndWhatItSettlesAt(): void
    {
        foreach ([[12.0, 12.0], [18.0, 12.0], [25.0, 20.0]] as $seed => [$startUp, $running]) {
            $trace = new PullTrace();
            self::stream($trace, $startUp, $running, new RandomSource($seed + 1));
            self::assertSame(1, $trace->pulls());
            self::assertEqualsWithDelta($startUp, $trace->startUp() ?? 0, 0.05 * $startUp);
            self::assertEqualsWithDelta($running, $trace->running() ?? 0, 0.03 * $running);
            self::assertGreaterThanOrEqual($trace->running(), $trace->startUp());
        }
    }

    public function testASmoothDragIsReadWhereverItsHighestSampleLies(): void
    {
        for ($seed = 1; $seed <= 60; ++$seed) {
            $trace = new PullTrace();
            self::stream($trace, 10, 10, new RandomSource($seed));
            self::assertEqualsWithDelta(10, $trace->running() ?? 0, 0.15, "seed $seed");
        }
        $late = new PullTrace();
        foreach ([2, 5, 8, 10, 10, 10, 10, 10, 10, 10, 10, 10, 10, 10, 10.3, 10.3, 10.3, 0] as $newtons) {
            $late->sample($newtons);
        }
        self::assertEqualsWithDelta(10, $late->running() ?? 0, 0.01);
    }

    public function testOneStraySampleIsNoStartUp(): void
    {
        $trace = new PullTrace();
        foreach ([0, 4, 8, 12, 12, 40, 12, 12, 12, 12, 12, 12, 12, 12, 12, 0] as $newtons) {
            $trace->sample($newtons);
        }
        self::assertLessThan(15, $trace->startUp());
    }

    public function testAHeldNeedleAndAShortPullHaveNoRunningForce(): void
    {
        $held = new PullTrace();
        foreach ([0, 5, 12, 15, 15, 15, 15, 15, 15, 15, 15, 15, 15, 15] as $newtons) {
            $held->sample($newtons, $newtons > 0);
        }
        $held->sample(0);
        self::assertSame(1, $held->pulls());
        self::assertEqualsWithDelta(15, $held->startUp() ?? 0, 1e-9);
        self::assertNull($held->running());
        $short = new PullTrace();
        foreach ([0, 6, 12, 11, 0] as $newtons) {
            $short->sample($newtons);
        }
        self::assertSame(1, $short->pulls());
        self::assertNull($short->running());
    }

    public function testTheWeightOfTheHookIsNoPull(): void
    {
        $trace = new PullTrace();
        foreach ([0.1, 0.2, 0.3, 0.1, 0.4, 0] as $newtons) {
            $trace->sample($newtons);
        }
        self::assertSame(0, $trace->pulls());
        self::assertNull($trace->peak());
    }

    public function testPullsAreCountedOneAfterTheOther(): void
    {
        $trace = new PullTrace();
        foreach ([10.0, 11.0, 12.0] as $running) {
            self::stream($trace, 1.1 * $running, $running, new RandomSource(4));
        }
        self::assertSame(3, $trace->pulls());
        self::assertEqualsWithDelta(12, $trace->running() ?? 0, 0.4);
    }

    private static function stream(PullTrace $trace, float $startUp, float $running, RandomSource $chance): void
    {
        $shape = [0.2, 0.5, 0.8, 1.0, 1.0, 0.97];
        foreach ($shape as $share) {
            $trace->sample($share * $startUp * (1 + 0.008 * $chance->normal()));
        }
        for ($i = 0; $i < 16; ++$i) {
            $trace->sample($running * (1 + 0.008 * $chance->normal()));
        }
        $trace->sample(0.1);
    }
}
