<?php

declare(strict_types=1);

namespace Undro\Drag;

use Undro\Units\Force;
use Undro\Units\Sentence;

/**
 * A pull that hardly can be: over what the weakest link bears, or far off what the other pulls say. It is asked about before anything
 * follows from it. Source: handbook, chapter 5, setting it.
 */
final readonly class Doubt
{
    /** Farther off the law of the others than this, in sd. */
    private const ASKED = 3.5;
    /** Nearer to it than this, a shifted decimal point is offered. */
    private const FITS = 2.0;
    /** The start-up over the running force: more is asked about, whatever the drag; or so many times that of the others. Ours. */
    private const RATIO = 4.0;
    private const RATIO_APART = 2.5;
    /** So many pulls back are looked at again with each new one. */
    private const LOOKED_BACK = 4;
    private const OTHERS = 10;

    /**
     * @param int       $index   of the pull
     * @param Pull|null $offered the same with its decimal point where it would fit; null: none fits
     */
    private function __construct(public int $index, public Sentence $says, public ?Pull $offered) {}

    /**
     * What is to be asked, at most one pull at a time.
     *
     * @param non-empty-list<Pull> $pulls   oldest first
     * @param list<bool>           $sure    which of them were asked about and stand
     * @param Force|null           $weakest what the weakest link bears
     */
    public static function of(Knob $knob, array $pulls, array $sure, ?Force $weakest): ?self
    {
        foreach ($pulls as $index => $pull) {
            if (!($sure[$index] ?? false)) {
                $doubt = self::tooMuch($index, $pull, $weakest) ?? self::jump($index, $pulls);
                if ($doubt !== null) {
                    return $doubt;
                }
            }
        }

        return self::offTheLaw($knob, $pulls, $sure);
    }

    private static function tooMuch(int $index, Pull $pull, ?Force $weakest): ?self
    {
        $highest = max($pull->running?->inNewtons() ?? 0.0, $pull->startUp?->inNewtons() ?? 0.0);
        if ($weakest === null || $highest <= $weakest->inNewtons()) {
            return null;
        }

        return new self($index, Sentence::of(
            '{0} is more than the weakest link holds ({1}). It would have broken. Is this a typing mistake?',
            Force::newtons($highest),
            $weakest,
        ), self::shifted($pull, 0.1));
    }

    /**
     * The start-up cannot belong to that running force.
     *
     * @param non-empty-list<Pull> $pulls
     */
    private static function jump(int $index, array $pulls): ?self
    {
        $pull = $pulls[$index];
        $ratio = $pull->stickiness();
        unset($pulls[$index]);
        $usual = $pulls === [] ? null : Pulls::of(array_values($pulls))->stickiness;
        $most = $usual === null ? self::RATIO : self::RATIO_APART * $usual;
        if ($ratio === null || $ratio <= $most || $pull->startUp === null || $pull->running === null) {
            return null;
        }
        $tenth = Force::newtons(0.1 * $pull->startUp->inNewtons());

        return new self($index, Sentence::of(
            sprintf('The start-up of {0} is %.1F times the running force of {1}. Is this a typing mistake?', $ratio),
            $pull->startUp,
            $pull->running,
        ), $ratio >= 8 && $ratio / 10 <= $most ? Pull::of($pull->position, $pull->running, $tenth) : null);
    }

    /**
     * The one of the last pulls that fits the law of the others the least; of two that do not go together the last.
     *
     * @param non-empty-list<Pull> $pulls
     * @param list<bool>           $sure
     */
    private static function offTheLaw(Knob $knob, array $pulls, array $sure): ?self
    {
        $last = count($pulls) - 1;
        $stickiness = Pulls::of($pulls)->stickiness;
        $pulls = array_slice($pulls, -self::OTHERS, null, true);
        $worst = null;
        $most = self::ASKED;
        foreach (range($last === 1 ? 1 : max(0, $last - self::LOOKED_BACK), $last) as $index) {
            $surprise = $last === 0 || ($sure[$index] ?? false) ? 0.0 : self::surprise($knob, $pulls, $sure, $index, $stickiness);
            [$worst, $most] = $surprise > $most ? [$index, $surprise] : [$worst, $most];
        }
        if ($worst === null) {
            return null;
        }
        $pull = $pulls[$worst];
        [$middle] = self::lawOfOthers($knob, $pulls, $worst, $stickiness)->band($pull->position);
        $offered = null;
        // of two nobody knows which is wrong: a smaller force is offered, never a larger
        foreach ($last === 1 ? [0.1] : [0.1, 10.0] as $times) {
            $shifted = self::shifted($pull, $times);
            if (self::surprise($knob, array_replace($pulls, [$worst => $shifted]), $sure, $worst, $stickiness) <= self::FITS) {
                $offered ??= $shifted;
            }
        }

        return new self($worst, Sentence::of(
            $last === 1
                ? 'This pull says {0}, the other pull about {1}. One of them must be wrong. Is it a typing mistake?'
                : 'This pull says {0}, the other pulls about {1}. Is this a typing mistake?',
            $pull->running($stickiness),
            Force::newtons($middle),
        ), $offered);
    }

    /**
     * How far a pull lies off the law of the others, in sd; with those that were asked about and stand, and without them, whichever is
     * less: what stands all the same never puts another in doubt.
     *
     * @param array<int, Pull> $pulls
     * @param list<bool>       $sure
     */
    private static function surprise(Knob $knob, array $pulls, array $sure, int $index, ?float $stickiness): float
    {
        $at = $pulls[$index]->position;
        $force = $pulls[$index]->running($stickiness)->inNewtons();
        $all = self::lawOfOthers($knob, $pulls, $index, $stickiness)->surprise($at, $force);
        $unsure = array_filter($pulls, static fn(int $i): bool => $i === $index || !($sure[$i] ?? false), ARRAY_FILTER_USE_KEY);
        if ($all <= self::ASKED || count($unsure) === count($pulls)) {
            return $all;
        }

        return count($unsure) < 2 ? 0.0 : min($all, self::lawOfOthers($knob, $unsure, $index, $stickiness)->surprise($at, $force));
    }

    /** @param array<int, Pull> $pulls two at least */
    private static function lawOfOthers(Knob $knob, array $pulls, int $index, ?float $stickiness): KnobLaw
    {
        unset($pulls[$index]);
        $points = array_values(
            array_map(static fn(Pull $pull): array => [$pull->position, $pull->running($stickiness)->inNewtons()], $pulls),
        );

        return KnobLaw::fitted($knob, $points === [] ? [[0.0, 1.0]] : $points);
    }

    private static function shifted(Pull $pull, float $times): Pull
    {
        $by = static fn(?Force $force): ?Force => $force === null ? null : Force::newtons($times * $force->inNewtons());

        return Pull::of($pull->position, $by($pull->running), $by($pull->startUp));
    }
}
