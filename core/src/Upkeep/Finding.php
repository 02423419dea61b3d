<?php

declare(strict_types=1);

namespace Undro\Upkeep;

use Undro\Line\Material;

/** What is seen and felt of a line. Source: handbook, chapters 5 (condition) and 6 (inspection). */
enum Finding: string
{
    case Fine = 'fine';
    case Coiled = 'coiled';
    case Faded = 'faded';
    case Rough = 'rough';
    case Nicked = 'nicked';

    /** Worn at most: it can be turned over, or go under another line. */
    public function sound(): bool
    {
        return $this !== self::Rough && $this !== self::Nicked;
    }

    /** What share of its strength a line of this material still has there: pale braid and pale fluorocarbon have lost none. */
    public function on(Material $material): float
    {
        return $this === self::Faded && in_array($material, [Material::Braid, Material::Fluoro], true) ? 1.0 : $this->condition();
    }

    /** The same of the material that it weakens most; the worse a finding, the lower. */
    public function condition(): float
    {
        return match ($this) {
            self::Fine, self::Coiled => 1.0,
            self::Faded => 0.9,
            self::Rough => 0.8,
            self::Nicked => 0.5,
        };
    }
}
