<?php

declare(strict_types=1);

namespace Undro\Strip;

/** What can become of the line on a spool, the likeliest first. Source: handbook, chapters 1, 3 (reel to reel) and 6 (turning). */
enum Removal: string
{
    case MainOff = 'main_off';
    case CutBack = 'cut_back';
    case TurnOver = 'turn_over';
    case Grass = 'grass';
    case ToSpare = 'to_spare';
    case OntoFiller = 'onto_filler';
    case Off = 'off';
    case OntoReel = 'onto_reel';

    /** Shown wherever line comes off. Source: handbook, chapter 1. */
    public const CAUTION = 'A running drill catches sleeves, hair and loose line. Never wind line round a finger. Waste line kills '
        . 'wildlife. Cut it short, bag it, and follow the local waste rules.';

    /** As the screen says it. */
    public function word(): string
    {
        return match ($this) {
            self::MainOff => 'Strip the main line, keep the backing',
            self::CutBack => 'Cut back the worn end',
            self::TurnOver => 'Reverse the main line (end for end)',
            self::Grass => 'Reverse it on grass',
            self::ToSpare => 'Move the main line to another reel',
            self::OntoFiller => 'Move the main line to a filler spool',
            self::Off => 'Strip and discard everything',
            self::OntoReel => 'Move everything to another reel',
        };
    }

    /** How it is done, and what to mind. */
    public function how(): string
    {
        return match ($this) {
            self::MainOff => 'Pull the line off by hand onto cardboard until you feel the joining knot, and cut there. Cut the waste '
                . 'short and bag it.',
            self::CutBack => 'Pull off the worn line, cut it, and tie the leader on again. Cut the waste short and bag it.',
            self::TurnOver => 'Wind the line onto a spare spool and cut at the joining knot. Wind it across to a second spare spool, then '
                . 'back with its worn end tied to the backing. That is three windings.',
            self::Grass => 'Lay the whole main line out on clean grass and cut at the joining knot. Tie the worn end to the backing and '
                . 'wind it on. That is one winding.',
            self::ToSpare => 'Set the old reel’s drag light: that is your brake. Wind the line across to the joining knot and cut there. '
                . 'The worn end is now at the bottom, the fresh end on top.',
            self::OntoFiller => 'Use the reel’s drag as your brake. Start in the filler spool’s slot with a bit of tape over it, and end '
                . 'there too.',
            self::Off => 'Pull the line off by hand onto cardboard, or with a drill at low speed. Cut it short, bag it, and take it to a '
                . 'recycling point.',
            self::OntoReel => 'Wind everything across, down to the arbor. The old backing is on top then. Strip it and discard it.',
        };
    }

    /** Whether it ends on its own spool, the other way round. */
    public function turns(): bool
    {
        return $this === self::TurnOver || $this === self::Grass;
    }

    /** Whether it goes onto the spool of another reel. */
    public function ontoASpool(): bool
    {
        return $this === self::ToSpare || $this === self::OntoReel;
    }

    /** How often the line is wound from one place onto another. */
    public function windings(): int
    {
        return match ($this) {
            self::CutBack => 0,
            self::TurnOver => 3,
            default => 1,
        };
    }
}
