<?php

declare(strict_types=1);

namespace Undro\Choice;

use Undro\Line\Material;
use Undro\Spool\ReelKind;

/** How one fishes, and what that usually asks of a line. Source: handbook, chapters 1 and 5; general experience, not a promise. */
enum Fishing: string
{
    case LightClear = 'light_clear';
    case General = 'general';
    case HeavyCover = 'heavy_cover';
    case Distance = 'distance';
    case DeepJigging = 'deep_jigging';
    case BigFish = 'big_fish';
    case BigGame = 'big_game';

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
            self::BigGame => 'big game from a boat',
        };
    }

    /** The share of the weakest link's strength that the drag is set to. */
    public function dragFraction(): float
    {
        return match ($this) {
            self::LightClear => 0.20,
            self::HeavyCover => 0.35,
            self::DeepJigging => 0.30,
            self::General, self::Distance, self::BigFish, self::BigGame => 0.25,
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
            self::BigGame => ['usual' => 400.0, 'run' => 200.0],
        };
    }

    /** @return non-empty-list<array{Material, string}> the fitting materials, best first, and why. Source: handbook, chapter 1, "Which line", step 6 */
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
                [Material::Fluoro, 'It sinks and resists rubbing, which suits a baitcaster best. It is stiff and expensive.'],
            ],
            self::HeavyCover => [
                [Material::Braid, 'No stretch, so you can turn a fish before it reaches the roots. It cuts through weed.'],
                [Material::Fluoro, 'Resists rubbing better than mono.'],
                [Material::Mono, $forgiving],
                [Material::Hybrid, $between],
            ],
            self::Distance => [
                [Material::Braid, 'Thin for its strength, so it casts farthest and drifts least. It needs a strong casting leader.'],
                [Material::Mono, 'Copes better with sand and shingle, and is cheap. It is thicker, so it casts less far.'],
                [Material::Hybrid, $between],
            ],
            self::DeepJigging => [
                [Material::Braid, 'No stretch at depth, and thin in the current. Colour marks along the line show the depth.'],
            ],
            self::BigFish => [
                [Material::Mono, 'Its stretch keeps the hook in during a long fight.'],
                [Material::Hybrid, $between],
                [Material::Braid, 'For distance or depth, with a leader that stretches.'],
            ],
            self::BigGame => [
                [Material::Mono, 'Its stretch softens a long fight at the boat.'],
                [Material::Hybrid, $between],
                [Material::Braid, 'Thin: much more of it fits the reel. Put mono in front of it as a long leader.'],
            ],
        };
    }

    /**
     * The fitting materials where there are so many snags and for that kind of reel, best first: braid turns a fish before the roots, and
     * the stiffness of fluorocarbon matters least on a baitcaster.
     *
     * @return non-empty-list<array{Material, string}>
     */
    public function materialsFor(Snags $snags, ?ReelKind $reel): array
    {
        $materials = $this->materials();
        $rank = static fn(Material $each): int => match (true) {
            $each === Material::Braid && $snags === Snags::Many => 0,
            $each === Material::Fluoro && $reel === ReelKind::Baitcasting => 2,
            $each === Material::Mono => 1,
            default => 3,
        };
        $this !== self::General || usort($materials, static fn(array $a, array $b): int => $rank($a[0]) <=> $rank($b[0]));

        return $materials;
    }

    /** Why a material is unusual here; null where it is usual. */
    public function unusual(Material $material): ?string
    {
        return match (true) {
            in_array($material, array_column($this->materials(), 0), true) => null,
            $this === self::DeepJigging => 'it stretches, so at depth you feel little and hook fewer fish',
            $this === self::Distance => 'it is stiff, so it casts less far',
            default => 'it is stiff and expensive, and better as a leader',
        };
    }
}
