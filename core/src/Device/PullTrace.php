<?php

declare(strict_types=1);

namespace Undro\Device;

use Undro\Statistics\Median;

/**
 * Reads pulls out of the stream of a scale: it rises from nothing to the start-up peak, settles at the running force, and falls away.
 * Start-up: the highest of medians of three, so that one stray sample is none. Running: the median of its second half; where a drag is
 * smooth the highest sample may lie anywhere.
 */
final class PullTrace
{
    /** Less is nothing but the weight of the hook, N. */
    private const NOTHING = 0.5;
    /** A pull is over when it falls under this share of its peak. */
    private const LET_GO = 0.3;
    /** Samples in the second half of a pull that a running force takes. */
    private const ENOUGH = 6;

    /** @var list<float> */
    private array $samples = [];
    private bool $held = false;
    private int $pulls = 0;
    private ?float $startUp = null;
    private ?float $running = null;

    /**
     * @param float $newtons now
     * @param bool  $held    the needle holds its peak and shows nothing else
     */
    public function sample(float $newtons, bool $held = false): void
    {
        if ($this->samples === [] && $newtons < self::NOTHING) {
            return;
        }
        if ($newtons >= max(self::NOTHING, self::LET_GO * ($this->samples === [] ? 0.0 : max($this->samples)))) {
            $this->samples[] = $newtons;
            $this->held = $this->held || $held;

            return;
        }
        if (count($this->samples) >= 3) {
            $this->over();
        }
        $this->samples = [];
        $this->held = false;
    }

    /** The highest of the pull that goes on, or of the last, N. */
    public function peak(): ?float
    {
        return $this->samples === [] ? $this->startUp : max($this->samples);
    }

    /** A pull goes on now. */
    public function goesOn(): bool
    {
        return $this->samples !== [];
    }

    /** Pulls so far; the figures are of the last. */
    public function pulls(): int
    {
        return $this->pulls;
    }

    /** The highest median of three samples of the pull that is over, N; null: none was long enough. */
    public function startUp(): ?float
    {
        return $this->startUp;
    }

    /** Null: the needle held its peak, or the pull was too short to settle. */
    public function running(): ?float
    {
        return $this->running;
    }

    private function over(): void
    {
        $smooth = [Median::of(array_slice($this->samples, 0, 3))];
        for ($i = 2; $i < count($this->samples) - 1; ++$i) {
            $smooth[] = Median::of(array_slice($this->samples, $i - 1, 3));
        }
        $this->startUp = max($smooth);
        $settled = array_slice($this->samples, intdiv(count($this->samples), 2), -1);
        $this->running = $this->held || count($settled) < self::ENOUGH ? null : min($this->startUp, Median::of($settled));
        ++$this->pulls;
    }
}
