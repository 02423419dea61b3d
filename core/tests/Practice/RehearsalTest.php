<?php

declare(strict_types=1);

namespace Undro\Tests\Practice;

use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;

/** The beginner's mistakes at a made-up drag: each bends what is read as it does in the hand, and is named. */
final class RehearsalTest extends TestCase
{
    public function testEachMistakeIsNamedAndBendsTheReadingItsOwnWay(): void
    {
        for ($seed = 1; $seed <= 60; ++$seed) {
            $clean = self::at($seed, [['position' => 0.5], ['position' => 0.25]]);
            self::assertSame([], self::named($clean));

            $jerked = self::at($seed, [['position' => 0.5], ['position' => 0.25, 'fast' => true]]);
            self::assertSame(['fast'], self::named($jerked));
            self::assertNull($jerked['pulls'][1]['running_N']);
            self::assertGreaterThan(1.1 * $clean['pulls'][1]['start_up_N'], $jerked['pulls'][1]['start_up_N']);

            $carried = self::at($seed, [['position' => 0.5], ['position' => 0.25, 'zeroed' => false]]);
            self::assertSame(['not_zeroed'], self::named($carried));
            $rests = self::at($seed, [['position' => 0.5]])['rests_N'];
            self::assertGreaterThan(0, $rests);
            self::assertEqualsWithDelta($clean['pulls'][1]['running_N'] + $rests, $carried['pulls'][1]['running_N'], 1e-9);

            $down = self::at($seed, [['position' => 0.5], ['position' => 0.25, 'past' => false], ['position' => 0.25, 'past' => false]]);
            self::assertSame(['from_above'], self::named($down), 'the second pull there is as any other');
            self::assertGreaterThan(1.05 * $clean['pulls'][1]['running_N'], $down['pulls'][1]['running_N']);
        }
    }

    public function testALeapIsNamedAndOverWhatItBearsTheLineBreaks(): void
    {
        $broken = 0;
        for ($seed = 1; $seed <= 60; ++$seed) {
            $leapt = self::at($seed, [['position' => 0], ['position' => 12]]);
            $truth = self::at($seed, [['position' => 0], ['position' => 12]], true)['truth'];
            self::assertSame($truth['curve'][29]['running_N'] > 2 * $truth['curve'][0]['running_N'], in_array('leap', self::named($leapt), true));
            self::assertSame($truth['start_up_N'] >= $leapt['line_N'], $leapt['pulls'][1]['broke']);
            if ($leapt['pulls'][1]['broke']) {
                ++$broken;
                self::assertNull($leapt['pulls'][1]['start_up_N'], 'of a line that broke nothing is read');
            }
            self::assertEqualsWithDelta(4 * 18, $leapt['line_N'], 1e-9);
        }
        self::assertGreaterThan(10, $broken);
    }

    public function testLeftAfterTwoPullsIsNamedAndAfterThreeIsNot(): void
    {
        $two = array_fill(0, 2, ['position' => 0]);
        self::assertSame([], self::named(self::at(4, $two)));
        self::assertSame(['few_pulls'], self::named(self::at(4, $two, true)));
        self::assertSame([], self::named(self::at(4, [...$two, ['position' => 0]], true)));
        self::assertSame(['few_pulls'], self::named(self::at(4, [...$two, ['position' => 0], ['position' => 0.1]], true)));
    }

    /**
     * @param list<array<string, mixed>> $pulls
     *
     * @return array<string, mixed>
     */
    private static function at(int $seed, array $pulls, bool $over = false): array
    {
        return Compute::run('drag_practice', ['seed' => $seed, 'target_N' => 18, 'pulls' => $pulls, 'over' => $over]);
    }

    /**
     * @param array<string, mixed> $answer
     *
     * @return list<string>
     */
    private static function named(array $answer): array
    {
        return array_map(static fn(array $mistake): string => $mistake['id'], array_values($answer['mistakes']));
    }
}
