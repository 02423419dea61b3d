<?php

declare(strict_types=1);

namespace Undro\Run;

use Undro\Ledger\How;
use Undro\Twist\Slack;
use Undro\Units\Length;

/** Hears the marks of a run one after the other. The one place that knows what each of them changes. A copy goes its own way. */
final class MarkReducer
{
    /** Readings further apart than this are not of one level, mm. Ours: three times the error of one. */
    private const SPREAD_MM = 0.9;

    /** @var array<string, StepState> */
    public array $states = [];
    /** @var array<string, list<string>> */
    public array $notes = [];
    /** @var array<int, list<Slack>> */
    public array $slack = [];
    /** @var array<string, string> */
    public array $soaks = [];
    /** @var array<int, Stop> */
    public array $stops = [];
    /** @var array<int, Mark> */
    public array $placed = [];
    public int $layer = 0;
    public bool $counter = false;
    public ?bool $firm = null;
    public ?Length $level = null;
    public ?MarkKind $over = null;
    public ?float $pace = null;
    /** @var list<Stretch> closed */
    private array $stretches = [];
    private float $turns = 0.0;
    private ?float $counted = null;
    private int $at = 0;
    private Tension $tension = Tension::Firm;

    /** @param non-empty-list<Step> $steps */
    public function __construct(public readonly array $steps) {}

    /** @throws BadRun */
    public function hear(Mark $mark): void
    {
        $this->over === null || throw BadRun::over();
        $step = $mark->step === null ? null : $this->indexOf($mark->step);
        match ($mark->kind) {
            MarkKind::Done => $this->go($step, StepState::Done),
            MarkKind::Skipped => $this->go($step, StepState::Skipped),
            MarkKind::Back => $this->go($step, StepState::Open),
            MarkKind::Note => $this->notes[(string) $mark->step][] = $mark->words,
            MarkKind::Turns => $this->turns = max(0.0, $this->turns + $mark->turns),
            MarkKind::Counted => $this->counted = max(0.0, ($this->counted ?? 0.0) + ($mark->metres?->inMetres() ?? 0.0)),
            MarkKind::Said => $this->say($mark),
            MarkKind::Pace => $this->pace = $mark->pace,
            MarkKind::CounterJoined => $this->counting(true),
            MarkKind::CounterLost => $this->counting(false),
            MarkKind::Depth => $this->measure($mark),
            MarkKind::Slack => $this->slack[$this->layer][] = $mark->slack ?? Slack::Straight,
            MarkKind::Thumb => $this->firm = $mark->firm,
            MarkKind::Placed => $this->place($step === null ? $this->current() : $this->steps[$step], $mark),
            MarkKind::SoakStarted => $this->soaks[(string) $mark->step] = $mark->at,
            MarkKind::SoakOver => $this->soaks = array_diff_key($this->soaks, [(string) $mark->step => true]),
            MarkKind::Stopped => $this->stops[$this->layer] = $mark->stop ?? Stop::Early,
            MarkKind::Resumed => $this->stops = array_diff_key($this->stops, [$this->layer => true]),
            MarkKind::Tension => $this->hold($mark->tension ?? Tension::Firm),
            MarkKind::Stripped, MarkKind::Measured => null,
            MarkKind::Again => $this->again(),
            MarkKind::Finished, MarkKind::Left => $this->over = $mark->kind,
        };
    }

    /** The step to do now; null: all are done. */
    public function current(): ?Step
    {
        return $this->steps[$this->at] ?? null;
    }

    /** @return list<Stretch> with the one that is open */
    public function stretches(): array
    {
        return $this->turns > 0 || $this->counted !== null
            ? [...$this->stretches, $this->stretch()]
            : $this->stretches;
    }

    /** To the step after this one that is open; or, opened again, to this one. */
    private function go(?int $step, StepState $state): void
    {
        if ($step === null) {
            return;
        }
        $this->states[$this->steps[$step]->id()] = $state;
        $this->at = $step;
        if ($state !== StepState::Open) {
            while (
                isset($this->steps[$this->at])
                && ($this->states[$this->steps[$this->at]->id()] ?? StepState::Open) !== StepState::Open
            ) {
                ++$this->at;
            }
        }
        $this->moveOn();
    }

    /** The layer goes on with the step that winds it, and never back: what is on stays on. */
    private function moveOn(): void
    {
        $here = $this->current();
        if ($here?->layer !== null && $here->layer > $this->layer && $here->kind !== StepKind::Soak && $here->kind !== StepKind::Place) {
            $this->close();
            $this->layer = $here->layer;
            $this->counted = $this->counter ? 0.0 : null;
        }
    }

    private function counting(bool $on): void
    {
        $this->close();
        $this->counter = $on;
        $this->counted = $on ? 0.0 : null;
    }

    /** @throws BadRun if nothing is said */
    private function say(Mark $mark): void
    {
        $metres = $mark->metres ?? throw BadRun::howMuch();
        $metres->inMetres() >= 0 || throw BadRun::howMuch();
        $this->close(said: Said::of($metres, $mark->half, $mark->planned ? How::Planned : How::Said));
        $this->counted = $this->counter ? 0.0 : null;
    }

    /** What was wound of the layer is off again, and nothing of it counts: its first step by itself is the next. */
    private function again(): void
    {
        $this->close();
        $this->counted = $this->counter ? 0.0 : null;
        $layer = $this->layer;
        $this->stretches = array_values(array_filter($this->stretches, static fn(Stretch $each): bool => $each->layer !== $layer));
        unset($this->stops[$layer], $this->slack[$layer]);
        $begins = null;
        foreach ($this->steps as $index => $step) {
            $anew = $step->layer === $layer && !in_array($step->kind, [StepKind::Soak, StepKind::Place], true);
            if ($anew) {
                unset($this->states[$step->id()]);
                $begins ??= $index;
            }
        }
        $this->at = $begins ?? $this->at;
    }

    /** What is said of a filler's place is added to what was said of it before. */
    private function place(?Step $at, Mark $mark): void
    {
        $layer = $at->layer ?? $this->layer;
        $before = $this->placed[$layer] ?? null;
        $this->placed[$layer] = new Mark(
            MarkKind::Placed,
            rotor: $mark->rotor ?? $before?->rotor,
            filler: $mark->filler ?? $before?->filler,
            feed: $mark->feed ?? $before?->feed,
        );
    }

    private function hold(Tension $tension): void
    {
        $this->close();
        $this->counted = $this->counter ? 0.0 : null;
        $this->tension = $tension;
    }

    /** @throws BadRun */
    private function measure(Mark $mark): void
    {
        $mean = self::agreeing($mark->depths);
        if ($this->current() === null || $this->current()->kind === StepKind::Level) {
            $this->level = $mean;

            return;
        }
        $this->close(reading: new Reading($mean, count($mark->depths), $mark->sure));
        $this->counted = $this->counter ? 0.0 : null;
    }

    private function close(?Reading $reading = null, ?Said $said = null): void
    {
        if ($this->turns > 0 || ($this->counted ?? 0.0) > 0 || $reading !== null || $said !== null) {
            $this->stretches[] = $this->stretch($reading, $said);
        }
        $this->turns = 0.0;
        $this->counted = null;
    }

    private function stretch(?Reading $reading = null, ?Said $said = null): Stretch
    {
        $counted = $this->counted === null ? null : Length::metres($this->counted);

        return new Stretch($this->layer, $this->turns, $counted, $reading, $this->tension, $this->counter, $said);
    }

    /** @throws BadRun */
    private function indexOf(string $id): int
    {
        foreach ($this->steps as $index => $step) {
            if ($step->id() === $id) {
                return $index;
            }
        }
        throw BadRun::noStep($id);
    }

    /**
     * The mean of readings of one level.
     *
     * @param list<Length> $depths
     *
     * @throws BadRun if there are none, or they cannot be of one level
     */
    private static function agreeing(array $depths): Length
    {
        $mm = array_map(static fn(Length $each): float => $each->inMillimetres(), $depths);
        $mm !== [] || throw BadRun::noReadings();
        max($mm) - min($mm) <= self::SPREAD_MM || throw BadRun::readingsDisagree(Length::millimetres(max($mm) - min($mm)));

        return Length::millimetres(array_sum($mm) / count($mm));
    }
}
