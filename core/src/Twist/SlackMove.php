<?php

declare(strict_types=1);

namespace Undro\Twist;

/** What a slack test says to do. */
enum SlackMove: string
{
    case Test = 'test';
    case CarryOn = 'carry_on';
    case Look = 'look';
    case TurnOver = 'turn_over';
    case Expected = 'expected';
    case SoakOrAxle = 'soak_or_axle';
    case Axle = 'axle';

    /** As the screen says it. */
    public function words(): string
    {
        return match ($this) {
            self::Test => 'Ten to twenty turns on, let an arm’s length of slack hang from the tip.',
            self::CarryOn => 'Carry on, and test again now and then.',
            self::Look => 'Look which way the rotor turns and which way the line circles, and say so. Or turn the filler over, wind ten to '
                . 'twenty turns more, and test again.',
            self::TurnOver => 'They turn against each other: turn the filler over, wind ten to twenty turns more, test again.',
            self::Expected => 'Expected here: they turn the same way, but this filler is so much larger than the spool that slack line '
                . 'loops all the same. Do not turn it over. It comes out over the first casts; or put the filler on an axle.',
            self::SoakOrAxle => 'It is memory, not direction: do not turn the filler over. Soak it, draw the line through a warm cloth, or '
                . 'put the filler on an axle.',
            self::Axle => 'It is not the direction. Put the filler on an axle, and keep more tension on the line.',
        };
    }
}
