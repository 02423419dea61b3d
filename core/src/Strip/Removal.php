<?php

declare(strict_types=1);

namespace Undro\Strip;

/** What can become of the line on a spool. Source: handbook, chapters 3 (reel to reel) and 6 (cut back, turn over). */
enum Removal: string
{
    case Off = 'off';
    case CutBack = 'cut_back';
    case TurnOver = 'turn_over';
    case OntoFiller = 'onto_filler';
    case OntoReel = 'onto_reel';

    /** Shown wherever line comes off. Source: handbook, chapter 1. */
    public const CAUTION = 'A drill turns slowly, sleeves and gloves clear, line never round a finger. Waste line kills wildlife: cut it '
        . 'short, bag it, take it to a recycling point or follow the local waste rules.';

    /** As the screen says it. */
    public function word(): string
    {
        return match ($this) {
            self::Off => 'All of it off, to waste',
            self::CutBack => 'Cut the worn end back',
            self::TurnOver => 'Turn it end for end',
            self::OntoFiller => 'Back onto a filler',
            self::OntoReel => 'Onto another reel',
        };
    }

    /** How it is done, and what to mind. */
    public function how(): string
    {
        return match ($this) {
            self::Off => 'Pull it off by hand onto a piece of cardboard, or with a drill at low speed. Cut it short, bag it, take it to '
                . 'a recycling point.',
            self::CutBack => 'Pull the worn metres off, cut, and tie the leader on again. Cut the waste short and bag it.',
            self::TurnOver => 'Onto a spare reel or a filler, and from there onto a second one, and back: the end from the arbor comes '
                . 'out on top.',
            self::OntoFiller => 'The reel’s drag is the brake. Start in the filler’s line slot with a bit of tape over it, and end there '
                . 'too.',
            self::OntoReel => 'The old reel’s drag is the brake, set light. Tie end to end and wind it across.',
        };
    }
}
