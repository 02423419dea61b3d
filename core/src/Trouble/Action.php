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
            self::TwistLab => 'Open the twist lab',
            self::WindAnew => 'Plan and wind again',
            self::ReadLevel => 'Measure the line level',
            self::WhichLine => 'Choose a line',
            self::Spool => 'Set the line lay',
            self::PullDrag => 'Measure the drag',
            self::LookOver => 'Check the line',
            self::TestKnot => 'Knots and pull tests',
            self::RunsOut => 'Drag by line out',
        };
    }
}
