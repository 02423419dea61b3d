<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\BadInput;
use Undro\Input\Input;

/** The calculators by name; the one way in for PHP, HTTP and the shell. */
final class Compute
{
    /** @var array<string, class-string<Calculator>> */
    private const CALCULATORS = [
        'fill' => FillCase::class,
        'full_level' => FullLevelCase::class,
        'twist' => TwistCase::class,
        'placings' => PlacingsCase::class,
        'twist_lab' => TwistLabCase::class,
        'run' => RunCase::class,
        'strip' => StripCase::class,
        'joins' => JoinsCase::class,
        'leader' => LeaderCase::class,
        'knot' => KnotCase::class,
        'practice' => PracticeCase::class,
        'lessons' => LessonsCase::class,
        'lesson' => LessonCase::class,
        'drag' => DragCase::class,
        'drag_next' => DragNextCase::class,
        'drag_steps' => DragStepsCase::class,
        'drag_practice' => DragPracticeCase::class,
        'strike' => StrikeCase::class,
        'strikes' => StrikesCase::class,
        'plan' => PlanCase::class,
        'ways' => WaysCase::class,
        'match' => MatchCase::class,
        'choose' => ChooseCase::class,
        'measure' => MeasureCase::class,
        'photo' => PhotoCase::class,
        'paper' => PaperCase::class,
        'schools' => SchoolsCase::class,
        'picture' => PictureCase::class,
        'learn' => LearnCase::class,
        'learnt' => LearntCase::class,
        'allocate' => AllocateCase::class,
        'upkeep' => UpkeepCase::class,
        'trouble' => TroubleCase::class,
        'day' => DayCase::class,
        'quantity' => QuantityCase::class,
        'stamp' => StampCase::class,
        'size' => SizeCase::class,
    ];

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::CALCULATORS);
    }

    /**
     * @param array<array-key, mixed> $case a decoded JSON object
     *
     * @return array<string, mixed>
     *
     * @throws \Undro\DomainFault
     */
    public static function run(string $name, array $case): array
    {
        $calculator = self::CALCULATORS[$name] ?? throw BadInput::unknownCalculator($name, self::names());

        return $calculator::compute(Input::of($case));
    }
}
