<?php

declare(strict_types=1);

namespace Undro\Way;

use Undro\Fill\Layer;
use Undro\Fill\Role;
use Undro\Habit\BackingSchool;
use Undro\Habit\BackWith;
use Undro\Habit\Habits;
use Undro\Habit\Question;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Spool\ReelKind;
use Undro\Spool\Spool;
use Undro\Spool\Tolerance;
use Undro\Units\Diameter;
use Undro\Units\Length;

/** A fill as an angler asks for it. */
final readonly class Wanted
{
    /**
     * @param Length|null           $joinDepth where the join is to lie; with the backing open it replaces the main line's length
     * @param array<string, Length> $onHand    what is left on the fillers, by role
     * @param float                 $measureSd relative sd of the measures, for what a better one would buy
     * @param Diameter|null         $sleeve    outside; null: the one that suits
     * @param int|null              $tapeWraps as typed; null: nobody said
     * @param Kept|null             $kept      backing on the spool that may stay
     * @param bool                  $mainOffReel the main line comes off another reel, in one pass
     * @param bool                  $mainParked the main line lies on this spool now: it goes onto a spare spool while backing goes under it
     * @param array<string, Length> $onHandHalf half the 90 % band of what is left, by role, where it was not counted exactly
     * @param float                 $mainLengthSd sd of the main line's length, m, where it is all of such a filler or a share of it
     */
    public function __construct(
        public ReelKind $reel,
        public Spool $spool,
        public Open $open,
        public Line $main,
        public ?Length $mainLength,
        public ?Line $backing,
        public ?Length $backingLength,
        public Length $gap,
        public ?Length $joinDepth,
        public ?float $gearRatio,
        public float $measureSd,
        public array $onHand,
        public WayId $way,
        public ?Diameter $sleeve,
        public ?int $tapeWraps,
        public Length $tapeThickness,
        public BackWith $backWith,
        public bool $grips,
        public Cost $cost,
        public Habits $habits,
        public ?Length $askedGap = null,
        public ?Kept $kept = null,
        public bool $mainOffReel = false,
        public array $onHandHalf = [],
        public float $mainLengthSd = 0.0,
        public bool $mainParked = false,
    ) {
        !$mainParked || $way->hasBacking() || throw BadWay::parkedForNothing();
    }

    /** So much of the main line as a layer: where all of a filler goes on that was weighed, its length is known no better than that. */
    public function mainLayer(Length $length): Layer
    {
        $layer = Layer::of(Role::Main, $this->main, $length);
        $relative = $length->inMetres() > 0 ? $this->mainLengthSd / $length->inMetres() : 0.0;

        return $relative > 0 ? $layer->trusted(hypot($this->main->cellSd, $relative)) : $layer;
    }

    /**
     * Main line on a spool, with backing under it or none, to fill it to a gap; nothing else is asked for.
     *
     * @param Length|null $mainLength with backing it is needed
     * @param Kept|null   $kept       what stays on the spool and goes under the main line
     */
    public static function simply(
        ReelKind $reel,
        Spool $spool,
        Line $main,
        ?Length $mainLength,
        ?Line $backing,
        Length $gap,
        ?float $gearRatio,
        Habits $habits,
        ?Kept $kept = null,
    ): self {
        return new self(
            $reel,
            $spool,
            match (true) {
                $kept !== null && $mainLength === null => Open::Main,
                $kept !== null || $backing === null => Open::Level,
                default => Open::Backing,
            },
            $main,
            $mainLength,
            $backing,
            null,
            $gap,
            null,
            $gearRatio,
            Tolerance::GEOMETRY,
            [],
            match (true) {
                $kept !== null => WayId::Kept,
                $backing === null => WayId::MainOnly,
                default => WayId::Backing,
            },
            null,
            null,
            Length::millimetres(Build::TAPE_MM),
            BackWith::from($habits->school(Question::BackWith)),
            false,
            new Cost(),
            $habits,
            $gap,
            $kept,
        );
    }

    /**
     * Wraps of tape on the arbor: as typed. Who uses no backing under braid wants one strip to hold it, and takes the level as it comes.
     * Null: as many as fill the spool. Source: handbook, chapter 2, no backing.
     */
    public function wraps(): ?int
    {
        $oneStrip = $this->main->material === Material::Braid && $this->habits->backing() === BackingSchool::None;

        return $this->tapeWraps ?? ($oneStrip ? 1 : null);
    }

    /** Whether the main line can spin round the arbor where it lies on it itself. */
    public function slick(): bool
    {
        return $this->main->material === Material::Braid && !$this->grips;
    }
}
