<?php

declare(strict_types=1);

namespace Undro\Way;

use Undro\Fill\Fill;
use Undro\Fill\FillCalculator;
use Undro\Fill\FilledLayer;
use Undro\Fill\Layer;
use Undro\Fill\Level;
use Undro\Fill\Role;
use Undro\Line\Line;
use Undro\Spool\Spool;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** Works out each way for one wanted fill. */
final readonly class WayCalculator
{
    /** Line lost where a wound line is cut and joined again. */
    private const REJOIN_M = 1.0;
    /** A level this far off the wanted one is worth a word, mm. */
    private const LOW_MM = 0.5;
    /** With this many times the wanted line on the spool, most of it never sees a fish. */
    private const MOSTLY_IDLE = 2.0;

    private function __construct(private Wanted $wanted, private ?float $pace, private Line $backing, private Length $mainLength) {}

    /** @throws BadWay if the main line's length or the backing is missing */
    public static function of(Wanted $wanted, ?float $pace): self
    {
        return new self(
            $wanted,
            $pace,
            $wanted->backing ?? throw BadWay::backingNeeded(),
            $wanted->mainLength ?? throw BadWay::lengthNeeded('main', 'main line'),
        );
    }

    /** Backing under all of the main line. */
    public function whole(): Fill
    {
        return $this->solve($this->wanted->spool, Layer::open(Role::Backing, $this->backing), $this->main());
    }

    /**
     * Backing, then the main line.
     *
     * @param Fill $whole backing under all of the main line
     */
    public function backing(Fill $whole): Way
    {
        return $this->worked(WayId::Backing, $whole, [], [
            Sentence::of('The join lies in the line: a fish that runs this far takes it through the guides.'),
        ], knots: 1);
    }

    /** Main line alone, to the full level. */
    public function mainOnly(): Way
    {
        $fill = $this->solve($this->wanted->spool, Layer::open(Role::Main, $this->wanted->main));

        return $this->worked(WayId::MainOnly, $fill, [], [
            $this->wanted->slick()
                ? Sentence::of('Slick braid can spin round a bare arbor: only where the arbor grips, or tape goes under it.')
                : Sentence::of(
                    'Nothing to join and nothing to slip'
                        . (self::total($fill) > self::MOSTLY_IDLE * $this->mainLength->inMetres()
                            ? ', but most of it is never fished.'
                            : '.'),
                ),
        ]);
    }

    /** The main line over backing that stays. @throws BadWay */
    public function kept(Kept $kept): Way
    {
        $build = Build::kept($this->wanted->spool, $kept, $this->wanted->main, $this->wanted->gap);
        $fill = $this->solve($build->spool, $this->main());

        return $this->worked(
            WayId::Kept,
            $fill,
            [Sentence::of('The old main line off to the join; feel the join, cut there, tie the new line to the backing, wind.')],
            [
                Sentence::of('Only where the backing lies firm and level and is dry: all of it off where it slipped, smells or is rough.'),
                ...self::levelRisks($fill),
            ],
            $build,
            knots: 1,
        );
    }

    /** @throws BadWay if the main line alone stands over the lip */
    public function grip(): Way
    {
        $fill = $this->solve($this->wanted->spool, Layer::of(Role::Backing, $this->backing, Length::metres(Ways::GRIP_M)), $this->main());
        (Level::of($fill)?->depth->inMillimetres() ?? 0) >= 0 || throw BadWay::overTheLip();

        return $this->worked(
            WayId::Grip,
            $fill,
            [Sentence::of('A few firm wraps of backing, the join, then all of the main line.')],
            self::levelRisks($fill),
            knots: 1,
        );
    }

    /** @throws BadWay|\Undro\Spool\BadSpool */
    public function sleeve(): Way
    {
        $build = Build::sleeve($this->wanted->spool, $this->wanted->sleeve, $this->wanted->main, $this->mainLength, $this->wanted->gap);
        $fill = $this->solve($build->spool, $this->main());

        return $this->worked(WayId::Sleeve, $fill, [Sentence::of('Clip on a sleeve of {0} outside and tie to it.', $build->outside)], [
            Sentence::of('A sleeve must clip tight: one that turns is worse than none. It is paid for once and weighs less than line.'),
            ...self::levelRisks($fill),
        ], $build);
    }

    /** @throws BadWay|\Undro\Spool\BadSpool */
    public function tape(): Way
    {
        $build = Build::tape(
            $this->wanted->spool,
            $this->wanted->tapeWraps,
            $this->wanted->tapeThickness,
            $this->wanted->main,
            $this->mainLength,
            $this->wanted->gap,
        );
        $fill = $this->solve($build->spool, $this->main());

        return $this->worked(WayId::Tape, $fill, [
            Sentence::of(
                sprintf(
                    '%d wraps of tape as wide as the spool inside, smooth and without a step; the first turns of line cover its end.',
                    $build->wraps,
                ),
            ),
        ], [
            Sentence::of('Glue creeps into braid when it gets warm: none may face the main line, and the tape comes off with the fill.'),
            ...self::levelRisks($fill),
        ], $build);
    }

    /** Main line first, backing on top until full, then all of it over. Each pass turns the order over, so the number is odd. */
    public function turnOver(Fill $whole, bool $spare): Way
    {
        $once = self::total($whole);
        $steps = $spare
            ? [
                Sentence::of(
                    'Main line on first, backing on top until it is full by eye, then all of it over on to the spare spool: one more '
                        . 'pass, and the main line is outside.',
                ),
            ]
            : [
                Sentence::of(
                    'Main line on first, backing on top until it is full by eye. Off again, the backing to one empty carrier and the '
                        . 'main line to another, cut at the join; then backing on, join, main line on.',
                ),
                Sentence::of(
                    'Left joined it takes two carriers and three more passes: {0} wound instead of {1}.',
                    Length::metres(4 * $once),
                    Length::metres(3 * $once),
                ),
            ];

        return $this->worked(WayId::TurnOver, $whole, $steps, [
            Sentence::of('No figures needed, but all of it is wound more than once, and each time twists and wears it a little.'),
            ...($spare ? [] : [Sentence::of('Cut and joined again, about {0} of line is lost.', Length::metres(self::REJOIN_M))]),
        ], knots: 1, passes: $spare ? 2 : 3);
    }

    private function main(): Layer
    {
        return $this->wanted->mainLayer($this->mainLength);
    }

    private function solve(Spool $spool, Layer ...$layers): Fill
    {
        return FillCalculator::solve($spool, $this->wanted->gap, array_values($layers), $this->wanted->gearRatio);
    }

    /**
     * @param list<Sentence> $steps
     * @param list<Sentence> $risks
     */
    private function worked(WayId $id, Fill $fill, array $steps, array $risks, ?Build $build = null, int $knots = 0, int $passes = 1): Way
    {
        $turns = 0.0;
        foreach ($fill->layers as $layer) {
            $turns = $turns === null || $layer->handleTurns === null ? null : $turns + $layer->handleTurns;
        }

        return new Way(
            $id,
            $fill,
            Level::of($fill),
            $passes,
            Length::metres($passes * self::total($fill)),
            $turns,
            // carriers are wound at the same metres a minute as the reel itself
            $turns === null || $this->pace === null ? null : $passes * $turns / $this->pace,
            $this->wanted->cost->of(
                array_map(static fn(FilledLayer $layer): array => [$layer->layer->role, $layer->length], $fill->layers),
            ),
            $knots,
            $build,
            $steps,
            $risks,
        );
    }

    /** @return list<Sentence> */
    private static function levelRisks(Fill $fill): array
    {
        $level = Level::of($fill);
        if ($level === null) {
            return abs($fill->filledFraction - 1) > 0.05
                ? [Sentence::of(sprintf('The spool comes out %.0f %% full.', 100 * $fill->filledFraction))]
                : [];
        }
        $off = $level->depth->inMillimetres() - $fill->gap->inMillimetres();

        return match (true) {
            $off > self::LOW_MM => [
                Sentence::of(
                    'It ends {0} under the lip, {1} short of full: shorter casts and a slower retrieve.',
                    $level->depth,
                    Length::millimetres($off),
                ),
            ],
            $off < -Level::OVER_MM => [Sentence::of('It ends {0} above the full mark: coils jump off.', Length::millimetres(-$off))],
            default => [],
        };
    }

    private static function total(Fill $fill): float
    {
        return array_sum(array_map(static fn(FilledLayer $layer): float => $layer->length->inMetres(), $fill->layers));
    }
}
