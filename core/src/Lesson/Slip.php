<?php

declare(strict_types=1);

namespace Undro\Lesson;

use Undro\Practice\Mistake;

/** What a beginner does wrong in a lesson. Source: handbook, chapters 2, 3 and 5; those at a drag are with the drag. */
enum Slip: string
{
    case Askew = 'askew';
    case FewReadings = 'few_readings';
    case WrongGap = 'wrong_gap';
    case Blind = 'blind';
    case Opposed = 'opposed';
    case TurnedRight = 'turned_right';
    case Untested = 'untested';
    case TestedEarly = 'tested_early';
    case NothingToTell = 'nothing_to_tell';
    case Loose = 'loose';
    case Past = 'past';
    case SoakedTwist = 'soaked_twist';
    case LeftLoops = 'left_loops';
    case Tightened = 'tightened';
    case Late = 'late';
    case TooFar = 'too_far';
    case Fast = 'fast';
    case NotZeroed = 'not_zeroed';
    case FromAbove = 'from_above';
    case Leap = 'leap';
    case FewPulls = 'few_pulls';
    case Broke = 'broke';

    /** In a word or two, for a record. */
    public function word(): string
    {
        return match ($this) {
            self::Askew => 'the blade was not square',
            self::FewReadings => 'fewer than three readings',
            self::WrongGap => 'wrong full level',
            self::Blind => 'without looking',
            self::Opposed => 'against the rotor',
            self::TurnedRight => 'flipped a well-placed spool',
            self::Untested => 'no slack test',
            self::TestedEarly => 'tested too soon',
            self::NothingToTell => 'slack test on an axle',
            self::Loose => 'wound loosely',
            self::Past => 'past the mark',
            self::SoakedTwist => 'soaked twisted line',
            self::LeftLoops => 'left loops in',
            self::Tightened => 'tightened with line out',
            self::Late => 'eased too late',
            self::TooFar => 'eased too far',
            self::Broke => 'the line broke',
            self::Fast, self::NotZeroed, self::FromAbove, self::Leap, self::FewPulls => Mistake::from($this->value)->word(),
        };
    }

    /** What came of it, and what is right. */
    public function says(): string
    {
        return match ($this) {
            self::Askew => 'The blade was not square, so it read too deep. Lay the ruler across both edges of the lip and drop the blade '
                . 'square to it.',
            self::FewReadings => 'You took fewer than three readings. One is good to 0.3 mm at best, and line isn’t level all round. Take '
                . 'three and use the middle one.',
            self::WrongGap => 'That isn’t the full level for this reel and line. See the reasons below.',
            self::Blind => 'You guessed which way the two turn. Turn the handle and watch, then pull off some line and watch.',
            self::Opposed => 'They turn opposite ways, so the twists add up. Flip the filler spool before you wind more.',
            self::TurnedRight => 'They turned the same way. Flipping the filler spool made the twists add up. Loops here come from '
                . 'memory, or from a large filler spool.',
            self::Untested => 'You skipped the slack test. After ten to twenty turns, let a metre of slack hang from the tip.',
            self::TestedEarly => 'With fewer than ten turns wound, slack says little. Wind ten to twenty turns, then test.',
            self::NothingToTell => 'With the filler spool on an axle, slack says nothing about direction.',
            self::Loose => 'You wound loosely. Loose line takes more room, throws wind knots, and lets tight turns above cut into it.',
            self::Past => 'You went past the mark. With all the main line, the spool would be too full. Wind some back onto the filler '
                . 'spool, firmly.',
            self::SoakedTwist => 'That line is twisted, and soaking removes no twist. Check which way the two turn.',
            self::LeftLoops => 'You left loops in. They come off the spool as wind knots.',
            self::Tightened => 'You tightened with line out. The spool is smaller then, so the drag already pulls harder. Ease off as it '
                . 'empties, and slow a fish with your palm.',
            self::Late => 'The drag rose to one and a half times its setting before you eased off. Ease off before the next run, not during it.',
            self::TooFar => 'You eased off to less than 70 % of the setting. A fish takes line too easily. Ease off a little at a time.',
            self::Broke => 'The line broke. Keep your eyes away from the rod tip and nobody in line with the rod: a broken line springs back.',
            self::Fast, self::NotZeroed, self::FromAbove, self::Leap, self::FewPulls => Mistake::from($this->value)->says(),
        };
    }
}
