<?php

declare(strict_types=1);

namespace Undro\Lesson;

/** What can be done next in a lesson. */
final readonly class Choice
{
    /**
     * @param string $says     on its button
     * @param string $unit     of what is typed with it: mm, turns or N; empty: nothing is
     * @param bool   $careless a beginner's way of doing it
     */
    public function __construct(
        public string $do,
        public string $says,
        public string $unit = '',
        public float $from = 0.0,
        public float $to = 0.0,
        public ?float $start = null,
        public bool $careless = false,
    ) {}

    /**
     * Refuses a move that is none of these.
     *
     * @param list<self> $can
     *
     * @throws BadLesson
     */
    public static function among(array $can, Move $move): void
    {
        (array_column($can, null, 'do')[$move->do] ?? throw BadLesson::cannot($move->do, $can))->holds($move);
    }

    /** @throws BadLesson if what is typed with it is missing or out of bounds */
    public function holds(Move $move): void
    {
        if ($this->unit === '') {
            return;
        }
        $move->amount !== null && $move->amount >= $this->from && $move->amount <= $this->to
            || throw BadLesson::amount($this, $move->amount);
    }
}
