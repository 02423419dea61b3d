<?php

declare(strict_types=1);

namespace Undro\Choice;

use Undro\Units\Force;
use Undro\Units\ForceUnit;
use Undro\Units\Length;
use Undro\Units\Mass;

/**
 * How far a fish can be let run, and the steady pull that tires it within it: `F = 250 J/kg x weight / (3 x room)`, never over what it
 * can pull itself. Source: handbook, chapter 1, "Which line"; 250 J/kg, the rooms and the weed are ours.
 */
final readonly class Room
{
    /** Work that tires a fish, and the runs it is done in. */
    private const WORK_J_PER_KG = 250.0;
    private const RUNS = 3.0;
    /** The share of its weight that a fish can pull. */
    private const STRONGEST = 0.6;
    /** Line that is never let run, beyond the longest cast. */
    public const SPARE_M = 20.0;
    private const LEAST_M = 1.0;
    /** What comes with a fish out of heavy cover, whatever its weight. */
    public const WEED_N = 15.0;

    /** @param bool $byLine the line on the reel, and not the water, is what gives no more */
    private function __construct(public Length $length, public bool $byLine) {}

    /** What was said, or by the snags; never more than the line less the longest cast less 20 m. */
    public static function of(Asked $asked): self
    {
        $wanted = ($asked->room ?? $asked->snags->room())->inMetres();
        $line = max(self::LEAST_M, $asked->length()->inMetres() - ($asked->cast?->inMetres() ?? 0.0) - self::SPARE_M);

        return new self(Length::metres(max(self::LEAST_M, min($wanted, $line))), $line < $wanted);
    }

    /** The pull that tires a fish, before current and weed. */
    public function pull(Mass $fish): Force
    {
        $kilograms = $fish->inGrams() / 1000;

        return Force::newtons(min(
            self::WORK_J_PER_KG * $kilograms / (self::RUNS * $this->length->inMetres()),
            self::STRONGEST * $kilograms * ForceUnit::STANDARD_GRAVITY,
        ));
    }

    /** Half as much again. */
    public function more(): self
    {
        return new self(Length::metres(1.5 * $this->length->inMetres()), $this->byLine);
    }
}
