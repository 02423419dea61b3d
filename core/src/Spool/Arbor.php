<?php

declare(strict_types=1);

namespace Undro\Spool;

use Undro\Units\Area;
use Undro\Units\Diameter;
use Undro\Units\Length;

/** The core of a spool: straight, or running linearly between two diameters (coned, or a vee with its bottom in the middle). */
final readonly class Arbor
{
    private function __construct(public Diameter $thin, public Diameter $thick) {}

    /** As thick at both ends. */
    public static function straight(Diameter $diameter): self
    {
        return new self($diameter, $diameter);
    }

    /** The two diameters in either order. */
    public static function tapered(Diameter $one, Diameter $other): self
    {
        return $one->inMillimetres() <= $other->inMillimetres() ? new self($one, $other) : new self($other, $one);
    }

    /** The same arbor under so much tape, evenly all along. @param Length $thickness of all of it */
    public function under(Length $thickness): self
    {
        $more = 2 * $thickness->inMillimetres();

        return new self(
            Diameter::millimetres($this->thin->inMillimetres() + $more),
            Diameter::millimetres($this->thick->inMillimetres() + $more),
        );
    }

    /** Whether it has no taper. */
    public function isStraight(): bool
    {
        return $this->thin->inMillimetres() === $this->thick->inMillimetres();
    }

    /** The mean square of the diameter along the arbor: (lo2 + lo hi + hi2) / 3, mm2. */
    public function meanSquare(): Area
    {
        $lo = $this->thin->inMillimetres();
        $hi = $this->thick->inMillimetres();

        return Area::squareMillimetres(($lo ** 2 + $lo * $hi + $hi ** 2) / 3);
    }
}
