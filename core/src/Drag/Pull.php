<?php

declare(strict_types=1);

namespace Undro\Drag;

use Undro\Units\Force;

/**
 * One slow pull against the drag: the knob where it stood, the running force, and the peak as it let go. A gauge that shows only its peak
 * gives the start-up alone.
 */
final readonly class Pull
{
    private function __construct(public float $position, public ?Force $running, public ?Force $startUp) {}

    /**
     * @param float $position of the knob, in its own unit; up is tighter
     *
     * @throws BadDrag if there is no force, one is not above 0, or the start-up lies under the running force
     */
    public static function of(float $position, ?Force $running, ?Force $startUp = null): self
    {
        $running !== null || $startUp !== null || throw BadDrag::noPull();
        $running === null || $running->inNewtons() > 0 || throw BadDrag::noPull();
        $startUp === null || $startUp->inNewtons() > 0 || throw BadDrag::noPull();
        $running === null || $startUp === null || $startUp->inNewtons() >= 0.8 * $running->inNewtons()
            || throw BadDrag::startUpUnderRunning($startUp, $running);

        return new self($position, $running, $startUp);
    }

    /** Start-up over running; null where one of them was not read. */
    public function stickiness(): ?float
    {
        return $this->startUp === null || $this->running === null ? null : $this->startUp->inNewtons() / $this->running->inNewtons();
    }

    /**
     * The running force, or what the start-up says of it.
     *
     * @param float|null $stickiness of the drag, by all its pulls; null: not known, and the start-up is taken as it is
     */
    public function running(?float $stickiness): Force
    {
        return $this->running ?? Force::newtons(($this->startUp?->inNewtons() ?? 0.0) / ($stickiness ?? 1.0));
    }

    /**
     * The figure that has to meet the target: the start-up where the drag sticks.
     *
     * @param float|null $stickiness of the drag, by all its pulls
     */
    public function counts(?float $stickiness): Force
    {
        return $stickiness === null || $stickiness <= Pulls::STICKY
            ? $this->running($stickiness)
            : $this->startUp ?? Force::newtons($stickiness * $this->running($stickiness)->inNewtons());
    }
}
