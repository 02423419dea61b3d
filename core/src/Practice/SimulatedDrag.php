<?php

declare(strict_types=1);

namespace Undro\Practice;

use Undro\Drag\Pull;
use Undro\Drag\Pulls;
use Undro\Statistics\RandomSource;
use Undro\Units\Force;

/**
 * A made-up drag to practise on: a knob law nobody knows, and a start-up that may stick. The same seed is always the same drag.
 * Half of them follow a power of 0.5 to 3 of the turns the knob is in, which is 1.5 to 6 already; half an exponential of 0.15 to 0.9 a
 * turn.
 */
final readonly class SimulatedDrag
{
    /** What a pull's reading is good to. */
    public const NOISE = 0.025;

    private function __construct(
        private int $seed,
        public bool $exponential,
        public float $exponent,
        public float $turnsIn,
        public float $stickiness,
        private float $start,
    ) {}

    /** @param Force $target the running force it is to be set to; it starts anywhere from a quarter of it up to it */
    public static function drawn(int $seed, Force $target): self
    {
        $chance = new RandomSource($seed);
        $exponential = $chance->uniform() < 0.5;
        $exponent = $exponential ? 0.15 + 0.75 * $chance->uniform() : 0.5 + 2.5 * $chance->uniform();

        return new self(
            $seed,
            $exponential,
            $exponent,
            1.5 + 4.5 * $chance->uniform(),
            1 + 0.5 * $chance->uniform(),
            (0.25 + 0.75 * $chance->uniform()) * $target->inNewtons(),
        );
    }

    /** The true running force with the knob so many turns from where it was found. */
    public function running(float $turns): Force
    {
        return Force::newtons($this->start * ($this->exponential
            ? exp($this->exponent * $turns)
            : max(0.01, 1 + $turns / $this->turnsIn) ** $this->exponent));
    }

    /** One line about what it was. */
    public function says(): string
    {
        $law = $this->exponential
            ? sprintf('Each turn made the drag %.1F times as strong.', exp($this->exponent))
            : sprintf(
                'The drag followed a power of %.1F, and you found the knob %.1F turns in. It was steep at first, then flatter.',
                $this->exponent,
                $this->turnsIn,
            );

        return $law . ($this->stickiness > Pulls::STICKY ? sprintf(
            ' The drag stuck: its start-up was %.2F times the running force.',
            $this->stickiness,
        ) : ' The drag was smooth.');
    }

    /** What the scale reads of the pull of this number, each figure with its noise. */
    public function pull(float $turns, int $number): Pull
    {
        $chance = new RandomSource($this->seed * 1000 + $number);
        $read = static fn(float $newtons): Force => Force::newtons($newtons * (1 + self::NOISE * max(-3.0, min(3.0, $chance->normal()))));
        $true = $this->running($turns)->inNewtons();
        $running = $read($true);
        $startUp = $read($true * $this->stickiness);

        return Pull::of($turns, $running, Force::newtons(max($running->inNewtons(), $startUp->inNewtons())));
    }
}
