<?php

declare(strict_types=1);

namespace Undro\Tests\Run;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Undro\Fill\Layer;
use Undro\Fill\Role;
use Undro\Habit\Advice;
use Undro\Habit\Habits;
use Undro\Habit\Question;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Run\BadRun;
use Undro\Run\Mark;
use Undro\Run\MarkKind;
use Undro\Run\Run;
use Undro\Run\Setting;
use Undro\Run\Step;
use Undro\Run\Steps;
use Undro\Run\StepState;
use Undro\Run\Stop;
use Undro\Spool\ReelKind;
use Undro\Twist\Feed;
use Undro\Twist\Hold;
use Undro\Twist\Sense;
use Undro\Twist\Slack;
use Undro\Units\Diameter;
use Undro\Units\Length;

final class RunTest extends TestCase
{
    /** @param list<string> $expected */
    #[DataProvider('settings')]
    public function testOnlyTheStepsThatApply(Setting $setting, array $expected): void
    {
        self::assertSame($expected, array_map(static fn($step): string => $step->id(), Steps::for($setting)));
    }

    /** @return iterable<string, array{Setting, list<string>}> */
    public static function settings(): iterable
    {
        yield 'spinning, two lines, braid on nylon' => [
            self::setting(),
            [
                'check',
                'look_over',
                'soak.0',
                'mount',
                'place.0',
                'tie.0',
                'first_turns.0',
                'slack_test.0',
                'wind.0',
                'place.1',
                'join.1',
                'slack_test.1',
                'wind.1',
                'level',
                'cut',
                'drag',
                'hook_knot',
                'label',
                'first_outing',
            ],
        ];
        yield 'baitcasting: no slack test, old line off, a leader' => [
            new Setting(
                ReelKind::Baitcasting,
                [Layer::of(Role::Main, self::line(Material::Fluoro), Length::metres(100))],
                Habits::of([]),
                Length::metres(80),
                leader: true,
            ),
            [
                'check',
                'strip',
                'look_over',
                'mount',
                'soak.0',
                'place.0',
                'tie.0',
                'first_turns.0',
                'wind.0',
                'level',
                'cut',
                'drag',
                'leader',
                'hook_knot',
                'label',
                'first_outing',
            ],
        ];
        yield 'spincast, an axle and a soak afterwards by habit' => [
            new Setting(
                ReelKind::Spincast,
                [Layer::of(Role::Main, self::line(Material::Mono), Length::metres(60))],
                Habits::of(['filler_hold' => 'axle', 'soak' => 'after']),
                Length::metres(0),
            ),
            [
                'check',
                'look_over',
                'mount',
                'place.0',
                'tie.0',
                'first_turns.0',
                'wind.0',
                'level',
                'cut',
                'soak_after',
                'drag',
                'hook_knot',
                'label',
                'first_outing',
            ],
        ];
    }

    public function testHowTheFillerIsHeldHowItLiesAndWhatIsLaidOutAgree(): void
    {
        foreach (ReelKind::cases() as $reel) {
            foreach (Question::Tension->schools() as $tension) {
                foreach (Question::FillerHold->schools() as $hold) {
                    $setting = self::setting($reel, ['tension' => $tension->id, 'filler_hold' => $hold->id]);
                    $said = [];
                    foreach (Steps::for($setting) as $step) {
                        $said[$step->id()] = $step->do->text();
                    }
                    $turns = $setting->feed() === Feed::Rotating;
                    self::assertSame($setting->hold()->feed(), $setting->feed());
                    self::assertSame(!$turns, str_contains($said['place.1'], 'flat on the floor'), "$reel->value, $tension->id, $hold->id");
                    self::assertSame(!$turns, isset($said['slack_test.1']), 'slack says nothing of a filler that turns');
                    self::assertStringContainsString($setting->hold()->needs(), $said['check']);
                    foreach (Hold::cases() as $other) {
                        if ($other !== $setting->hold()) {
                            self::assertStringNotContainsString($other->needs(), $said['check']);
                        }
                    }
                    self::assertSame($tension->id === 'book', str_contains($said['check'], 'a heavy book'));
                    $advice = implode(' ', array_map(
                        static fn(Advice $each): string => $each->words,
                        $setting->habits->winding($reel, self::line(Material::Mono)),
                    ));
                    self::assertSame(!$turns, str_contains($advice, 'flat on the floor'), 'the plan says the same');
                }
            }
        }
    }

    public function testEachSoakEndsAtItsOwnJoinAndNothingIsLiftedOutToWait(): void
    {
        $ids = static fn(Material $backing, Material $main): array => array_map(
            static fn(Step $step): string => $step->id(),
            Steps::for(new Setting(
                ReelKind::Spinning,
                [Layer::open(Role::Backing, self::line($backing)), Layer::of(Role::Main, self::line($main), Length::metres(100))],
                Habits::of([]),
                Length::metres(0),
            )),
        );
        foreach ([Material::Mono, Material::Hybrid, Material::Fluoro] as $main) {
            $steps = $ids(Material::Mono, $main);
            $at = array_flip($steps);
            self::assertSame($at['soak.1'] + 1, $at['place.1']);
            self::assertGreaterThan($at['wind.0'], $at['soak.1']);
            self::assertSame($at['soak.0'] + 1, $at['mount'], 'nylon backing soaks while the reel is mounted');
        }
    }

    public function testReelsDifferInWhatTheStepsSay(): void
    {
        $said = [];
        foreach (ReelKind::cases() as $reel) {
            foreach (Steps::for(self::setting($reel)) as $step) {
                $said[$step->id()][$reel->value] = $step->do->text();
            }
        }
        foreach (['mount', 'place.0', 'tie.0', 'join.1'] as $id) {
            self::assertCount(3, array_unique($said[$id]), "$id differs for each kind of reel");
        }
        self::assertStringContainsString('nose cone', $said['mount']['spincast']);
        self::assertStringContainsString('bail', $said['mount']['spinning']);
        self::assertStringContainsString('level-wind', $said['join.1']['baitcasting']);
    }

    public function testCautionsStandWhereSomebodyCanBeHurtAndNowhereElse(): void
    {
        $setting = new Setting(ReelKind::Spinning, self::setting()->layers, Habits::of([]), Length::metres(100), leader: true);
        $cautioned = array_filter(Steps::for($setting), static fn(Step $step): bool => $step->caution !== null);
        self::assertSame(
            ['check', 'strip', 'soak.0', 'join.1', 'wind.1', 'drag', 'leader', 'hook_knot'],
            array_values(array_map(static fn(Step $step): string => $step->id(), $cautioned)),
        );
    }

    public function testStepsAreDoneSkippedAndGoneBackTo(): void
    {
        $run = self::after([self::done('check'), new Mark(MarkKind::Skipped, step: 'look_over')]);
        self::assertSame('soak.0', $run->current);
        self::assertSame(StepState::Skipped, $run->states['look_over']);
        $back = self::after(
            [
                self::done('check'),
                new Mark(MarkKind::Skipped, step: 'look_over'),
                new Mark(MarkKind::Back, step: 'check'),
                self::done('check'),
            ],
        );
        self::assertSame('soak.0', $back->current, 'what is done stays done');
    }

    public function testGoingBackNeverUnwinds(): void
    {
        $marks = [
            ...self::upTo('wind.0'),
            self::turns(200),
            self::done('wind.0'),
            self::done('place.1'),
            self::done('join.1'),
            self::turns(30),
            new Mark(MarkKind::Back, step: 'wind.0'),
        ];
        $run = self::after($marks);
        self::assertSame(1, $run->layer);
        self::assertEqualsWithDelta(230, array_sum(array_map(static fn($each): float => $each->turns, $run->stretches)), 1e-9);
    }

    public function testATapTakenBackIsTakenBack(): void
    {
        $run = self::after([...self::upTo('wind.0'), self::turns(3), self::turns(-1), self::turns(-10)]);
        self::assertEqualsWithDelta(0, $run->turns(), 1e-9, 'never below none');
    }

    public function testACounterLostInMidRunLeavesTheRestToTheTurns(): void
    {
        $run = self::after(
            [
                ...self::upTo('wind.0'),
                new Mark(MarkKind::CounterJoined),
                self::turns(10),
                new Mark(MarkKind::Counted, metres: Length::metres(6)),
                new Mark(MarkKind::CounterLost),
                self::turns(15),
            ],
        );
        self::assertCount(2, $run->stretches);
        self::assertEqualsWithDelta(6, $run->stretches[0]->counted?->inMetres(), 1e-9);
        self::assertNull($run->stretches[1]->counted);
        self::assertFalse($run->counter);
        self::assertEqualsWithDelta(25, $run->turns(), 1e-9);
    }

    public function testSnappedWithLittleOnTheLayerIsBegunAnewAndNothingOfItCounts(): void
    {
        $marks = [
            ...self::upTo('wind.0'),
            self::turns(12),
            new Mark(MarkKind::Stopped, stop: Stop::Snapped),
            new Mark(MarkKind::Again),
        ];
        $run = self::after($marks);
        self::assertSame('tie.0', $run->current, 'not the soak, nor how the filler lies');
        self::assertSame([], $run->stretches);
        self::assertSame([], $run->stops);
        self::assertEqualsWithDelta(8, self::after([...$marks, self::turns(8)])->turns(), 1e-9);
        self::assertSame('place.0', self::after([...$marks, new Mark(MarkKind::Back, step: 'place.0')])->current);
    }

    public function testWhatIsSaidClosesWhatWasCountedAndOnlyTurnsAfterItMayBePutRight(): void
    {
        $marks = [...self::upTo('wind.0'), self::turns(40), new Mark(MarkKind::Said, metres: Length::metres(20))];
        self::assertEqualsWithDelta(0, self::after($marks)->turnsOpen(), 1e-9);
        $run = self::after([...$marks, self::turns(15), self::turns(-20)]);
        self::assertEqualsWithDelta(40, $run->turns(), 1e-9);
        self::assertEqualsWithDelta(20, $run->stretches[0]->said?->metres->inMetres(), 1e-9);
        $this->expectExceptionMessage('how much of this line');
        self::after([...$marks, new Mark(MarkKind::Said)]);
    }

    public function testDepthsThatCannotBeOfOneLevelAreRefused(): void
    {
        $this->expectException(BadRun::class);
        $this->expectExceptionMessage('1.4 mm apart');
        self::after([...self::upTo('wind.0'), new Mark(MarkKind::Depth, depths: [Length::millimetres(5.0), Length::millimetres(6.4)])]);
    }

    public function testASoakGoesOnWhileOtherStepsAreDone(): void
    {
        $setting = new Setting(
            ReelKind::Spinning,
            [Layer::of(Role::Main, self::line(Material::Fluoro), Length::metres(100))],
            Habits::of([]),
            Length::metres(0),
        );
        $run = Run::of(
            $setting,
            [
                self::done('check'),
                self::done('look_over'),
                new Mark(MarkKind::SoakStarted, '2026-05-01T10:00:00Z', 'soak.0'),
                self::done('soak.0'),
                self::done('mount'),
            ],
        );
        self::assertSame(['soak.0' => '2026-05-01T10:00:00Z'], $run->soaks);
        self::assertSame('place.0', $run->current);
    }

    public function testWhatIsSaidOfAFillersPlaceAddsUpWhateverOrderItComesIn(): void
    {
        $marks = [
            new Mark(MarkKind::Placed, step: 'place.0', rotor: Sense::Clockwise),
            new Mark(MarkKind::Placed, step: 'place.0', filler: Sense::CounterClockwise),
            new Mark(MarkKind::Placed, step: 'place.0', feed: Feed::OverEnd),
        ];
        foreach ([$marks, array_reverse($marks)] as $order) {
            $placed = self::after([...self::upTo('place.0'), ...$order])->placed[0];
            self::assertSame([Sense::Clockwise, Sense::CounterClockwise, Feed::OverEnd], [$placed->rotor, $placed->filler, $placed->feed]);
        }
        $turned = self::after(
            [...self::upTo('place.0'), ...$marks, new Mark(MarkKind::Placed, step: 'place.0', filler: Sense::Clockwise)],
        )->placed[0];
        self::assertSame(Sense::Clockwise, $turned->filler);
        self::assertArrayNotHasKey(1, self::after([...self::upTo('place.0'), ...$marks])->placed);
    }

    public function testSlackTestsAreKeptByLayer(): void
    {
        $run = self::after(
            [
                ...self::upTo('slack_test.0'),
                new Mark(MarkKind::Slack, slack: Slack::Loops),
                new Mark(MarkKind::Slack, slack: Slack::Straight),
            ],
        );
        self::assertSame([0 => [Slack::Loops, Slack::Straight]], $run->slack);
    }

    public function testAfterTheEndNothingHappens(): void
    {
        $this->expectException(BadRun::class);
        self::after([new Mark(MarkKind::Left), self::turns(1)]);
    }

    public function testAnUnknownStepIsNamed(): void
    {
        $this->expectExceptionMessage("'polish'");
        self::after([self::done('polish')]);
    }

    /** @param array<string, string> $habits */
    private static function setting(ReelKind $reel = ReelKind::Spinning, array $habits = []): Setting
    {
        return new Setting(
            $reel,
            [
                Layer::open(Role::Backing, self::line(Material::Mono)),
                Layer::of(Role::Main, self::line(Material::Braid), Length::metres(150)),
            ],
            Habits::of($habits),
            Length::metres(0),
        );
    }

    private static function line(Material $material): Line
    {
        return Line::of($material, Diameter::millimetres(0.2));
    }

    /** @param list<Mark> $marks */
    private static function after(array $marks): Run
    {
        return Run::of(self::setting(), $marks);
    }

    private static function done(string $step): Mark
    {
        return new Mark(MarkKind::Done, step: $step);
    }

    private static function turns(float $by): Mark
    {
        return new Mark(MarkKind::Turns, turns: $by);
    }

    /** @return list<Mark> everything before a step done */
    private static function upTo(string $until): array
    {
        $marks = [];
        foreach (Steps::for(self::setting()) as $step) {
            if ($step->id() === $until) {
                break;
            }
            $marks[] = self::done($step->id());
        }

        return $marks;
    }
}
