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
            self::Bucket => 'floating in a bucket or bowl',
            self::Bag => 'in a bag or crate among other spools',
            self::Stand => 'a winding stand',
        };
    }

    /** What has to lie ready for it. */
    public function needs(): string
    {
        return match ($this) {
            self::Floor => 'a clear patch of floor',
            self::Box => 'a box with an axle for the filler spool',
            self::Nail => 'a nail or dowel for an axle, and a card for the helper’s thumb',
            self::Clamp => 'the spool clamp',
            self::Bucket => 'a bowl of water for the filler spool',
            self::Bag => 'a bag with other spools in it',
            self::Stand => 'the winding stand',
        };
    }

    /** Where the filler goes, in words, for the reel’s own step. */
    public function place(): string
    {
        return match ($this) {
            self::Floor => 'Lay it flat on the floor',
            self::Box => 'Put it on an axle through a box',
            self::Nail => 'Put it on a nail or a dowel, braked by a helper’s thumb with a card between',
            self::Clamp => 'Put it in the spool clamp, set so that the line goes on firm',
            self::Bucket => 'Float it in a bowl of water, which wets and brakes it',
            self::Bag => 'Put it in a bag among other spools, which brake it',
            self::Stand => 'Put it on the winding stand, with the brake set so that the line goes on firm',
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
            self::Floor => 'none by itself: use cloth, fingers or glove',
            self::Box => 'a little, from the box’s sides; it overruns if you stop suddenly',
            self::Nail => 'hardly any: a helper’s thumb, with a card between',
            self::Clamp => 'as much as you set, the same to the end',
            self::Bucket => 'even, and wet at once',
            self::Bag => 'enough, from the other spools',
            self::Stand => 'from its brake',
        };
    }
}
