<?php

declare(strict_types=1);

namespace Undro\Join;

use Undro\Knot\Knot;
use Undro\Line\Line;
use Undro\Line\Material;

/** Two lines to be joined, or one for the arbor or the hook. */
final readonly class Pair
{
    /** Over this ratio of diameters no blood knot holds, and a double uni is a caution (handbook, chapter 4). */
    public const UNEQUAL = 2.0;
    /** Up to this ratio two lines are near equal. General experience of ours. */
    public const NEAR = 1.3;

    public function __construct(public Line $one, public ?Line $other = null) {}

    /** The thicker over the thinner diameter, 1 or more. */
    public function ratio(): float
    {
        if ($this->other === null) {
            return 1.0;
        }
        [$a, $b] = [$this->one->diameter->inMillimetres(), $this->other->diameter->inMillimetres()];

        return max($a, $b) / min($a, $b);
    }

    /** The thicker of the two is the other one. */
    public function otherThicker(): bool
    {
        return $this->other !== null && $this->other->diameter->inMillimetres() > $this->one->diameter->inMillimetres();
    }

    /** The first line is so thin that some hook knots take more turns. */
    public function isThin(): bool
    {
        return $this->one->diameter->inMillimetres() < Knot::THIN_MM;
    }

    /** How many of the two are braid. */
    public function braids(): int
    {
        return ($this->one->material === Material::Braid ? 1 : 0) + ($this->other?->material === Material::Braid ? 1 : 0);
    }

    /** One braid against one of nylon, hybrid or fluorocarbon. */
    public function mixed(): bool
    {
        return $this->other !== null && $this->braids() === 1;
    }
}
