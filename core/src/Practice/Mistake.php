<?php

declare(strict_types=1);

namespace Undro\Practice;

/** What a beginner does wrong with a drag and a gauge. Source: handbook, chapter 5, setting it. */
enum Mistake: string
{
    case Fast = 'fast';
    case NotZeroed = 'not_zeroed';
    case FromAbove = 'from_above';
    case Leap = 'leap';
    case FewPulls = 'few_pulls';

    /** In a word or two. */
    public function word(): string
    {
        return match ($this) {
            self::Fast => 'a jerk',
            self::NotZeroed => 'the needle not at zero',
            self::FromAbove => 'turned down to it',
            self::Leap => 'a leap of more than double',
            self::FewPulls => 'left after too few pulls',
        };
    }

    /** What came of it, and what is right. */
    public function says(): string
    {
        return match ($this) {
            self::Fast => 'A jerk: the gauge shows a start-up that is too high, and no running force. Pull slowly and steadily.',
            self::NotZeroed => 'The needle did not stand at zero, so the reading carries that along. Put it back before each pull.',
            self::FromAbove => 'Turned down to it: for the first pull the washers hold more than they will. Go back past the place, and come up to it.',
            self::Leap => 'That move more than doubled the force. Move so that it doubles at the most, and meet the target from below.',
            self::FewPulls => 'Left after fewer than three pulls at this place: nobody knows how far they scatter. Pull three times or more.',
        };
    }
}
