<?php

declare(strict_types=1);

namespace Undro\Choice;

use Undro\Units\Force;
use Undro\Units\Length;
use Undro\Units\Mass;

/**
 * How far a fish can be let run, and in how many such runs it tires: `runs = 250 J/kg x weight / (drag x room)`.
 * Source: handbook, chapter 1, "Which line", step 4.
 */
final readonly class Room
{
    /** Work that tires a fish. */
    private const WORK_J_PER_KG = 250.0;
    /** Line that is never let run, beyond the longest cast. */
    public const SPARE_M = 20.0;
    private const LEAST_M = 1.0;
    /** More runs than these, and there is too little room for such a fish. */
    public const MANY_RUNS = 10.0;

    /** @param bool $byLine the line on the reel, and not the water, is what gives no more */
    private function __construct(public Length $length, public bool $byLine) {}

    /** What was said, or by the snags; never more than the line less the longest cast less 20 m. */
    public static function of(Asked $asked): self
    {
        $wanted = ($asked->room ?? $asked->snags->room())->inMetres();
        $line = max(self::LEAST_M, $asked->length()->inMetres() - ($asked->cast?->inMetres() ?? 0.0) - self::SPARE_M);

        return new self(Length::metres(max(self::LEAST_M, min($wanted, $line))), $line < $wanted);
    }

    /** In how many runs of this length a fish tires at that drag. */
    public function runs(Mass $fish, Force $drag): float
    {
        return self::WORK_J_PER_KG * $fish->inGrams() / 1000 / ($drag->inNewtons() * $this->length->inMetres());
    }
}
