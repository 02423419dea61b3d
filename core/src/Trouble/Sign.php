<?php

declare(strict_types=1);

namespace Undro\Trouble;

/** What an angler sees go wrong, with what it comes from, likeliest first. Source: handbook, chapter 1, trouble. */
enum Sign: string
{
    case Loops = 'loops';
    case WindKnots = 'wind_knots';
    case FillTurns = 'fill_turns';
    case DigsIn = 'digs_in';
    case ShortCasts = 'short_casts';
    case Hump = 'hump';
    case Jerks = 'jerks';
    case Feels = 'feels';
    case Breaks = 'breaks';

    /** As one would say it. */
    public function words(): string
    {
        return match ($this) {
            self::Loops => 'slack springs into loops',
            self::WindKnots => 'loops jump off the spool at the cast',
            self::FillTurns => 'all of the line turns on the arbor under drag',
            self::DigsIn => 'line digs in, and snaps on the next cast',
            self::ShortCasts => 'casts are short, the retrieve is slow',
            self::Hump => 'line lies in a hump, a cone or at one side',
            self::Jerks => 'the drag jerks at the start of a run',
            self::Feels => 'line feels rough, faded, milky, coiled or frayed',
            self::Breaks => 'it breaks, at the knot or between',
        };
    }

    /** @return non-empty-list<Cause> likeliest first, where nothing is known of the spool */
    public function causes(): array
    {
        return match ($this) {
            self::Loops => [Cause::AgainstRotor, Cause::Memory, Cause::SlippingDrag, Cause::BailByHandle],
            self::WindKnots => [Cause::Overfilled, Cause::LooseWraps, Cause::RoughLay, Cause::BailByHandle],
            self::FillTurns => [Cause::BareArbor, Cause::ShortGrip],
            self::DigsIn => [Cause::LooseWraps, Cause::ThickUnder, Cause::HardPull],
            self::ShortCasts => [Cause::Low, Cause::TooThick],
            self::Hump => [Cause::ReelLay, Cause::LevelWind, Cause::FromTheSide],
            self::Jerks => [Cause::Washers, Cause::Stored],
            self::Feels => [Cause::Worn, Cause::Nick],
            self::Breaks => [Cause::WeakKnot, Cause::Nick, Cause::DragRose],
        };
    }
}
