<?php

declare(strict_types=1);

namespace Simulators;

use Undro\Statistics\RandomSource;
use Undro\Practice\SimulatedDrag;
use Undro\Units\Force;

/** The stand-in's scale, with a drag of practice on its hook: a slow pull rises, lets go, settles, and is let off. */
final class PulledDrag implements StandIn
{
    /** Between two readings, s. A pull is so many readings long: a busy machine makes it slower, never gappy. */
    public const EVERY = 0.05;
    /** Parts of a pull, s: up to the peak, down to the running force, and on. */
    private const RISE = 0.3;
    private const SETTLE = 0.2;
    private const RUN = 0.8;
    /** Each sample's own noise, of the force. */
    private const NOISE = 0.008;

    private RandomSource $random;
    private float $target = 15.0;
    private float $knob = 0.0;
    private float $rise = 1.0;
    private bool $holds = false;
    private float $held = 0.0;
    private int $pulls = 0;
    /** Readings since the pull began. */
    private ?int $shown = null;
    private float $startUp = 0.0;
    private float $running = 0.0;

    public function __construct(private int $seed)
    {
        $this->random = new RandomSource($seed);
    }

    public function hello(string $session): string
    {
        return "HELLO pull-scale 1 standin=1 session=$session";
    }

    public function shows(float $now): string
    {
        $force = max(0.0, $this->force() * (1 + self::NOISE * $this->random->normal()) + 0.02 * $this->random->normal());
        if (!$this->holds) {
            return sprintf('F %.2F', $force);
        }
        $this->held = max($this->held, $force);
        $shown = $this->shown === null ? 0.0 : $this->held;

        return sprintf('F %.2F%s', $shown, $shown > 0 ? ' HOLD' : '');
    }

    public function told(string $line): string
    {
        if ($line === 'SIM PULL') {
            $pull = SimulatedDrag::drawn($this->seed, Force::newtons($this->target))->pull($this->knob, $this->pulls++);
            $this->running = $this->rise * $pull->running->inNewtons();
            $this->startUp = max($this->running, $this->rise * ($pull->startUp?->inNewtons() ?? 0.0));
            $this->shown = 0;
            $this->held = 0.0;

            return 'OK';
        }
        if (preg_match('/^SIM (DRAG|TARGET|KNOB|RISE|HOLD) (-?\d{1,7}(?:\.\d{1,6})?)$/', $line, $found) !== 1) {
            return 'ERR only SIM DRAG seed, SIM TARGET N, SIM KNOB position, SIM RISE times, SIM HOLD 0|1, SIM PULL';
        }
        $amount = (float) $found[2];
        match ($found[1]) {
            'DRAG' => [$this->seed, $this->pulls] = [max(1, (int) $amount), 0],
            'TARGET' => $this->target = max(0.1, $amount),
            'KNOB' => $this->knob = $amount,
            'RISE' => $this->rise = max(0.1, $amount),
            default => $this->holds = $amount > 0,
        };

        return 'OK';
    }

    /** On its hook at the next reading, N. */
    private function force(): float
    {
        if ($this->shown === null) {
            return 0.0;
        }
        $since = self::EVERY * ++$this->shown;

        return match (true) {
            $since < self::RISE => $this->startUp * $since / self::RISE,
            $since < self::RISE + self::SETTLE => $this->startUp + ($this->running - $this->startUp) * ($since - self::RISE) / self::SETTLE,
            $since < self::RISE + self::SETTLE + self::RUN => $this->running,
            default => $this->rested(),
        };
    }

    private function rested(): float
    {
        $this->shown = null;

        return 0.0;
    }
}
