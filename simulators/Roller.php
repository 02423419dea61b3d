<?php

declare(strict_types=1);

namespace Simulators;

/** The roller of the stand-in: line passes over it, and it turns with most of it. */
final class Roller implements StandIn
{
    public const PULSES_PER_TURN = 24;
    public const MM = 20.0;
    /** The most that line slips over it. */
    private const SLIP = 0.02;

    private float $speed = 0.0;
    private float $turned = 0.0;
    private float $passed = 0.0;
    private float $stuckUntil = 0.0;
    private float $slip;
    private ?float $at = null;
    private \Random\Randomizer $chance;

    public function __construct(int $seed)
    {
        $this->chance = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $this->slip = self::SLIP * $this->chance->getInt(0, 1000) / 1000;
    }

    public function hello(string $session): string
    {
        return sprintf('HELLO line-counter 1 pulses=%d roller_mm=%.1F standin=1 session=%s', self::PULSES_PER_TURN, self::MM, $session);
    }

    public function pulses(): int
    {
        return (int) floor($this->turned / (M_PI * self::MM / 1000) * self::PULSES_PER_TURN);
    }

    /** Line that has really passed, m. */
    public function passed(): float
    {
        return $this->passed;
    }

    public function shows(float $now): string
    {
        $before = $this->at ?? $now;
        $this->at = $now;
        $this->pull($this->speed * ($now - $before), $now);

        return "P {$this->pulses()}";
    }

    public function told(string $line): string
    {
        $now = microtime(true);
        if (preg_match('/^SIM (RUN|STALL|PULL) (\d{1,4}(?:\.\d{1,6})?)$/', $line, $found) === 1) {
            $amount = (float) $found[2];
            match ($found[1]) {
                'RUN' => $this->speed = $amount / 60,
                'STALL' => $this->stuckUntil = $now + $amount,
                default => $this->pull($amount, $now),
            };

            return 'OK';
        }
        if ($line === 'SIM STOP') {
            $this->speed = 0.0;

            return 'OK';
        }

        return 'ERR only SIM RUN m-per-min, SIM STOP, SIM STALL s, SIM PULL m';
    }

    /** So much line passes. A roller that sticks lets it slide; else it turns with all but the slip, which wanders. */
    private function pull(float $metres, float $now): void
    {
        $this->passed += $metres;
        if ($now < $this->stuckUntil) {
            return;
        }
        $this->slip = max(0.0, min(self::SLIP, $this->slip + 0.0005 * ($this->chance->getInt(0, 200) - 100) / 100));
        $this->turned += $metres * (1 - $this->slip);
    }
}
