<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Input;
use Undro\Lesson\LessonId;
use Undro\Lesson\Slip;

/** "lessons": the lessons there are. Beyond the contract. */
final class LessonsCase implements Calculator
{
    /** Question: nothing. Answer: the lessons in the order of the work, and what can go wrong in them in a word or two. */
    public static function compute(Input $in): array
    {
        return [
            'lessons' => array_map(static fn(LessonId $each): array => [
                'id' => $each->value,
                'title' => $each->title(),
                'about' => $each->about(),
                'minutes' => $each->minutes(),
            ], LessonId::cases()),
            'slips' => array_combine(
                array_column(Slip::cases(), 'value'),
                array_map(static fn(Slip $each): string => $each->word(), Slip::cases()),
            ),
        ];
    }
}
