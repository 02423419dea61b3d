<?php

declare(strict_types=1);

namespace Undro\Run;

/** What there is to do at the bench, in the order of the work. Source: handbook, chapter 3, the bench run. */
enum StepKind: string
{
    case Check = 'check';
    case Strip = 'strip';
    case LookOver = 'look_over';
    case Soak = 'soak';
    case Mount = 'mount';
    case Place = 'place';
    case Tie = 'tie';
    case FirstTurns = 'first_turns';
    case SlackTest = 'slack_test';
    case Wind = 'wind';
    case Join = 'join';
    case Level = 'level';
    case Cut = 'cut';
    case SoakAfter = 'soak_after';
    case Drag = 'drag';
    case Leader = 'leader';
    case HookKnot = 'hook_knot';
    case Label = 'label';
    case FirstOuting = 'first_outing';

    /** What the step needs beside words: named for the screen that shows it. */
    public function tool(): ?string
    {
        return match ($this) {
            self::Strip => 'strip',
            self::Soak, self::SoakAfter => 'timer',
            self::Place => 'twist',
            self::Tie, self::Join, self::Leader, self::HookKnot => 'knots',
            self::FirstTurns, self::Wind => 'count',
            self::SlackTest => 'slack',
            self::Level => 'level',
            self::Label => 'label',
            self::Drag => 'drag',
            default => null,
        };
    }
}
