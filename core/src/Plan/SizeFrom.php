<?php

declare(strict_types=1);

namespace Undro\Plan;

use Undro\Line\Material;
use Undro\Spool\Tolerance;

/** Where the thickness of a line comes from. */
enum SizeFrom: string
{
    case Label = 'label';
    /** a micrometer, or touching wraps over at least 10 mm */
    case Measured = 'measured';
    /** touching wraps over at least 5 mm */
    case ShortWrapTest = 'short_wrap_test';

    /** Relative sd of the cell. @param bool $nominal the thickness is taken from a strength */
    public function cellSd(Material $material, bool $nominal): float
    {
        return match (true) {
            $nominal => $material->nominalCellSd(),
            $this === self::Measured => Tolerance::CELL_MEASURED,
            $this === self::ShortWrapTest => Tolerance::CELL_SHORT_WRAP_TEST,
            default => $material->cellSd(),
        };
    }
}
