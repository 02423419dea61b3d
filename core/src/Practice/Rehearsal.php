<?php

declare(strict_types=1);

namespace Undro\Practice;

use Undro\Statistics\RandomSource;
use Undro\Units\Force;

/**
 * Somebody at a made-up drag: what the gauge shows of each pull, what went wrong with it, and whether the line held. The line bears four
 * times the target, as at the usual quarter of it. The sizes of the errors are ours, by general experience.
 */
final readonly class Rehearsal
{
    public const TARGET_SHARE = 0.25;
    /** A jerk shows so many times the start-up. */
    private const JERK = 1.3;
    /** Come down to, a drag holds so much more at its first pull. */
    private const FROM_ABOVE = 1.08;
    /** Where the needle rests after a pull, over the target: from and up to. */
    private const RESTS = [0.03, 0.08];
    private const DOUBLED = 2.0;
    private const ENOUGH = 3;
    private const SAME_TURNS = 1e-6;

    /** @param list<Attempt> $attempts in their order */
    public function __construct(private int $seed, private Force $target, private SimulatedDrag $drag, public array $attempts) {}

    /** What the line bears. */
    public function line(): Force
    {
        return Force::newtons($this->target->inNewtons() / self::TARGET_SHARE);
    }

    /** Where the needle rests before the pull of this number. */
    public function rests(int $number): Force
    {
        [$least, $most] = self::RESTS;
        $share = $number === 0 ? 0.0 : $least + ($most - $least) * (new RandomSource($this->seed * 7919 + $number))->uniform();

        return Force::newtons($share * $this->target->inNewtons());
    }

    /**
     * What the gauge shows of a pull.
     *
     * @return array{running: Force|null, startUp: Force|null, broke: bool} of a line that broke nothing is read
     */
    public function shows(int $number): array
    {
        $attempt = $this->attempts[$number];
        $more = $this->fromAbove($number) ? self::FROM_ABOVE : 1.0;
        $jerk = $attempt->fast ? self::JERK : 1.0;
        if ($this->peak($number) >= $this->line()->inNewtons()) {
            return ['running' => null, 'startUp' => null, 'broke' => true];
        }
        $pull = $this->drag->pull($attempt->turns, $number);
        $along = $attempt->zeroed ? 0.0 : $this->rests($number)->inNewtons();
        $read = static fn(?Force $force, float $times): ?Force => $force === null ? null : Force::newtons($times * $force->inNewtons() + $along);

        return [
            'running' => $attempt->fast ? null : $read($pull->running, $more),
            'startUp' => $read($pull->startUp, $more * $jerk),
            'broke' => false,
        ];
    }

    /**
     * What went wrong with a pull, or, of the last one, with leaving it there.
     *
     * @return list<Mistake>
     */
    public function mistakes(int $number, bool $left = false): array
    {
        $attempt = $this->attempts[$number];
        $before = $this->attempts[$number - 1] ?? null;
        $force = fn(Attempt $of): float => $this->drag->running($of->turns)->inNewtons();

        return array_values(array_filter([
            $attempt->fast ? Mistake::Fast : null,
            $attempt->zeroed || $number === 0 ? null : Mistake::NotZeroed,
            $this->fromAbove($number) ? Mistake::FromAbove : null,
            $before !== null && $force($attempt) > self::DOUBLED * $force($before) ? Mistake::Leap : null,
            $left && $number === count($this->attempts) - 1 && $this->pullsHere() < self::ENOUGH ? Mistake::FewPulls : null,
        ]));
    }

    private function fromAbove(int $number): bool
    {
        $before = $this->attempts[$number - 1] ?? null;

        return $before !== null && !$this->attempts[$number]->past && $this->attempts[$number]->turns < $before->turns - self::SAME_TURNS;
    }

    /** The most the line feels of a pull, N. */
    private function peak(int $number): float
    {
        $attempt = $this->attempts[$number];

        return $this->drag->running($attempt->turns)->inNewtons() * $this->drag->stickiness * ($attempt->fast ? self::JERK : 1.0)
            * ($this->fromAbove($number) ? self::FROM_ABOVE : 1.0);
    }

    /** Slow pulls where the knob stands now, whose line held. */
    private function pullsHere(): int
    {
        $here = 0;
        for ($number = count($this->attempts) - 1; $number >= 0; --$number) {
            if (abs($this->attempts[$number]->turns - $this->attempts[count($this->attempts) - 1]->turns) > self::SAME_TURNS) {
                break;
            }
            $here += $this->shows($number)['running'] === null ? 0 : 1;
        }

        return $here;
    }
}
