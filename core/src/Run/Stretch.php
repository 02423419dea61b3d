<?php

declare(strict_types=1);

namespace Undro\Run;

use Undro\Units\Length;

/** A piece of winding between two things that happened, with whatever counted it, and what was read or said at its end. */
final readonly class Stretch
{
    /**
     * @param int         $layer   which layer was being wound, from the arbor out, from 0
     * @param float       $turns   of the handle
     * @param Length|null $counted metres of this stretch; null: only its turns are known
     * @param Tension     $tension how the line was held; said in practice only
     * @param bool        $roller  a line counter's roller counted them, on which line slips; else somebody did
     * @param Said|null   $said    what is on of the layer at its end
     */
    public function __construct(
        public int $layer,
        public float $turns,
        public ?Length $counted = null,
        public ?Reading $reading = null,
        public Tension $tension = Tension::Firm,
        public bool $roller = true,
        public ?Said $said = null,
    ) {}
}
