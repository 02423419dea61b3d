<?php

declare(strict_types=1);

namespace Undro\Tests\Allocation;

use Eris\Generators;
use PHPUnit\Framework\TestCase;
use Undro\Allocation\Timeline;
use Undro\Statistics\RandomSource;
use Undro\Tests\Property;

/** One pair of hands, soaks beside the work. */
final class TimelineTest extends TestCase
{
    use Property;

    public function testHandsDoOneThingAtATimeAndNothingIsWoundBeforeItsSoakIsOver(): void
    {
        $this->limitTo(60)->forAll(Generators::choose(1, 100_000), Generators::choose(0, 12))->then(function (int $seed, int $count): void {
            $chance = new RandomSource($seed);
            $jobs = [];
            for ($i = 0; $i < $count; ++$i) {
                $jobs["job $i"] = [
                    'soak' => $chance->uniform() < 0.5 ? 30 * $chance->uniform() : 0.0,
                    'work' => 5 + 20 * $chance->uniform(),
                ];
            }
            $found = Timeline::of($jobs);
            $hands = array_values(array_filter($found['bars'], static fn(array $bar): bool => $bar['what'] !== 'soak'));
            foreach ($hands as $index => $bar) {
                self::assertGreaterThanOrEqual(($hands[$index - 1] ?? ['to' => 0.0])['to'] - 1e-9, $bar['from']);
            }
            self::assertEqualsCanonicalizing(array_keys($jobs), $found['order']);
            $soakEnds = array_column(array_filter($found['bars'], static fn(array $bar): bool => $bar['what'] === 'soak'), 'to', 'job');
            foreach ($found['bars'] as $bar) {
                if ($bar['what'] === 'work') {
                    self::assertGreaterThanOrEqual(($soakEnds[$bar['job']] ?? 0.0) - 1e-9, $bar['from']);
                }
            }
            // never longer than one after the other, soaks and all
            self::assertLessThanOrEqual(
                array_sum(array_column($jobs, 'soak')) + array_sum(array_column($jobs, 'work')) + 2 * $count
                    * Timeline::HANDLING_MIN + 1e-9,
                $found['total'],
            );
        });
    }

    public function testAllOldLineComesOffFirstAsOneBlock(): void
    {
        $found = Timeline::of([
            'one' => ['soak' => 8.0, 'work' => 10.0, 'strip' => 3.0],
            'two' => ['soak' => 0.0, 'work' => 12.0, 'strip' => 2.0],
            'three' => ['soak' => 8.0, 'work' => 5.0],
        ]);
        $what = array_column($found['bars'], 'what');
        self::assertSame(['strip', 'strip'], array_slice($what, 0, 2));
        self::assertNotContains('strip', array_slice($what, 2));
        self::assertEqualsWithDelta(5.0, $found['bars'][2]['from'], 1e-9, 'the soaks after it');
    }

    public function testFluorocarbonIsSoakedRightBeforeItIsWoundAndNeverLeftToWait(): void
    {
        $found = Timeline::of(['braid' => ['soak' => 0.0, 'work' => 12.0], 'fluoro' => ['soak' => 0.8, 'work' => 8.0]]);
        $bars = array_values(array_filter($found['bars'], static fn(array $bar): bool => $bar['job'] === 'fluoro'));
        self::assertSame(['hands', 'soak', 'work'], array_column($bars, 'what'));
        self::assertEqualsWithDelta($bars[1]['to'], $bars[2]['from'], 1e-9);
    }

    public function testSoaksRunWhileOthersAreWound(): void
    {
        $found = Timeline::of(['braid' => ['soak' => 0.0, 'work' => 12.0], 'nylon' => ['soak' => 10.0, 'work' => 8.0]]);
        self::assertSame(['braid', 'nylon'], $found['order']);
        self::assertEqualsWithDelta(1 + 13 + 9, $found['total'], 1e-9);
    }
}
