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
            Sentence::of('A fish that runs this far pulls the joining knot through the guides.'),
        ], knots: 1);
    }

    /** Main line alone, to the full level. */
    public function mainOnly(): Way
    {
        $fill = $this->solve($this->wanted->spool, Layer::open(Role::Main, $this->wanted->main));

        return $this->worked(WayId::MainOnly, $fill, [], [
            $this->wanted->slick()
                ? Sentence::of('Slick braid can spin round a bare arbor. Do this only if the arbor grips, or with tape under it.')
                : Sentence::of(
                    'There is no knot that can fail'
                        . (self::total($fill) > self::MOSTLY_IDLE * $this->mainLength->inMetres()
                            ? ', but most of the line is never fished.'
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
            [Sentence::of('Strip the old main line, feel for the joining knot and cut there. Tie the new line to the backing and wind.')],
            [
                Sentence::of('Do this only if the backing is firm, level and dry. Strip it if it slips, smells or is rough.'),
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
            [Sentence::of('Wind {0} of backing firmly, tie the joining knot, then wind all the main line.', Length::metres(Ways::GRIP_M))],
            self::levelRisks($fill),
            knots: 1,
        );
    }

    /** @throws BadWay|\Undro\Spool\BadSpool */
    public function sleeve(): Way
    {
        $build = Build::sleeve($this->wanted->reel, $this->wanted->spool, $this->wanted->sleeve, $this->wanted->main, $this->mainLength, $this->wanted->gap);
        $fill = $this->solve($build->spool, $this->main());

        return $this->worked(WayId::Sleeve, $fill, [Sentence::of('Clip on a sleeve {0} in diameter and tie the line to it.', $build->outside)], [
            Sentence::of('The sleeve must clip tight. One that turns is worse than none. You buy it once, and it weighs less than line.'),
            ...self::levelRisks($fill),
        ], $build);
    }

    /** @throws BadWay|\Undro\Spool\BadSpool */
    public function tape(): Way
    {
        $build = Build::tape(
            $this->wanted->spool,
            $this->wanted->wraps(),
            $this->wanted->tapeThickness,
            $this->wanted->main,
            $this->mainLength,
            $this->wanted->gap,
        );
        $fill = $this->solve($build->spool, $this->main());

        return $this->worked(WayId::Tape, $fill, [
            $build->wraps === 1 ? Sentence::of(
                'Put one strip of tape around the arbor. Lay the tag under it, and wind the main line over it.',
            ) : Sentence::of(
                sprintf(
                    'Put on %d wraps of tape as wide as the spool, smooth and without a step. The first turns of line cover its end.',
                    $build->wraps,
                ),
            ),
        ], [
            Sentence::of('Warm glue creeps into braid. No glue may touch the main line. Replace the tape with each fill.'),
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
                    'Wind the main line first, then backing until the spool looks full. Then wind everything onto the second reel spool: '
                        . 'the main line ends up outside.',
                ),
            ]
            : [
                Sentence::of(
                    'Wind the main line first, then backing until the spool looks full. Strip both onto two spare spools, cut at the '
                        . 'joining knot. Then wind the backing, tie the knot, and wind the main line.',
                ),
                Sentence::of(
                    'Without cutting it takes two spare spools and three more windings: {0} in all instead of {1}.',
                    Length::metres(4 * $once),
                    Length::metres(3 * $once),
                ),
            ];

        return $this->worked(WayId::TurnOver, $whole, $steps, [
            Sentence::of('You need no figures, but you wind everything more than once. Each time twists and wears the line a little.'),
            ...($spare ? [] : [Sentence::of('Cutting and tying again costs about {0} of line.', Length::metres(self::REJOIN_M))]),
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
                ? [Sentence::of(sprintf('The spool will be %.0f %% full.', 100 * $fill->filledFraction))]
                : [];
        }
        $off = $level->depth->inMillimetres() - $fill->gap->inMillimetres();

        return match (true) {
            $off > self::LOW_MM => [
                Sentence::of(
                    'The line ends {0} below the lip, {1} short of full. Casts are shorter, and you get less line per turn.',
                    $level->depth,
                    Length::millimetres($off),
                ),
            ],
            $off < -Level::OVER_MM => [Sentence::of('The line ends {0} above the full level. Coils jump off.', Length::millimetres(-$off))],
            default => [],
        };
    }

    private static function total(Fill $fill): float
    {
        return array_sum(array_map(static fn(FilledLayer $layer): float => $layer->length->inMetres(), $fill->layers));
    }
}
