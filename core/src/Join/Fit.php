<?php

declare(strict_types=1);

namespace Undro\Join;

use Undro\Knot\Knot;

/** How well a knot fits a pair of lines, a place and a pair of hands. */
final readonly class Fit
{
    /**
     * @param bool                      $fits    false: it would slip, jam or cut
     * @param list<string>              $for     what speaks for it
     * @param list<string>              $against what speaks against it
     * @param array{float, float}|null  $keeps   of the weaker line; null: it never carries a fish
     * @param bool                      $tested  from the angler's own pull tests
     */
    public function __construct(
        public Knot $knot,
        public bool $fits,
        public float $score,
        public array $for,
        public array $against,
        public ?array $keeps,
        public bool $tested,
        public ?string $turns,
    ) {}
}
