<?php

declare(strict_types=1);

namespace Undro\Fill;

use Undro\DomainFault;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** A fill that cannot be asked for. */
final class BadFill extends DomainFault
{
    /** Names “length_m”. */
    public static function negativeLength(Role $role): self
    {
        return new self('length_m', "Length of the {$role->word()} can’t be negative.");
    }

    /** Names “layers”. */
    public static function noLayers(): self
    {
        return new self('layers', 'A fill needs at least one line.');
    }

    /** Names “layers”. */
    public static function twoOpen(): self
    {
        return new self('layers', 'Undro works out one length at a time. Type all the others.');
    }

    /** Names “gear_ratio”. */
    public static function noTurns(): self
    {
        return new self('gear_ratio', 'Gear ratio must be above 0, such as 5.2.');
    }

    /** Names “join_depth_mm”. */
    public static function joinOutside(Length $join, Length $full, Length $bare): self
    {
        return new self('join_depth_mm', Sentence::of(
            'The knot must sit between the full level ({0} below the lip) and the bare arbor ({1}). {2} is outside that.',
            $full,
            $bare,
            $join,
        ));
    }
}
