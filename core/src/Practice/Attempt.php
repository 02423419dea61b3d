<?php

declare(strict_types=1);

namespace Undro\Practice;

/** One pull at a made-up drag, and how it was made. */
final readonly class Attempt
{
    /**
     * @param float $turns  where the knob stands
     * @param bool  $fast   jerked, not pulled slowly
     * @param bool  $zeroed the needle was put back to zero before it
     * @param bool  $past   a lower place was come up to from below it
     */
    public function __construct(public float $turns, public bool $fast = false, public bool $zeroed = true, public bool $past = true) {}
}
