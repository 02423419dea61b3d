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
        return new self('length_m', "The length of the {$role->word()} must not be negative.");
    }

    /** Names “layers”. */
    public static function noLayers(): self
    {
        return new self('layers', 'A fill needs at least one line.');
    }

    /** Names “layers”. */
    public static function twoOpen(): self
    {
        return new self('layers', 'Only one length can be worked out at a time; give all the others.');
    }

    /** Names “gear_ratio”. */
    public static function noTurns(): self
    {
        return new self('gear_ratio', 'The gear ratio must be above 0, such as 5.2.');
    }

    /** Names “join_depth_mm”. */
    public static function joinOutside(Length $join, Length $full, Length $bare): self
    {
        return new self('join_depth_mm', Sentence::of(
            'The join can lie between the full line ({0} under the lip) and the bare arbor ({1}); {2} is outside that.',
            $full,
            $bare,
            $join,
        ));
    }
}
