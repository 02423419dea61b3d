<?php

declare(strict_types=1);

namespace Undro\Spool;

use Undro\Units\Diameter;
use Undro\Units\Length;

/** What was measured on a spool; any of it may be missing. */
final readonly class Measures
{
    /**
     * @param Diameter|null $arborOther the other end of a cone, or the bottom of a vee
     * @param float         $sd         relative sd of the room these measures give, once complete
     *
     * @throws BadSpool if a taper is given without an arbor
     */
    public function __construct(
        public ?Diameter $lip = null,
        public ?Diameter $arbor = null,
        public ?Diameter $arborOther = null,
        public ?Length $traverse = null,
        public float $sd = Tolerance::GEOMETRY,
    ) {
        $arborOther === null || $arbor !== null || throw BadSpool::taperWithoutArbor();
        if ($lip !== null) {
            foreach ([$arbor, $arborOther] as $core) {
                $core === null || $core->inMillimetres() < $lip->inMillimetres() || throw BadSpool::lipNotLargerThanArbor($lip, $core);
            }
        }
    }

    /** The arbor as far as it was measured; null: not at all. */
    public function arborShape(): ?Arbor
    {
        return match (true) {
            $this->arbor === null => null,
            $this->arborOther === null => Arbor::straight($this->arbor),
            default => Arbor::tapered($this->arbor, $this->arborOther),
        };
    }

    /**
     * The whole shape; null while a measure is missing.
     *
     * @throws BadSpool
     */
    public function complete(): ?Geometry
    {
        $arbor = $this->arborShape();

        return $this->lip !== null && $arbor !== null && $this->traverse !== null
            ? Geometry::of($this->lip, $arbor, $this->traverse)
            : null;
    }
}
