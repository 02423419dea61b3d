<?php

declare(strict_types=1);

namespace Undro\Line;

use Undro\Units\Force;

/**
 * What a line is made of, with everything the job knows about that material in one table.
 * Source of every figure: handbook, chapters 2 (filling), 3 (twist) and 5 (strike).
 */
enum Material: string
{
    case Mono = 'mono';
    case Fluoro = 'fluoro';
    case Hybrid = 'hybrid';
    case Braid = 'braid';

    /** By its word on the screen or in a shop, in any case: "mono", "Fluorocarbon"; null: it is none of them. */
    public static function called(string $word): ?self
    {
        $word = mb_strtolower(trim($word));
        foreach (self::cases() as $each) {
            if ($word === $each->value || $word === $each->word()) {
                return $each;
            }
        }

        return match ($word) {
            'nylon', 'monofilament', 'polyamide' => self::Mono,
            'braided', 'pe' => self::Braid,
            'fc', 'pvdf' => self::Fluoro,
            default => null,
        };
    }

    /** The word on screen. */
    public function word(): string
    {
        return match ($this) {
            self::Mono => 'mono',
            self::Fluoro => 'fluorocarbon',
            self::Hybrid => 'hybrid',
            self::Braid => 'braid',
        };
    }

    /** How much more room a wrap takes than its printed diameter says; braid's print is usually optimistic. */
    public function cellFactor(): float
    {
        return $this === self::Braid ? 1.10 : 1.00;
    }

    /** Relative standard deviation of the cell when only the label is known. */
    public function cellSd(): float
    {
        return match ($this) {
            self::Mono, self::Fluoro => 0.05,
            self::Hybrid => 0.06,
            self::Braid => 0.15,
        };
    }

    /** Relative standard deviation of the cell when the diameter came from a strength by the nominal table. */
    public function nominalCellSd(): float
    {
        return $this === self::Braid ? 0.22 : 0.12;
    }

    /** kg/m3 */
    public function density(): float
    {
        return match ($this) {
            self::Mono => 1140.0,
            self::Hybrid => 1350.0,
            self::Fluoro => 1780.0,
            self::Braid => 970.0,
        };
    }

    /** Young's modulus E in GPa; null where the line is not elastic in bending. */
    public function youngsModulus(): ?float
    {
        return match ($this) {
            self::Mono => 2.2,
            self::Hybrid => 2.4,
            self::Fluoro => 2.8,
            self::Braid => null,
        };
    }

    /** Shear modulus G in GPa; null where the line is not elastic in torsion. */
    public function shearModulus(): ?float
    {
        return match ($this) {
            self::Mono => 0.80,
            self::Hybrid => 0.85,
            self::Fluoro => 1.00,
            self::Braid => null,
        };
    }

    /** Elongation at a quarter of the rated strength, as a fraction. */
    public function elongationAtQuarter(): float
    {
        return match ($this) {
            self::Mono => 0.07,
            self::Hybrid => 0.06,
            self::Fluoro => 0.05,
            self::Braid => 0.012,
        };
    }

    /**
     * How stiff a line of this rated strength is: the force that would stretch it to twice its length, were it straight all the way.
     * Source: handbook, chapter 5.
     */
    public function stiffness(Force $rated): Force
    {
        return Force::newtons(0.25 * $rated->inNewtons() / $this->elongationAtQuarter());
    }
}
