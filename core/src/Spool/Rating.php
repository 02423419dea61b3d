<?php

declare(strict_types=1);

namespace Undro\Spool;

use Undro\Line\Material;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** One capacity the maker stamped: so much of a line so thick. */
final readonly class Rating
{
    private function __construct(
        public Length $length,
        public Diameter $diameter,
        public Material $material,
        public bool $nominal,
        public string $stamped,
    ) {}

    /**
     * @param bool   $nominal the diameter was taken from a strength by the nominal table
     * @param string $stamped what the first figure said, in words ("8 lb", "PE 1.5"); empty if it was the diameter
     *
     * @throws BadRating if length or diameter is not above 0
     */
    public static function of(
        Length $length,
        Diameter $diameter,
        Material $material = Material::Mono,
        bool $nominal = false,
        string $stamped = '',
    ): self {
        $length->inMetres() > 0 || throw BadRating::noLength();
        $diameter->inMillimetres() > 0 || throw BadRating::noDiameter();

        return new self($length, $diameter, $material, $nominal, $stamped);
    }

    /** K = L m d2, m.mm2 (handbook, chapter 2): what all ratings of one spool should agree on. */
    public function capacityIndex(): float
    {
        return $this->length->inMetres() * $this->material->cellFactor() * $this->diameter->inMillimetres() ** 2;
    }

    /** The rating as understood, such as "8 lb nylon, nominal 0.26 mm, 128 m". */
    public function says(): Sentence
    {
        return self::words($this->material, $this->diameter, $this->nominal, $this->stamped, $this->length);
    }

    /** A line, and so much of it, as it was understood. */
    public static function words(Material $material, Diameter $diameter, bool $nominal, string $stamped, ?Length $length): Sentence
    {
        $thick = $nominal ? 'nominal {0}' : '{0}';
        $first = $stamped === '' ? "$thick {$material->word()}" : "$stamped {$material->word()}, $thick";

        return $length === null ? Sentence::of($first, $diameter) : Sentence::of("$first, {1}", $diameter, $length);
    }
}
