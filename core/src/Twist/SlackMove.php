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
            self::Test => 'After ten to twenty turns, let an arm’s length of slack hang from the rod tip.',
            self::CarryOn => 'Carry on, and test again now and then.',
            self::Look => 'Check which way the rotor turns and which way the line circles, and enter both. Or flip the filler spool, wind '
                . 'ten to twenty turns more, and test again.',
            self::TurnOver => 'They turn opposite ways. Flip the filler spool, wind ten to twenty turns more, and test again.',
            self::Expected => 'This is normal here. They turn the same way, but this filler spool is so large that slack line loops '
                . 'anyway. Don’t flip it. The first casts remove the loops, or put the filler spool on an axle.',
            self::SoakOrAxle => 'This is memory, not direction. Don’t flip the filler spool. Soak it, draw the line through a warm cloth, '
                . 'or use an axle.',
            self::Axle => 'The direction is not the cause. Put the filler spool on an axle, and keep more tension on the line.',
        };
    }
}
