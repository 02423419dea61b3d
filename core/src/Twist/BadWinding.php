<?php

declare(strict_types=1);

namespace Undro\Twist;

use Undro\DomainFault;
use Undro\Units\Diameter;
use Undro\Units\Sentence;

/** A way of winding whose twist cannot be worked out. */
final class BadWinding extends DomainFault
{
    /** Names the field it is given. */
    public static function senseUnknown(string $field, string $whose): self
    {
        return new self(
            $field,
            "Say which way the $whose turns, seen from the angler's seat: cw or ccw. With a still filler and a fixed spool the twist "
                . 'depends on it.',
        );
    }

    /** Names the field it is given. */
    public static function noDiameter(string $field, string $word): self
    {
        return new self($field, "The diameter of the $word must be above 0.");
    }

    /** Names “filler_after_mm”. */
    public static function fillerGrows(Diameter $full, Diameter $after): self
    {
        return new self(
            'filler_after_mm',
            Sentence::of('The filler is {0} before; afterwards it must be smaller than that, not {1}.', $full, $after),
        );
    }

    /** Names “spool_after_mm”. */
    public static function spoolShrinks(Diameter $before, Diameter $after): self
    {
        return new self(
            'spool_after_mm',
            Sentence::of('The spool is {0} before; afterwards it must be larger than that, not {1}.', $before, $after),
        );
    }

    /** Names “line_out_m”. */
    public static function noLineOut(): self
    {
        return new self('line_out_m', 'Some line must be out for the drag to twist: give its length, such as 30 m.');
    }

    /** Names “core_mm”. */
    public static function coreOutside(Diameter $core, Diameter $full): self
    {
        return new self(
            'core_mm',
            Sentence::of('The bare core is {0} and the filler over its line {1}; the core must be the smaller.', $core, $full),
        );
    }
}
