<?php

declare(strict_types=1);

namespace Undro\Drag;

use Undro\Statistics\Median;
use Undro\Units\Force;

/**
 * What a row of pulls comes to, before anything is asked of the knob: whether it sticks, and the figures of the pulls at the place it
 * stands at
 * now. Source: handbook, chapter 5, setting it.
 */
final readonly class Pulls
{
    /** So many pulls at one place make a setting. */
    public const ENOUGH = 3;
    public const WITHIN = 0.05;
    public const SPREAD = 0.10;
    public const STICKY = 1.25;
    /** After so many pulls a scattered setting is taken as it is. */
    private const PATIENCE = 6;

    /**
     * @param non-empty-list<Pull> $all        oldest first
     * @param float|null           $stickiness median of start-up over running; null: no start-up was read
     * @param Force                $median     of the figure that counts, at the present place
     * @param Force                $running    its middle; where only peaks were read, that of the peaks
     * @param float                $spread     of the same, least to most over the median
     * @param bool                 $peaksOnly  no running force was read: the gauge shows its peak alone
     */
    private function __construct(
        public array $all,
        public ?float $stickiness,
        public int $here,
        public Force $median,
        public Force $running,
        public float $spread,
        public bool $peaksOnly,
    ) {}

    /** @param non-empty-list<Pull> $all oldest first */
    public static function of(array $all): self
    {
        $ratios = array_values(array_filter(array_map(static fn(Pull $pull): ?float => $pull->stickiness(), $all)));
        $stickiness = $ratios === [] ? null : Median::of($ratios);
        $last = $all[count($all) - 1];
        $here = [$last];
        foreach (array_reverse(array_slice($all, 0, -1)) as $pull) {
            if (abs($pull->position - $last->position) > 1e-6) {
                break;
            }
            $here[] = $pull;
        }
        $figures = array_map(static fn(Pull $pull): float => $pull->counts($stickiness)->inNewtons(), $here);
        $median = Median::of($figures);

        return new self(
            $all,
            $stickiness,
            count($here),
            Force::newtons($median),
            Force::newtons(Median::of(array_map(static fn(Pull $pull): float => $pull->running($stickiness)->inNewtons(), $here))),
            (max($figures) - min($figures)) / $median,
            array_filter($all, static fn(Pull $pull): bool => $pull->running !== null) === [],
        );
    }

    /** The washers stick: the start-up has to meet the target. */
    public function sticky(): bool
    {
        return $this->stickiness !== null && $this->stickiness > self::STICKY;
    }

    /** The pulls at the last place are further apart than one drag can be. */
    public function scattered(): bool
    {
        return $this->spread > self::SPREAD;
    }

    /** Where the knob stood at the last pull, in its own unit. */
    public function position(): float
    {
        return $this->all[count($this->all) - 1]->position;
    }

    /** Nothing was read at another place. */
    public function atOnePlace(): bool
    {
        return $this->here === count($this->all);
    }

    /** The median over the target, less one. */
    public function off(Force $target): float
    {
        return $this->median->inNewtons() / $target->inNewtons() - 1;
    }

    /** Three or more inside the band, and not scattered; after six as they are. */
    public function meet(Force $target): bool
    {
        return abs($this->off($target)) <= self::WITHIN
            && $this->here >= self::ENOUGH
            && (!$this->scattered() || $this->here >= self::PATIENCE);
    }

    /**
     * The band a setting is accepted in.
     *
     * @return array{Force, Force}
     */
    public static function band(Force $target): array
    {
        return [Force::newtons((1 - self::WITHIN) * $target->inNewtons()), Force::newtons((1 + self::WITHIN) * $target->inNewtons())];
    }

    /**
     * Every pull as a point of the knob's law, in the figure that counts. Start-up and running force tell of the same law, so both are
     * used.
     *
     * @return non-empty-list<array{float, float}> position, and newtons
     */
    public function points(): array
    {
        return array_map(fn(Pull $pull): array => [$pull->position, $this->level($pull)], $this->all);
    }

    /** One pull as it tells of the knob's law, in the figure that counts, N. */
    public function level(Pull $pull): float
    {
        $running = $pull->running($this->stickiness)->inNewtons();
        $times = $this->sticky() ? $this->stickiness : 1.0;

        return $times * ($pull->running === null || $pull->startUp === null || $this->stickiness === null
            ? $running
            : sqrt($running * $pull->startUp->inNewtons() / $this->stickiness));
    }
}
