<?php

declare(strict_types=1);

namespace Undro\Habit;

/** What to do about one question in one plan, and where it cannot follow the angler's habit, why. */
final readonly class Advice
{
    private function __construct(public Question $question, public string $words, public ?string $departs) {}

    /** What to do, as the angler does it anyway. */
    public static function of(Question $question, string $words): self
    {
        return new self($question, $words, null);
    }

    /**
     * What to do against the habit.
     *
     * @param string $why the habit cannot be kept here
     */
    public static function departing(Question $question, string $words, string $why): self
    {
        return new self($question, $words, $why);
    }
}
