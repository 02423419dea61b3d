<?php

declare(strict_types=1);

namespace Undro\Plan;

use Undro\Spool\Tolerance;

/** What the spool was measured with; the coarsest of the tools where there were several. */
enum MeasuredWith: string
{
    case Caliper = 'caliper';
    case Ruler = 'ruler';
    case PaperStrip = 'paper_strip';
    case Unknown = 'unknown';

    /** Relative sd of the room the measures give. */
    public function sd(): float
    {
        return match ($this) {
            self::Caliper => Tolerance::GEOMETRY_BY_CALIPER,
            self::Ruler => Tolerance::GEOMETRY_BY_RULER,
            self::PaperStrip => Tolerance::GEOMETRY_BY_PAPER_STRIP,
            self::Unknown => Tolerance::GEOMETRY,
        };
    }
}
