<?php

declare(strict_types=1);

namespace Undro\Tests\Lesson;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;
use Undro\DomainFault;
use Undro\Lesson\Lesson;
use Undro\Lesson\LessonId;
use Undro\Lesson\Move;
use Undro\Lesson\Seen;
use Undro\Lesson\Slip;
use Undro\Units\Diameter;
use Undro\Units\Force;

/** Lessons on made-up things: their truth is one, Undro plays them by what it is shown alone, and each mistake is named as it is made. */
final class LessonsTest extends TestCase
{
    private const SEEDS = 25;
    /** How many of them Undro brings to a good end at least: readings scatter, and a drag may turn out otherwise. */
    private const GOOD = ['gap' => 18, 'filler' => 25, 'mark' => 21, 'memory' => 25, 'drag' => 20, 'ease' => 20];

    /** @return iterable<string, array{LessonId}> */
    public static function lessons(): iterable
    {
        foreach (LessonId::cases() as $id) {
            yield $id->value => [$id];
        }
    }

    #[DataProvider('lessons')]
    public function testUndroPlaysThemWellByWhatItIsShown(LessonId $id): void
    {
        $good = 0;
        for ($seed = 1; $seed <= self::SEEDS; ++$seed) {
            $there = $id->after($seed, $id->after($seed, [])->asUndro());
            self::assertTrue($there->canBeLeft(), "seed $seed");
            self::assertSame([], $there->outcome()->slips, "seed $seed");
            $good += $there->outcome()->good() ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(self::GOOD[$id->value], $good);
    }

    #[DataProvider('lessons')]
    public function testTheSameSeedAndMovesAreAlwaysTheSameAndAnotherSeedIsAnother(LessonId $id): void
    {
        $moves = $id->after(7, [])->asUndro();
        self::assertEquals($id->after(7, $moves)->outcome(), $id->after(7, $moves)->outcome());
        $given = [];
        for ($seed = 1; $seed <= 8; ++$seed) {
            $given[serialize([$id->after($seed, [])->given(), $id->after($seed, $id->after($seed, [])->asUndro())->seen()])] = true;
        }
        self::assertGreaterThan(4, count($given));
    }

    #[DataProvider('lessons')]
    public function testWhateverIsPressedItStandsAndBadMovesAreRefused(LessonId $id): void
    {
        mt_srand(11);
        for ($seed = 1; $seed <= 12; ++$seed) {
            $moves = [];
            for ($i = 0; $i < 15; ++$i) {
                $can = $id->after($seed, $moves)->can();
                if ($can === []) {
                    break;
                }
                $choice = $can[mt_rand(0, count($can) - 1)];
                $moves[] = new Move($choice->do, $choice->unit === '' ? null : $choice->from + ($choice->to - $choice->from) * mt_rand() / mt_getrandmax());
            }
            $there = $id->after($seed, $moves);
            self::assertCount(count($moves), $there->seen());
            if ($there->canBeLeft()) {
                self::assertGreaterThanOrEqual(0, $there->outcome()->off);
                self::assertFinite($there->outcome()->off);
            }
            Compute::run('lesson', [
                'lesson' => $id->value,
                'seed' => $seed,
                'moves' => array_map(static fn(Move $each): array => ['do' => $each->do, 'amount' => $each->amount], $moves),
                'over' => $there->canBeLeft(),
            ]);
        }
        foreach ([['do' => 'dance'], ['do' => 'should', 'amount' => 50], ['do' => 'wind', 'amount' => -4], ['do' => 'back', 'amount' => 99]] as $bad) {
            try {
                Compute::run('lesson', ['lesson' => $id->value, 'seed' => 1, 'moves' => [$bad]]);
                self::fail("{$id->value} took {$bad['do']}");
            } catch (DomainFault $fault) {
                self::assertNotSame('', $fault->field);
            }
        }
    }

    public function testNothingIsJudgedBeforeAnythingWasDone(): void
    {
        foreach (LessonId::cases() as $id) {
            try {
                Compute::run('lesson', ['lesson' => $id->value, 'seed' => 1, 'over' => true]);
                self::fail($id->value);
            } catch (DomainFault $fault) {
                self::assertSame('over', $fault->field);
            }
        }
    }

    public function testABladeAskewReadsTooDeepAndIsNamed(): void
    {
        for ($seed = 1; $seed <= self::SEEDS; ++$seed) {
            $square = self::blade($seed, 'read');
            $askew = self::blade($seed, 'askew');
            self::assertGreaterThan($square + 0.25, $askew);
            self::assertSame([Slip::Askew], self::slips(LessonId::Gap->after($seed, [new Move('askew')])));
        }
        $once = LessonId::Gap->after(3, [new Move('read'), new Move('should', 7.9), new Move('lies', 1.0)])->outcome();
        self::assertSame([Slip::WrongGap, Slip::FewReadings], $once->slips);
        self::assertFalse($once->good());
    }

    public function testWoundAgainstTheRotorCountsAndLoopsAndTurnedOverItDoesNot(): void
    {
        for ($seed = 1; $seed <= self::SEEDS; ++$seed) {
            $right = LessonId::Filler->after($seed, [])->asUndro();
            $lies = array_values(array_filter(array_column($right, 'do'), static fn(string $do): bool => $do === 'up' || $do === 'down'));
            $wrong = end($lies) === 'up' ? 'down' : 'up';
            $against = [new Move('rotor'), new Move($wrong), new Move('circles'), new Move('wind', 20)];
            $there = LessonId::Filler->after($seed, $against);
            self::assertSame([Slip::Opposed], self::slips($there));
            self::assertGreaterThan(5, $there->outcome()->off);
            self::assertSame([Slip::Untested], $there->outcome()->slips);
            $turned = LessonId::Filler->after($seed, [...$against, new Move($wrong === 'up' ? 'down' : 'up'), new Move('wind', 20), new Move('slack')]);
            self::assertSame($there->outcome()->off, $turned->outcome()->off, 'what went on right adds nothing');
            $over = LessonId::Filler->after($seed, [...$right, new Move($wrong)]);
            self::assertContains(Slip::TurnedRight, self::slips($over));
            $blind = LessonId::Filler->after($seed, [new Move('up'), new Move('wind', 5), new Move('slack')]);
            self::assertContains(Slip::Blind, self::slips($blind));
            self::assertContains(Slip::TestedEarly, self::slips($blind));
        }
    }

    public function testLoosePastAndUnreadBackingIsNamedAndTurnsComeOffAgain(): void
    {
        for ($seed = 1; $seed <= 6; ++$seed) {
            $firm = LessonId::Mark->after($seed, [new Move('while')]);
            $loose = LessonId::Mark->after($seed, [new Move('loose')]);
            self::assertContains(Slip::Loose, self::slips($loose));
            $surface = static fn(Lesson $there): float => self::number($there->scene()->spool['surface'] ?? null);
            self::assertGreaterThan($surface($firm), $surface($loose), 'loose line takes more room');
            self::assertGreaterThan(0, $loose->scene()->slack['knots'] ?? 0);
            $back = LessonId::Mark->after($seed, [new Move('while'), new Move('back')]);
            self::assertLessThan($surface($firm), $surface($back));
            $far = LessonId::Mark->after($seed, array_fill(0, 8, new Move('while')));
            self::assertContains(Slip::Past, self::slips($far));
            self::assertContains(Slip::Blind, self::slips($far));
            self::assertSame([Slip::FewReadings], $far->outcome()->slips);
            self::assertFalse($far->outcome()->good());
        }
    }

    public function testEachLineIsToldByLookingAndEachGuessHasItsName(): void
    {
        for ($seed = 1; $seed <= self::SEEDS; ++$seed) {
            $right = array_column(LessonId::Memory->after($seed, [])->asUndro(), 'do');
            $said = array_values(array_intersect($right, ['turn_over', 'memory', 'expected', 'carry_on']));
            self::assertCount(4, $said);
            $blind = LessonId::Memory->after($seed, array_map(static fn(string $do): Move => new Move($do), $said));
            self::assertTrue($blind->outcome()->good(), 'a guess may be right');
            self::assertSame(array_fill(0, 4, Slip::Blind), self::slips($blind));
            $all = LessonId::Memory->after($seed, array_merge(...array_fill(0, 4, [new Move('slack'), new Move('senses'), new Move('turn_over')])));
            $wrong = count(array_filter($said, static fn(string $each): bool => $each !== 'turn_over'));
            self::assertSame((float) $wrong, $all->outcome()->off);
            self::assertSame(array_fill(0, $wrong, Slip::TurnedRight), self::slips($all));
        }
    }

    public function testTheDragLessonNamesWhatAHandDoesWrong(): void
    {
        $there = LessonId::Drag->after(5, [
            new Move('pull'), new Move('jerk'), new Move('zero'), new Move('turn', -0.5), new Move('pull'), new Move('zero'), new Move('past', 12), new Move('pull'),
        ]);
        self::assertEmpty(array_diff(['fast', 'not_zeroed', 'from_above', 'leap'], array_column(self::slips($there), 'value')));
        self::assertSame(2, $there->moves());
        self::assertSame([Slip::FewPulls], $there->outcome()->slips);
    }

    public function testLeftAloneItPullsHarderTightenedItIsNamedAndEasedItIsNearer(): void
    {
        $nearer = 0;
        for ($seed = 1; $seed <= self::SEEDS; ++$seed) {
            $alone = LessonId::Ease->after($seed, array_fill(0, 6, new Move('run')));
            $forces = [];
            for ($runs = 0; $runs <= 6; ++$runs) {
                $forces[] = self::force(LessonId::Ease->after($seed, array_fill(0, $runs, new Move('run'))));
            }
            $sorted = $forces;
            sort($sorted);
            self::assertSame($sorted, $forces, 'the smaller the spool, the harder it pulls');
            $eased = LessonId::Ease->after($seed, $alone->asUndro());
            $nearer += $eased->outcome()->off < $alone->outcome()->off ? 1 : 0;
            $tight = LessonId::Ease->after($seed, [new Move('run'), new Move('forth', 0.25)]);
            self::assertSame([Slip::Tightened], self::slips($tight));
            $free = LessonId::Ease->after($seed, [new Move('back', 3)]);
            self::assertSame(self::force($free) < 0.7 * 18 ? [Slip::TooFar] : [], self::slips($free));
        }
        self::assertGreaterThanOrEqual(self::SEEDS - 4, $nearer);
    }

    /** @return list<Slip> in the order they were made */
    private static function slips(Lesson $there): array
    {
        return array_merge(...array_map(static fn(Seen $each): array => $each->slips, $there->seen()));
    }

    private static function force(Lesson $there): float
    {
        return ($there->scene()->rod['force'] ?? Force::newtons(0))->inNewtons();
    }

    private static function number(?Diameter $surface): float
    {
        return $surface?->inMillimetres() ?? 0.0;
    }

    private static function blade(int $seed, string $do): float
    {
        return LessonId::Gap->after($seed, [new Move($do)])->scene()->spool['blade']?->inMillimetres() ?? 0.0;
    }
}
