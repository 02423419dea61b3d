<?php

declare(strict_types=1);

namespace Undro\Choice;

use Undro\Join\Cast;
use Undro\Join\CastingLeader;
use Undro\Line\Material;
use Undro\Units\Diameter;
use Undro\Units\Force;
use Undro\Units\ForceUnit;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** The leader in front of a line: what it is of, how long and how strong. Source: handbook, chapter 1, "Which line", steps 3 and 7. */
final readonly class ChosenLeader
{
    /** A rod that nobody has measured, and the usual drop and spool of a long-distance cast. Ours. */
    private const ROD_M = 4.0;
    private const DROP_M = 0.6;
    private const SPOOL_MM = 65.0;
    /** Mono or fluorocarbon that big teeth do not cut at once, lb. */
    private const THICK_LB = [60, 100];
    /** A big-game leader against the fish's own body and tail, times the line's strength. Ours. */
    private const BIG_GAME = 2.0;

    private function __construct(public Length $length, public Force $strength, public LeaderOf $of) {}

    /**
     * The leader, and what is said of it; null where none is needed.
     *
     * @param non-empty-list<MaterialChoice> $materials best first
     *
     * @return array{self|null, Sentence}
     */
    public static function of(Asked $asked, array $materials): array
    {
        $first = $materials[0];

        return match (true) {
            $asked->lure !== null && $asked->fishing === Fishing::Distance && CastingLeader::needed($asked->lure, Cast::Power, $first->pick) => self::casting($asked),
            $asked->toothy => self::againstTeeth($asked, $materials),
            $asked->fishing === Fishing::HeavyCover => [null, Sentence::of(
                'Leader: none. Tie the line straight to the hook. Use a short, strong leader only on rock or mussels.',
            )],
            $asked->fishing === Fishing::BigGame => self::bigGame($first),
            $first->material === Material::Braid => self::inFrontOfBraid($asked, $first),
            $asked->snags === Snags::Many => self::againstRubbing($first),
            default => [null, Sentence::of('Leader: you need none with this line in this water.')],
        };
    }

    /** @return array{self, Sentence} */
    private static function casting(Asked $asked): array
    {
        $strength = CastingLeader::strength($asked->lure ?? throw new \LogicException('a casting leader goes with lead'));
        $length = CastingLeader::length(
            Length::metres(self::DROP_M),
            $asked->rodLong ?? Length::metres(self::ROD_M),
            Diameter::millimetres(self::SPOOL_MM),
            CastingLeader::TURNS_CUT,
        );

        return [new self($length, $strength, LeaderOf::Mono), Sentence::of(
            'Leader: use a casting leader of {0}. A sinker cast hard snaps thinner line, and a flying sinker can kill. Make it about '
                . '{1}: through the guides, plus eight turns on the spool. Replace it at five turns.'
                . ($asked->toothy ? ' Against teeth, tie wire between it and the hook.' : ''),
            $strength,
            $length,
        )];
    }

    /**
     * @param non-empty-list<MaterialChoice> $materials
     *
     * @return array{self, Sentence}
     */
    private static function againstTeeth(Asked $asked, array $materials): array
    {
        $strength = Force::newtons(max(array_map(static fn(MaterialChoice $each): float => $each->pick->inNewtons(), $materials)));
        $length = Length::metres($asked->fishing === Fishing::DeepJigging || $asked->fishing === Fishing::BigGame ? 1.0 : 0.5);
        [$from, $to] = array_map(static fn(int $pounds): Force => Force::of((float) $pounds, ForceUnit::Pound), self::THICK_LB);

        return [new self($length, $strength, LeaderOf::Wire), Sentence::of(
            'Leader: teeth, spines and gill covers cut any line. Use {0} of wire of at least {1}. Mono or fluorocarbon of {2} to {3} is '
                . 'the other way, but big teeth can still cut it.',
            $length,
            $strength,
            $from,
            $to,
        )];
    }

    /** @return array{self, Sentence} */
    private static function bigGame(MaterialChoice $first): array
    {
        $strength = Force::newtons(self::BIG_GAME * $first->pick->inNewtons());
        $length = Length::metres(3.0);

        return [new self($length, $strength, LeaderOf::Mono), Sentence::of(
            'Leader: {0} of mono of about {1}, against the body and the tail of the fish.',
            $length,
            $strength,
        )];
    }

    /** @return array{self, Sentence} as strong as mono for that fishing would be; where nobody uses mono, as strong as the braid */
    private static function inFrontOfBraid(Asked $asked, MaterialChoice $braid): array
    {
        $strength = (MaterialChoice::of($asked, Material::Mono, '') ?? $braid)->pick;
        $length = Length::metres($asked->fishing === Fishing::DeepJigging ? 3.0 : 1.5);

        return [new self($length, $strength, LeaderOf::Fluoro), Sentence::of(
            'Leader: fish see braid, and rubbing damages it. Tie on {0} of fluorocarbon or mono of about {1}.',
            $length,
            $strength,
        )];
    }

    /** @return array{self, Sentence} */
    private static function againstRubbing(MaterialChoice $first): array
    {
        $strength = UsualStrength::soldFrom(Force::newtons(1.01 * $first->pick->inNewtons()));
        $length = Length::metres(1.0);

        return [new self($length, $strength, LeaderOf::Fluoro), Sentence::of(
            'Leader: {0} of fluorocarbon of {1}, against rocks and roots.',
            $length,
            $strength,
        )];
    }
}
