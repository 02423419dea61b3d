<?php

declare(strict_types=1);

namespace Undro\Choice;

use Undro\Drag\Link;
use Undro\Drag\Target;
use Undro\Line\Material;
use Undro\Match\LineMatch;
use Undro\Units\Force;
use Undro\Units\Length;
use Undro\Units\Sentence;

/**
 * Which line, from how one fishes: the strengths that experienced anglers use, and physics as the check.
 * Source: handbook, chapter 1, "Which line"; general experience, not a promise.
 */
final readonly class LineChoice
{
    /** A label may be so far off before a line counts as outside the range. Ours. */
    private const LABEL = 0.03;

    /**
     * @param non-empty-list<MaterialChoice> $materials best first
     * @param Force                          $drag      for the first of them, at its pick
     * @param DragLimit                      $cappedBy  what keeps the drag under its share of the line's strength
     * @param Length                         $length    to have on the reel
     * @param list<Sentence>                 $reasons
     * @param list<Sentence>                 $limits    what reel, rod and angler cannot give
     */
    private function __construct(
        private Asked $asked,
        public array $materials,
        public Force $drag,
        public DragLimit $cappedBy,
        public Room $room,
        public float $runs,
        public Length $length,
        public ?ChosenLeader $leader,
        public array $reasons,
        public array $limits,
    ) {}

    /** @throws BadChoice if nobody fishes so for so small a fish */
    public static function of(Asked $asked): self
    {
        $materials = self::materials($asked);
        $first = $materials[0];
        $asks = Force::newtons($asked->fraction() * $first->pick->inNewtons() * Link::USUAL_HOLDS);
        [$drag, $cappedBy] = self::drag($asked, $asks);
        $room = Room::of($asked);
        $runs = $room->runs($asked->fish, $drag);
        [$leader, $leaderWhy] = ChosenLeader::of($asked, $materials);

        return new self(
            $asked,
            $materials,
            $drag,
            $cappedBy,
            $room,
            $runs,
            $asked->length(),
            $leader,
            [
                ...self::strengthSays($asked, $first),
                ...self::dragSays($asked, $drag, $cappedBy),
                ...self::runsSay($asked, $room, $runs),
                self::lengthSays($asked),
                $leaderWhy,
            ],
            self::limits($asked, $first, $drag, $cappedBy),
        );
    }

    /** The share of the weakest link that the drag is set to. */
    public function fraction(): float
    {
        return $this->asked->fraction();
    }

    /**
     * How a line the angler has compares to this, in a word and as the screen says it.
     *
     * @param Length|null $left what is left of it
     *
     * @return array{LineVerdict, string}
     */
    public function verdict(Material $material, Force $strength, ?Length $left): array
    {
        $unusual = $this->asked->fishing->unusual($material);
        if ($unusual !== null) {
            return [LineVerdict::OtherMaterial, "unusual for this: $unusual"];
        }
        $choice = array_values(array_filter($this->materials, static fn(MaterialChoice $each): bool => $each->material === $material))[0];
        $newtons = $strength->inNewtons();

        return match (true) {
            $newtons < (1 - self::LABEL) * $choice->low->inNewtons() => [
                LineVerdict::TooLight,
                $choice->floor === null ? 'too light: under what anglers use for such a fish' : 'too light for that lure, sinker or ground',
            ],
            $left !== null && $left->inMetres() < $this->length->inMetres() => [LineVerdict::TooShort, 'too little is left'],
            $newtons > (1 + self::LABEL) * $choice->high->inNewtons() => [
                LineVerdict::Heavier,
                'heavier than usual: it casts shorter, and fish see it more',
            ],
            default => [LineVerdict::Usual, 'usual for this'],
        };
    }

    /** How far a line is from the first choice, for a list that begins with the nearest: material by material, then by the ratio of strengths. */
    public function distance(Material $material, Force $strength): float
    {
        foreach ($this->materials as $place => $each) {
            if ($each->material === $material) {
                return 10.0 * $place + abs(log($strength->inNewtons() / $each->pick->inNewtons()));
            }
        }

        return 10.0 * count($this->materials);
    }

    /** @return non-empty-list<MaterialChoice> @throws BadChoice */
    private static function materials(Asked $asked): array
    {
        $materials = [];
        foreach ($asked->fishing->materialsFor($asked->snags, $asked->reel) as [$material, $why]) {
            $materials[] = MaterialChoice::of($asked, $material, $why) ?? throw BadChoice::noBigGame();
        }

        return $materials;
    }

    /** @return array{Force, DragLimit} never more than the angler, the reel and the rod hold */
    private static function drag(Asked $asked, Force $asks): array
    {
        $drag = [$asks, DragLimit::None];
        foreach ([[$asked->hold->most(), DragLimit::Person], [$asked->reelMax, DragLimit::Reel], [$asked->rodMax, DragLimit::Rod]] as [$most, $by]) {
            if ($most !== null && $most->inNewtons() < $drag[0]->inNewtons()) {
                $drag = [$most, $by];
            }
        }

        return $drag;
    }

    /** @return list<Sentence> */
    private static function strengthSays(Asked $asked, MaterialChoice $first): array
    {
        $place = MaterialChoice::place($asked);
        $because = array_filter([
            $asked->snags === Snags::Many ? 'the many snags' : ($asked->snags === Snags::Some ? 'the snags' : null),
            $asked->current === Current::Strong && $asked->snags !== Snags::Many ? 'the strong current' : null,
        ]);

        return array_values(array_filter([
            Sentence::of(
                "Anglers usually fish {$first->material->word()} of {0} to {1} for such a fish, most often {2}.",
                $first->byFish['low'],
                $first->byFish['high'],
                $first->byFish['usual'],
            ),
            match (true) {
                $place > 0 => Sentence::of('Undro picks the stronger part of that because of ' . implode(' and ', $because) . '.'),
                $place < 0 => Sentence::of('Undro picks the finer part of that because of the clear water.'),
                $asked->clear => Sentence::of('Clear water asks for finer line, and ' . implode(' and ', $because) . ' for stronger: it stays at usual.'),
                default => null,
            },
            $first->floor?->why,
        ]));
    }

    /** @return list<Sentence> */
    private static function dragSays(Asked $asked, Force $drag, DragLimit $cappedBy): array
    {
        $share = $asked->fraction();
        $again = sprintf('%.0f %%', 100 * Target::ASK_AGAIN);
        // what holds it back is said with the limits
        if ($cappedBy !== DragLimit::None) {
            return [];
        }

        return array_filter([
            Sentence::of(
                sprintf(
                    'Drag: {0}. That is %.0f %% of what the line holds with a knot that keeps %.0f %% and after a season of wear.',
                    100 * $share,
                    100 * Link::USUAL_KNOT,
                ),
                $drag,
            ),
            match (true) {
                $share > Target::ASK_AGAIN => Sentence::of("That share is over $again, so Drag asks you to confirm it."),
                $asked->snags === Snags::Many => Sentence::of(
                    "Among many snags, hook and hold. If hook and leader take it, go up to 45 %. Drag asks you to confirm over $again.",
                ),
                default => null,
            },
        ]);
    }

    /** @return list<Sentence> */
    private static function runsSay(Asked $asked, Room $room, float $runs): array
    {
        // where the fish does not take all of it, how much room there is decides nothing
        if ($runs <= 1.0) {
            return [Sentence::of('Such a fish tires within one run of {0} at that drag.', $room->length)];
        }

        return array_filter([
            $runs > Room::MANY_RUNS
                ? Sentence::of('{0} is too little room or line for such a fish. Give it more room, or hold hard and expect to lose some.', $room->length)
                : Sentence::of(match (true) {
                    $runs < 1.5 => 'Such a fish tires in about one run of {0} at that drag.',
                    default => sprintf('Such a fish tires in about %.0f runs of {0} at that drag.', $runs),
                }, $room->length),
            $room->byLine
                ? Sentence::of(
                    'Your line limits the run here, because the longest cast and {0} stay on the reel. More line gives more room.',
                    Length::metres(Room::SPARE_M),
                )
                : ($asked->room === null
                    ? Sentence::of('Undro assumed the room for a run in such water. Type your own if you know it.')
                    : null),
        ]);
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

    /** @return list<Sentence> */
    private static function limits(Asked $asked, MaterialChoice $first, Force $drag, DragLimit $cappedBy): array
    {
        return array_values(array_filter([
            match ($cappedBy) {
                DragLimit::None => null,
                DragLimit::Person => Sentence::of(
                    "The drag stays at {0}: {$asked->hold->word()}, nobody holds more for long. The line could take more."
                        . ($asked->hold === RodHold::Harness ? '' : ' A butt pad or a harness lets you hold more.'),
                    $drag,
                ),
                DragLimit::Reel => Sentence::of('The drag stays at {0}, the most this reel gives. The line could take more.', $drag),
                DragLimit::Rod => Sentence::of('The drag stays at {0}, the most this rod takes. The line could take more.', $drag),
            },
            $asked->rod !== null && $asked->rod->strongest->inNewtons() < $first->pick->inNewtons()
                ? Sentence::of(
                    'The rod is rated for lines up to {0}. Many anglers fish stronger line on such a rod. ' . LineMatch::ROD_FIRST,
                    $asked->rod->strongest,
                )
                : null,
        ]));
    }
}
