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
        return match ($cause) {
            Cause::AgainstRotor => self::againstRotor($known),
            Cause::Memory => $known->isBraid() === true ? null : [0, null],
            Cause::BailByHandle => $known->reel !== null && $known->reel !== ReelKind::Spinning ? null : [0, null],
            Cause::LevelWind => $known->reel !== null && $known->reel !== ReelKind::Baitcasting ? null : [0, null],
            Cause::ReelLay => match (true) {
                $known->reel === ReelKind::Baitcasting => null,
                $known->lay === Lay::Coarse => self::for('This spool is known to lay line poorly.'),
                default => [0, null],
            },
            Cause::Overfilled, Cause::Low => self::level($cause, $known),
            Cause::RoughLay => match ($known->isBraid()) {
                false => null,
                true => $known->lay === Lay::Coarse ? self::for('Braid, and this spool lays line poorly.') : [0, null],
                null => [0, null],
            },
            Cause::BareArbor => match (true) {
                $known->backing !== null => self::against('There is backing under it.'),
                $known->grips => self::against('The arbor grips.'),
                $known->isBraid() === true => self::for('Braid straight onto an arbor that does not grip.'),
                default => [0, null],
            },
            Cause::ShortGrip => self::shortGrip($known),
            Cause::ThickUnder => self::thickUnder($known),
            Cause::Washers, Cause::Stored => match ($known->sticky) {
                true => $cause === Cause::Washers ? self::for('The setting kept last was sticky.') : [0, null],
                false => $cause === Cause::Washers ? self::against('The setting kept last did not stick.') : [0, null],
                null => [0, null],
            },
            Cause::Worn => match (true) {
                $known->found !== null && $known->found !== Finding::Fine && $known->found !== Finding::Nicked
                    => self::for("It was found {$known->found->value}."),
                $known->worn !== null && $known->worn >= 1 => self::for('It is past its age or its outings.'),
                $known->worn !== null && $known->worn < 0.5 => self::against('By age and outings it is not half worn.'),
                default => [0, null],
            },
            Cause::Nick => $known->found === Finding::Nicked ? self::for('It was found nicked.') : [0, null],
            Cause::DragRose => $known->rises === true
                ? self::for('By its curve the drag comes to half of what the weakest link bears.')
                : [0, null],
            default => [0, null],
        };
    }

    /** @return array{int, Sentence|null} */
    private static function againstRotor(Known $known): array
    {
        return match (true) {
            $known->reel === ReelKind::Baitcasting && $known->feed === Feed::OverEnd => self::for('It came over the end of the filler.'),
            $known->feed === Feed::Rotating => self::against('The filler turned with the line.'),
            $known->matched === false => self::for('At the last fill they turned against each other.'),
            $known->matched === true => self::against('At the last fill you looked: they turned the same way.'),
            $known->slack === Slack::Loops => self::for('The last slack test looped, and nobody had looked which way they turn.'),
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
        $says = Sentence::of('It lies {0} under the lip; {1} is full.', $known->level, $known->wanted);

        return match (true) {
            $full ? FillLevel::tooFull($known->level, $known->wanted) : $known->isLow ?? $low > Level::LOW_MM => [1, $says],
            $full ? $low > 0 : $low < Level::LOW_MM / 2 => [-1, $says],
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
            ? [1, Sentence::of('There are {0} of backing.', $known->backingLength)]
            : [-1, Sentence::of('There are {0} of backing.', $known->backingLength)];
    }

    /** @return array{int, Sentence|null}|null */
    private static function thickUnder(Known $known): ?array
    {
        if ($known->main === null || $known->backing === null) {
            return $known->main === null ? [0, null] : null;
        }
        $under = Under::of($known->backing, $known->main);
        $says = Sentence::of(
            sprintf('The backing is %.1F times as thick: {0} under {1}.', $under->ratio),
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
