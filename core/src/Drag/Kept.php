<?php

declare(strict_types=1);

namespace Undro\Drag;

use Undro\Units\Force;
use Undro\Units\Sentence;

/** A setting as it was kept: what it takes to have it again, and to see whether the drag has changed since. */
final readonly class Kept
{
    /** The chance, at most, that the place told is more than a tenth over what is wanted. */
    private const CHANCE_OVER = 0.1;

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
     * How to have it again: a place to go to where it was counted from fully backed off, by what the newest setting's law says the drag gives
     * there today; else only the force.
     *
     * @param self|null $newest setting that can be compared
     *
     * @return array{float|null, Sentence}
     */
    public function again(?self $newest = null): array
    {
        if (!$this->fromOff) {
            return [null, Sentence::of('The knob position was not counted from fully loose, so set the drag to {0} with the scale.', $this->pulls->median)];
        }

        return $newest !== null && $newest !== $this && $newest->comparable($this)
            ? $this->asItIsNow($newest)
            : $this->there('the drag was {0} there. Check it with one pull.');
    }

    /** Counted from fully backed off, with the same knob, and read the same way. */
    public function comparable(self $other): bool
    {
        return $this->fromOff && $other->fromOff && $this->knob === $other->knob && $this->tip === $other->tip;
    }

    /** @return array{float, Sentence} the place it was at */
    private function there(string $says): array
    {
        return [$this->position(), Sentence::of(
            "Loosen the drag until the spool turns freely, then tighten by {$this->knob->many($this->position())}: $says",
            $this->pulls->median,
        )];
    }

    /** @return array{float|null, Sentence} */
    private function asItIsNow(self $newest): array
    {
        $wanted = $this->pulls->running;
        $law = KnobLaw::fitted($newest->knob, $newest->points());
        $there = $law->force($this->position());
        $off = $there / $wanted->inNewtons() - 1;
        if (abs($off) <= Pulls::SPREAD) {
            return $this->there('the drag was {0} there, and your last setting says it still is. Check it with one pull.');
        }
        $step = $this->knob->resolution();
        $most = (int) floor(2 * max($this->position(), $newest->position()) / $step + 1e-6);
        for ($steps = $most; $steps > 0; --$steps) {
            if ($law->chanceOver($steps * $step, (1 + Pulls::SPREAD) * $wanted->inNewtons()) <= self::CHANCE_OVER
                && $law->force($steps * $step) <= (1 + Pulls::WITHIN) * $wanted->inNewtons()) {
                break;
            }
        }
        $says = sprintf(
            'The drag has changed: at %s it would be {0} now, %s than the {1} of then. ',
            $this->knob->many($this->position()),
            $off > 0 ? 'more' : 'less',
        );

        return $steps === 0
            ? [null, Sentence::of("{$says}Set it to {1} with the scale.", Force::newtons($there), $wanted)]
            : [round($steps * $step, 4), Sentence::of(
                "{$says}Loosen it until the spool turns freely, tighten by {$this->knob->many($steps * $step)}, and pull.",
                Force::newtons($there),
                $wanted,
            )];
    }

    /**
     * What this setting's pulls say of the running force at a place of the knob.
     *
     * @return array{float, float, float} middle, low and high of 90 %, N
     */
    public function at(float $position): array
    {
        return KnobLaw::fitted($this->knob, $this->points())->band($position);
    }

    /** @return non-empty-list<array{float, float}> position and running force in N, of each pull */
    private function points(): array
    {
        return array_map(
            fn(Pull $pull): array => [$pull->position, $pull->running($this->pulls->stickiness)->inNewtons()],
            $this->pulls->all,
        );
    }
}
