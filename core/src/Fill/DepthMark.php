<?php

declare(strict_types=1);

namespace Undro\Fill;

use Undro\Spool\Spool;
use Undro\Spool\Tolerance;
use Undro\Units\Length;

/**
 * The depth at which a buried layer is done, its own band, and what it is worth beside the counted length.
 *
 * With v the factor on the room, c the factors on the cells, the length at which the layer should stop misses by
 * e = v Vfull - sum c V. Counting length leaves e as it is. A depth reading at the stop says y = v Vjoin - cb Vb within
 * its own error; stopping by depth alone leaves e - y's error; both together leave the variance of e given y. This is
 * the linear model of the handbook's chapter 6, applied to one fill (chapter 2 asks for the three figures).
 */
final readonly class DepthMark
{
    /**
     * @param Length $depth     under the lip, at the top of the open layer
     * @param Length $depthHalf half the 90 % band of that depth, one reading's error included
     * @param Length $byLength  half the 90 % band of the layer's length when only length or turns are counted
     * @param Length $byDepth   the same when only the depth is read, as often as asked
     * @param Length $together  the same when both are used
     */
    private function __construct(
        public int $readings,
        public Length $depth,
        public Length $depthHalf,
        public Length $byLength,
        public Length $byDepth,
        public Length $together,
    ) {}

    /** Null where the fill has no open layer under another one, or the spool's shape is not known. */
    public static function of(Fill $fill, int $readings): ?self
    {
        $solved = $fill->solved;
        $geometry = $fill->spool->geometry;
        $layer = $solved === null ? null : $fill->layers[$solved->index] ?? null;
        if (
            $solved === null
            || $geometry === null
            || $layer?->top === null
            || $layer->depth === null
            || $solved->index === count($fill->layers) - 1
        ) {
            return null;
        }
        $spool = $fill->spool;
        $full = $fill->full->inCubicMillimetres();
        $join = $spool->lineVolumeUnder($geometry, $layer->top)->inCubicMillimetres();
        // what each sum has of the room, and of each layer's cell
        $target = [$full - $join];
        $seen = [$join];
        foreach ($fill->layers as $index => $each) {
            $volume = $each->volume($spool->lay)->inCubicMillimetres();
            $target[] = $index <= $solved->index ? 0.0 : -$volume;
            $seen[] = $index <= $solved->index ? -$volume : 0.0;
        }
        $spread = new Covariance($spool, array_map(static fn(FilledLayer $each): Layer => $each->layer, $fill->layers));
        $perDepth = $spool->volumePerDepth($geometry, $layer->top)->inSquareMillimetres();
        $perMetre = $layer->layer->volumePerMetre($spool->lay)->inCubicMillimetres();
        $reading = (Tolerance::depthReadingMm($readings) * $perDepth) ** 2;
        $whole = array_map(static fn(float $a, float $b): float => $a + $b, $target, $seen);
        $counted = $spread->variance($whole);
        $off = $spread->variance($target);
        $shared = $spread->covariance($whole, $seen);
        $half = static fn(float $variance): Length => Length::metres(Tolerance::BAND * sqrt(max(0.0, $variance)) / $perMetre);

        return new self(
            $readings,
            $layer->depth,
            Length::millimetres(Tolerance::BAND * sqrt($off / $perDepth ** 2 + Tolerance::depthReadingMm($readings) ** 2)),
            $half($counted),
            $half($off + $reading),
            $half($counted - $shared ** 2 / ($spread->variance($seen) + $reading)),
        );
    }
}
