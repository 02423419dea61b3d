<?php

declare(strict_types=1);

namespace Undro\Drag;

use Undro\Fill\Layer;
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
    /**
     * @param non-empty-list<array{float, float}> $runs from the outside in: metres, and mm3 each of them takes; the last goes
     *                                                  on to the arbor
     */
    private function __construct(
        private Spool $spool,
        private Geometry $geometry,
        private Diameter $full,
        private float $volume,
        private array $runs,
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
        $full = $geometry->diameterAt($gap);
        $per = static fn(Line $line): float => 1000 * $line->cell($spool->lay)->inSquareMillimetres();
        $runs = [[$mainLength?->inMetres() ?? INF, $per($main)]];
        if ($mainLength !== null) {
            $runs[] = [INF, $per($backing ?? $main)];
        }

        return new self($spool, $geometry, $full, $spool->lineVolumeUnder($geometry, $full)->inCubicMillimetres(), $runs);
    }

    /**
     * Of a spool as it is filled now, however far.
     *
     * @param list<Layer> $layers from the arbor out
     *
     * @throws BadDrag if nothing lies on it, or the spool's shape is not known
     */
    public static function filled(Spool $spool, array $layers): self
    {
        $geometry = $spool->geometry ?? throw BadDrag::noDepth();
        $runs = [];
        $volume = 0.0;
        foreach (array_reverse($layers) as $layer) {
            $per = $layer->volumePerMetre($spool->lay)->inCubicMillimetres();
            $metres = $layer->length?->inMetres() ?? 0.0;
            $runs[] = [$metres, $per];
            $volume += $metres * $per;
        }
        $runs !== [] && $volume > 0 || throw BadDrag::emptySpool();
        $runs[] = [INF, end($runs)[1]];

        return new self($spool, $geometry, $spool->surfaceHolding($geometry, Volume::cubicMillimetres($volume)), $volume, $runs);
    }

    /** The surface once this much line is off; never under the arbor. */
    public function surface(Length $lineOut): Diameter
    {
        $left = $this->volume;
        $out = $lineOut->inMetres();
        foreach ($this->runs as [$metres, $per]) {
            $left -= min($out, $metres) * $per;
            $out -= min($out, $metres);
        }

        return $this->spool->surfaceHolding($this->geometry, Volume::cubicMillimetres(max(0.0, $left)));
    }

    /** How far under the lip the line lies once this much is off: the cue there is afloat. */
    public function depth(Length $lineOut): Length
    {
        return $this->geometry->depthOf($this->surface($lineOut));
    }

    /** How much the force has grown at a line out, times what was set before any was out. */
    public function rise(Length $lineOut): float
    {
        return $this->full->inMillimetres() / $this->surface($lineOut)->inMillimetres();
    }

    /** The force at a line out when this force was set on the full spool. */
    public function force(Force $set, Length $lineOut): Force
    {
        return Force::newtons($set->inNewtons() * $this->rise($lineOut));
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
        $gone = $this->volume - $this->spool->lineVolumeUnder($this->geometry, Diameter::millimetres($surface))->inCubicMillimetres();
        $out = 0.0;
        foreach ($this->runs as [$metres, $per]) {
            if ($gone <= $metres * $per) {
                return Length::metres($out + $gone / $per);
            }
            $out += $metres;
            $gone -= $metres * $per;
        }

        return null;
    }
}
