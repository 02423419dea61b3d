<?php

declare(strict_types=1);

namespace Undro\Tests\Upkeep;

use PHPUnit\Framework\TestCase;
use Undro\Tests\Property;
use Undro\Units\Length;
use Undro\Upkeep\Supply;

/** What a rack is enough for. */
final class SupplyTest extends TestCase
{
    use Property;

    public function testEachFillIsOnePieceWithItsKnots(): void
    {
        $supply = self::supply([100, 210, 40], 120);
        self::assertSame(3, $supply->times(Length::metres(97)));
        self::assertSame(2, $supply->times(Length::metres(98)));
        self::assertSame(0, $supply->times(Length::metres(208)));
        self::assertEqualsWithDelta([350, 210, 35], [$supply->left->inMetres(), $supply->longest->inMetres(), $supply->monthsLeft], 1e-9);
    }

    public function testItRunsOutByPaceOrWhereNoSpoolCouldBeFilledAgain(): void
    {
        self::assertFalse(self::supply([300], 120)->runningOut);
        self::assertTrue(self::supply([29], 120)->runningOut, 'under three months of use');
        self::assertTrue(self::supply([140], 120, [150])->runningOut, 'too short for the spool it is fished on');
        self::assertFalse(self::supply([140], 120, [150, 60])->runningOut, 'one of them could be');
        self::assertFalse(self::supply([], 0)->runningOut, 'nobody uses it');
        self::assertNull(self::supply([5], 0)->monthsLeft);
    }

    public function testBeforeASeasonOfUseNothingRunsOut(): void
    {
        $young = self::supply([29], 120, [150], 3.9);
        self::assertFalse($young->runningOut);
        self::assertNull($young->monthsLeft);
        // in half a year the pace is that of half a year
        self::assertEqualsWithDelta(3.0, self::supply([60], 120, [], 6)->monthsLeft, 1e-9);
        self::assertTrue(self::supply([140], 120, [150], 6)->runningOut);
    }

    /** One filler more is never enough for less. */
    public function testMoreIsNeverEnoughForLess(): void
    {
        $this->limitTo(40)->forAll(
            self::share(),
            self::share(),
            self::share(),
        )->then(static function (int $one, int $other, int $fill): void {
            $length = Length::metres(self::between(5, 300, $fill));
            $few = self::supply([self::between(0, 600, $one)], 50);
            $more = self::supply([self::between(0, 600, $one), self::between(0, 600, $other)], 50);
            self::assertGreaterThanOrEqual($few->times($length), $more->times($length));
            self::assertGreaterThanOrEqual($few->monthsLeft, $more->monthsLeft);
        });
    }

    /**
     * @param list<float|int> $fillers
     * @param list<float|int> $mains
     */
    private static function supply(array $fillers, float $used, array $mains = [], float $known = 24): Supply
    {
        $metres = static fn(float|int $each): Length => Length::metres($each);

        return Supply::of(array_map($metres, $fillers), Length::metres($used), array_map($metres, $mains), $known);
    }
}
