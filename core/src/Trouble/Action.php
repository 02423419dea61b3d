<?php

declare(strict_types=1);

namespace Undro\Trouble;

/** What the app offers against a trouble. */
enum Action: string
{
    case TwistLab = 'twist_lab';
    case WindAnew = 'wind_anew';
    case ReadLevel = 'read_level';
    case WhichLine = 'which_line';
    case Spool = 'spool';
    case PullDrag = 'pull_drag';
    case LookOver = 'look_over';
    case TestKnot = 'test_knot';
    case RunsOut = 'runs_out';

    /** As its button says it. */
    public function words(): string
    {
        return match ($this) {
            self::TwistLab => 'See it in the twist lab',
            self::WindAnew => 'Plan and wind it again',
            self::ReadLevel => 'Read the level',
            self::WhichLine => 'Which line?',
            self::Spool => 'Say how it lays line',
            self::PullDrag => 'Pull it with a scale',
            self::LookOver => 'Look the line over',
            self::TestKnot => 'The knots, and own pull tests',
            self::RunsOut => 'The drag as line runs out',
        };
    }
}
