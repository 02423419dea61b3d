<?php

declare(strict_types=1);

namespace Undro\Tests\Drag;

use PHPUnit\Framework\TestCase;
use Undro\Drag\BadDrag;
use Undro\Drag\Knob;
use Undro\Drag\NextMove;
use Undro\Drag\Pull;
use Undro\Drag\Pulls;
use Undro\Drag\State;
use Undro\Practice\DragTrial;
use Undro\Tests\Property;
use Undro\Units\Force;

final class NextMoveTest extends TestCase
{
    use Property;

    public function testOneReadingMovesAQuarterTurnOneClickOrOneNotchAndLessWhenClose(): void
    {
        self::assertEqualsWithDelta(2.25, self::after(20, Knob::Turn, [2, 6])->position ?? 0, 1e-9);
        self::assertEqualsWithDelta(8, self::after(20, Knob::Click, [7, 6])->position ?? 0, 1e-9);
        self::assertEqualsWithDelta(4, self::after(20, Knob::Notch, [3, 6])->position ?? 0, 1e-9);
        self::assertEqualsWithDelta(
            1.55,
            self::after(20, Knob::Turn, [1.33, 6])->position ?? 0,
            1e-9,
            'to the twentieth of a turn, from wherever it stood',
        );
        self::assertEqualsWithDelta(0, fmod(round(100 * (self::after(20, Knob::Turn, [1.33, 30])->position ?? 0.01)), 5), 1e-9);
        $close = self::after(20, Knob::Turn, [2, 18.7], [2, 18.7], [2, 18.7])->position ?? 0;
        self::assertGreaterThan(2, $close);
        self::assertLessThan(2.25, $close);
    }

    public function testFarOffOnePullIsEnoughToMoveAndNearOnlyThree(): void
    {
        self::assertSame(State::Move, self::after(20, Knob::Turn, [1, 16])->state);
        self::assertSame(State::PullAgain, self::after(20, Knob::Turn, [1, 17.5])->state);
        self::assertSame(State::PullAgain, self::after(20, Knob::Turn, [1, 17.5], [1, 17.6])->state);
        self::assertSame(State::Move, self::after(20, Knob::Turn, [1, 17.5], [1, 17.6], [1, 17.4])->state);
        self::assertLessThan(1, self::after(20, Knob::Turn, [1, 30])->position ?? 9, 'over the target it is eased off at once');
    }

    public function testThreePullsInsideTheBandAreAccepted(): void
    {
        self::assertSame(State::PullAgain, self::after(20, Knob::Turn, [1, 20], [1, 20.2])->state);
        $done = self::after(20, Knob::Turn, [1, 20], [1, 20.2], [1, 19.8]);
        self::assertSame(State::Accept, $done->state);
        self::assertFalse($done->pulls->scattered());
        self::assertSame(3, $done->pulls->here);
        self::assertStringContainsString('within 5 %', $done->why(Knob::Turn, Force::newtons(20))->text());
        // pulls at another place do not count as here
        self::assertSame(State::PullAgain, self::after(20, Knob::Turn, [1, 20], [1, 20], [1.05, 20])->state);
    }

    public function testScatteredPullsAreTakenAsTheyAreAfterSix(): void
    {
        $five = [[1, 18.5], [1, 21], [1, 20], [1, 19.9], [1, 20.1]];
        self::assertSame(State::PullAgain, self::after(20, Knob::Turn, ...$five)->state);
        $six = self::after(20, Knob::Turn, ...$five, ...[[1, 20.2]]);
        self::assertSame(State::Accept, $six->state);
        self::assertTrue($six->pulls->scattered());
        self::assertEqualsWithDelta(2.5 / 20.05, $six->pulls->spread, 1e-9);
        self::assertStringContainsString('scatter', $six->why(Knob::Turn, Force::newtons(20))->text());
    }

    public function testWhereItSticksTheStartUpHasToMeetTheTarget(): void
    {
        $sticky = self::after(20, Knob::Turn, [1, 15, 20], [1, 15.2, 20.1], [1, 14.8, 19.9]);
        self::assertTrue($sticky->pulls->sticky());
        self::assertSame(State::Accept, $sticky->state);
        self::assertEqualsWithDelta(20, $sticky->pulls->median->inNewtons(), 1e-9);
        self::assertEqualsWithDelta(15, $sticky->pulls->running->inNewtons(), 1e-9);
        $smooth = self::after(20, Knob::Turn, [1, 20, 24], [1, 20, 24], [1, 20, 24.5]);
        self::assertFalse($smooth->pulls->sticky());
        self::assertSame(State::Accept, $smooth->state);
        // a pull whose start-up was not read counts by what the others say
        self::assertEqualsWithDelta(20, self::after(20, Knob::Turn, [0.5, 9, 12], [1, 15])->pulls->median->inNewtons(), 1e-9);
    }

    public function testAMoveStaysInsideTheLimitsOnTheKnobsOwnStepsAndNeverAimsPastTheTarget(): void
    {
        $this->forAll(self::share(), self::share(), self::share())->then(function (int $a, int $b, int $c): void {
            $knob = Knob::cases()[$a % 3];
            $target = self::between(5, 60, $b);
            $growth = self::between(0.05, 0.9, $c) * ($knob === Knob::Turn ? 1 : 0.15);
            $from = $knob === Knob::Turn ? 2.0 : 6.0;
            $step = $knob->firstMove();
            $first = $target * self::between(0.2, 0.75, $a);
            $pulls = [[$from, $first], [$from + $step, $first * exp($growth * $step)]];
            $next = self::within(0.0, $from + 8 * $step, $target, $knob, ...$pulls);
            if ($next->position === null) {
                return;
            }
            self::assertGreaterThanOrEqual(0.0, $next->position);
            self::assertLessThanOrEqual($from + 8 * $step + 1e-9, $next->position);
            self::assertEqualsWithDelta(0, abs($next->position / $knob->resolution() - round($next->position / $knob->resolution())), 1e-6);
            $predicted = $next->predicted()?->inNewtons() ?? 999;
            self::assertLessThanOrEqual(1.05 * $target, $predicted);
            self::assertLessThanOrEqual(2.05 * max($pulls[1][1], $next->pulls->median->inNewtons()), $predicted);
        });
    }

    public function testItDoesNotMatterInWhatUnitForceIsReadOrWhereTheKnobIsCountedFrom(): void
    {
        $plain = self::after(20, Knob::Turn, [0, 8], [0.25, 9.1], [1, 13]);
        self::assertEqualsWithDelta(
            $plain->position ?? 0,
            self::after(200, Knob::Turn, [0, 80], [0.25, 91], [1, 130])->position ?? 9,
            1e-9,
        );
        self::assertEqualsWithDelta(
            ($plain->position ?? 0) + 3,
            self::after(20, Knob::Turn, [3, 8], [3.25, 9.1], [4, 13])->position ?? 9,
            1e-9,
        );
    }

    public function testAtItsStopAndStillUnderTheTargetIsOutOfReach(): void
    {
        $stuck = self::within(0, 7, 40, Knob::Notch, [6, 18], [7, 20]);
        self::assertTrue($stuck->outOfReach);
        self::assertNull($stuck->position);
        self::assertNotSame(State::Accept, $stuck->state);
        self::assertStringContainsString('Put the lever to free, turn the preset up a quarter turn, and bring the lever back', $stuck->why(Knob::Notch, Force::newtons(40))->text());
        $loose = self::within(0, 7, 10, Knob::Notch, [0, 18]);
        self::assertTrue($loose->outOfReach);
        self::assertStringContainsString('preset down', $loose->why(Knob::Notch, Force::newtons(10))->text());
        $turned = self::within(0, 7, 40, Knob::Turn, [6, 18], [7, 20]);
        self::assertStringContainsString('It can’t reach', $turned->why(Knob::Turn, Force::newtons(40))->text());
    }

    public function testACoarseKnobIsLeftAtItsNearestStepUnderTheTarget(): void
    {
        $pulls = [[4, 18.4], [5, 23], [4, 18.5], [4, 18.4], [4, 18.6]];
        $near = self::after(20, Knob::Notch, ...$pulls);
        self::assertTrue($near->asNearAsItGoes);
        self::assertSame(State::Accept, $near->state);
        self::assertStringContainsString('as close below', $near->why(Knob::Notch, Force::newtons(20))->text());
    }

    public function testMadeUpDragsAreSetInFewMovesAndHardlyEverPastTheTarget(): void
    {
        $drags = 120;
        $good = $fifth = $half = 0;
        for ($seed = 20_001; $seed <= 20_000 + $drags; ++$seed) {
            $trial = DragTrial::of($seed, Force::newtons(15));
            $good += $trial->accepted && $trial->moves <= 5 && abs($trial->left - 1) <= 0.1 ? 1 : 0;
            $fifth += $trial->worst > 1.2 ? 1 : 0;
            $half += $trial->worst > 1.5 ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(0.9 * $drags, $good);
        self::assertLessThanOrEqual(0.06 * $drags, $fifth);
        self::assertSame(0, $half);
    }

    public function testAPullThatCannotBeIsRefused(): void
    {
        foreach ([[0.0, null], [10.0, 5.0]] as [$running, $startUp]) {
            try {
                Pull::of(1, Force::newtons($running), $startUp === null ? null : Force::newtons($startUp));
                self::fail('taken');
            } catch (BadDrag $bad) {
                self::assertContains($bad->field, ['running_N', 'start_up_N']);
            }
        }
    }

    public function testAmountsOfAKnobAreSaidInWords(): void
    {
        self::assertSame('0.25 turn', Knob::Turn->many(0.25));
        self::assertSame('1.5 turns', Knob::Turn->many(-1.5));
        self::assertSame('3 notches', Knob::Notch->many(3));
        self::assertSame('1 click', Knob::Click->many(1));
    }

    /** @param array{0: int|float, 1: int|float, 2?: int|float} ...$pulls position, running and start-up */
    private static function after(float $target, Knob $knob, array ...$pulls): NextMove
    {
        return self::within(null, null, $target, $knob, ...$pulls);
    }

    /** @param array{0: int|float, 1: int|float, 2?: int|float} ...$pulls */
    private static function within(?float $least, ?float $most, float $target, Knob $knob, array ...$pulls): NextMove
    {
        $read = array_map(
            static fn(array $pull): Pull => Pull::of($pull[0], Force::newtons($pull[1]), isset($pull[2]) ? Force::newtons($pull[2]) : null),
            array_values($pulls),
        );
        self::assertNotSame([], $read);

        return NextMove::after(Force::newtons($target), $knob, Pulls::of($read), $least, $most);
    }
}
