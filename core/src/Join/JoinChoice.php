<?php

declare(strict_types=1);

namespace Undro\Join;

use Undro\Knot\Knot;
use Undro\Knot\Where;
use Undro\Line\Material;

/**
 * Ranks the knots for a place and a pair of lines, with reasons; the others are never hidden. Source: handbook, chapter 4, choice.
 * The weights are ours: strength first where a fish pulls, slimness in the guides, quickness where it is buried or hands are cold.
 */
final readonly class JoinChoice
{
    private const TIES_WELL = 0.35;
    /** The thickest line for an improved clinch. Source: handbook, chapter 4, hook knots. */
    private const CLINCH_MM = 0.40;

    /**
     * @param list<Hands>          $hands
     * @param list<Knot>           $tiesWell
     * @param array<string, float> $tested   share of the weaker line kept in the angler's own pull tests, by knot
     * @param bool                 $grips    the arbor holds the line by itself
     * @param bool                 $backing  backing lies under the main line
     */
    private function __construct(
        private Where $where,
        private Pair $pair,
        private array $hands,
        private array $tiesWell,
        private array $tested,
        private bool $grips,
        private bool $backing,
    ) {}

    /**
     * @param list<Hands>          $hands
     * @param list<Knot>           $tiesWell
     * @param array<string, float> $tested
     *
     * @return list<Fit> the best first, those that do not fit last
     *
     * @throws BadJoin
     */
    public static function ranked(
        Where $where,
        Pair $pair,
        array $hands = [],
        array $tiesWell = [],
        array $tested = [],
        bool $grips = false,
        bool $backing = false,
    ): array {
        $where->tiesOneLine() || $pair->other !== null || throw BadJoin::needsTwo();
        foreach ($tested as $knot => $share) {
            $share > 0 && $share <= 1.2 || throw BadJoin::shareOutside($knot, $share);
        }
        $choice = new self($where, $pair, $hands, $tiesWell, $tested, $grips, $backing);
        $fits = array_map(
            $choice->fit(...),
            array_values(array_filter(Knot::cases(), static fn(Knot $knot): bool => $knot->isTiedAt($where))),
        );
        usort($fits, static fn(Fit $a, Fit $b): int => [$b->fits, $b->score] <=> [$a->fits, $a->score]);

        return $fits;
    }

    private function fit(Knot $knot): Fit
    {
        $for = [];
        $against = [];
        $no = $this->impossible($knot);
        $tested = $this->tested[$knot->value] ?? null;
        $keeps = $tested === null ? $knot->keeps() : [$tested, $tested];
        $score = match ($this->where) {
            Where::Guides => 3 * ($keeps[0] ?? 0.0) + $knot->slim() + 0.3 * $knot->quick(),
            Where::Buried => ($keeps[0] ?? 0.0) + 0.6 * $knot->slim() + 0.9 * $knot->quick(),
            Where::Arbor => $knot->quick(),
            Where::Hook => 3 * ($keeps[0] ?? 0.0) + 0.3 * $knot->quick(),
        };
        foreach ($this->reasons($knot) as [$by, $why]) {
            $score += $by;
            $by >= 0 ? $for[] = $why : $against[] = $why;
        }
        if ($tested !== null) {
            $for[] = sprintf('it kept %d %% in your own pull tests', (int) round(100 * $tested));
        }
        if ($no !== null) {
            array_unshift($against, $no);
        }

        return new Fit(
            $knot,
            $no === null,
            $score,
            $for,
            $against,
            $keeps,
            $tested !== null,
            $knot->turns($this->where, $this->pair->braids() > 0, $this->pair->isThin()),
        );
    }

    /** Why it cannot be done with this pair here; null: it can. */
    private function impossible(Knot $knot): ?string
    {
        $ratio = $this->pair->ratio();

        return match ($knot) {
            Knot::Blood => match (true) {
                $ratio > Pair::UNEQUAL => sprintf('one line is %.1F times as thick as the other; above 2 the knot doesn’t grip', $ratio),
                $this->pair->braids() > 0 => 'made for mono and fluorocarbon; braid slips out',
                $ratio > Pair::NEAR => sprintf('made for nearly equal lines; these differ %.1F times', $ratio),
                default => null,
            },
            Knot::Surgeons => $ratio > Pair::UNEQUAL ? sprintf('made for similar lines; one is %.1F times as thick as the other', $ratio) : null,
            Knot::Alberto, Knot::Fg => $this->pair->mixed() ? null : 'made for braid to mono or fluorocarbon',
            Knot::Albright => $this->pair->braids() === 2 ? 'its loop must be stiffer than braid' : null,
            Knot::TapedTag => match (true) {
                $this->backing => 'only without backing',
                $this->pair->one->material !== Material::Braid => 'for braid tied straight to the arbor',
                default => null,
            },
            Knot::ImprovedClinch => match (true) {
                $this->pair->one->material === Material::Braid => 'slips with braid',
                $this->pair->one->diameter->inMillimetres() > self::CLINCH_MM => sprintf(
                    'for line up to %.2F mm; thicker line doesn’t draw tight',
                    self::CLINCH_MM,
                ),
                default => null,
            },
            Knot::NonSlipLoop => $this->pair->one->material === Material::Braid ? 'made for mono and fluorocarbon' : null,
            Knot::DoubleOverhand => $this->slick() ? 'slips on bare braid' : null,
            default => null,
        };
    }

    /** @return iterable<array{float, string}> by how much it counts, and why */
    private function reasons(Knot $knot): iterable
    {
        $hard = array_intersect(array_map(static fn(Hands $each): string => $each->value, $this->hands), ['cold', 'dark', 'boat']);
        if (in_array($knot, $this->tiesWell, true)) {
            yield [self::TIES_WELL, 'you tie it well'];
        }
        if ($hard !== []) {
            if ($knot->quick() >= 0.7) {
                yield [0.4, 'easy with cold hands, in the dark or in a boat'];
            } elseif ($knot->quick() <= 0.4) {
                yield [-0.9, 'fiddly with cold hands, in the dark or in a boat'];
            }
        }
        if ($this->where === Where::Arbor) {
            yield from $this->atTheArbor($knot);

            return;
        }
        if ($this->where === Where::Hook) {
            yield from $this->atTheHook($knot);

            return;
        }
        $ratio = $this->pair->ratio();
        if ($this->where === Where::Buried && $knot === Knot::Fg) {
            yield [-0.6, 'more work than a knot under the line needs'];
        }
        if ($this->where === Where::Guides && $knot->slim() >= 0.7) {
            yield [0.2, 'slim: it runs through the guides'];
        }
        if ($this->where === Where::Guides && $knot === Knot::Surgeons) {
            yield [-0.3, 'bulky in the guides'];
        }
        if ($knot === Knot::Albright && $ratio > 1.5) {
            yield [0.35, 'made for unequal lines: the thin one wraps round the thick one’s loop'];
        }
        if ($knot === Knot::Alberto && $this->pair->mixed()) {
            yield [0.15, 'made for braid to mono or fluorocarbon'];
        }
        if ($knot === Knot::Blood && $ratio <= Pair::NEAR && $this->pair->braids() === 0) {
            yield [0.3, 'the slimmest knot for nearly equal lines'];
        }
        if ($knot === Knot::DoubleUni && $ratio <= Pair::UNEQUAL) {
            yield [0.15, 'the all-rounder: its two barrels jam against each other'];
        }
        if ($knot === Knot::DoubleUni && $ratio > Pair::UNEQUAL) {
            yield $this->where === Where::Buried
                ? [-0.3, sprintf('one line is %.1F times as thick: take two more turns with the thin one; common under the line', $ratio)]
                : [-0.8, sprintf('one line is %.1F times as thick: double the thin one or take more turns, and pull-test the knot', $ratio)];
        }
        if ($knot === Knot::Surgeons) {
            yield [-0.15, 'the whole leader has to go through its loop'];
        }
    }

    /** @return iterable<array{float, string}> */
    private function atTheArbor(Knot $knot): iterable
    {
        $slick = $this->slick();
        if ($slick && $knot === Knot::FigureEight) {
            yield [0.9, 'winding pulls its noose tight, so it grips even with braid'];
        }
        if ($slick && $knot === Knot::TapedTag) {
            yield [0.7, 'tape keeps slick braid from spinning round the arbor'];
        }
        if ($slick && $knot === Knot::Arbor) {
            yield [-0.3, 'on bare braid it may slip until the first layer bites'];
        }
        if ($knot === Knot::Uni && in_array(Hands::Cramped, $this->hands, true)) {
            yield [0.9, 'pulls tight from outside, so it needs no room for fingers'];
        }
        if (in_array($knot, [Knot::Arbor, Knot::DoubleOverhand], true) && in_array(Hands::Cramped, $this->hands, true)) {
            yield [-0.6, 'needs room for fingers at the arbor'];
        }
        if ($this->grips && $knot === Knot::DoubleOverhand) {
            yield [0.2, 'the arbor grips, so the quickest knot is enough'];
        }
        if ($knot === Knot::Arbor && !$slick) {
            yield [0.3, 'small and tight, with a stopper'];
        }
    }

    /** @return iterable<array{float, string}> */
    private function atTheHook(Knot $knot): iterable
    {
        if ($knot === Knot::Palomar) {
            yield $this->pair->one->material === Material::Braid
                ? [0.4, 'the best with braid: two strands lie in the eye']
                : [0.1, 'two strands lie in the eye'];
            yield [-0.1, 'the hook or lure has to pass through its loop'];
        }
        if ($knot === Knot::UniAtHook) {
            yield [0.05, 'holds with any line'];
        }
        if ($knot === Knot::NonSlipLoop) {
            yield [0.0, 'its loop lets a lure move freely'];
        }
    }

    /** Braid on an arbor that does not hold it. */
    private function slick(): bool
    {
        return $this->where === Where::Arbor && $this->pair->one->material === Material::Braid && !$this->grips;
    }
}
