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
            "Which way does the $whose turn, seen from where you sit: cw or ccw? With a still filler spool and a fixed spool, the "
                . 'twist depends on it.',
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
            Sentence::of('The filler spool has {0} before winding. Afterwards it must be smaller, not {1}.', $full, $after),
        );
    }

    /** Names “spool_after_mm”. */
    public static function spoolShrinks(Diameter $before, Diameter $after): self
    {
        return new self(
            'spool_after_mm',
            Sentence::of('The spool has {0} before winding. Afterwards it must be larger, not {1}.', $before, $after),
        );
    }

    /** Names “line_out_m”. */
    public static function noLineOut(): self
    {
        return new self('line_out_m', 'Type how much line is out, such as 30 m. A slipping drag twists only line that is out.');
    }

    /** Names “core_mm”. */
    public static function coreOutside(Diameter $core, Diameter $full): self
    {
        return new self(
            'core_mm',
            Sentence::of('The bare core ({0}) must be smaller than the full filler spool ({1}).', $core, $full),
        );
    }
}
