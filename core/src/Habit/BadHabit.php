<?php

declare(strict_types=1);

namespace Undro\Habit;

use Undro\DomainFault;

/** A habit there is no such question or school for. */
final class BadHabit extends DomainFault
{
    /** Names “schools”. */
    public static function noQuestion(string $question): self
    {
        return new self(
            'schools',
            sprintf(
                'There is no question "%s". There are: %s.',
                mb_substr($question, 0, 40),
                implode(', ', array_map(static fn(Question $each): string => $each->value, Question::cases())),
            ),
        );
    }

    /** @param list<string> $known */
    public static function noSchool(Question $question, string $school, array $known): self
    {
        return new self("schools.$question->value", sprintf('"%s" is not one of %s.', mb_substr($school, 0, 40), implode(', ', $known)));
    }
}
