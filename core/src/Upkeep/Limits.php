<?php

declare(strict_types=1);

namespace Undro\Upkeep;

use Undro\Line\Material;

/** How long a line lasts: by months on the reel or by outings, whichever comes first. Source: handbook, chapter 6, due. */
final readonly class Limits
{
    /** What heavy sun or rough ground takes off. */
    public const HARD = 1 / 3;

    private function __construct(public float $months, public float $outings) {}

    /** By material. Source: handbook, chapter 6, the life of a fill. */
    public static function usual(Material $material): self
    {
        return match ($material) {
            Material::Mono, Material::Hybrid => new self(12, 40),
            Material::Fluoro => new self(18, 50),
            Material::Braid => new self(36, 120),
        };
    }

    /** The angler's own figures where there are any. */
    public function own(?float $months, ?float $outings): self
    {
        return new self($months ?? $this->months, $outings ?? $this->outings);
    }

    /** What is left of them where this share of the outings was hard on the line. */
    public function worn(float $hardShare): self
    {
        $left = 1 - self::HARD * $hardShare;

        return new self($this->months * $left, $this->outings * $left);
    }

    /** Half of both: when a braid is turned over. */
    public function half(): self
    {
        return new self($this->months / 2, $this->outings / 2);
    }
}
