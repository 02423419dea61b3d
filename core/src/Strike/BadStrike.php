<?php

declare(strict_types=1);

namespace Undro\Strike;

use Undro\DomainFault;

/** A strike that cannot be worked out. */
final class BadStrike extends DomainFault
{
    /** Names the field it is given. */
    public static function noStrength(string $field): self
    {
        return new self($field, 'The strength of the line must be above 0 N.');
    }

    /** Names “wind_down_turns”. */
    public static function woundPastFish(): self
    {
        return new self(
            'wind_down_turns',
            'That many turns would wind in all the line out. Type fewer turns or a larger distance.',
        );
    }
}
