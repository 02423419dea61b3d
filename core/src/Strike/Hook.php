<?php

declare(strict_types=1);

namespace Undro\Strike;

use Undro\Units\Force;

/** Hooks, and the force that sets them. Source: handbook, chapter 5, strike. */
enum Hook: string
{
    case LightWire = 'light_wire';
    case StrongSingle = 'strong_single';
    case Treble = 'treble';

    /** As the screen says it. */
    public function word(): string
    {
        return match ($this) {
            self::LightWire => 'a light wire hook',
            self::StrongSingle => 'a strong single',
            self::Treble => 'a treble',
        };
    }

    /** The force that sets it. Source: handbook, chapter 5, strike. */
    public function asks(): Force
    {
        return Force::newtons(match ($this) {
            self::LightWire => 5.0,
            self::StrongSingle => 15.0,
            self::Treble => 25.0,
        });
    }
}
