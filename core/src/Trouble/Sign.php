<?php

declare(strict_types=1);

namespace Undro\Trouble;

use Undro\Spool\ReelKind;

/** What an angler sees go wrong, with what it comes from, likeliest first. Source: handbook, chapter 1, troubleshooting. */
enum Sign: string
{
    case Loops = 'loops';
    case WindKnots = 'wind_knots';
    case Backlash = 'backlash';
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
            self::WindKnots => 'loops jump off the spool when you cast',
            self::Backlash => 'the spool overruns on the cast and tangles (backlash)',
            self::FillTurns => 'all the line spins on the arbor under load',
            self::DigsIn => 'line digs in, and snaps on the next cast',
            self::ShortCasts => 'casts are short, or you gain little line per turn',
            self::Hump => 'line piles up in a hump, a cone or at one side',
            self::Jerks => 'the drag jerks at the start of a run',
            self::Feels => 'line feels rough, faded, milky, coiled or frayed',
            self::Breaks => 'line breaks, at the knot or elsewhere',
        };
    }

    /** It can be seen on such a reel. @param ReelKind|null $reel null: not known */
    public function isSeenOn(?ReelKind $reel): bool
    {
        return $reel === null || match ($this) {
            self::WindKnots => $reel !== ReelKind::Baitcasting,
            self::Backlash => $reel === ReelKind::Baitcasting,
            default => true,
        };
    }

    /** What to do at once, whatever it came from; null: nothing. */
    public function atOnce(): ?string
    {
        return match ($this) {
            self::Backlash => 'Pick the loops out by hand. Don’t reel over them.',
            default => null,
        };
    }

    /** @return non-empty-list<Cause> likeliest first, where nothing is known of the spool */
    public function causes(): array
    {
        return match ($this) {
            self::Loops => [Cause::SpinningLure, Cause::AgainstRotor, Cause::Memory, Cause::SlippingDrag, Cause::BailByHandle],
            self::WindKnots => [Cause::Overfilled, Cause::LooseWraps, Cause::RoughLay, Cause::BailByHandle, Cause::Twist, Cause::Memory],
            self::Backlash => [
                Cause::SpoolTension, Cause::BrakeLow, Cause::ThumbLate, Cause::IntoWind, Cause::Overfilled, Cause::LightLure,
            ],
            self::FillTurns => [Cause::BareArbor, Cause::ShortGrip],
            self::DigsIn => [Cause::LooseWraps, Cause::ThickUnder, Cause::HardPull, Cause::ThinBraid],
            self::ShortCasts => [Cause::Low, Cause::TooThick, Cause::Guides, Cause::ColdLine, Cause::BrakesTight, Cause::LightLure],
            self::Hump => [Cause::ReelLay, Cause::LevelWind, Cause::FromTheSide],
            self::Jerks => [Cause::Washers, Cause::Stored],
            self::Feels => [Cause::Worn, Cause::Nick],
            self::Breaks => [
                Cause::WeakKnot, Cause::Nick, Cause::DragRose, Cause::Guides, Cause::LineRoller, Cause::DryKnot, Cause::KnotLeftIn,
                Cause::DragTight,
            ],
        };
    }
}
