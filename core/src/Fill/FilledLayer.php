<?php

declare(strict_types=1);

namespace Undro\Fill;

use Undro\Line\Lay;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Volume;

/** A layer as it lies on the spool. Diameters, depth and turns need the spool's geometry. */
final readonly class FilledLayer
{
    public function __construct(
        public Layer $layer,
        public Length $length,
        public ?Diameter $bottom = null,
        public ?Diameter $top = null,
        public ?Length $depth = null,
        public ?float $wraps = null,
        public ?float $handleTurns = null,
        /** line taken in by one handle turn at the top */
        public ?Length $retrieve = null,
    ) {}

    /** The room it takes: 1000 L s. */
    public function volume(Lay $lay): Volume
    {
        return Volume::cubicMillimetres($this->length->inMetres() * $this->layer->volumePerMetre($lay)->inCubicMillimetres());
    }
}
