<?php

declare(strict_types=1);

namespace Undro\Practice;

use Undro\Drag\Knob;
use Undro\Drag\NextMove;
use Undro\Drag\Pulls;
use Undro\Drag\State;
use Undro\Units\Force;

/**
 * A made-up drag set to the end as Undro says, move by move: how many it took, how far past the target it went on the way, and where it was
 * left.
 */
final readonly class DragTrial
{
    private const MOST_PULLS = 100;

    /**
     * @param bool  $accepted it came to an end
     * @param int   $moves    of the knob
     * @param float $worst    the highest true force on the way, over the target; of the start-up where the drag sticks
     * @param float $left     the true force it was left at, over the target
     * @param list<float> $positions where the knob stood at each pull, turns
     */
    private function __construct(
        public bool $accepted,
        public int $moves,
        public int $pulls,
        public float $worst,
        public float $left,
        public array $positions,
    ) {}

    /** A drag drawn by a seed, to be set to a target. */
    public static function of(int $seed, Force $target): self
    {
        $drag = SimulatedDrag::drawn($seed, $target);
        $counts = $drag->stickiness > Pulls::STICKY ? $drag->stickiness : 1.0;
        $share = static fn(float $turns): float => $counts * $drag->running($turns)->inNewtons() / $target->inNewtons();
        $turns = 0.0;
        $moves = 0;
        $worst = 0.0;
        $pulls = [];
        $positions = [];
        while (count($pulls) < self::MOST_PULLS) {
            $pulls[] = $drag->pull($turns, count($pulls));
            $positions[] = $turns;
            $next = NextMove::after($target, Knob::Turn, Pulls::of($pulls));
            if ($next->state === State::Accept) {
                return new self(true, $moves, count($pulls), $worst, $share($turns), $positions);
            }
            if ($next->position !== null) {
                $turns = $next->position;
                ++$moves;
                $worst = max($worst, $share($turns));
            }
        }

        return new self(false, $moves, count($pulls), $worst, $share($turns), $positions);
    }
}
