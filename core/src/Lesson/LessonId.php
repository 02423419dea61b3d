<?php

declare(strict_types=1);

namespace Undro\Lesson;

/** The lessons, in the order of the work. */
enum LessonId: string
{
    case Gap = 'gap';
    case Filler = 'filler';
    case Mark = 'mark';
    case Memory = 'memory';
    case Drag = 'drag';
    case Ease = 'ease';

    /** Its name on the screen. */
    public function title(): string
    {
        return match ($this) {
            self::Gap => 'Find the full level',
            self::Filler => 'Place the filler spool',
            self::Mark => 'Stop at the mark without a counter',
            self::Memory => 'Tell memory from twist',
            self::Drag => 'Set the drag in four moves',
            self::Ease => 'Ease off as it empties',
        };
    }

    /** What it is good for, in one line. */
    public function about(): string
    {
        return match ($this) {
            self::Gap => 'Where the line level should be, and how to measure where it is.',
            self::Filler => 'Find out which way round the filler spool goes by looking.',
            self::Mark => 'Wind backing up to its mark with calipers alone.',
            self::Memory => 'Four lines hang from the rod tip. For which do you flip the filler spool?',
            self::Drag => 'Set an unknown drag to a quarter of what the line holds.',
            self::Ease => 'A fish takes line, the spool gets smaller, and the same knob pulls harder.',
        };
    }

    /** About how long it takes, minutes. */
    public function minutes(): int
    {
        return match ($this) {
            self::Gap, self::Filler => 2,
            self::Ease => 3,
            self::Mark, self::Memory, self::Drag => 4,
        };
    }

    /** @return class-string<Lesson> */
    private function kind(): string
    {
        return match ($this) {
            self::Gap => FindTheGap::class,
            self::Filler => PlaceTheFiller::class,
            self::Mark => StopAtTheMark::class,
            self::Memory => TellMemory::class,
            self::Drag => SetTheDrag::class,
            self::Ease => EaseOff::class,
        };
    }

    /**
     * The lesson where these moves have brought it.
     *
     * @param list<Move> $moves
     *
     * @throws BadLesson if one of them cannot be made
     */
    public function after(int $seed, array $moves): Lesson
    {
        return $this->kind()::of($seed, $moves);
    }
}
