<?php

declare(strict_types=1);

namespace Undro\Spool;

use Undro\Units\LengthUnit;

/** How a bare pair on a spool is to be read, when the angler overrules what its shape says. */
enum StampUnits: string
{
    case PoundsYards = 'lb_yd';
    case PoundsMetres = 'lb_m';
    case MillimetresMetres = 'mm_m';
    case PeMetres = 'pe_m';

    /** The unit of its lengths. */
    public function lengthUnit(): LengthUnit
    {
        return $this === self::PoundsYards ? LengthUnit::Yard : LengthUnit::Metre;
    }
}
