<?php

declare(strict_types=1);

namespace Undro\Twist;

/** A sense of rotation, seen from the angler's seat. */
enum Sense: string
{
    case Clockwise = 'cw';
    case CounterClockwise = 'ccw';

    /** The other way round. */
    public function opposite(): self
    {
        return $this === self::Clockwise ? self::CounterClockwise : self::Clockwise;
    }
}
