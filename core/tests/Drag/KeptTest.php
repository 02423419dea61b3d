<?php

declare(strict_types=1);

namespace Undro\Tests\Drag;

use PHPUnit\Framework\TestCase;
use Undro\Drag\BadDrag;
use Undro\Drag\Easing;
use Undro\Drag\Guides;
use Undro\Drag\Kept;
use Undro\Drag\Knob;
use Undro\Drag\Pull;
use Undro\Drag\Pulls;
use Undro\Tests\Property;
use Undro\Units\Force;

/** What a kept setting says later: how to have it again, what the guides add, how far to ease off. */
final class KeptTest extends TestCase
{
    use Property;

    public function testTheSameAsThenGoesByTheLawOfTodayAndNeverByAPlaceThatHasBecomeTooTight(): void
    {
        $this->forAll(self::share(), self::share())->then(function (int $a, int $b): void {
            $growth = self::between(0.3, 0.9, $a);
            $drift = self::between(0.5, 2.5, $b);
            $then = self::kept(3.0, static fn(float $turns): float => 5 * exp($growth * $turns));
            $now = self::kept(3.5, static fn(float $turns): float => $drift * 5 * exp($growth * $turns));
            [$position] = $then->again($now);
            $wanted = 5 * exp($growth * 3.0);
            if ($position !== null) {
                self::assertLessThanOrEqual(1.2 * $wanted, $drift * 5 * exp($growth * $position), 'the drag of today gives no more there');
            }
            if (abs($drift - 1) < 0.04) {
                self::assertSame(3.0, $position, 'unchanged it is the same place');
            }
        });
    }

    public function testWhatCannotBeComparedGoesByTheScaleOrItsOwnPlace(): void
    {
        $then = self::kept(3.0, static fn(float $turns): float => 5 * exp(0.5 * $turns));
        self::assertSame(3.0, $then->again()[0]);
        self::assertSame(3.0, $then->again(self::kept(2.0, static fn(): float => 30.0, tip: false))[0]);
        self::assertNull(self::kept(3.0, static fn(): float => 12.0, fromOff: false)->again()[0]);
    }

    public function testWhatTheGuidesAddIsMeasuredWhereBothWaysWere(): void
    {
        $law = static fn(float $turns): float => 5 * exp(0.5 * $turns);
        $reel = self::kept(3.0, $law, tip: false);
        $tip = self::kept(3.0, static fn(float $turns): float => 1.18 * $law($turns));
        self::assertNull(Guides::measured([$tip]));
        self::assertEqualsWithDelta(1.18, Guides::measured([$reel, $tip]) ?? 0, 0.02);
        self::assertNull(Guides::measured([$reel, self::kept(3.0, static fn(float $turns): float => 3 * $law($turns))]), 'no guides do that');
    }

    public function testEasedOffAsFarAsItSaysItGivesNoMoreThanWasWanted(): void
    {
        $this->forAll(self::share(), self::share(), self::share())->then(function (int $a, int $b, int $c): void {
            $growth = self::between(0.2, 0.9, $a);
            $share = self::between(0.3, 0.999, $b);
            $law = static fn(float $turns): float => 4 * exp($growth * $turns);
            $pulls = Pulls::of(array_map(
                static fn(float $at): Pull => Pull::of($at, Force::newtons($law($at))),
                [1.0, 1.5, 2.0, 3.0, 3.0, 3.0],
            ));
            $back = Easing::of(Knob::Turn, $pulls, $c % 2 === 0)?->back($share);
            if ($back !== null) {
                self::assertLessThanOrEqual(1.15 * $share * $law(3.0), $law(3.0 - $back), 'by the true law, to its uncertainty');
                self::assertLessThanOrEqual($c % 2 === 0 ? 3.0 : 99.0, $back, 'not past fully backed off');
                self::assertEqualsWithDelta(0, fmod(round($back * 8, 6), 1), 1e-6, 'eighths of a turn');
            }
        });
        $once = Pulls::of([Pull::of(2, Force::newtons(10)), Pull::of(2, Force::newtons(10.1))]);
        self::assertNull(Easing::of(Knob::Turn, $once, true), 'one place of the knob tells no law');
    }

    public function testAGaugeThatShowsOnlyItsPeakIsEnough(): void
    {
        $peaks = Pulls::of([Pull::of(1, null, Force::newtons(20)), Pull::of(1, null, Force::newtons(20.4)), Pull::of(1, null, Force::newtons(19.8))]);
        self::assertTrue($peaks->peaksOnly);
        self::assertFalse($peaks->sticky());
        self::assertEqualsWithDelta(20, $peaks->median->inNewtons(), 1e-9);
        self::assertTrue($peaks->meet(Force::newtons(20)));
        $mixed = Pulls::of([Pull::of(1, Force::newtons(15), Force::newtons(18)), Pull::of(1, null, Force::newtons(18))]);
        self::assertFalse($mixed->peaksOnly);
        self::assertEqualsWithDelta(15, $mixed->running->inNewtons(), 1e-9, 'a peak tells of the running force by what the others say');
        $this->expectException(BadDrag::class);
        Pull::of(1, null);
    }

    /** @param callable(float): float $law */
    private static function kept(float $at, callable $law, bool $tip = true, bool $fromOff = true): Kept
    {
        $pulls = array_map(
            static fn(float $turns): Pull => Pull::of($turns, Force::newtons($law($turns))),
            [$at - 1.5, $at - 1, $at - 0.5, $at, $at, $at],
        );

        return Kept::of(Knob::Turn, Pulls::of($pulls), $fromOff, $tip, '2026-05-01');
    }
}
