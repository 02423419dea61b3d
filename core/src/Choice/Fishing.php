<?php

declare(strict_types=1);

namespace Undro\Choice;

use Undro\Line\Material;

/** How one fishes, and what that usually asks of a line. Source: handbook, chapters 1 and 5; general experience, not a promise. */
enum Fishing: string
{
    case LightClear = 'light_clear';
    case General = 'general';
    case HeavyCover = 'heavy_cover';
    case Distance = 'distance';
    case DeepJigging = 'deep_jigging';
    case BigFish = 'big_fish';

    /** As the screen says it. */
    public function word(): string
    {
        return match ($this) {
            self::LightClear => 'light, in clear water',
            self::General => 'a bit of everything',
            self::HeavyCover => 'heavy cover or structure',
            self::Distance => 'distance over sand or shingle',
            self::DeepJigging => 'deep jigging',
            self::BigFish => 'big still-water or river fish',
        };
    }

    /** The share of the weakest link's strength that the drag is set to. */
    public function dragFraction(): float
    {
        return match ($this) {
            self::LightClear => 0.20,
            self::HeavyCover => 0.35,
            self::DeepJigging => 0.30,
            self::General, self::Distance, self::BigFish => 0.25,
        };
    }

    /** What a fish can reach there, where nobody says. */
    public function snags(): Snags
    {
        return $this === self::HeavyCover ? Snags::Many : Snags::None;
    }

    /**
     * The length usually carried, and the run to be ready for, m.
     *
     * @return array{usual: float, run: float}
     */
    public function reach(): array
    {
        return match ($this) {
            self::LightClear => ['usual' => 100.0, 'run' => 30.0],
            self::General => ['usual' => 120.0, 'run' => 40.0],
            self::HeavyCover => ['usual' => 100.0, 'run' => 20.0],
            self::Distance => ['usual' => 300.0, 'run' => 100.0],
            self::DeepJigging => ['usual' => 300.0, 'run' => 120.0],
            self::BigFish => ['usual' => 200.0, 'run' => 120.0],
        };
    }

    /** @return non-empty-list<array{Material, string}> the fitting materials, best first, and why */
    public function materials(): array
    {
        $forgiving = 'Cheap and forgiving. It stretches when a fish lunges, but keeps some memory of the spool.';
        $between = 'Between mono and fluorocarbon: less stretch, and still easy to knot.';

        return match ($this) {
            self::LightClear => [
                [Material::Fluoro, 'Hard to see, and it sinks. It is stiff and expensive, so keep it thin.'],
                [Material::Braid, 'Thin, and you feel everything. Fish can see it, so use a clear leader.'],
                [Material::Hybrid, $between],
                [Material::Mono, $forgiving],
            ],
            self::General => [
                [Material::Mono, $forgiving],
                [Material::Hybrid, $between],
                [Material::Braid, 'Casts far for its strength, and you feel everything. Use a leader.'],
            ],
            self::HeavyCover => [
                [Material::Braid, 'No stretch, so you can turn a fish before it reaches the roots. It cuts through weed.'],
                [Material::Fluoro, 'Resists rubbing better than mono.'],
                [Material::Mono, $forgiving],
            ],
            self::Distance => [
                [Material::Braid, 'Thin for its strength, so it casts farthest and drifts least. It needs a strong casting leader.'],
                [Material::Mono, 'Copes better with sand and shingle, and is cheap. It is thicker, so it casts less far.'],
            ],
            self::DeepJigging => [
                [Material::Braid, 'No stretch at depth, and thin in the current. Colour marks along the line show the depth.'],
            ],
            self::BigFish => [
                [Material::Mono, 'Its stretch keeps the hook in during a long fight.'],
                [Material::Hybrid, $between],
                [Material::Braid, 'For distance or depth, with a leader that stretches.'],
            ],
        };
    }
}
