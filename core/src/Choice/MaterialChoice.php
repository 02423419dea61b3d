<?php

declare(strict_types=1);

namespace Undro\Choice;

use Undro\Line\Material;
use Undro\Units\Force;
use Undro\Units\ForceUnit;

/**
 * The strengths to look for in one material: the usual range for the fishing and the fish, where in it by snags, current and clear water,
 * and not under a floor. Source: handbook, chapter 1, "Which line", steps 1 to 3.
 */
final readonly class MaterialChoice
{
    /**
     * @param array{low: Force, usual: Force, high: Force} $byFish what is usual for the fish alone, as shops sell it
     * @param Force                                        $low    the range that is usual, and not under the floor
     * @param Force                                        $pick   the strength to buy
     * @param Floor|null                                   $floor  what asks for more than the fish does; null: nothing
     */
    private function __construct(
        public Material $material,
        public array $byFish,
        public Force $low,
        public Force $usual,
        public Force $high,
        public Force $pick,
        public ?Floor $floor,
        public string $why,
    ) {}

    /** Null where the material, or so small a fish, is not usual for that fishing. */
    public static function of(Asked $asked, Material $material, string $why): ?self
    {
        $range = UsualStrength::of($asked->fishing, $material, $asked->fish);
        if ($range === null) {
            return null;
        }
        $place = self::place($asked);
        $towards = $place < 0 ? $range['low'] : $range['high'];
        $wanted = UsualStrength::sold(self::between($range['usual'], $towards, abs($place)), $place > 0);
        $byFish = array_map(static fn(Force $strength): Force => UsualStrength::sold($strength), $range);
        $floor = Floor::of($asked, $material);
        $least = $floor?->strength->in(ForceUnit::Pound) ?? 0.0;
        $atLeast = static fn(Force $strength): Force => Force::of(max($strength->in(ForceUnit::Pound), $least), ForceUnit::Pound);

        return new self(
            $material,
            $byFish,
            $atLeast($byFish['low']),
            $atLeast($byFish['usual']),
            $atLeast($byFish['high']),
            $atLeast($wanted),
            $least > $wanted->in(ForceUnit::Pound) + 1e-9 ? $floor : null,
            $why,
        );
    }

    /** Where in the range: -1 the low end, 0 usual, 1 the high end. Two reasons for more add up, and clear water takes one of them back. */
    public static function place(Asked $asked): float
    {
        if ($asked->snags === Snags::Many) {
            return 1.0;
        }
        $halves = ($asked->snags === Snags::Some ? 1 : 0) + ($asked->current === Current::Strong ? 1 : 0) - ($asked->clear ? 1 : 0);

        return $halves / 2;
    }

    private static function between(Force $from, Force $to, float $share): Force
    {
        return Force::newtons($from->inNewtons() + ($to->inNewtons() - $from->inNewtons()) * $share);
    }
}
