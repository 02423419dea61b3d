<?php

declare(strict_types=1);

namespace Undro\Run;

/** How a run stands after its marks: its steps, and what is wound and left. */
final readonly class Standing
{
    private function __construct(public Course $course, public Run $run, public Progress $progress) {}

    /**
     * @param iterable<Mark> $marks in the order they happened
     *
     * @throws BadRun if one cannot have happened
     */
    public static function of(Course $course, iterable $marks): self
    {
        $heard = $course->begin();
        foreach ($marks as $mark) {
            $heard->hear($mark);
        }

        return self::after($course, $heard);
    }

    /** @param MarkReducer $heard begun by this course */
    public static function after(Course $course, MarkReducer $heard): self
    {
        $run = Run::after($heard);
        $plan = $course->plan->fill;

        return new self(
            $course,
            $run,
            Progress::of($plan->spool, $plan->gap, $course->layers, $course->wanted->gearRatio, $run->layer, $run->stretches),
        );
    }
}
