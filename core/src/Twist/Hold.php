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

    /** What has to lie ready for it. */
    public function needs(): string
    {
        return match ($this) {
            self::Floor => 'a clear patch of floor',
            self::Box => 'a box with an axle for the filler',
            self::Nail => 'a nail or dowel for an axle, and a card for the helper’s thumb',
            self::Clamp => 'the spool clamp',
            self::Bucket => 'a bowl of water for the filler',
            self::Bag => 'a bag with other spools in it',
            self::Stand => 'the winding stand',
        };
    }

    /** Where the filler goes, in words, for the reel’s own step. */
    public function place(): string
    {
        return match ($this) {
            self::Floor => 'Flat on the floor',
            self::Box => 'On an axle through a box',
            self::Nail => 'On a nail or a dowel, a helper’s thumb on it with a card between: a thumb alone gets hot',
            self::Clamp => 'In the spool clamp, set until the line goes on firm',
            self::Bucket => 'Afloat in a bowl of water, which wets and brakes it at once',
            self::Bag => 'In a bag among other spools, which brake it',
            self::Stand => 'On the winding stand, its brake set until the line goes on firm',
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
