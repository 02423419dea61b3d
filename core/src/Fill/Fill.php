<?php

declare(strict_types=1);

namespace Undro\Fill;

use Undro\Spool\Spool;
use Undro\Units\Length;
use Undro\Units\Volume;

/** One winding of a spool, worked out. */
final readonly class Fill
{
    /**
     * @param Length            $gap    the gap answered: the rated one where the spool's shape is not known
     * @param list<FilledLayer> $layers from the arbor out; empty where nothing fits
     */
    public function __construct(
        public Spool $spool,
        public Length $gap,
        public Volume $full,
        public float $filledFraction,
        public array $layers,
        public ?Solved $solved,
    ) {}

    /** Whether the layers alone already take more room than a full spool has. */
    public function fits(): bool
    {
        return ($this->solved === null || $this->solved->band->middle->inMetres() >= 0) && $this->filledFraction <= 1 + 1e-9;
    }
}
