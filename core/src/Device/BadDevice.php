<?php

declare(strict_types=1);

namespace Undro\Device;

use Undro\DomainFault;

/** A device that says something that cannot be. */
final class BadDevice extends DomainFault
{
    /** Names “pulses”. */
    public static function noPulses(): self
    {
        return new self('pulses', 'A roller gives at least one pulse a turn.');
    }

    /** Names “roller_mm”. */
    public static function noRoller(): self
    {
        return new self('roller_mm', 'The roller of a line counter has a diameter above 0 mm.');
    }
}
