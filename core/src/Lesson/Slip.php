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
            self::Askew => 'the blade askew',
            self::FewReadings => 'fewer than three readings',
            self::WrongGap => 'another gap',
            self::Blind => 'without looking',
            self::Opposed => 'against the rotor',
            self::TurnedRight => 'turned over what lay right',
            self::Untested => 'no slack test',
            self::TestedEarly => 'tested too soon',
            self::NothingToTell => 'slack off an axle',
            self::Loose => 'wound loosely',
            self::Past => 'past the mark',
            self::SoakedTwist => 'soaked what was twisted',
            self::LeftLoops => 'left loops in',
            self::Tightened => 'tightened with line out',
            self::Late => 'eased too late',
            self::TooFar => 'eased too far',
            self::Broke => 'the line parted',
            self::Fast, self::NotZeroed, self::FromAbove, self::Leap, self::FewPulls => Mistake::from($this->value)->word(),
        };
    }

    /** What came of it, and what is right. */
    public function says(): string
    {
        return match ($this) {
            self::Askew => 'The blade stood askew: it reads too deep. Lay the rule across both edges of the lip and drop the blade square to it.',
            self::FewReadings => 'Fewer than three readings: one place is good to 0.3 mm at best, and line does not lie alike all round. Read '
                . 'three places and take their middle.',
            self::WrongGap => 'That is not the gap for this reel and this line: the reasons stand below.',
            self::Blind => 'Nobody had looked which way the two turn, so it was a guess. Turn the handle and look; pull some line and look.',
            self::Opposed => 'They turn against each other: the two twists add. Turn the filler over before more goes on.',
            self::TurnedRight => 'They turned the same way: turned over, the twists add. Loops here are memory, or a large filler on a small spool.',
            self::Untested => 'Left without a slack test: ten to twenty turns on, let a metre of slack hang from the tip.',
            self::TestedEarly => 'Fewer than ten turns are on: slack says little yet. Ten to twenty turns, then test.',
            self::NothingToTell => 'The filler turns on an axle: slack says nothing of direction there.',
            self::Loose => 'Wound loosely: it takes more room than it will, braid throws wind knots off it, and tight turns above cut into it.',
            self::Past => 'Past the mark: with all of the main line it would end too full. Wind some back onto the filler, firmly.',
            self::SoakedTwist => 'That line is twisted: soaking takes no twist out. Look which way the two turn.',
            self::LeftLoops => 'Loops were left in: they come off the spool as knots in the wind.',
            self::Tightened => 'Tightened with line out: the spool is smaller, so it pulls harder already. Ease off as it empties, never tighten; '
                . 'slow a fish with a palm.',
            self::Late => 'Half as much again as it was set to before anything was eased. Ease off before the next run, not in it.',
            self::TooFar => 'Eased to less than seven tenths: a fish takes line for nothing. A little at a time.',
            self::Broke => 'The line parted. Eyes away from the tip, nobody in line with the rod: what lets go comes back.',
            self::Fast, self::NotZeroed, self::FromAbove, self::Leap, self::FewPulls => Mistake::from($this->value)->says(),
        };
    }
}
