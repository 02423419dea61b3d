<?php

declare(strict_types=1);

namespace Undro\Measure;

use Undro\Spool\Tolerance;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** A figure somebody measured: what it comes to, how well it is known, and how it was got. */
final readonly class Measured
{
    /** A length known worse than this, half of the 90 % band over the length, is refused. Source: handbook, chapter 2. */
    public const VAGUEST = 0.30;

    /** @param float $sd standard deviation in the figure's own unit (m, or mm for a diameter) */
    private function __construct(public Length|Diameter $figure, public float $sd, public Method $method, public Sentence $workings) {}

    /**
     * A diameter with its sd, mm.
     *
     * @param Sentence $workings how it was got
     */
    public static function diameter(Diameter $figure, float $sdMillimetres, Method $method, Sentence $workings): self
    {
        return new self($figure, $sdMillimetres, $method, $workings);
    }

    /** @param string $remedy what to do where it is too vague @throws BadMeasure naming the field where it is */
    public static function length(Length $figure, float $sdMetres, Method $method, Sentence $workings, string $field, string $remedy): self
    {
        $half = Tolerance::BAND * $sdMetres;
        $share = $figure->inMetres() > 0 ? $half / $figure->inMetres() : INF;
        $share <= self::VAGUEST || throw BadMeasure::tooVague($field, min($share, 9.99), $remedy);

        return new self($figure, $sdMetres, $method, $workings);
    }

    /** Half the 90 % band, in m, or mm for a diameter. */
    public function half(): float
    {
        return Tolerance::BAND * $this->sd;
    }
}
