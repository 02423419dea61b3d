<?php

declare(strict_types=1);

namespace Undro\Upkeep;

use Undro\Line\Material;

/** How long a line lasts: by months on the reel or by outings, whichever comes first. Source: handbook, chapter 6, due. */
final readonly class Limits
{
    /** An outing in heavy sun or over rough ground counts as so many. */
    public const HARD_OUTING = 1.5;
    /** All such outings together take at most this share off the age limit. */
    private const HARD_AT_MOST = 1 / 3;

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

    /** What is left of the age limit after so many outings in heavy sun or over rough ground. */
    public function after(int $hard): self
    {
        return new self($this->months * (1 - min(self::HARD_AT_MOST, $hard * self::HARD_AT_MOST / $this->outings)), $this->outings);
    }

    /** Half of both: when a braid is turned over. */
    public function half(): self
    {
        return new self($this->months / 2, $this->outings / 2);
    }

    /** An outing's share of the life, as time. */
    public function monthsAnOuting(): float
    {
        return $this->months / $this->outings;
    }
}
