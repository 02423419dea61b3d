<?php

declare(strict_types=1);

namespace Undro\Twist;

/** Ways to hold the filler, each with how line leaves it and what brakes it. Source: handbook, chapter 3. */
enum Hold: string
{
    case Floor = 'floor';
    case Box = 'box';
    case Nail = 'nail';
    case Clamp = 'clamp';
    case Bucket = 'bucket';
    case Bag = 'bag';
    case Stand = 'stand';

    /** As the screen says it. */
    public function word(): string
    {
        return match ($this) {
            self::Floor => 'flat on the floor',
            self::Box => 'an axle through a box',
            self::Nail => 'a nail or a dowel',
            self::Clamp => 'a spool clamp',
            self::Bucket => 'afloat in a bucket or bowl',
            self::Bag => 'in a bag or crate among other spools',
            self::Stand => 'a winding stand',
        };
    }

    /** How line comes off a filler that is held so. */
    public function feed(): Feed
    {
        return $this === self::Floor ? Feed::OverEnd : Feed::Rotating;
    }

    /** How the line is kept tight, in words. */
    public function tension(): string
    {
        return match ($this) {
            self::Floor => 'none of its own: cloth, fingers or glove',
            self::Box => 'a little, by the box’s sides; it runs on if you stop short',
            self::Nail => 'next to none; a helper’s thumb, with a card between',
            self::Clamp => 'as much as you set, the same to the end',
            self::Bucket => 'even, and wet at once',
            self::Bag => 'enough, by the other spools',
            self::Stand => 'by its own brake',
        };
    }
}
