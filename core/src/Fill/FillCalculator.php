<?php

declare(strict_types=1);

namespace Undro\Fill;

use Undro\Spool\Spool;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Volume;

/**
 * The sum of the layers' volumes is the full volume: finds the one open length, or the level reached.
 * Source: handbook, chapter 2, solving and tolerance.
 */
final class FillCalculator
{
    /**
     * @param list<Layer> $layers from the arbor out, at most one open
     *
     * @throws BadFill|\Undro\Spool\BadSpool
     */
    public static function solve(Spool $spool, ?Length $gap, array $layers, ?float $gearRatio = null): Fill
    {
        $layers !== [] || throw BadFill::noLayers();
        $gearRatio === null || $gearRatio > 0 || throw BadFill::noTurns();
        $gap = $spool->geometry === null ? $spool->ratedGap : $gap ?? $spool->ratedGap;
        $full = $spool->fullVolume($gap)->inCubicMillimetres();
        $open = self::openIndex($layers);
        $known = 0.0;
        foreach ($layers as $layer) {
            $known += self::volume($spool, $layer);
        }
        if ($open === null) {
            return new Fill($spool, $gap, Volume::cubicMillimetres($full), $known / $full, self::stack($spool, $layers, $gearRatio), null);
        }
        $perMetre = $layers[$open]->volumePerMetre($spool->lay)->inCubicMillimetres();
        $length = ($full - $known) / $perMetre;
        $solved = new Solved($open, Band::of(Length::metres($length), self::sd($spool, $layers, $open, $full, $length)));
        if ($length < 0) {
            return new Fill($spool, $gap, Volume::cubicMillimetres($full), $known / $full, [], $solved);
        }
        $layers[$open] = Layer::of($layers[$open]->role, $layers[$open]->line, Length::metres($length));

        return new Fill(
            $spool,
            $gap,
            Volume::cubicMillimetres($full),
            1.0,
            self::stack($spool, array_values($layers), $gearRatio),
            $solved,
        );
    }

    /** @param list<Layer> $layers */
    private static function openIndex(array $layers): ?int
    {
        $open = null;
        foreach ($layers as $index => $layer) {
            if ($layer->length === null) {
                $open === null || throw BadFill::twoOpen();
                $open = $index;
            }
        }

        return $open;
    }

    private static function volume(Spool $spool, Layer $layer): float
    {
        return ($layer->length?->inMetres() ?? 0.0) * $layer->volumePerMetre($spool->lay)->inCubicMillimetres();
    }

    /**
     * sd(Lx)2 = ((sdV V)2 + sum (1000 Li si sdi)2) / (1000 sx)2 + (Lx sdx)2, and what varies together where it was learnt.
     *
     * @param list<Layer> $layers
     */
    private static function sd(Spool $spool, array $layers, int $open, float $full, float $length): Length
    {
        $perMetre = $layers[$open]->volumePerMetre($spool->lay)->inCubicMillimetres();
        $towards = [$full / $perMetre];
        foreach ($layers as $index => $layer) {
            $towards[] = -($index === $open ? $length : self::volume($spool, $layer) / $perMetre);
        }

        return Length::metres(sqrt((new Covariance($spool, $layers))->variance($towards)));
    }

    /**
     * @param list<Layer> $layers none open
     *
     * @return list<FilledLayer>
     */
    private static function stack(Spool $spool, array $layers, ?float $gearRatio): array
    {
        $geometry = $spool->geometry;
        $filled = [];
        $volume = 0.0;
        $bottom = $geometry?->diameterHolding(Volume::cubicMillimetres(0));
        foreach ($layers as $layer) {
            $length = $layer->length ?? Length::metres(0);
            if ($geometry === null || $bottom === null) {
                $filled[] = new FilledLayer($layer, $length);
                continue;
            }
            $volume += self::volume($spool, $layer);
            $top = $spool->surfaceHolding($geometry, Volume::cubicMillimetres($volume));
            $wraps = $spool->wrapsBetween($geometry, $bottom, $top, $layer->line->cell($spool->lay));
            $filled[] = new FilledLayer(
                $layer,
                $length,
                $bottom,
                $top,
                $geometry->depthOf($top),
                $wraps,
                $gearRatio === null ? null : $wraps / $gearRatio,
                $gearRatio === null ? null : self::retrieve($top, $gearRatio),
            );
            $bottom = $top;
        }

        return $filled;
    }

    /** Line taken in by one handle turn at a surface: pi D x gear ratio. */
    public static function retrieve(Diameter $surface, float $gearRatio): Length
    {
        return Length::millimetres(M_PI * $surface->inMillimetres() * $gearRatio);
    }
}
