<?php

declare(strict_types=1);

namespace Undro\Printed;

use Undro\Line\Material;

/** One number in print, with all that stands about it: its own unit, or what an earlier unit or heading says. */
final class Figure
{
    /** Its own unit, printed with it. */
    public ?FigureUnit $unit = null;
    /** What holds from a heading or from a unit before it. */
    public ?FigureUnit $sizeUnit = null;
    public ?FigureUnit $lengthUnit = null;
    /** The unit of size comes from an earlier figure, not from a heading. */
    public bool $carried = false;
    /** Whether sizes stand before lengths, where something says so. */
    public ?bool $sizeFirst = null;
    public ?Material $material = null;

    /**
     * @param string $raw     the digits as printed
     * @param string $between what stands between it and the figure before
     * @param int    $start   its first character in the text, with a mark such as "#" before it
     * @param int    $end     the one after its last, with its unit
     */
    public function __construct(
        public readonly float $value,
        public readonly string $raw,
        public readonly string $between,
        public readonly int $start,
        public int $end,
    ) {}

    /** Written with decimals and under 2: no length, and mm if nothing else is said. */
    public function small(): bool
    {
        return $this->value < 2 && !$this->whole();
    }

    /** Written without decimals. */
    public function whole(): bool
    {
        return preg_match('/^\d+$/', $this->raw) === 1 || $this->value >= 1000;
    }

    /** It says how thick or how strong, whatever stands beside it. */
    public function isSize(): bool
    {
        return $this->unit !== null ? !$this->unit->isLength() : $this->small();
    }

    /** It says how long, whatever stands beside it. */
    public function isLength(): bool
    {
        return $this->unit?->isLength() === true;
    }
}
