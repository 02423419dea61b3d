<?php

declare(strict_types=1);

namespace Undro\Choice;

use Undro\Join\CastingLeader;
use Undro\Line\Material;
use Undro\Line\NominalDiameter;
use Undro\Units\Diameter;
use Undro\Units\Force;
use Undro\Units\ForceUnit;
use Undro\Units\Sentence;

/** A strength that lead or ground asks for, whatever the fish. Source: handbook, chapter 1, "Which line", step 3. */
final readonly class Floor
{
    /** A lure cast gently asks for so many times its weight. */
    private const PER_LURE = 60.0;
    /** Lead thrown with force from here on, g, asks for main line of at least so much, lb: mono and braid. */
    private const LEAD = [100 => [15, 30], 60 => [12, 20]];
    /** On rough ground nothing thinner, mm, and braid of so much, lb. */
    private const GROUND_MM = 0.25;
    private const GROUND_BRAID_LB = 15;

    /** @param Sentence $why names the strength as its first figure */
    private function __construct(public Force $strength, public Sentence $why) {}

    /** The highest there is; null where nothing asks for one. */
    public static function of(Asked $asked, Material $material): ?self
    {
        $floors = array_filter([self::byLead($asked, $material), $asked->snags === Snags::Many ? self::byGround($material) : null]);
        usort($floors, static fn(self $a, self $b): int => $b->strength->inNewtons() <=> $a->strength->inNewtons());

        return $floors[0] ?? null;
    }

    private static function byLead(Asked $asked, Material $material): ?self
    {
        $grams = $asked->lure?->inGrams();
        if ($grams === null) {
            return null;
        }
        if ($asked->fishing !== Fishing::Distance || $grams < CastingLeader::HEAVY_G) {
            $strength = UsualStrength::soldFrom(Force::newtons(self::PER_LURE * $grams / 1000 * ForceUnit::STANDARD_GRAVITY));

            return new self($strength, Sentence::of('A lure of that weight asks for at least {0}, or it snaps off in a cast.', $strength));
        }
        foreach (self::LEAD as $from => [$mono, $braid]) {
            if ($grams >= $from) {
                $strength = Force::of((float) ($material === Material::Braid ? $braid : $mono), ForceUnit::Pound);

                return new self($strength, Sentence::of(
                    "A sinker of that weight, cast hard, asks for a main line of {0} or more in {$material->word()}.",
                    $strength,
                ));
            }
        }

        return null;
    }

    private static function byGround(Material $material): self
    {
        $strength = $material === Material::Braid
            ? Force::of((float) self::GROUND_BRAID_LB, ForceUnit::Pound)
            : UsualStrength::soldFrom(NominalDiameter::strengthOf($material, Diameter::millimetres(self::GROUND_MM)));

        return new self($strength, Sentence::of('Mussels, rock and timber cut thin line: use at least {0} there.', $strength));
    }
}
