<?php

declare(strict_types=1);

namespace Undro\Run;

use Undro\Line\Material;
use Undro\Spool\Usual;
use Undro\Twist\Feed;
use Undro\Twist\Sense;
use Undro\Twist\Slack;
use Undro\Twist\SlackTest;
use Undro\Twist\Twist;

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
            Progress::of($plan->spool, $plan->gap, $course->layers, $course->wanted->gearRatio, $run->layer, $run->stretches, $course->byExperience()),
        );
    }

    /** What the slack test of the line that is being wound asks for next. Source: handbook, chapter 3. */
    public function slackTest(): SlackTest
    {
        return $this->slackIf(
            $this->run->slack[$this->run->layer] ?? [],
            $this->matched(),
            ($this->run->placed[$this->run->layer] ?? null)->feed ?? $this->course->setting->feed(),
        );
    }

    /**
     * What it would ask for next on this line, had this been seen and looked at.
     *
     * @param list<Slack> $seen    in order
     * @param bool|null   $matched filler and rotor turn the same way; null: nobody has looked
     */
    public function slackIf(array $seen, ?bool $matched, Feed $feed): SlackTest
    {
        return SlackTest::next(
            $seen,
            $matched,
            $this->matchedTwist()?->loopsInSlack(),
            $this->course->layers[$this->run->layer]->line->material === Material::Braid,
            $feed,
        );
    }

    /** Whether filler and rotor turn the same way; null: nobody has said. The rotor turns one way whatever lies before it. */
    public function matched(): ?bool
    {
        $placed = $this->run->placed[$this->run->layer] ?? null;
        $rotor = $placed?->rotor;
        foreach ($this->run->placed as $each) {
            $rotor ??= $each->rotor;
        }

        return $rotor === null || $placed?->filler === null ? null : $rotor === $placed->filler;
    }

    /** The twist while this layer's filler pays off the way the rotor turns; null: the reel has none, or its spool no shape. */
    public function matchedTwist(): ?Twist
    {
        $bottom = $this->course->plan->fill->layers[$this->run->layer]->bottom;

        return $bottom === null || !$this->course->wanted->reel->hasFixedSpool() ? null : Twist::of(
            $this->course->wanted->reel,
            Feed::OverEnd,
            Sense::Clockwise,
            Sense::Clockwise,
            $this->course->setting->filler($this->run->layer),
            $bottom,
            $this->course->layers[$this->run->layer]->line,
        );
    }

    /**
     * Soaks of what is wound next, each with the minutes until it has to begin so that it ends at its own join; below 0: late.
     *
     * @return list<array{step: Step, minutes: float}>
     */
    public function soaksDue(): array
    {
        $left = $this->progress->turnsLeft;
        if ($left === null || !$this->met(StepKind::Mount->value)) {
            return [];
        }
        $due = [];
        foreach ($this->run->steps as $step) {
            $next = $step->kind === StepKind::Soak && $step->layer === $this->run->layer + 1 && $this->run->current !== $step->id();
            if ($next && !$this->met($step->id()) && !isset($this->run->soaks[$step->id()])) {
                $due[] = ['step' => $step, 'minutes' => $left / ($this->pace() ?? Usual::PACE_TURNS_PER_MIN) - ($step->seconds ?? 0) / 60];
            }
        }

        return $due;
    }

    /** Handle turns a minute: as it was set last. */
    public function pace(): ?float
    {
        return $this->run->pace ?? $this->course->pace;
    }

    /** Whether a step is done or left out. */
    private function met(string $step): bool
    {
        return ($this->run->states[$step] ?? StepState::Open) !== StepState::Open;
    }
}
