<?php

declare(strict_types=1);

namespace Undro\Twist;

use Undro\DomainFault;

/** A way of winding whose twist cannot be worked out. */
final class BadWinding extends DomainFault
{
    public static function senseUnknown(string $field, string $whose): self
    {
        return new self($field, "Say which way the $whose turns, seen from the angler's seat: cw or ccw. With a still filler and a fixed spool the twist depends on it.");
    }

    public static function noDiameter(string $field, string $word): self
    {
        return new self($field, "The diameter of the $word must be above 0 mm.");
    }
}
