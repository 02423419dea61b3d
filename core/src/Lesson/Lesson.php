<?php

declare(strict_types=1);

namespace Undro\Lesson;

use Undro\Units\Sentence;

/**
 * A lesson on something made-up, whose truth is drawn by a seed and stated when it is over. It stands where the moves made so far have
 * brought it; the same seed and moves are always the same. What Undro would do is a row of moves at the same thing.
 */
abstract class Lesson
{
    /** @var list<Seen> */
    private array $seen = [];

    /**
     * The lesson where these moves have brought it.
     *
     * @param list<Move> $moves in their order
     *
     * @throws BadLesson if one of them cannot be made
     */
    abstract public static function of(int $seed, array $moves): self;

    /**
     * What Undro would do with no more than what it is shown.
     *
     * @return list<Move>
     */
    abstract public function asUndro(): array;

    /** @return list<Sentence> what is known to begin with, and what is asked last */
    abstract public function given(): array;

    /** @return list<Choice> what can be done next, likely first */
    abstract public function can(): array;

    abstract public function scene(): Scene;

    /** Whether it can be left. */
    abstract public function canBeLeft(): bool;

    /** @return list<Seen> what came of each move */
    final public function seen(): array
    {
        return $this->seen;
    }

    /** How many moves were made, of those that count. */
    public function moves(): int
    {
        return count($this->seen);
    }

    /** How near it is if it is left here. @throws BadLesson if nothing can be judged yet */
    final public function outcome(): Outcome
    {
        return $this->canBeLeft() ? $this->judged() : throw BadLesson::tooSoon();
    }

    abstract protected function judged(): Outcome;

    /** What comes of a move that can be made. @param int $number of it, from 0 */
    abstract protected function make(int $number, Move $move): Seen;

    /**
     * One move after the other.
     *
     * @param list<Move> $moves
     *
     * @throws BadLesson if one of them cannot be made
     */
    final protected function played(array $moves): static
    {
        foreach ($moves as $number => $move) {
            Choice::among($this->can(), $move);
            $this->seen[] = $this->make($number, $move);
        }

        return $this;
    }
}
