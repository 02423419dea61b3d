<?php

declare(strict_types=1);

namespace Simulators;

require_once __DIR__ . '/StandIn.php';

/** What lies on a kitchen scale: put on it, the display swings for a moment before it rests. */
final class WeighedFiller implements StandIn
{
    /** How long it swings, s, and how far at first. */
    private const SWINGS = 1.0;
    private const SHARE = 0.08;

    private float $grams = 86.0;
    private float $since = 0.0;
    private float $now = 0.0;

    public function hello(string $session): string
    {
        return "HELLO kitchen-scale 1 standin=1 session=$session";
    }

    public function shows(float $now): string
    {
        $this->now = $now;
        $age = $now - $this->since;
        $swing = $age < self::SWINGS ? $this->grams * self::SHARE * (1 - $age / self::SWINGS) * cos(14 * $age) : 0.0;

        return sprintf('G %d%s', (int) round($this->grams + $swing), $age < self::SWINGS ? '' : ' REST');
    }

    public function told(string $line): string
    {
        if (preg_match('/^SIM LOAD (\d{1,5}(?:\.\d+)?)$/', $line, $found) !== 1) {
            return 'ERR try SIM LOAD 81';
        }
        $this->grams = (float) $found[1];
        $this->since = $this->now;

        return 'OK';
    }
}
