<?php

declare(strict_types=1);

namespace Undro\Drag;

use Undro\Units\Sentence;

/** A setting as it was kept: what it takes to have it again, and to see whether the drag has changed since. */
final readonly class Kept
{
    /**
     * @param bool                 $fromOff its position is counted from fully backed off
     * @param string               $at      when
     */
    private function __construct(public Knob $knob, public Pulls $pulls, public bool $fromOff, public bool $tip, public string $at) {}

    /**
     * A setting as it was kept.
     *
     * @param string $at ISO 8601
     * @param bool $fromOff counted from fully backed off
     * @param bool $tip read at the rod tip
     */
    public static function of(Knob $knob, Pulls $pulls, bool $fromOff, bool $tip, string $at): self
    {
        return new self($knob, $pulls, $fromOff, $tip, $at);
    }

    /** Where the knob stood, in its own unit. */
    public function position(): float
    {
        return $this->pulls->position();
    }

    /**
     * How to have it again: a place to go to where it was counted from fully backed off, else only the force.
     *
     * @return array{float|null, Sentence}
     */
    public function again(): array
    {
        return $this->fromOff
            ? [
                $this->position(),
                Sentence::of(
                    "Back it off until the spool turns freely, then come up {$this->knob->many($this->position())}: it gave {0} there. "
                        . 'One pull tells whether it still does.',
                    $this->pulls->median,
                ),
            ]
            : [null, Sentence::of('Its place was not counted from fully backed off: set it to {0} by the scale.', $this->pulls->median)];
    }

    /**
     * What this setting's pulls say of the running force at a place of the knob.
     *
     * @return array{float, float, float} middle, low and high of 90 %, N
     */
    public function at(float $position): array
    {
        return KnobLaw::fitted(
            $this->knob,
            array_map(static fn(Pull $pull): array => [$pull->position, $pull->running->inNewtons()], $this->pulls->all),
        )->band($position);
    }
}
