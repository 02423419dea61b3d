<?php

declare(strict_types=1);

namespace Undro\Way;

use Undro\Fill\Layer;
use Undro\Line\Lay;
use Undro\Line\Line;
use Undro\Spool\Tolerance;
use Undro\Units\Length;

/**
 * Backing that stays on the spool when the main line comes off: the new line begins at its surface. Source: handbook, chapter 2, keeping
 * the
 * backing.
 */
final readonly class Kept
{
    /** Younger than this it is offered first, where it lies sound, dry and level. */
    public const YEARS = 3;

    /**
     * @param Length|null $depth    of its surface under the lip, read; null: it follows from the layers
     * @param int         $readings round the spool
     * @param list<Layer> $layers   from the arbor out, as the log has them; empty: not known
     * @param bool        $sound    it is young enough to be offered first
     * @param list<Length|null> $halves half the 90 % band of each layer's length; null: counted exactly
     */
    private function __construct(
        public ?Length $depth,
        public int $readings,
        public array $layers,
        public bool $sound,
        public array $halves = [],
    ) {}

    /**
     * @param list<Layer>       $layers
     * @param list<Length|null> $halves
     *
     * @throws BadWay if neither its surface nor its length is known
     */
    public static function of(?Length $depth, int $readings, array $layers, bool $sound, array $halves = []): self
    {
        $depth !== null || $layers !== [] || throw BadWay::keptIsUnknown();

        return new self($depth, $readings, $layers, $sound, $halves);
    }

    /** The outermost line of it, that the main line is joined to; null: not known. */
    public function top(): ?Line
    {
        return ($this->layers[count($this->layers) - 1] ?? null)?->line;
    }

    /** All of it; null: not known. */
    public function length(): ?Length
    {
        return $this->layers === [] ? null : Length::metres(
            array_sum(array_map(static fn(Layer $layer): float => $layer->length?->inMetres() ?? 0.0, $this->layers)),
        );
    }

    /** How well the volume of a layer is known by its length, mm3. */
    public function volumeSd(int $layer, Lay $lay): float
    {
        $half = $this->halves[$layer] ?? null;

        return $half === null
            ? 0.0
            : $half->inMetres() / Tolerance::BAND * $this->layers[$layer]->volumePerMetre($lay)->inCubicMillimetres();
    }

    /** How well its surface was read, mm. */
    public function readingMm(): float
    {
        return Tolerance::depthReadingMm($this->readings);
    }
}
