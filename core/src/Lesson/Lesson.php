<?php

declare(strict_types=1);

namespace Undro\Lesson;

use Undro\Units\Sentence;

/**
 * A lesson on something made-up, whose truth is drawn by a seed and stated when it is over. It stands where the moves made so far have
 * brought it; the same seed and moves are always the same. What Undro would do is a row of moves at the same thing.
 */
interface Lesson
{
    /**
     * @param list<Move> $moves in their order
     *
     * @throws BadLesson if one of them cannot be made
     */
    public static function of(int $seed, array $moves): self;

    /**
     * What Undro would do with no more than what it is shown.
     *
     * @return list<Move>
     */
    public function asUndro(): array;

    /** @return list<Sentence> what is known to begin with, and what is asked last */
    public function given(): array;

    /** @return list<Choice> what can be done next, likely first */
    public function can(): array;

    /** @return list<Seen> what came of each move */
    public function seen(): array;

    public function scene(): Scene;

    /** How near it is if it is left here. @throws BadLesson if nothing can be judged yet */
    public function outcome(): Outcome;

    /** Whether it can be left. */
    public function canBeLeft(): bool;
}
