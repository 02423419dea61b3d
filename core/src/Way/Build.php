<?php

declare(strict_types=1);

namespace Undro\Way;

use Undro\Fill\Covariance;
use Undro\Fill\Layer;
use Undro\Fill\Role;
use Undro\Line\Line;
use Undro\Spool\Arbor;
use Undro\Spool\BadSpool;
use Undro\Spool\ReelKind;
use Undro\Spool\Spool;
use Undro\Statistics\CorrelationMatrix;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Volume;

/** A spool whose arbor was built up for one fill. Sleeve, tape and backing that stays belong to the fill, not to the spool. */
final readonly class Build
{
    /** Usual electrician's tape, mm. */
    public const TAPE_MM = 0.15;
    /** More wraps of tape than this get soft and creep. */
    public const MOST_TAPE = 12;

    /** @param Diameter $outside what the fill begins at; 0 where the spool's shape is not known */
    private function __construct(public Spool $spool, public Diameter $outside, public int $wraps, public ?Kept $kept = null) {}

    /**
     * A sleeve of this outside diameter on a spinning spool; null: the one on which the main line alone fills it.
     *
     * @throws BadWay|BadSpool
     */
    public static function sleeve(ReelKind $reel, Spool $spool, ?Diameter $outside, Line $main, ?Length $mainLength, Length $gap): self
    {
        $reel === ReelKind::Spinning || throw BadWay::sleeveElsewhere();
        $outside ??= self::needed($spool, $main, $mainLength, $gap);
        $thick = $spool->geometry?->arbor->thick->inMillimetres() ?? 0.0;
        $outside->inMillimetres() > $thick || throw BadWay::sleeveNotOverArbor($outside, Diameter::millimetres($thick));

        return new self($spool->withArbor(Arbor::straight($outside)), $outside, 0);
    }

    /**
     * So many wraps of tape, one over the other; null: as many as fill the spool, within what tape can do.
     *
     * @throws BadWay|BadSpool
     */
    public static function tape(Spool $spool, ?int $wraps, Length $thickness, Line $main, ?Length $mainLength, Length $gap): self
    {
        $arbor = $spool->geometry->arbor ?? throw BadSpool::noArborToBuildOn();
        if ($wraps === null) {
            $rise = (self::needed($spool, $main, $mainLength, $gap)->inMillimetres() - sqrt(
                $arbor->meanSquare()->inSquareMillimetres(),
            )) / 2;
            $wraps = max(1, min(self::MOST_TAPE, (int) round($rise / $thickness->inMillimetres())));
        }
        $raised = $arbor->under(Length::millimetres($wraps * $thickness->inMillimetres()));

        return new self($spool->withArbor($raised), $raised->thick, $wraps);
    }

    /**
     * Backing that stays: the fill begins at its surface. Read there, no error of the room below counts any more; by the log's lengths
     * that of
     * all of it does.
     *
     * @throws BadWay|BadSpool
     */
    public static function kept(Spool $spool, Kept $kept, Line $main, Length $gap): self
    {
        $full = $spool->fullVolume($gap)->inCubicMillimetres();
        $geometry = $spool->geometry;
        $layers = [...$kept->layers, Layer::open(Role::Main, $main)];
        $room = array_fill(0, count($layers) + 1, 0.0);
        $misread = 0.0;
        if ($kept->depth !== null) {
            $geometry ?? throw BadWay::keptHasNoShape();
            $surface = $geometry->diameterAt($kept->depth);
            $below = $spool->lineVolumeUnder($geometry, $surface)->inCubicMillimetres();
            $room[0] = $full - $below;
            $misread = $spool->volumePerDepth($geometry, $surface)->inSquareMillimetres() * $kept->readingMm();
        } else {
            $room[0] = $full;
            foreach ($kept->layers as $index => $layer) {
                $room[$index + 1] = -($layer->length?->inMetres() ?? 0.0) * $layer->volumePerMetre($spool->lay)->inCubicMillimetres();
                $misread = hypot($misread, $kept->volumeSd($index, $spool->lay));
            }
            $below = $full - array_sum($room);
            $surface = $geometry === null ? null : $spool->surfaceHolding($geometry, Volume::cubicMillimetres($below));
        }
        if ($geometry !== null && $surface !== null) {
            $fits = $below < $full && $surface->inMillimetres() >= $geometry->arbor->thick->inMillimetres() - 1e-9;
            $fits || throw BadWay::keptOutside($geometry->depthOf($surface), $gap, $geometry->depthOf($geometry->arbor->thick));
        }
        $left = $full - $below;
        $left > 0 || throw BadWay::keptFillsIt();
        [$sd, $withMain] = self::known(new Covariance($spool, $layers), array_values($room), $misread, $main->cellSd);

        return new self(
            $spool->above($surface, Volume::cubicMillimetres($left), $sd / $left, CorrelationMatrix::ofPair($withMain)),
            $surface ?? Diameter::millimetres(0),
            0,
            $kept,
        );
    }

    /**
     * How well the room that is left is known, mm3, and how it varies together with the main line's cell.
     *
     * @param list<float> $room    what it has of the factors on the spool's room and on each layer's cell, mm3
     * @param float       $misread of the surface, mm3
     *
     * @return array{float, float} sd and correlation
     */
    private static function known(Covariance $known, array $room, float $misread, float $cellSd): array
    {
        $sd = sqrt($known->variance($room) + $misread ** 2);
        $cell = [...array_fill(0, count($room) - 1, 0.0), 1.0];
        $tied = $sd > 0 && $cellSd > 0 ? $known->covariance($room, $cell) / ($sd * $cellSd) : 0.0;

        return [$sd, max(-1.0, min(1.0, $tied))];
    }

    /** The straight arbor on which the main line alone fills the spool: D = sqrt(D_full2 - 4V / (pi w scale)). */
    private static function needed(Spool $spool, Line $main, ?Length $mainLength, Length $gap): Diameter
    {
        $geometry = $spool->geometry ?? throw BadSpool::noArborToBuildOn();
        $mainLength ?? throw BadWay::mainLengthNeeded();
        $full = $geometry->diameterAt($gap)->inMillimetres();
        $volume = 1000 * $mainLength->inMetres() * $main->cell($spool->lay)->inSquareMillimetres();
        $square = $full ** 2 - 4 * $volume / (M_PI * $geometry->traverse->inMillimetres() * $spool->scale);
        $least = $geometry->arbor->meanSquare()->inSquareMillimetres();
        $square > $least || throw BadWay::noRoomToSave();

        return Diameter::millimetres(sqrt($square));
    }
}
