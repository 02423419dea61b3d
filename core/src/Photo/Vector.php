<?php

declare(strict_types=1);

namespace Undro\Photo;

/** A point or a direction in space, seen from the camera: x to the right, y down, z into the picture, mm. */
final readonly class Vector
{
    public function __construct(public float $x, public float $y, public float $z) {}

    public function plus(self $other): self
    {
        return new self($this->x + $other->x, $this->y + $other->y, $this->z + $other->z);
    }

    public function minus(self $other): self
    {
        return $this->plus($other->times(-1.0));
    }

    public function times(float $factor): self
    {
        return new self($factor * $this->x, $factor * $this->y, $factor * $this->z);
    }

    public function dot(self $other): float
    {
        return $this->x * $other->x + $this->y * $other->y + $this->z * $other->z;
    }

    public function cross(self $other): self
    {
        return new self(
            $this->y * $other->z - $this->z * $other->y,
            $this->z * $other->x - $this->x * $other->z,
            $this->x * $other->y - $this->y * $other->x,
        );
    }

    public function length(): float
    {
        return sqrt($this->dot($this));
    }

    /** The same direction with length 1. */
    public function unit(): self
    {
        return $this->times(1.0 / $this->length());
    }
}
