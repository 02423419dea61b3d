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
    public const CAUTION = 'A running drill catches sleeves, hair and loose line. Never wind line round a finger. Waste line kills wildlife: cut '
        . 'it short, bag it, follow the local waste rules.';

    /** As the screen says it. */
    public function word(): string
    {
        return match ($this) {
            self::MainOff => 'Main line off, backing stays',
            self::CutBack => 'Cut the worn end back',
            self::TurnOver => 'Turn the main line end for end',
            self::Grass => 'Turn it on grass',
            self::ToSpare => 'Main line onto another reel',
            self::OntoFiller => 'Main line back onto a filler',
            self::Off => 'All of it off, to waste',
            self::OntoReel => 'All of it onto another reel',
        };
    }

    /** How it is done, and what to mind. */
    public function how(): string
    {
        return match ($this) {
            self::MainOff => 'Pull it off by hand onto a piece of cardboard until the join runs through your fingers, and cut there. '
                . 'Cut the waste short and bag it.',
            self::CutBack => 'Pull the worn line off, cut, and tie the leader on again. Cut the waste short and bag it.',
            self::TurnOver => 'Off to the join, and cut there. Onto one carrier, across to a second, and back: three windings, the '
                . 'worn end joined to the backing.',
            self::Grass => 'Off to the join, cut there, laid out its whole length on clean grass. Join the worn end to the backing '
                . 'and wind it on: one winding.',
            self::ToSpare => 'The old reel’s drag is the brake, set light. Wind it across to the join and cut there: the worn end '
                . 'lies at the bottom, the fresh end on top.',
            self::OntoFiller => 'The reel’s drag is the brake. Start in the filler’s line slot with a bit of tape over it, and end there '
                . 'too.',
            self::Off => 'Pull it off by hand onto a piece of cardboard, or with a drill at low speed. Cut it short, bag it, take it to '
                . 'a recycling point.',
            self::OntoReel => 'Wind it across to the arbor. The old backing then comes out on top there, and is taken off, to waste.',
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
