<?php

declare(strict_types=1);

namespace Undro\Line;

use Undro\Units\Area;
use Undro\Units\Diameter;

/** A line as the spool sees it: its material, diameter, and how well the room one wrap takes is known. */
final readonly class Line
{
    private function __construct(
        public Material $material,
        public Diameter $diameter,
        public float $cellFactor,
        public float $cellSd,
    ) {}

    /**
     * @param float      $cellFactor what the log has learnt the cell to be, relative to the table (1: nothing yet)
     * @param float|null $cellSd     relative standard deviation of the cell; null: the material's own
     *
     * @throws BadLine if the diameter is not above 0
     */
    public static function of(Material $material, Diameter $diameter, float $cellFactor = 1.0, ?float $cellSd = null): self
    {
        $diameter->inMillimetres() > 0 || throw BadLine::noDiameter();

        return new self($material, $diameter, $cellFactor, $cellSd ?? $material->cellSd());
    }

    /** The same line as finished fills have shown it to lie. @param float $sd relative, of the cell then */
    public function learnt(float $factor, float $sd): self
    {
        return new self($this->material, $this->diameter, $factor, $sd);
    }

    /** The same line, its cell this much larger than the table says. @param float $factor above 0 */
    public function thicker(float $factor): self
    {
        return $factor === 1.0 ? $this : new self($this->material, $this->diameter, $this->cellFactor * $factor, $this->cellSd);
    }

    /** The same line, its cell known as well as this. @param float $cellSd relative sd of the cell */
    public function trusted(float $cellSd): self
    {
        return new self($this->material, $this->diameter, $this->cellFactor, $cellSd);
    }

    /** The cell one wrap takes out of the spool's cross-section: s = kappa m d2 (handbook, chapter 2). */
    public function cell(Lay $lay): Area
    {
        return Area::squareMillimetres(
            $lay->factor() * $this->material->cellFactor() * $this->diameter->inMillimetres() ** 2 * $this->cellFactor,
        );
    }
}
