<?php

declare(strict_types=1);

namespace Undro\Drag;

use Undro\Units\Force;

/** One link of the chain from reel to hook. */
final readonly class Link
{
    private function __construct(public string $name, public Force $rated, public float $efficiency, public float $condition) {}

    /**
     * @param float $efficiency share of the strength the knot keeps, above 0 to 1
     * @param float $condition  1 new, 0.9 after a season, 0.8 nicked or sun-worn
     *
     * @throws BadDrag if the rated strength is not above 0
     */
    public static function of(string $name, Force $rated, float $efficiency = 1.0, float $condition = 1.0): self
    {
        $rated->inNewtons() > 0 || throw BadDrag::noStrength($name);

        return new self($name, $rated, $efficiency, $condition);
    }

    /** Rated x knot efficiency x condition (handbook, chapter 5). */
    public function working(): Force
    {
        return Force::newtons($this->rated->inNewtons() * $this->efficiency * $this->condition);
    }
}
