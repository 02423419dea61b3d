<?php

declare(strict_types=1);

namespace Undro\Run;

use Undro\Line\Line;
use Undro\Spool\Spool;
use Undro\Units\Length;
use Undro\Units\Volume;

/** What so many handle turns take onto a spool: each turn pi x D x gear ratio, with D growing as line goes on. */
final class Winding
{
    /**
     * @param Volume $on line that lies there already
     *
     * @return Length|null null where the spool's shape or the gear ratio is not known
     */
    public static function byTurns(Spool $spool, Volume $on, Line $line, float $turns, ?float $gearRatio): ?Length
    {
        $geometry = $spool->geometry;
        if ($geometry === null || $gearRatio === null) {
            return null;
        }
        $from = $on->inCubicMillimetres();
        $cell = $line->cell($spool->lay);
        $wraps = $turns * $gearRatio;
        $bottom = $spool->surfaceHolding($geometry, $on);
        $low = $wraps * M_PI * $bottom->inMillimetres() / 1000;
        $high = $wraps * M_PI * max($geometry->lip->inMillimetres(), $bottom->inMillimetres()) * 2 / 1000;
        // wraps grow steadily with the length, so halving finds it; 45 halvings are finer than any line
        for ($i = 0; $i < 45; ++$i) {
            $middle = ($low + $high) / 2;
            $top = $spool->surfaceHolding($geometry, Volume::cubicMillimetres($from + 1000 * $middle * $cell->inSquareMillimetres()));
            $spool->wrapsBetween($geometry, $bottom, $top, $cell) < $wraps ? $low = $middle : $high = $middle;
        }

        return Length::metres(($low + $high) / 2);
    }
}
