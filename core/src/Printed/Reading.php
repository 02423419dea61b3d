<?php

declare(strict_types=1);

namespace Undro\Printed;

use Undro\Line\Lay;
use Undro\Line\Material;
use Undro\Spool\Rating;
use Undro\Units\Diameter;
use Undro\Units\Force;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** One way to read a piece of print: a line so thick or so strong, and, where it says so, how long. */
final readonly class Reading
{
    /** Figures further apart than this share of them are two readings, which are asked about. Source: handbook, chapter 7, stamp. */
    private const APART = 0.05;

    /**
     * @param bool      $nominal  the diameter was taken from a strength by the nominal table
     * @param Figure    $size     as it was printed
     */
    private function __construct(
        public Material $material,
        public Diameter $diameter,
        public bool $nominal,
        public ?Force $strength,
        public ?Length $length,
        public FigureUnit $unit,
        private Figure $size,
        private ?FigureUnit $lengthUnit,
        private ?Figure $lengthFigure,
        private ?Figure $beside,
    ) {}

    /**
     * A size, a length where there is one, and a second size beside it: thickness tells how thick, strength how strong.
     *
     * @throws \Undro\Line\BadLine if a figure is not above 0
     */
    public static function of(
        Material $material,
        Figure $size,
        FigureUnit $unit,
        ?Figure $length = null,
        ?FigureUnit $lengthUnit = null,
        ?Figure $beside = null,
    ): self {
        $strength = $unit->strength($size->value);
        $nominal = $strength !== null;
        $diameter = $unit->diameter($size->value, $material);
        $other = $beside === null ? null : ($beside->unit ?? FigureUnit::Millimetre);
        if ($beside !== null && $other !== null) {
            $strong = $other->strength($beside->value);
            if ($strength !== null && $strong === null) {
                [$diameter, $nominal] = [$other->diameter($beside->value, $material), false];
            }
            $strength ??= $strong;
        }

        return new self(
            $material,
            $diameter,
            $nominal,
            $strength,
            $length === null || $lengthUnit === null ? null : $lengthUnit->length($length->value),
            $unit,
            $size,
            $lengthUnit,
            $length,
            $beside,
        );
    }

    /** Whether it is another reading than this, in a figure or in the material. */
    public function differs(self $other): bool
    {
        $apart = static fn(float $one, float $two): bool => abs($one - $two) > self::APART * max($one, $two);

        return $this->material !== $other->material
            || $apart($this->diameter->inMillimetres(), $other->diameter->inMillimetres())
            || ($this->length !== null && $other->length !== null && $apart($this->length->inMetres(), $other->length->inMetres()));
    }

    /** It is printed in the same units. */
    public function speaksAs(self $other): bool
    {
        return $this->unit === $other->unit && $this->lengthUnit === $other->lengthUnit;
    }

    /** What the size says besides a thickness: "8 lb", "PE 1.5", "No. 3"; empty where it is the thickness. */
    public function stamped(): string
    {
        $figure = str_replace(',', '.', $this->size->raw);

        return match ($this->unit) {
            FigureUnit::Pe => "PE $figure",
            FigureUnit::Number => "No. $figure",
            FigureUnit::Pound, FigureUnit::Kilogram, FigureUnit::Newton => "$figure {$this->unit->value}",
            default => '',
        };
    }

    /** How strong it is said to be, as printed: "20 lb"; empty where it is not said. */
    public function strengthText(): string
    {
        return match (true) {
            $this->strength === null => '',
            $this->unit->strength(1.0) !== null => $this->stamped(),
            default => $this->beside === null ? '' : self::printed($this->beside, $this->beside->unit ?? FigureUnit::Pound),
        };
    }

    /** As understood, such as "8 lb nylon, nominal 0.26 mm, 128 m". */
    public function says(): Sentence
    {
        return Rating::words($this->material, $this->diameter, $this->nominal, $this->stamped(), $this->length);
    }

    /** The same in print that can be read in one way only, with its material. */
    public function text(): string
    {
        $material = $this->unit === FigureUnit::Pe ? '' : "{$this->material->word()} ";

        return $material . $this->sizeText();
    }

    /** The size, and the length where there is one, in print that can be read in one way only. */
    public function sizeText(): string
    {
        $size = $this->unit === FigureUnit::Hundredth
            ? sprintf('%.2F mm', $this->diameter->inMillimetres())
            : self::printed($this->size, $this->unit);
        if ($this->beside !== null) {
            $size .= ' ' . self::printed($this->beside, $this->beside->unit ?? FigureUnit::Millimetre);
        }

        return $size . ($this->lengthFigure === null || $this->lengthUnit === null
            ? ''
            : " / {$this->lengthFigure->raw} {$this->lengthUnit->value}");
    }

    private static function printed(Figure $figure, FigureUnit $unit): string
    {
        $digits = preg_replace('/^\\./', '0.', str_replace(',', '.', $figure->raw)) ?? $figure->raw;

        return match ($unit) {
            FigureUnit::Pe => "PE $digits",
            FigureUnit::Number => "No. $digits",
            default => "$digits $unit->value",
        };
    }

    /** How much of the spool it takes, cm3, by a normal lay; null without a length. */
    public function room(): ?float
    {
        return $this->length === null
            ? null
            : Lay::Normal->factor() * $this->product();
    }

    /** L d2, m.mm2: what the capacities of one spool agree on. */
    public function product(): float
    {
        return ($this->length?->inMetres() ?? 1.0) * $this->material->cellFactor() * $this->diameter->inMillimetres() ** 2;
    }
}
