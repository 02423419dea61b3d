<?php

declare(strict_types=1);

namespace Undro\Twist;

/** What a slack test says to do. */
enum SlackMove: string
{
    case Test = 'test';
    case CarryOn = 'carry_on';
    case TurnOver = 'turn_over';
    case SoakOrAxle = 'soak_or_axle';
    case Axle = 'axle';

    /** As the screen says it. */
    public function words(): string
    {
        return match ($this) {
            self::Test => 'Ten to twenty turns on, let a metre hang from the tip.',
            self::CarryOn => 'Carry on, and test again now and then.',
            self::TurnOver => 'Turn the filler over, wind ten to twenty turns more, test again.',
            self::SoakOrAxle => 'Turned twice and still looping: it is memory, not direction. Soak the filler, or go to an axle.',
            self::Axle => 'Turned twice and still looping: go to an axle, and keep more tension on it.',
        };
    }
}
