<?php

declare(strict_types=1);

namespace Undro\Choice;

use Undro\Line\Material;
use Undro\Match\LineRange;
use Undro\Units\Force;
use Undro\Units\ForceUnit;
use Undro\Units\Length;
use Undro\Units\Mass;
use Undro\Units\Sentence;

/**
 * Which line, from how one fishes. Strength follows from the drag one needs: needed force / drag fraction / knot efficiency /
 * condition. Source: handbook, chapter 1, "Which line"; the pull a fish needs is general experience, not a promise.
 */
final readonly class LineChoice
{
    /** The low end of the usual joins, and a line after some use. Source: handbook, chapters 4 and 5. */
    private const KNOT = 0.75;
    private const CONDITION = 0.9;
    /** A line up to this much stronger than needed still suits. */
    private const STRONGER = 1.6;
    /** A leader that stands the cast: 10 lb of strength for each ounce of lead, 160 times its weight; an old rule of surf casting. */
    private const LEADER_PER_LEAD = 160.0;

    /**
     * @param Force                                 $pull      the steady pull the fish asks for
     * @param Force                                 $least     the strength to look for
     * @param Force                                 $most      stronger than this only costs length and casting
     * @param list<array{Material, string}>         $materials best first, with why
     * @param Length                                $length    to have on the reel
     * @param Length|null                           $leader    null: none needed
     * @param list<Sentence>                        $reasons
     * @param list<Sentence>                        $limits    what reel and rod cannot give
     */
    private function __construct(
        public Force $pull,
        public float $fraction,
        public Force $least,
        public Force $most,
        public array $materials,
        public Length $length,
        public ?Length $leader,
        public ?Force $leaderStrength,
        public array $reasons,
        public array $limits,
    ) {}

    /**
     * @param Mass        $fish    the heaviest one hoped for
     * @param Mass|null   $lure    lure or lead
     * @param Length|null $cast    the longest cast
     * @param float|null  $fraction the angler's own drag fraction; null: by the fishing
     *
     * @throws BadChoice
     */
    public static function of(
        Fishing $fishing,
        Mass $fish,
        Snags $snags,
        Current $current,
        ?Mass $lure,
        ?Length $cast,
        ?Force $reelMax,
        ?LineRange $rod,
        ?float $fraction = null,
    ): self {
        $fish->inGrams() > 0 || throw BadChoice::noFish();
        $fraction ??= $fishing->dragFraction();
        $pull = Force::newtons($fish->inGrams() / 1000 * ForceUnit::STANDARD_GRAVITY * $snags->pull() * $current->more());
        $least = Force::newtons($pull->inNewtons() / $fraction / self::KNOT / self::CONDITION);
        $most = Force::newtons(self::STRONGER * $least->inNewtons());
        $materials = $fishing->materials();
        if ($snags === Snags::Many && $fishing === Fishing::General) {
            usort($materials, static fn(array $a, array $b): int => ($b[0] === Material::Braid) <=> ($a[0] === Material::Braid));
        }
        $reach = $fishing->reach();
        $length = max($reach['usual'], 2 * ($cast?->inMetres() ?? 0.0) + $reach['run']);
        [$leader, $leaderStrength, $leaderWhy] = self::leader($fishing, $materials[0][0], $snags, $lure, $least);
        $reasons = [
            Sentence::of(
                sprintf(
                    'A fish of that weight asks for a steady pull of about {0} here; with the drag at %.0f %% of the line, a knot that '
                        . 'keeps %.0f %% and a season of wear, that is a line of {1}.',
                    100 * $fraction,
                    100 * self::KNOT,
                ),
                $pull,
                $least,
            ),
            $cast !== null && 2 * $cast->inMetres() + $reach['run'] > $reach['usual']
                ? Sentence::of(
                    'Length: twice the longest cast and {0} for a run, so that a snag or a fish never shows the arbor.',
                    Length::metres($reach['run']),
                )
                : Sentence::of(
                    'Length: {0} is usual for this fishing, a long cast twice over with a run to spare.',
                    Length::metres($reach['usual']),
                ),
            $leaderWhy,
        ];

        return new self(
            $pull,
            $fraction,
            $least,
            $most,
            $materials,
            Length::metres($length),
            $leader,
            $leaderStrength,
            $reasons,
            self::limits($pull, $least, $reelMax, $rod),
        );
    }

    /**
     * How a line of the rack stands to this.
     *
     * @param Length|null $left what is left of it
     */
    public function suits(Material $material, Force $strength, ?Length $left): Suits
    {
        $rank = array_search($material, array_map(static fn(array $each): Material => $each[0], $this->materials), true);

        return match (true) {
            $rank === false => Suits::OtherMaterial,
            $strength->inNewtons() < 0.97 * $this->least->inNewtons() => Suits::TooLight,
            $strength->inNewtons() > 1.03 * $this->most->inNewtons() => Suits::Stronger,
            $left !== null && $left->inMetres() < $this->length->inMetres() => Suits::TooShort,
            default => Suits::Yes,
        };
    }

    /** @return array{Length|null, Force|null, Sentence} */
    private static function leader(Fishing $fishing, Material $material, Snags $snags, ?Mass $lure, Force $least): array
    {
        if ($fishing === Fishing::Distance && $lure !== null) {
            $strength = Force::newtons(
                max($least->inNewtons(), self::LEADER_PER_LEAD * $lure->inGrams() / 1000 * ForceUnit::STANDARD_GRAVITY),
            );

            return [
                Length::metres(4.0),
                $strength,
                Sentence::of(
                    'Leader: about a rod long, of {0}, so that the cast does not snap it: ten pounds for every ounce of lead. Never so '
                        . 'long that its join lies on the spool at the cast.',
                    $strength,
                ),
            ];
        }
        if ($material === Material::Braid) {
            $long = $fishing === Fishing::HeavyCover ? 0.6 : ($fishing === Fishing::DeepJigging ? 3.0 : 1.5);

            return [
                Length::metres($long),
                $least,
                Sentence::of(
                    'Leader: braid is seen by fish and does not stand rubbing, so {0} of fluorocarbon or nylon of about {1} goes before '
                        . 'it.',
                    Length::metres($long),
                    $least,
                ),
            ];
        }
        if ($snags === Snags::Many) {
            return [Length::metres(1.0), $least, Sentence::of('Leader: {0} of something harder, for rock and root.', Length::metres(1.0))];
        }

        return [null, null, Sentence::of('Leader: none needed with this line in this water.')];
    }

    /** @return list<Sentence> */
    private static function limits(Force $pull, Force $least, ?Force $reelMax, ?LineRange $rod): array
    {
        $limits = [];
        if ($reelMax !== null && $reelMax->inNewtons() < $pull->inNewtons()) {
            $limits[] = Sentence::of(
                'The reel holds {0} at most, less than the {1} this asks for: a stronger line does not help, a stronger reel does.',
                $reelMax,
                $pull,
            );
        }
        if ($rod !== null && $rod->strongest->inNewtons() < $least->inNewtons()) {
            $limits[] = Sentence::of(
                'The rod is made for lines to {0}, under the {1} this asks for: hope for less, give more line, or take a stronger rod.',
                $rod->strongest,
                $least,
            );
        }

        return $limits;
    }
}
