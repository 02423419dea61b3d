<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Habit\Question;
use Undro\Habit\School;
use Undro\Input\Input;

/** "schools": the disputed questions, their schools, and what Undro picks and why. Asks nothing. */
final class SchoolsCase implements Calculator
{
    /**
     * Question and answer: handbook, chapter 7, "schools".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        return ['questions' => array_map(static fn(Question $question): array => [
            'id' => $question->value,
            'words' => $question->words(),
            'drives' => $question->drives(),
            'pick' => $question->pick()[0],
            'why' => $question->pick()[1],
            'schools' => array_map(
                static fn(School $school): array => ['id' => $school->id, 'words' => $school->words, 'says' => $school->says],
                $question->schools(),
            ),
        ], Question::cases())];
    }
}
