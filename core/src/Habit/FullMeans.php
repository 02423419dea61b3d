<?php

declare(strict_types=1);

namespace Undro\Habit;

/** Where a spool counts as full. Source: handbook, chapter 1, where anglers disagree. */
enum FullMeans: string
{
    case Rule = 'rule';
    case Bevel = 'bevel';
    case Two = 'two_mm';
    case Sixteenth = 'sixteenth';
    case Eighth = 'eighth';
    case Brim = 'brim';

    /**
     * The gap that stands in for the rule's base, mm; null: the rule's own.
     *
     * @param float|null $bevelMm depth of the bevel, where there is one
     */
    public function baseMm(?float $bevelMm): ?float
    {
        return match ($this) {
            self::Rule => null,
            self::Bevel => $bevelMm,
            self::Two => 1.75,
            self::Sixteenth => 25.4 / 16,
            self::Eighth => 25.4 / 8,
            self::Brim => 0.0,
        };
    }
}
