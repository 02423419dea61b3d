<?php

declare(strict_types=1);

namespace Undro\Tests\Run;

use PHPUnit\Framework\TestCase;
use Undro\Input\Input;
use Undro\Json\RunInput;
use Undro\Json\RunJson;
use Undro\Run\Ahead;
use Undro\Run\Course;
use Undro\Run\Mark;
use Undro\Run\MarkKind;
use Undro\Run\Standing;
use Undro\Run\Stop;

/** What a phone is given to go on with says what the run itself would have said. */
final class AheadTest extends TestCase
{
    private const CASE = [
        'case' => [
            'reel' => ['kind' => 'spinning', 'gear_ratio' => '5.2'],
            'spool' => ['ratings_text' => '0.25/200', 'lip_diameter_mm' => '46', 'traverse_mm' => '17', 'measured_with' => 'caliper'],
            'main' => ['material' => 'braid', 'size' => '0.16', 'length_m' => '120 m'],
            'backing' => ['material' => 'mono', 'size' => '0.30'],
            'open' => 'backing',
        ],
        'old_line_m' => 0,
        'pace_turns_per_min' => 60,
    ];

    public function testBetweenTwoPointsFiguresGoEvenly(): void
    {
        $course = self::course();
        $heard = $course->begin();
        $heard->hear(new Mark(MarkKind::Turns, turns: 12.0));
        $points = Ahead::of($course, $heard);
        $backing = array_values(array_filter($points, static fn(Ahead $each): bool => $each->layer === 0));
        self::assertCount(Ahead::POINTS + 1, $backing);
        self::assertSame(12.0, $backing[0]->turns);
        foreach ($backing as $index => $point) {
            $next = $backing[$index + 1] ?? null;
            if ($next !== null) {
                $middle = ($point->turns + $next->turns) / 2;
                $is = self::after($course, $middle)->progress;
                self::assertEqualsWithDelta($is->turnsLeft, ($point->standing->progress->turnsLeft + $next->standing->progress->turnsLeft) / 2, 0.1);
                self::assertEqualsWithDelta(
                    $is->wound[0]->inMetres(),
                    ($point->standing->progress->wound[0]->inMetres() + $next->standing->progress->wound[0]->inMetres()) / 2,
                    0.02,
                );
            }
        }
        // it goes past the stop, so that a stop that is passed is seen
        self::assertLessThan(0, $backing[Ahead::POINTS]->standing->progress->turnsLeft);
    }

    public function testTheNextLayerBeginsWhereThisOneStopsAtItsMark(): void
    {
        $course = self::course();
        $main = array_values(array_filter(Ahead::of($course, $course->begin()), static fn(Ahead $each): bool => $each->layer === 1));
        self::assertSame(0.0, $main[0]->turns);
        self::assertEqualsWithDelta(120.0, $main[0]->standing->progress->left->inMetres(), 1e-6);
        self::assertEqualsWithDelta($course->plan->fill->layers[0]->length->inMetres(), $main[0]->standing->progress->wound[0]->inMetres(), 0.2);
        self::assertEqualsWithDelta(0.0, $main[0]->standing->progress->finish?->inMillimetres() - $course->plan->fill->gap->inMillimetres(), 0.05);
    }

    public function testEveryStopAndEveryMoveOfTheSlackTestIsThere(): void
    {
        $course = self::course();
        $ahead = RunJson::ahead(Ahead::of($course, $course->begin()));
        foreach ($ahead['points'] as $point) {
            self::assertSame(array_column(Stop::cases(), 'value'), array_keys($point['stops']));
            self::assertNull($point['progress']['stop']);
        }
        $moves = array_map(static fn(array $each): string => json_encode([$each['feed'], $each['matched'], $each['last'], $each['loops']]), $ahead['slack']);
        self::assertSame($moves, array_values(array_unique($moves)));
        $first = array_values(array_filter($ahead['slack'], static fn(array $each): bool => $each['last'] === null && $each['feed'] === 'over_end'));
        self::assertSame(['test', 'test', 'test'], array_column($first, 'move'));
    }

    public function testWhatHasHappenedIsNotChangedByLookingAhead(): void
    {
        $course = self::course();
        $heard = $course->begin();
        $heard->hear(new Mark(MarkKind::Turns, turns: 12.0));
        $before = serialize($heard);
        Ahead::of($course, $heard);
        self::assertSame($before, serialize($heard));
    }

    private static function course(): Course
    {
        return RunInput::course(Input::of(self::CASE));
    }

    private static function after(Course $course, float $turns): Standing
    {
        return Standing::of($course, [new Mark(MarkKind::Turns, turns: $turns)]);
    }
}
