<?php

declare(strict_types=1);

namespace Undro\Plan;

use Undro\Fill\BadFill;
use Undro\Fill\DepthMark;
use Undro\Fill\Fill;
use Undro\Fill\FillCalculator;
use Undro\Fill\FilledLayer;
use Undro\Fill\Layer;
use Undro\Fill\Level;
use Undro\Fill\Measurement;
use Undro\Fill\Narrowing;
use Undro\Fill\Role;
use Undro\Line\Line;
use Undro\Spool\BadSpool;
use Undro\Spool\Spool;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Price;
use Undro\Way\BadWay;
use Undro\Way\Build;
use Undro\Way\Kept;
use Undro\Way\Open;
use Undro\Way\Wanted;
use Undro\Way\WayId;
use Undro\Way\Ways;

/** A fill as an angler asks for it: what is open, what it comes to, and everything worth saying about it. */
final readonly class Plan
{
    /**
     * @param Open            $open       what was worked out
     * @param Fill            $fill       the answer
     * @param Fill            $drawn      as it would lie: the same, or without the open layer where nothing fits
     * @param Build|null      $build      what was built onto the arbor
     * @param Length          $mainMost   the main line that fills the spool by itself
     * @param Length          $mainMostHalf half the 90 % band of that
     * @param Price|null      $cost       of the line
     * @param list<Narrowing> $narrowings
     * @param list<Note>      $notes
     * @param RuleOfThumb|null $thumb     what to go by where the figure is very uncertain
     */
    private function __construct(
        public Open $open,
        public Fill $fill,
        public Fill $drawn,
        public ?Build $build,
        public Length $mainMost,
        public Length $mainMostHalf,
        public ?Price $cost,
        public ?Level $level,
        public ?DepthMark $oneReading,
        public ?DepthMark $threeReadings,
        public array $narrowings,
        public array $notes,
        public ?RuleOfThumb $thumb,
    ) {}

    /** @throws BadPlan|BadFill|BadSpool|BadWay */
    public static function of(Wanted $wanted): self
    {
        $open = self::open($wanted);
        $mainLength = $wanted->mainLength;
        if ($wanted->joinDepth !== null && $open === Open::Backing) {
            $mainLength = self::mainLengthOver($wanted->spool, $wanted->main, $wanted->gap, $wanted->joinDepth);
        }
        $build = match ($wanted->way) {
            WayId::Sleeve => Build::sleeve($wanted->reel, $wanted->spool, $wanted->sleeve, $wanted->main, $mainLength, $wanted->gap),
            WayId::Kept => Build::kept($wanted->spool, $wanted->kept ?? throw BadWay::keptIsUnknown(), $wanted->main, $wanted->gap),
            WayId::Tape => Build::tape(
                $wanted->spool,
                $wanted->wraps(),
                $wanted->tapeThickness,
                $wanted->main,
                $mainLength,
                $wanted->gap,
            ),
            default => null,
        };
        $spool = $build->spool ?? $wanted->spool;
        $layers = self::layers($open, $wanted, $mainLength);
        $fill = FillCalculator::solve($spool, $wanted->gap, $layers, $wanted->gearRatio);
        $drawn = $fill;
        if ($fill->layers === []) {
            $known = array_values(array_filter($layers, static fn(Layer $layer): bool => $layer->length !== null));
            $drawn = FillCalculator::solve($spool, $wanted->gap, $known, $wanted->gearRatio);
        }
        $most = FillCalculator::solve($spool, $wanted->gap, [Layer::open(Role::Main, $wanted->main)])->solved?->band;

        return new self(
            $open,
            $fill,
            $drawn,
            $build,
            $most->middle ?? Length::metres(0),
            $most?->half() ?? Length::metres(0),
            $wanted->cost->of(array_map(static fn(FilledLayer $layer): array => [$layer->layer->role, $layer->length], $fill->layers)),
            Level::of($drawn),
            DepthMark::of($fill, 1),
            DepthMark::of($fill, 3),
            self::narrowings($wanted, $fill, $layers),
            Notes::on($wanted, $fill, $drawn, $layers),
            RuleOfThumb::of($fill, $mainLength, $most?->middle),
        );
    }

    /**
     * @param list<Layer> $layers
     *
     * @return list<Narrowing>
     */
    private static function narrowings(Wanted $wanted, Fill $fill, array $layers): array
    {
        if ($wanted->way !== WayId::Kept || $wanted->kept === null) {
            return Narrowing::of($fill, $layers, $wanted->measureSd);
        }
        $kept = $wanted->kept;
        // of the room only what lies above counts; the line that goes on there may be known better
        $line = array_values(array_filter(
            Narrowing::of($fill, $layers, $wanted->measureSd),
            static fn(Narrowing $each): bool => $each->by === Measurement::WrapTestMain,
        ));
        if (($kept->depth !== null && $kept->readings >= 3) || $wanted->spool->geometry === null || $fill->spool->geometry === null) {
            return $line;
        }
        $depth = $kept->depth ?? $fill->spool->geometry->depthOf($fill->spool->geometry->arbor->thin);
        $read = Build::kept($wanted->spool, Kept::of($depth, 3, $kept->layers, $kept->sound, $kept->halves), $wanted->main, $wanted->gap);

        $found = [...Narrowing::byItsSurface($fill, FillCalculator::solve($read->spool, $wanted->gap, $layers)), ...$line];
        usort($found, static fn(Narrowing $a, Narrowing $b): int => $a->half->inMetres() <=> $b->half->inMetres());

        return $found;
    }

    /** What is open, once the way has had its say: without backing there is none to work out. */
    private static function open(Wanted $wanted): Open
    {
        return match (true) {
            $wanted->open !== Open::Backing || in_array($wanted->way, [WayId::Backing, WayId::TurnOver], true) => $wanted->open,
            $wanted->way === WayId::MainOnly, $wanted->way === WayId::Kept => Open::Main,
            default => Open::Level,
        };
    }

    /** @return non-empty-list<Layer> */
    private static function layers(Open $open, Wanted $wanted, ?Length $mainLength): array
    {
        if ($open === Open::Backing) {
            $mainLength ?? throw BadWay::lengthNeeded('main', 'main line');
            $backing = $wanted->backing ?? throw BadWay::backingNeeded();

            return [Layer::open(Role::Backing, $backing), $wanted->mainLayer($mainLength)];
        }
        $under = [];
        if ($wanted->way === WayId::Grip) {
            $backing = $wanted->backing ?? throw BadWay::backingNeeded();
            $under = [Layer::of(Role::Backing, $backing, $wanted->backingLength ?? Length::metres(Ways::GRIP_M))];
        } elseif ($wanted->backing !== null && $wanted->way->hasBacking()) {
            $length = $wanted->backingLength ?? throw BadWay::lengthNeeded('backing', 'backing');
            $under = [Layer::of(Role::Backing, $wanted->backing, $length)];
        }
        if ($open === Open::Main) {
            return [...$under, Layer::open(Role::Main, $wanted->main)];
        }
        $mainLength ?? throw BadWay::lengthNeeded('main', 'main line');

        return [...$under, $wanted->mainLayer($mainLength)];
    }

    /** The main line that reaches from a join at this depth up to the full level. */
    private static function mainLengthOver(Spool $spool, Line $main, Length $gap, Length $joinDepth): Length
    {
        $geometry = $spool->geometry ?? throw BadPlan::joinNeedsShape();
        $full = $geometry->diameterAt($gap);
        $bare = $geometry->depthOf($geometry->arbor->thin);
        $join = $geometry->lip->inMillimetres() - 2 * $joinDepth->inMillimetres();
        $join <= $full->inMillimetres() + 1e-9 && $joinDepth->inMillimetres() <= $bare->inMillimetres() + 1e-9
            || throw BadFill::joinOutside($joinDepth, $geometry->depthOf($full), $bare);
        $room = $spool->lineVolumeUnder($geometry, $full)->inCubicMillimetres()
            - $spool->lineVolumeUnder($geometry, Diameter::millimetres($join))->inCubicMillimetres();

        return Length::metres(max(0.0, $room) / (1000 * $main->cell($spool->lay)->inSquareMillimetres()));
    }
}
