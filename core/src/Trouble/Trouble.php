<?php

declare(strict_types=1);

namespace Undro\Trouble;

use Undro\Fill\Level as FillLevel;
use Undro\Line\Lay;
use Undro\Line\Under;
use Undro\Spool\ReelKind;
use Undro\Twist\Feed;
use Undro\Twist\Slack;
use Undro\Units\Sentence;
use Undro\Upkeep\Finding;
use Undro\Upkeep\Level;
use Undro\Way\Ways;

/**
 * The causes of what was seen, likeliest first by what is known of the spool: what it speaks for comes first, what it speaks against last,
 * and what cannot be on such a reel or line is left out. Source: handbook, chapter 1, trouble.
 */
final readonly class Trouble
{
    /** @param Sentence|null $because what is known speaks for it, or against it; null: nothing does */
    private function __construct(public Cause $cause, public int $speaks, public ?Sentence $because) {}

    /** @return list<self> likeliest first */
    public static function of(Sign $sign, Known $known): array
    {
        $found = [];
        foreach ($sign->causes() as $place => $cause) {
            $weighed = self::weigh($cause, $known);
            if ($weighed !== null) {
                [$speaks, $because] = $weighed;
                $found[] = [$place, new self($cause, $speaks, $because)];
            }
        }
        usort($found, static fn(array $a, array $b): int => [-$a[1]->speaks, $a[0]] <=> [-$b[1]->speaks, $b[0]]);

        return array_map(static fn(array $each): self => $each[1], $found);
    }

    /** @return array{int, Sentence|null}|null 1: what is known speaks for it, -1: against it, 0: nothing is known; null: it cannot be */
    private static function weigh(Cause $cause, Known $known): ?array
    {
        if (!$cause->canBeOn($known->reel) || !$cause->canBeWith($known->main?->material)) {
            return null;
        }

        return match ($cause) {
            Cause::SpinningLure => $known->atBench === true ? null : [0, null],
            Cause::AgainstRotor, Cause::Twist => self::againstRotor($known),
            Cause::ReelLay => $known->lay === Lay::Coarse ? self::for('This spool lays line unevenly.') : [0, null],
            Cause::Overfilled, Cause::Low => self::level($cause, $known),
            Cause::RoughLay => $known->isBraid() === true && $known->lay === Lay::Coarse
                ? self::for('Braid on a spool that lays line unevenly.')
                : [0, null],
            Cause::BareArbor => match (true) {
                $known->backing !== null => self::against('There is backing.'),
                $known->grips => self::against('The arbor grips.'),
                $known->isBraid() === true => self::for('The braid is straight on an arbor that doesn’t grip.'),
                default => [0, null],
            },
            Cause::ShortGrip => self::shortGrip($known),
            Cause::ThickUnder => self::thickUnder($known),
            Cause::Washers, Cause::Stored => match ($known->sticky) {
                true => $cause === Cause::Washers ? self::for('The last saved setting was sticky.') : [0, null],
                false => $cause === Cause::Washers ? self::against('The last saved setting did not stick.') : [0, null],
                null => [0, null],
            },
            Cause::Worn => match (true) {
                $known->found !== null && $known->found !== Finding::Fine && $known->found !== Finding::Nicked
                    => self::for("The line was {$known->found->value}."),
                $known->worn !== null && $known->worn >= 1 => self::for('The line is past its age or its trips.'),
                $known->worn !== null && $known->worn < 0.5 => self::against('Going by age and trips, the line is not half worn.'),
                default => [0, null],
            },
            Cause::Nick => $known->found === Finding::Nicked ? self::for('The line was nicked.') : [0, null],
            Cause::DragRose => $known->rises === true
                ? self::for('As the spool empties, the drag reaches half of what the weakest link holds.')
                : [0, null],
            default => [0, null],
        };
    }

    /** @return array{int, Sentence|null} */
    private static function againstRotor(Known $known): array
    {
        return match (true) {
            $known->reel === ReelKind::Baitcasting && $known->feed === Feed::OverEnd => self::for('The line came over the end of the filler spool.'),
            $known->feed === Feed::Rotating => self::against('The filler spool turned with the line.'),
            $known->matched === false => self::for('At the last fill, reel and filler spool turned against each other.'),
            $known->matched === true => self::against('At the last fill, reel and filler spool turned the same way.'),
            $known->slack === Slack::Loops => self::for('The last slack test looped, and nobody had checked which way they turn.'),
            $known->slack === Slack::Straight => self::against('The last slack test hung straight.'),
            default => [0, null],
        };
    }

    /** @return array{int, Sentence|null} */
    private static function level(Cause $cause, Known $known): array
    {
        $low = $known->low();
        $full = $cause === Cause::Overfilled;
        if ($low === null || $known->level === null || $known->wanted === null) {
            return [0, null];
        }
        $says = Sentence::of('The line is {0} below the lip; {1} is full.', $known->level, $known->wanted);

        return match (true) {
            $full ? FillLevel::tooFull($known->level, $known->wanted) : $known->isLow ?? $low > Level::lowMm($known->reel) => [1, $says],
            $full ? $low > 0 : $low < Level::lowMm($known->reel) / 2 => [-1, $says],
            default => [0, $says],
        };
    }

    /** @return array{int, Sentence|null}|null */
    private static function shortGrip(Known $known): ?array
    {
        if ($known->backing === null || $known->backingLength === null) {
            return $known->main === null ? [0, null] : null;
        }

        return $known->backingLength->inMetres() < Ways::GRIP_M
            ? [1, Sentence::of('There is {0} of backing.', $known->backingLength)]
            : [-1, Sentence::of('There is {0} of backing.', $known->backingLength)];
    }

    /** @return array{int, Sentence|null}|null */
    private static function thickUnder(Known $known): ?array
    {
        if ($known->main === null || $known->backing === null) {
            return $known->main === null ? [0, null] : null;
        }
        $under = Under::of($known->backing, $known->main);
        $says = Sentence::of(
            sprintf('The backing is %.1F times as thick as the main line: {0} and {1}.', $under->ratio),
            $known->backing->diameter,
            $known->main->diameter,
        );

        return $under->thickish() ? [1, $says] : [-1, $says];
    }

    /** @return array{int, Sentence} */
    private static function for(string $words): array
    {
        return [1, Sentence::of($words)];
    }

    /** @return array{int, Sentence} */
    private static function against(string $words): array
    {
        return [-1, Sentence::of($words)];
    }
}
