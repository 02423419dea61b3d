<?php

declare(strict_types=1);

namespace Undro\Tests\Habit;

use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;
use Undro\DomainFault;
use Undro\Habit\Advice;
use Undro\Habit\Habits;
use Undro\Habit\Question;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Spool\ReelKind;
use Undro\Twist\Feed;
use Undro\Twist\Hold;
use Undro\Units\Diameter;

final class HabitsTest extends TestCase
{
    public function testEveryPickIsOneOfItsSchoolsAndEverySchoolIsFairlyPut(): void
    {
        foreach (Question::cases() as $question) {
            $ids = array_column($question->schools(), 'id');
            self::assertContains($question->pick()[0], $ids, $question->value);
            self::assertGreaterThan(1, count($ids));
            self::assertSame($ids, array_unique($ids));
            foreach ($question->schools() as $school) {
                self::assertNotSame('', $school->says);
                self::assertSame($school->words, Habits::of([$question->value => $school->id])->words($question));
            }
        }
        self::assertCount(count(Question::cases()), Compute::run('schools', [])['questions']);
    }

    public function testUnknownQuestionsAndSchoolsAreRefused(): void
    {
        foreach ([['weather' => 'rain'], ['soak' => 'tea']] as $schools) {
            try {
                Habits::of($schools);
                self::fail('It was taken.');
            } catch (DomainFault $fault) {
                self::assertStringStartsWith('schools', $fault->field);
            }
        }
    }

    public function testFluorocarbonSoaksForAMinuteOrCoolAndLong(): void
    {
        $seconds = static fn(Habits $habits): array => array_map($habits->soakSeconds(...), [Material::Mono, Material::Fluoro, Material::Braid]);
        self::assertSame([480, 50, 0], $seconds(Habits::of([])));
        self::assertSame([480, 600, 0], $seconds(Habits::of(['fluoro_soak' => 'cool'])));
        self::assertSame([0, 0, 0], $seconds(Habits::of(['fluoro_soak' => 'cool', 'soak' => 'none'])));
    }

    public function testABagAmongOtherSpoolsBrakesEveryFillerWithoutTwist(): void
    {
        foreach (ReelKind::cases() as $reel) {
            self::assertSame([Hold::Bag, Feed::Rotating], [
                $hold = Habits::of(['filler_hold' => 'bag'])->hold($reel),
                $hold->feed(),
            ]);
            self::assertSame(Hold::Bucket, Habits::of(['filler_hold' => 'bag', 'tension' => 'water'])->hold($reel));
        }
    }

    public function testHabitsThatCannotBeKeptAreLeftAndSaid(): void
    {
        $departs = static function (Habits $habits, ReelKind $reel, Material $material, float $mm): array {
            $advice = $habits->winding($reel, Line::of($material, Diameter::millimetres($mm)));

            return array_values(
                array_map(
                    static fn(Advice $each): Question => $each->question,
                    array_filter($advice, static fn(Advice $each): bool => $each->departs !== null),
                ),
            );
        };
        self::assertSame([], $departs(Habits::of([]), ReelKind::Baitcasting, Material::Braid, 0.3));
        self::assertSame(
            [Question::FillerHold],
            $departs(Habits::of(['filler_hold' => 'flat']), ReelKind::Baitcasting, Material::Mono, 0.3),
        );
        self::assertSame([], $departs(Habits::of(['filler_hold' => 'flat']), ReelKind::Spinning, Material::Mono, 0.3));
        self::assertSame(
            [Question::Tension],
            $departs(Habits::of(['tension' => 'fingers']), ReelKind::Spinning, Material::Braid, 0.3),
            'braid cuts skin',
        );
        self::assertSame([Question::Soak], $departs(Habits::of(['soak' => 'after']), ReelKind::Spinning, Material::Braid, 0.16));
    }

    /** Each question of winding that a reel raises is answered once; what braid or a reel rules out is said, and the rest differs by school. */
    public function testEverySchoolOfWindingGivesItsOwnAdviceForEveryReelAndLine(): void
    {
        foreach ([Question::Soak, Question::Tension, Question::Guides, Question::FillerHold, Question::FillerWay] as $question) {
            foreach (ReelKind::cases() as $reel) {
                foreach (Material::cases() as $material) {
                    $words = [];
                    foreach ($question->schools() as $school) {
                        $advice = Habits::of([$question->value => $school->id])->winding($reel, Line::of($material, Diameter::millimetres(0.3)));
                        $answers = array_values(array_filter($advice, static fn(Advice $each): bool => $each->question === $question));
                        // line comes off the top of a filler for a baitcaster: how it would lie flat is no question
                        self::assertCount($question === Question::FillerWay && $reel === ReelKind::Baitcasting ? 0 : 1, $answers);
                        if ($answers !== [] && $answers[0]->departs === null) {
                            $words[$school->id] = $answers[0]->words;
                        }
                    }
                    // the pick leaves it to the line or the reel, and comes to what one of the others says
                    unset($words[$question->pick()[0]]);
                    $braid = $question === Question::Soak && $material === Material::Braid;
                    self::assertCount($braid ? min(1, count($words)) : count($words), array_unique($words), "$question->value, $reel->value, $material->value");
                }
            }
        }
    }

    public function testTheHabitOfFullReplacesTheBaseAndTheReasonsStillAddUp(): void
    {
        $case = [
            'reel' => 'spinning',
            'lip' => 'bevelled',
            'bevel_depth_mm' => 2.0,
            'material' => 'mono',
            'diameter_mm' => 0.35,
            'lay' => 'normal',
        ];
        foreach ([
            'rule' => 2.0,
            'bevel' => 2.0,
            'two_mm' => 1.75,
            'sixteenth' => 1.5875,
            'eighth' => 3.175,
            'brim' => 0.0,
        ] as $means => $base) {
            $level = Compute::run('full_level', $case + ['means' => $means]);
            self::assertEqualsWithDelta($base, $level['reasons'][0]['mm'], 1e-9, $means);
            self::assertEqualsWithDelta(array_sum(array_column($level['reasons'], 'mm')), $level['gap_mm'], 1e-9);
        }
        self::assertSame(
            0.75,
            Compute::run('full_level', ['material' => 'braid', 'diameter_mm' => 0.2, 'means' => 'brim'] + $case)['gap_mm'],
            'the brim is lifted to the floor',
        );
    }
}
