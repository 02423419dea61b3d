<?php

declare(strict_types=1);

namespace Undro\Drag;

use Undro\Units\Force;
use Undro\Units\Sentence;

/**
 * What to do after a pull: pull again, move the knob, or leave it. Source: handbook, chapter 5, setting it.
 *
 * A move is as long as it may be: its predicted force at most double and not over the target, and hardly a chance that it is past 1.2 or
 * 1.5 times the target, by all pulls taken together.
 */
final readonly class NextMove
{
    /** Farther off than this, one pull is enough to move. */
    private const FAR = 0.15;
    private const CHANCE_PAST_FIFTH = 0.02;
    private const CHANCE_PAST_HALF = 0.001;
    /** A ratio this far under sticky may be so yet, for one pull. */
    private const IN_DOUBT = 0.06;
    private const AIM_IN_DOUBT = 0.99;
    /** With so coarse a knob that one step may be past 1.5 times the target, the first is risked up to this chance. */
    private const CHANCE_AT_FIRST = 0.1;
    /** The longest move, in steps of the knob. */
    private const LONGEST = 400.0;

    /**
     * @param float|null $position       to set next
     * @param bool       $outOfReach     the knob is at its stop, and the target is not met
     * @param bool       $asNearAsItGoes one step more is over the target
     */
    private function __construct(
        public State $state,
        public Pulls $pulls,
        public KnobLaw $law,
        public ?float $position = null,
        public bool $outOfReach = false,
        public bool $asNearAsItGoes = false,
    ) {}

    /** @param float|null $least the least position there is; $most the stop */
    public static function after(Force $target, Knob $knob, Pulls $pulls, ?float $least = null, ?float $most = null): self
    {
        $law = KnobLaw::fitted($knob, $pulls->points());
        $off = $pulls->off($target);
        if ($pulls->meet($target)) {
            return new self(State::Accept, $pulls, $law);
        }
        if (abs($off) <= Pulls::WITHIN || ($pulls->here < Pulls::ENOUGH && abs($off) <= self::FAR)) {
            return new self(State::PullAgain, $pulls, $law);
        }
        $position = $pulls->position();
        $next = self::next($law, $knob, $pulls, $target->inNewtons(), self::aim($pulls), $least, $most);
        if ($next !== $position) {
            return new self(State::Move, $pulls, $law, $next);
        }
        $reach = $off < 0 ? $most !== null && $position >= $most - 1e-6 : $least !== null && $position <= $least + 1e-6;

        return new self(
            !$reach && $pulls->here >= Pulls::ENOUGH ? State::Accept : State::PullAgain,
            $pulls,
            $law,
            outOfReach: $reach,
            asNearAsItGoes: !$reach,
        );
    }

    /** What is expected at the place to set next. */
    public function predicted(): ?Force
    {
        return $this->position === null ? null : Force::newtons($this->law->force($this->position));
    }

    /** The share of the target to aim at. Nearly sticky it may yet turn out so, and the start-up then counts. */
    private static function aim(Pulls $pulls): float
    {
        return $pulls->stickiness === null
            || $pulls->sticky()
            || $pulls->stickiness <= Pulls::STICKY - self::IN_DOUBT / sqrt(count($pulls->all))
            ? 1.0
            : min(1.0, self::AIM_IN_DOUBT * 1.2 / $pulls->stickiness);
    }

    /** One line: why this is the next thing to do. */
    public function why(Knob $knob, Force $target): Sentence
    {
        $pulls = $this->pulls;
        $off = $pulls->off($target);
        $counts = $pulls->sticky() || $pulls->peaksOnly ? 'start-up' : 'running';
        $percent = (int) round(100 * abs($off));
        $apart = (int) round(100 * $pulls->spread);
        $side = $off < 0 ? 'under' : 'over';
        $predicted = $this->predicted();

        return match (true) {
            $this->outOfReach && $knob === Knob::Notch => Sentence::of(
                ($off < 0 ? 'At the strike stop' : 'At the lowest notch') . ' the drag slips at {0}, and you want {1}. Put the lever to free, turn the '
                    . 'preset ' . ($off < 0 ? 'up' : 'down') . ' a quarter turn, and bring the lever back to the same notch. Then pull again. Never turn '
                    . 'the preset with the lever engaged.',
                $pulls->median,
                $target,
            ),
            $this->outOfReach && $off < 0 => Sentence::of(
                'The knob is at its stop, and the drag slips at {0}. It can’t reach {1}. Fish with less, or have the washers replaced. '
                    . 'Never force the knob.',
                $pulls->median,
                $target,
            ),
            $this->outOfReach => Sentence::of(
                'The knob is as loose as it goes, and the drag still slips at {0}, over {1}. It sticks, or was put together wrongly.',
                $pulls->median,
                $target,
            ),
            $this->asNearAsItGoes && $this->state === State::Accept => Sentence::of(
                '{0} is as close below {1} as this knob goes. One step more would be over.',
                $pulls->median,
                $target,
            ),
            $this->state === State::Accept && $pulls->scattered() => Sentence::of(
                "The median of $pulls->here pulls is right, {0}, but they scatter by $apart %. The washers are uneven. You can fish like this; "
                    . 'have them cleaned.',
                $pulls->median,
            ),
            $this->state === State::Accept => Sentence::of(
                "The median of $pulls->here $counts pulls is {0}, within 5 % of {1}, and they are $apart % apart.",
                $pulls->median,
                $target,
            ),
            $predicted !== null && $off > 0 => Sentence::of(
                "The drag is $percent % over. Ease off past the new position, then come up to it. Expect {0} there.",
                $predicted,
            ),
            $predicted !== null => Sentence::of(
                "The drag is $percent % under. Come up to the new position from below. Expect {0} there, at most double what it is now.",
                $predicted,
            ),
            $pulls->scattered() && $pulls->here >= Pulls::ENOUGH => Sentence::of(
                "The pulls here are $apart % apart, over 10 %. Pull more slowly, up to six times.",
            ),
            default => Sentence::of(
                "Pull $pulls->here of 3 at this setting: " . ($percent === 0 ? 'on the target' : "$percent % $side the target") . '. Pull again.',
            ),
        };
    }

    /** The position to set next; where it stands already, there is none better. */
    private static function next(KnobLaw $law, Knob $knob, Pulls $pulls, float $target, float $aim, ?float $least, ?float $most): float
    {
        $step = $knob->resolution();
        $position = $pulls->position();
        $median = $pulls->median->inNewtons();
        $first = $pulls->atOnePlace();
        $tighter = $median < $target;
        // the knob's own steps, counted from the one it stands at or has just passed
        $from = $step * ($tighter ? floor($position / $step + 1e-6) : ceil($position / $step - 1e-6));
        $steps = static fn(float $room): int => max(0, (int) floor(min(self::LONGEST, $room / $step) + 1e-6));
        $highest = min(2 * max($median, $law->force($position)), $target * $aim);
        $fits = static fn(int $steps): bool => $law->chanceOver($from + $steps * $step, $highest) <= 0.5
            && $law->chanceOver($from + $steps * $step, 1.2 * $target) <= self::CHANCE_PAST_FIFTH
            && $law->chanceOver($from + $steps * $step, 1.5 * $target) <= self::CHANCE_PAST_HALF;
        if ($tighter) {
            $room = $steps(min($first ? $position + $knob->firstMove() : INF, $most ?? INF) - $from);
            $by = self::most($room, $fits);
            // too coarse a knob for a careful move: its smallest one, where that is likely to be under the target
            if ($by === 0 && $room > 0
                && $law->chanceOver($from + $step, (1 + Pulls::WITHIN) * $target) <= 0.5
                && $law->chanceOver($from + $step, 1.5 * $target) <= ($first ? self::CHANCE_AT_FIRST : self::CHANCE_PAST_FIFTH)) {
                $by = 1;
            }
        } else {
            $by = -self::fewest($steps($from - ($least ?? -INF)), static fn(int $down): bool => $fits(-$down));
        }

        return $by === 0 ? $position : round($from + $by * $step, 4);
    }

    /** The most steps up to a bound that fit, where fewer always do. @param callable(int): bool $fits */
    private static function most(int $bound, callable $fits): int
    {
        $low = 0;
        while ($low < $bound) {
            $middle = intdiv($low + $bound + 1, 2);
            $fits($middle) ? $low = $middle : $bound = $middle - 1;
        }

        return $low;
    }

    /**
     * The fewest steps, one at least, up to a bound that fit, where more always do; the bound where none does.
     *
     * @param callable(int): bool $fits
     */
    private static function fewest(int $bound, callable $fits): int
    {
        return $bound === 0 ? 0 : 1 + self::most($bound - 1, static fn(int $steps): bool => !$fits($steps));
    }
}
