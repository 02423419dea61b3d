<?php

declare(strict_types=1);

namespace Undro\Knot;

/** The knots by their standard names, with what each keeps of the weaker line. Source: handbook, chapter 4. */
enum Knot: string
{
    case Arbor = 'arbor';
    case DoubleOverhand = 'double_overhand';
    case Uni = 'uni';
    case FigureEight = 'figure_eight';
    case TapedTag = 'taped_tag';
    case DoubleUni = 'double_uni';
    case Albright = 'albright';
    case Alberto = 'alberto';
    case Surgeons = 'surgeons';
    case Blood = 'blood';
    case Fg = 'fg';
    case Palomar = 'palomar';
    case ImprovedClinch = 'improved_clinch';
    case UniAtHook = 'uni_hook';
    case NonSlipLoop = 'non_slip_loop';

    /** A line under this takes more turns in a non-slip loop. Source: handbook, chapter 4, hook knots. */
    public const THIN_MM = 0.25;

    /** As the screen says it. */
    public function word(): string
    {
        return match ($this) {
            self::Arbor => 'arbor knot',
            self::DoubleOverhand => 'double overhand',
            self::Uni => 'uni',
            self::FigureEight => 'figure-eight noose',
            self::TapedTag => 'taped tag',
            self::DoubleUni => 'double uni',
            self::Albright => 'Albright',
            self::Alberto => 'Alberto',
            self::Surgeons => 'surgeon’s',
            self::Blood => 'blood knot',
            self::Fg => 'FG',
            self::Palomar => 'Palomar',
            self::ImprovedClinch => 'improved clinch',
            self::UniAtHook => 'uni at the hook',
            self::NonSlipLoop => 'non-slip loop',
        };
    }

    /** Whether it ties line to an arbor. */
    public function toArbor(): bool
    {
        return in_array($this, [self::Arbor, self::DoubleOverhand, self::Uni, self::FigureEight, self::TapedTag], true);
    }

    /** Whether it ties line to a hook, lure or snap. */
    public function toHook(): bool
    {
        return in_array($this, [self::Palomar, self::ImprovedClinch, self::UniAtHook, self::NonSlipLoop], true);
    }

    /** Whether it is tied at this place. */
    public function isTiedAt(Where $where): bool
    {
        return match ($where) {
            Where::Arbor => $this->toArbor(),
            Where::Hook => $this->toHook(),
            Where::Buried, Where::Guides => $this->joins(),
        };
    }

    /** Whether it ties one line to another. */
    public function joins(): bool
    {
        return !$this->toArbor() && !$this->toHook();
    }

    /**
     * What it keeps of the weaker line. General experience, not a promise; the low end counts until somebody has tested.
     *
     * @return array{float, float}|null null: it never carries a fish
     */
    public function keeps(): ?array
    {
        return match ($this) {
            self::DoubleUni, self::Surgeons, self::Blood => [0.75, 0.85],
            self::Albright => [0.80, 0.90],
            self::Alberto => [0.85, 0.95],
            self::Fg => [0.90, 1.00],
            self::ImprovedClinch => [0.75, 0.90],
            self::UniAtHook => [0.80, 0.90],
            self::Palomar, self::NonSlipLoop => [0.85, 0.95],
            default => null,
        };
    }

    /**
     * The turns that differ by where it lies and by its lines: of each line, or of each way. Its film is one of these.
     *
     * @param bool $braid one of the lines is braid
     * @param bool $thin  the line is under 0.25 mm
     *
     * @return list<int>
     */
    public function wraps(Where $where, bool $braid, bool $thin = false): array
    {
        $buried = $where === Where::Buried;

        return match ($this) {
            self::DoubleUni => $buried ? [3, 3] : ($braid ? [5, 7] : [5, 5]),
            self::Alberto => $buried ? [3] : [7],
            self::UniAtHook => $braid ? [7] : [5],
            self::NonSlipLoop => $thin ? [7] : [5],
            default => [],
        };
    }

    /** How many turns, for a buried join or one that goes through the guides. */
    public function turns(Where $where, bool $braid, bool $thin = false): ?string
    {
        $buried = $where === Where::Buried;
        [$one, $other] = [...$this->wraps($where, $braid, $thin), 0, 0];

        return match ($this) {
            self::DoubleOverhand => '2 turns',
            self::Uni => '3 to 4 turns',
            self::DoubleUni => $one === $other ? "{$one} + {$other} turns" : "{$one} turns in the thicker, {$other} in the braid",
            self::Albright => $buried ? '7 turns' : '7 to 10 turns',
            self::Alberto => "{$one} turns down, {$one} back",
            self::Surgeons => $buried ? 'twice through' : 'two or three times through',
            self::Blood => '5 to 7 turns each',
            self::Fg => '18 to 24 crossings',
            self::ImprovedClinch => '5 to 6 turns',
            self::UniAtHook, self::NonSlipLoop => "{$one} turns",
            default => null,
        };
    }

    /** How slim it is and how quick to tie, 0 to 1. General experience of the handbook's table, put in order. */
    public function slim(): float
    {
        return match ($this) {
            self::Fg => 1.0,
            self::Alberto, self::Blood => 0.75,
            self::Albright => 0.7,
            self::DoubleUni => 0.5,
            self::Surgeons => 0.3,
            default => 0.5,
        };
    }

    /** How quickly it is tied, 0 to 1. Ours, by general experience. */
    public function quick(): float
    {
        return match ($this) {
            self::DoubleOverhand => 1.0,
            self::Surgeons, self::Arbor => 0.9,
            self::DoubleUni, self::Uni, self::UniAtHook => 0.7,
            self::Palomar, self::ImprovedClinch => 0.8,
            self::NonSlipLoop => 0.5,
            self::FigureEight => 0.6,
            self::Albright, self::TapedTag => 0.5,
            self::Alberto, self::Blood => 0.4,
            self::Fg => 0.1,
        };
    }

    /** One line about it. */
    public function says(): string
    {
        return match ($this) {
            self::Arbor => 'An overhand round the standing line, a second in the tag as a stopper.',
            self::DoubleOverhand => 'The quickest; slips on bare braid.',
            self::Uni => 'A sliding loop over the spool, pulled down from outside: good with no room for fingers.',
            self::FigureEight => 'A noose that winding pulls tight: holds braid too.',
            self::TapedTag => 'No knot and no lump; only without backing, and the next layers must hide the tape.',
            self::DoubleUni => 'The all-rounder; ties with cold hands.',
            self::Albright => 'Thick loop, thin wraps: slim, for unequal lines.',
            self::Alberto => 'Wraps down and back over a loop; slimmer than a double uni.',
            self::Surgeons => 'The simplest, for like lines; a short end has to go through.',
            self::Blood => 'The slimmest of the equal pairs.',
            self::Fg => 'The slimmest through guides, the slowest to tie.',
            self::Palomar => 'The strongest with braid; the hook or lure has to pass through its loop.',
            self::ImprovedClinch => 'Quick with mono and fluorocarbon up to 0.40 mm; slips with braid.',
            self::UniAtHook => 'Holds with any line; the same moves as at the arbor.',
            self::NonSlipLoop => 'Leaves a small loop, so that a lure moves freely.',
        };
    }
}
