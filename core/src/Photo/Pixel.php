<?php

declare(strict_types=1);

namespace Undro\Photo;

/** A point of a picture, in pixels: x to the right and y down, from its top left corner. */
final readonly class Pixel
{
    public function __construct(public float $x, public float $y) {}

    public function distance(self $other): float
    {
        return hypot($other->x - $this->x, $other->y - $this->y);
    }

    /** Twice the signed area of the triangle with these two, px². */
    public function turn(self $one, self $two): float
    {
        return ($one->x - $this->x) * ($two->y - $one->y) - ($one->y - $this->y) * ($two->x - $one->x);
    }
}
