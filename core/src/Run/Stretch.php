<?php

declare(strict_types=1);

namespace Undro\Run;

use Undro\Units\Length;

/** A piece of winding between two things that happened, with whatever counted it, and the depth read at its end. */
final readonly class Stretch
{
    /**
     * @param int         $layer   which layer was being wound, from the arbor out, from 0
     * @param float       $turns   of the handle
     * @param Length|null $counted by a line counter, or said in metres; null: nothing counted it
     * @param Tension     $tension how the line was held; said in practice only
     */
    public function __construct(
        public int $layer,
        public float $turns,
        public ?Length $counted = null,
        public ?Reading $reading = null,
        public Tension $tension = Tension::Firm,
    ) {}
}
