<?php

declare(strict_types=1);

namespace Undro\Trouble;

/** Where a trouble comes from, and what to do about it. Source: handbook, chapter 1, trouble. */
enum Cause: string
{
    case AgainstRotor = 'against_rotor';
    case Memory = 'memory';
    case SlippingDrag = 'slipping_drag';
    case BailByHandle = 'bail_by_handle';
    case Overfilled = 'overfilled';
    case LooseWraps = 'loose_wraps';
    case RoughLay = 'rough_lay';
    case BareArbor = 'bare_arbor';
    case ShortGrip = 'short_grip';
    case ThickUnder = 'thick_under';
    case HardPull = 'hard_pull';
    case Low = 'low';
    case TooThick = 'too_thick';
    case ReelLay = 'reel_lay';
    case LevelWind = 'level_wind';
    case FromTheSide = 'from_the_side';
    case Washers = 'washers';
    case Stored = 'stored';
    case Worn = 'worn';
    case Nick = 'nick';
    case WeakKnot = 'weak_knot';
    case DragRose = 'drag_rose';

    /** What happened. */
    public function words(): string
    {
        return match ($this) {
            self::AgainstRotor => 'The line circled off the filler against the rotor, or over its end onto a baitcaster',
            self::Memory => 'The line remembers the filler: memory',
            self::SlippingDrag => 'It was wound against a slipping drag',
            self::BailByHandle => 'The bail was closed with the handle, and slack lies under the wraps',
            self::Overfilled => 'The spool is overfilled',
            self::LooseWraps => 'Loose wraps lie under tight ones',
            self::RoughLay => 'Thin braid lies on a rough lay',
            self::BareArbor => 'Slick line sits on a bare arbor',
            self::ShortGrip => 'There is too little backing under it to grip',
            self::ThickUnder => 'Thin line lies on thick coils',
            self::HardPull => 'A hard pull came after a loose retrieve',
            self::Low => 'The level is low',
            self::TooThick => 'The line is too thick or springy for the spool',
            self::ReelLay => 'The reel itself lays it like that: its shims, or how it moves the spool',
            self::LevelWind => 'The level-wind was off centre at the join',
            self::FromTheSide => 'The filler was pulled from the side',
            self::Washers => 'Dry or dirty washers',
            self::Stored => 'Washers pressed flat in storage',
            self::Worn => 'Age, sun and rubbing',
            self::Nick => 'One nick',
            self::WeakKnot => 'The knot keeps less than believed',
            self::DragRose => 'The drag rose as the spool emptied',
        };
    }

    /** What to do. */
    public function remedy(): string
    {
        return match ($this) {
            self::AgainstRotor => 'Trail the bare line behind a boat or in a current: the twist runs out. At the next fill do the slack test.',
            self::Memory => 'Soak the filled spool, or stretch the line: tie the end to a post and pull, a glove on. Wind it back firm.',
            self::SlippingDrag => 'Trail the bare line. Let a fish run when it runs; lift, then wind down, never while the drag slips.',
            self::BailByHandle => 'Close the bail by hand, draw the line snug, then wind.',
            self::Overfilled => 'Read the level, and take line off down to the gap.',
            self::LooseWraps => 'Wind off past the soft place and back on under tension.',
            self::RoughLay => 'Fill it less for thin braid: a little more room under the lip.',
            self::BareArbor => 'Strip it. Tape, a little nylon, or the band in the spool’s groove. Never glue on the main line.',
            self::ShortGrip => 'Strip it, and plan more backing.',
            self::ThickUnder => 'Strip to below the place, and plan thinner backing.',
            self::HardPull => 'Strip to below the place, and wind on under tension.',
            self::Low => 'Read the level now, and top it up.',
            self::TooThick => 'Ask which line suits this spool and this fishing.',
            self::ReelLay => 'Shim washers under the spool, where the reel has them. The plan knows a poor lay: say so at the spool.',
            self::LevelWind => 'Wind off past the join, centre the level-wind, wind on again.',
            self::FromTheSide => 'Wind off and on again, the filler straight in front of the rod.',
            self::Washers => 'Pull it with a scale: over 1.25 times the running force at the start, clean and grease the washers.',
            self::Stored => 'Back the drag off and pull some line by hand, then measure. Loosen it for storage.',
            self::Worn => 'Write down what you found: the advice, the date and the drag go by it.',
            self::Nick => 'Feel along the line with wet fingers. Cut back past it; until then the line counts for half.',
            self::WeakKnot => 'Pull-test the knot round a dowel, and keep what it held.',
            self::DragRose => 'Ease off as the spool empties: the card says how far.',
        };
    }

    /** Where the app does it. */
    public function action(): Action
    {
        return match ($this) {
            self::AgainstRotor, self::SlippingDrag, self::BailByHandle => Action::TwistLab,
            self::Memory, self::LooseWraps, self::RoughLay, self::BareArbor, self::ShortGrip, self::ThickUnder, self::HardPull,
            self::LevelWind, self::FromTheSide => Action::WindAnew,
            self::Overfilled, self::Low => Action::ReadLevel,
            self::TooThick => Action::WhichLine,
            self::ReelLay => Action::Spool,
            self::Washers, self::Stored => Action::PullDrag,
            self::Worn, self::Nick => Action::LookOver,
            self::WeakKnot => Action::TestKnot,
            self::DragRose => Action::RunsOut,
        };
    }
}
