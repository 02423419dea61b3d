<?php

declare(strict_types=1);

namespace Undro\Plan;

use Undro\Fill\BadFill;
use Undro\Fill\DepthMark;
use Undro\Fill\Fill;
use Undro\Fill\FillCalculator;
use Undro\Fill\Layer;
use Undro\Fill\Level;
use Undro\Fill\Narrowing;
use Undro\Fill\Role;
use Undro\Line\Line;
use Undro\Spool\BadSpool;
use Undro\Spool\Spool;
use Undro\Units\Diameter;
use Undro\Units\Length;

/** A fill as an angler asks for it: what is open, what it comes to, and everything worth saying about it. */
final readonly class Plan
{
    /**
     * @param Fill            $fill       the answer
     * @param Fill            $drawn      as it would lie: the same, or without the open layer where nothing fits
     * @param list<Narrowing> $narrowings
     * @param list<Note>      $notes
     */
    private function __construct(
        public Fill $fill,
        public Fill $drawn,
        public ?Level $level,
        public ?DepthMark $oneReading,
        public ?DepthMark $threeReadings,
        public array $narrowings,
        public array $notes,
    ) {}

    /**
     * @param Length|null $joinDepth  where the join is to lie; with the backing open it replaces the main line's length
     * @param array<string, Length> $onHand what is left on the fillers, by role
     * @param float       $measureSd  relative sd of the measures, for what a better one would buy
     *
     * @throws BadPlan|BadFill|BadSpool
     */
    public static function of(
        Spool $spool,
        Open $open,
        Line $main,
        ?Length $mainLength,
        ?Line $backing,
        ?Length $backingLength,
        ?Length $gap,
        ?Length $joinDepth,
        ?float $gearRatio,
        float $measureSd,
        array $onHand = [],
    ): self {
        if ($joinDepth !== null && $open === Open::Backing) {
            $mainLength = self::mainLengthOver($spool, $main, $gap, $joinDepth);
        }
        $layers = self::layers($open, $main, $mainLength, $backing, $backingLength);
        $fill = FillCalculator::solve($spool, $gap, $layers, $gearRatio);
        $drawn = $fill;
        if ($fill->layers === []) {
            $known = array_values(array_filter($layers, static fn(Layer $layer): bool => $layer->length !== null));
            $drawn = FillCalculator::solve($spool, $gap, $known, $gearRatio);
        }

        return new self(
            $fill,
            $drawn,
            Level::of($drawn),
            DepthMark::of($fill, 1),
            DepthMark::of($fill, 3),
            Narrowing::of($fill, $layers, $measureSd),
            Notes::on($fill, $drawn, $layers, $gap, $onHand),
        );
    }

    /** @return non-empty-list<Layer> */
    private static function layers(Open $open, Line $main, ?Length $mainLength, ?Line $backing, ?Length $backingLength): array
    {
        if ($open === Open::Backing) {
            $mainLength ?? throw BadPlan::lengthNeeded('main', 'main line');
            $backing ?? throw BadPlan::backingNeeded();

            return [Layer::open(Role::Backing, $backing), Layer::of(Role::Main, $main, $mainLength)];
        }
        $under = [];
        if ($backing !== null) {
            $backingLength ?? throw BadPlan::lengthNeeded('backing', 'backing');
            $under = [Layer::of(Role::Backing, $backing, $backingLength)];
        }
        if ($open === Open::Main) {
            return [...$under, Layer::open(Role::Main, $main)];
        }
        $mainLength ?? throw BadPlan::lengthNeeded('main', 'main line');

        return [...$under, Layer::of(Role::Main, $main, $mainLength)];
    }

    /** The main line that reaches from a join at this depth up to the full level. */
    private static function mainLengthOver(Spool $spool, Line $main, ?Length $gap, Length $joinDepth): Length
    {
        $geometry = $spool->geometry ?? throw BadPlan::joinNeedsShape();
        $full = $geometry->diameterAt($gap ?? $spool->ratedGap);
        $bare = $geometry->depthOf($geometry->arbor->thin);
        $join = $geometry->lip->inMillimetres() - 2 * $joinDepth->inMillimetres();
        $join <= $full->inMillimetres() + 1e-9 && $joinDepth->inMillimetres() <= $bare->inMillimetres() + 1e-9
            || throw BadFill::joinOutside($joinDepth, $geometry->depthOf($full), $bare);
        $room = $spool->lineVolumeUnder($geometry, $full)->inCubicMillimetres()
            - $spool->lineVolumeUnder($geometry, Diameter::millimetres($join))->inCubicMillimetres();

        return Length::metres(max(0.0, $room) / (1000 * $main->cell($spool->lay)->inSquareMillimetres()));
    }
}
