<?php

declare(strict_types=1);

namespace Undro\Drag;

use Undro\Line\Line;
use Undro\Spool\Geometry;
use Undro\Spool\Spool;
use Undro\Units\Diameter;
use Undro\Units\Force;
use Undro\Units\Length;
use Undro\Units\Volume;

/**
 * What happens as line runs out: the washers hold a torque, so the force grows as the surface sinks, F0 Dfull / D.
 * Source: handbook, chapter 5.
 */
final readonly class Runout
{
    private function __construct(
        private Spool $spool,
        private Geometry $geometry,
        private Diameter $full,
        private float $mainMetres,
        private float $mainPerMetre,
        private float $backingPerMetre,
    ) {}

    /**
     * @param Length|null $mainLength null: the main line reaches the arbor
     * @param Line|null   $backing    what lies under the main line; null: more of the same
     *
     * @throws BadDrag if the spool's shape is not known
     * @throws \Undro\Spool\BadSpool if the gap leaves no room
     */
    public static function of(Spool $spool, Length $gap, Line $main, ?Length $mainLength, ?Line $backing): self
    {
        $geometry = $spool->geometry ?? throw BadDrag::noDepth();
        $mainPerMetre = 1000 * $main->cell($spool->lay)->inSquareMillimetres();

        return new self(
            $spool,
            $geometry,
            $geometry->diameterAt($gap),
            $mainLength?->inMetres() ?? INF,
            $mainPerMetre,
            $backing === null ? $mainPerMetre : 1000 * $backing->cell($spool->lay)->inSquareMillimetres(),
        );
    }

    /** The surface once this much line is off; never under the arbor. */
    public function surface(Length $lineOut): Diameter
    {
        $out = $lineOut->inMetres();
        $main = min($out, $this->mainMetres);
        $gone = $main * $this->mainPerMetre + ($out - $main) * $this->backingPerMetre;
        $left = $this->spool->lineVolumeUnder($this->geometry, $this->full)->inCubicMillimetres() - $gone;

        return $this->spool->surfaceHolding($this->geometry, Volume::cubicMillimetres(max(0.0, $left)));
    }

    /** The force at a line out when this force was set on the full spool. */
    public function force(Force $set, Length $lineOut): Force
    {
        return Force::newtons($set->inNewtons() * $this->full->inMillimetres() / $this->surface($lineOut)->inMillimetres());
    }

    /** The line out at which the force reaches a limit; 0 if it is there from the start, null if not before the arbor. */
    public function lineOutAt(Force $set, Force $limit): ?Length
    {
        $surface = $set->inNewtons() * $this->full->inMillimetres() / $limit->inNewtons();
        if ($surface >= $this->full->inMillimetres()) {
            return Length::metres(0);
        }
        if ($surface < $this->geometry->arbor->thin->inMillimetres()) {
            return null;
        }
        $gone = $this->spool->lineVolumeUnder($this->geometry, $this->full)->inCubicMillimetres()
            - $this->spool->lineVolumeUnder($this->geometry, Diameter::millimetres($surface))->inCubicMillimetres();
        $mainRoom = $this->mainMetres * $this->mainPerMetre;

        return Length::metres($gone <= $mainRoom
            ? $gone / $this->mainPerMetre
            : $this->mainMetres + ($gone - $mainRoom) / $this->backingPerMetre);
    }
}
