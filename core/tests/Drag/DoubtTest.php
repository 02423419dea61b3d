<?php

declare(strict_types=1);

namespace Undro\Tests\Drag;

use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;
use Undro\Practice\SimulatedDrag;
use Undro\Tests\Property;
use Undro\Units\Force;

/** Pulls that hardly can be are asked about; those that can are left alone. */
final class DoubtTest extends TestCase
{
    use Property;

    public function testASlippedPointIsAskedAboutAndOfferedWhereItFits(): void
    {
        $next = self::next([[1, 10.2], [1.25, 12.1], [1.5, 140]]);
        self::assertSame(2, $next['doubt']['pull']);
        self::assertEqualsWithDelta(14, $next['doubt']['offered']['running_N'], 1e-9);
        self::assertStringContainsString('typing mistake', $next['doubt']['says']['text']);
        self::assertNull(self::next([[1, 10.2], [1.25, 12.1], [1.5, 14]])['doubt'], 'put right nothing is asked');
        self::assertNull(self::next([[1, 10.2], [1.25, 12.1], [1.5, 140, null, true]])['doubt'], 'what stands is not asked again');
    }

    public function testTheFirstOneIsTheWrongOneWhereTheOthersAgree(): void
    {
        $next = self::next([[1, 95], [1, 10.1], [1.1, 11], [1.1, 11.1]]);
        self::assertSame(0, $next['doubt']['pull']);
        self::assertEqualsWithDelta(9.5, $next['doubt']['offered']['running_N'], 1e-9);
    }

    public function testMoreThanTheWeakestLinkBearsIsAskedAboutAtOnce(): void
    {
        $next = self::next([[1, 90]], ['weakest_N' => 60]);
        self::assertSame(0, $next['doubt']['pull']);
        self::assertEqualsWithDelta(9, $next['doubt']['offered']['running_N'], 1e-9);
        self::assertStringContainsString('It would have broken', $next['doubt']['says']['text']);
        self::assertNull(self::next([[1, 59]], ['weakest_N' => 60])['doubt']);
    }

    public function testAStartUpOfAnotherScaleThanItsRunningForceIsAskedAbout(): void
    {
        $next = self::next([[1, 10, 115]]);
        self::assertEqualsWithDelta(11.5, $next['doubt']['offered']['start_up_N'], 1e-9);
        self::assertEqualsWithDelta(10, $next['doubt']['offered']['running_N'], 1e-9);
        self::assertNull(self::next([[1, 10, 19]])['doubt'], 'drags that stick as much are real');
    }

    public function testWhatADragReallyGivesIsHardlyEverAskedAbout(): void
    {
        $asked = 0;
        $count = 0;
        for ($seed = 1; $seed <= 40; ++$seed) {
            $drag = SimulatedDrag::drawn($seed, Force::newtons(18));
            $pulls = [];
            foreach ([0.0, 0.25, 0.6, 0.6, 0.9, 0.9] as $number => $turns) {
                $pull = $drag->pull($turns, $number);
                $pulls[] = [$turns, $pull->running?->inNewtons() ?? 0.0, $pull->startUp?->inNewtons()];
                ++$count;
                $asked += self::next($pulls)['doubt'] === null ? 0 : 1;
            }
        }
        self::assertLessThanOrEqual(0.01 * $count, $asked, "$asked of $count sound pulls were asked about");
    }

    /**
     * @param list<array{0: float|int, 1: float|int|null, 2?: float|int|null, 3?: bool}> $pulls
     * @param array<string, mixed>                                                      $more
     *
     * @return array<string, mixed>
     */
    private static function next(array $pulls, array $more = []): array
    {
        return Compute::run('drag_next', $more + ['target_N' => 18, 'knob' => 'turn', 'pulls' => array_map(static fn(array $pull): array => [
            'position' => $pull[0], 'running_N' => $pull[1], 'start_up_N' => $pull[2] ?? null, 'sure' => $pull[3] ?? false,
        ], $pulls)]);
    }
}
