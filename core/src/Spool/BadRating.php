<?php

declare(strict_types=1);

namespace Undro\Spool;

use Undro\DomainFault;

/** A stamped capacity that cannot be read. */
final class BadRating extends DomainFault
{
    /** Names “length_m”. */
    public static function noLength(): self
    {
        return new self('length_m', 'A printed capacity needs a length above 0.');
    }

    /** Names “diameter_mm”. */
    public static function noDiameter(): self
    {
        return new self('diameter_mm', 'A printed capacity needs a line diameter above 0.');
    }
}
