<?php

declare(strict_types=1);

namespace Undro\Run;

use Undro\Twist\Slack;
use Undro\Units\Length;

/** A run as it stands, read from what happened in it. The same marks always give the same run. */
final readonly class Run
{
    /**
     * @param non-empty-list<Step>        $steps
     * @param string|null                 $current   the step to do now; null: all are done
     * @param array<string, StepState>    $states    of those that are not open
     * @param array<string, list<string>> $notes     by step
     * @param list<Stretch>               $stretches
     * @param int                         $layer     being wound, or next
     * @param bool                        $counter   a line counter is on the line
     * @param array<int, list<Slack>>     $slack     by layer
     * @param array<string, string>       $soaks     when each was started, by step
     * @param array<int, Stop>            $stops     by layer
     * @param bool|null                   $firm      nothing gave under the thumb; null: not tried
     * @param Length|null                 $level     depth of the finished fill
     * @param array<int, Mark>            $placed    how each layer's filler lies
     * @param MarkKind|null               $over      finished or left; null: going on
     * @param float|null                  $pace      of the beat, where it was changed, handle turns a minute
     */
    private function __construct(
        public array $steps,
        public ?string $current,
        public array $states,
        public array $notes,
        public array $stretches,
        public int $layer,
        public bool $counter,
        public array $slack,
        public array $soaks,
        public array $stops,
        public ?bool $firm,
        public ?Length $level,
        public array $placed,
        public ?MarkKind $over,
        public ?float $pace,
    ) {}

    /**
     * @param list<Mark> $marks in the order they happened
     *
     * @throws BadRun
     */
    public static function of(Setting $setting, array $marks): self
    {
        $told = new MarkReducer(Steps::for($setting));
        foreach ($marks as $mark) {
            $told->hear($mark);
        }

        return self::after($told);
    }

    /** What the marks heard so far come to. */
    public static function after(MarkReducer $told): self
    {
        return new self(
            $told->steps,
            $told->current()?->id(),
            $told->states,
            $told->notes,
            $told->stretches(),
            $told->layer,
            $told->counter,
            $told->slack,
            $told->soaks,
            $told->stops,
            $told->firm,
            $told->level,
            $told->placed,
            $told->over,
            $told->pace,
        );
    }

    /** Handle turns on the layer being wound. */
    public function turns(): float
    {
        return array_sum(array_map(fn(Stretch $each): float => $each->layer === $this->layer ? $each->turns : 0.0, $this->stretches));
    }

    /** Of those the turns that may still be put right: since a depth was read or metres were said. */
    public function turnsOpen(): float
    {
        $open = 0.0;
        foreach ($this->stretches as $each) {
            $open = $each->layer !== $this->layer || $each->reading !== null || $each->said !== null ? 0.0 : $open + $each->turns;
        }

        return $open;
    }
}
