<?php

declare(strict_types=1);

namespace Undro\Choice;

use Undro\Drag\Link;
use Undro\Join\Cast;
use Undro\Join\CastingLeader;
use Undro\Line\Material;
use Undro\Match\LineRange;
use Undro\Units\Diameter;
use Undro\Units\Force;
use Undro\Units\ForceUnit;
use Undro\Units\Length;
use Undro\Units\Sentence;

/**
 * Which line, from how one fishes. Strength follows from the drag one needs: needed force / drag fraction / knot efficiency /
 * condition; the needed force from the room there is. Source: handbook, chapter 1, "Which line"; general experience, not a promise.
 */
final readonly class LineChoice
{
    /** A line up to this much stronger than needed still suits. */
    private const STRONGER = 1.6;
    /** A rod that nobody has measured, and the usual drop and spool of a long-distance cast. Ours. */
    private const ROD_M = 4.0;
    private const DROP_M = 0.6;
    private const SPOOL_MM = 65.0;
    /** In front of teeth and spines, as a share of the line's strength. Ours. */
    private const TOOTHY = 2.0;

    /**
     * @param Force                         $pull      the steady pull the fish asks for
     * @param Force                         $least     the strength to look for, in nylon
     * @param bool                          $floor     the usual least governs, and not the fish
     * @param Force                         $most      stronger than this only costs length and casting
     * @param list<array{Material, string}> $materials best first, with why
     * @param Length                        $length    to have on the reel
     * @param Length|null                   $leader    null: none needed
     * @param list<Sentence>                $reasons
     * @param list<Sentence>                $limits    what reel and rod cannot give
     */
    private function __construct(
        private Asked $asked,
        public Room $room,
        public Force $pull,
        public Force $least,
        public bool $floor,
        public Force $most,
        public array $materials,
        public Length $length,
        public ?Length $leader,
        public ?Force $leaderStrength,
        public array $reasons,
        public array $limits,
    ) {}

    public static function of(Asked $asked): self
    {
        $room = Room::of($asked);
        $pull = self::pull($asked, $room);
        $asks = self::strength($asked, $pull);
        $least = self::atLeast($asked, Material::Mono, $asks);
        $materials = $asked->fishing->materials();
        if ($asked->snags === Snags::Many && $asked->fishing === Fishing::General) {
            usort($materials, static fn(array $a, array $b): int => ($b[0] === Material::Braid) <=> ($a[0] === Material::Braid));
        }
        [$leader, $leaderStrength, $leaderWhy] = self::leader($asked, $materials[0][0], $least);

        return new self(
            $asked,
            $room,
            $pull,
            $least,
            $asks->inNewtons() < $least->inNewtons(),
            Force::newtons(self::STRONGER * $least->inNewtons()),
            $materials,
            $asked->length(),
            $leader,
            $leaderStrength,
            [...self::strengthSays($asked, $room, $pull, $asks, $least), self::lengthSays($asked), $leaderWhy],
            self::limits($pull, $least, $asked->reelMax, $asked->rod),
        );
    }

    /** The strength to look for in a material: what the fish asks, and not under what is usual. */
    public function leastOf(Material $material): Force
    {
        return self::atLeast($this->asked, $material, self::strength($this->asked, $this->pull));
    }

    /** The share of the weakest link that the drag is set to. */
    public function fraction(): float
    {
        return $this->asked->fraction();
    }

    private static function pull(Asked $asked, Room $room): Force
    {
        return Force::newtons(
            $room->pull($asked->fish)->inNewtons() * $asked->current->more()
                + ($asked->fishing === Fishing::HeavyCover ? Room::WEED_N : 0.0),
        );
    }

    private static function strength(Asked $asked, Force $pull): Force
    {
        return Force::newtons($pull->inNewtons() / $asked->fraction() / Link::USUAL_KNOT / Link::USUAL_CONDITION);
    }

    /** Nothing under 4 lb, of braid 5 lb, is proposed unless it is asked for. */
    private static function atLeast(Asked $asked, Material $material, Force $asks): Force
    {
        $floor = Force::of($material === Material::Braid ? 5.0 : 4.0, ForceUnit::Pound);

        return $asked->finest || $asks->inNewtons() >= $floor->inNewtons() ? $asks : $floor;
    }

    /** @return list<Sentence> */
    private static function strengthSays(Asked $asked, Room $room, Force $pull, Force $asks, Force $least): array
    {
        $cover = $asked->fishing === Fishing::HeavyCover;
        $more = self::strength($asked, self::pull($asked, $room->more()));
        $floor = $asks->inNewtons() < $least->inNewtons();

        return array_values(array_filter([
            Sentence::of(
                sprintf(
                    'A fish of that weight that runs {0} three times tires at a steady pull of about {1}%s. That takes a line of {2}: '
                        . 'drag at %.0f %%, a knot that keeps %.0f %%, and a season of wear.',
                    $cover ? ', weed included' : '',
                    100 * $asked->fraction(),
                    100 * Link::USUAL_KNOT,
                ),
                $room->length,
                $pull,
                $asks,
            ),
            $floor ? Sentence::of('Lines under {0} are hard to handle. Undro suggests them only if you ask.', $least) : null,
            !$floor && $more->inNewtons() < 0.97 * $asks->inNewtons()
                ? Sentence::of('With {0} of room for a run, {1} would be enough.', $room->more()->length, $more)
                : null,
            $room->byLine
                ? Sentence::of(
                    'Your line limits the run here, because the longest cast and {0} stay on the reel. More line gives more room.',
                    Length::metres(Room::SPARE_M),
                )
                : null,
            $cover
                ? Sentence::of(
                    'Undro assumed the room for a run and {0} for weed. Type your own room if you know it.',
                    Force::newtons(Room::WEED_N),
                )
                : ($asked->room === null
                    ? Sentence::of('Undro assumed the room for a run in such water. Type your own if you know it.')
                    : null),
        ]));
    }

    private static function lengthSays(Asked $asked): Sentence
    {
        $reach = $asked->fishing->reach();
        $length = $asked->length();
        $casts = 2 * ($asked->cast?->inMetres() ?? 0.0) + $reach['run'];

        return match (true) {
            $length->inMetres() > max($reach['usual'], $casts) => Sentence::of(
                'Length: the room for a run, your longest cast, and {0} that never leave the reel.',
                Length::metres(Room::SPARE_M),
            ),
            $casts > $reach['usual'] => Sentence::of(
                'Length: twice your longest cast and {0} for a run. That way neither a snag nor a fish empties the spool.',
                Length::metres($reach['run']),
            ),
            default => Sentence::of(
                'Length: {0} is usual for this fishing. It covers two long casts and a run.',
                Length::metres($reach['usual']),
            ),
        };
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
            $strength->inNewtons() < 0.97 * $this->leastOf($material)->inNewtons() => Suits::TooLight,
            $strength->inNewtons() > 1.03 * $this->most->inNewtons() => Suits::Stronger,
            $left !== null && $left->inMetres() < $this->length->inMetres() => Suits::TooShort,
            default => Suits::Yes,
        };
    }

    /** @return array{Length|null, Force|null, Sentence} */
    private static function leader(Asked $asked, Material $material, Force $least): array
    {
        if ($asked->fishing === Fishing::Distance && CastingLeader::needed($asked->lure, Cast::Power, $least) && $asked->lure !== null) {
            $strength = CastingLeader::strength($asked->lure);
            $length = CastingLeader::length(
                Length::metres(self::DROP_M),
                $asked->rodLong ?? Length::metres(self::ROD_M),
                Diameter::millimetres(self::SPOOL_MM),
                CastingLeader::TURNS_CUT,
            );

            return [$length, $strength, Sentence::of(
                'Leader: use a casting leader of {0}. A sinker cast hard snaps thinner line, and a flying sinker can kill. Make it about '
                    . '{1}: through the guides, plus eight turns on the spool. Replace it at five turns.',
                $strength,
                $length,
            )];
        }
        if ($asked->toothy) {
            $strength = Force::newtons(self::TOOTHY * $least->inNewtons());
            $long = Length::metres($asked->fishing === Fishing::DeepJigging ? 1.0 : 0.5);

            return [$long, $strength, Sentence::of(
                'Leader: teeth, spines and gill covers cut any line. Use {0} of wire, or of much thicker mono or fluorocarbon, of {1}. '
                    . 'Only wire is safe against teeth.',
                $long,
                $strength,
            )];
        }
        if ($material === Material::Braid) {
            $long = Length::metres(match ($asked->fishing) {
                Fishing::HeavyCover => 0.6,
                Fishing::DeepJigging => 3.0,
                default => 1.5,
            });

            return [$long, $least, Sentence::of(
                'Leader: fish see braid, and rubbing damages it. Tie on {0} of fluorocarbon or mono of about {1}.',
                $long,
                $least,
            )];
        }
        if ($asked->snags === Snags::Many) {
            return [Length::metres(1.0), $least, Sentence::of(
                'Leader: {0} of tougher line, against rocks and roots.',
                Length::metres(1.0),
            )];
        }

        return [null, null, Sentence::of('Leader: you need none with this line in this water.')];
    }

    /** @return list<Sentence> */
    private static function limits(Force $pull, Force $least, ?Force $reelMax, ?LineRange $rod): array
    {
        $limits = [];
        if ($reelMax !== null && $reelMax->inNewtons() < $pull->inNewtons()) {
            $limits[] = Sentence::of(
                'The reel’s drag reaches {0}, less than the {1} this needs. A stronger line doesn’t help. A stronger reel does.',
                $reelMax,
                $pull,
            );
        }
        if ($rod !== null && $rod->strongest->inNewtons() < $least->inNewtons()) {
            $limits[] = Sentence::of(
                'The rod is rated for lines up to {0}, and this needs {1}. Use a stronger rod or more line, or aim for smaller fish.',
                $rod->strongest,
                $least,
            );
        }

        return $limits;
    }
}
