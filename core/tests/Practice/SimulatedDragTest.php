<?php

declare(strict_types=1);

namespace Undro\Tests\Practice;

use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;
use Undro\Practice\SimulatedDrag;
use Undro\Units\Force;

final class SimulatedDragTest extends TestCase
{
    public function testEveryDragStartsUnderItsTargetGrowsAndStaysWhatItWas(): void
    {
        for ($seed = 1; $seed <= 200; ++$seed) {
            $drag = SimulatedDrag::drawn($seed, Force::newtons(20));
            self::assertGreaterThanOrEqual(5 - 1e-9, $drag->running(0)->inNewtons());
            self::assertLessThanOrEqual(20, $drag->running(0)->inNewtons());
            self::assertGreaterThan($drag->running(1)->inNewtons(), $drag->running(1.5)->inNewtons());
            self::assertEquals($drag->pull(1, 3), SimulatedDrag::drawn($seed, Force::newtons(20))->pull(1, 3));
            self::assertNotEquals($drag->pull(1, 3), $drag->pull(1, 4));
        }
    }

    public function testPractisingTellsNothingOfTheTruthBeforeItIsOver(): void
    {
        $case = ['seed' => 12, 'target_N' => '2 kg', 'pulls' => [['position' => 0], ['position' => '1/4'], ['position' => 0.25]]];
        $going = Compute::run('drag_practice', $case);
        self::assertNull($going['truth']);
        self::assertCount(3, $going['pulls']);
        $over = Compute::run('drag_practice', $case + ['over' => true]);
        self::assertSame($going['pulls'], $over['pulls']);
        self::assertSame(1, $over['truth']['moves']);
        self::assertGreaterThanOrEqual(3, $over['truth']['by_rule']['pulls']);
        self::assertEqualsWithDelta($over['truth']['stickiness'], $over['truth']['start_up_N'] / $over['truth']['running_N'], 1e-9);
        self::assertNull(Compute::run('drag_practice', ['seed' => 1, 'target_N' => 10, 'pulls' => [], 'over' => true])['truth']);
    }
}
