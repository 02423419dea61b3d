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
            self::NotZeroed => 'the needle was not at zero',
            self::FromAbove => 'turned down to the setting',
            self::Leap => 'more than doubled the force',
            self::FewPulls => 'too few pulls',
        };
    }

    /** What came of it, and what is right. */
    public function says(): string
    {
        return match ($this) {
            self::Fast => 'You jerked. The scale shows a start-up force that is too high, and no running force. Pull slowly and steadily.',
            self::NotZeroed => 'The needle was not at zero, so the reading is wrong. Reset it before each pull.',
            self::FromAbove => 'You turned down to the setting. The washers then hold too much for the first pull. Go back past the '
                . 'setting, and come up to it.',
            self::Leap => 'That move more than doubled the force. At most double it, and reach the target from below.',
            self::FewPulls => 'You moved on after fewer than three pulls, so their scatter is unknown. Pull at least three times.',
        };
    }
}
