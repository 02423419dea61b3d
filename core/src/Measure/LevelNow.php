<?php

declare(strict_types=1);

namespace Undro\Measure;

use Undro\Fill\FillCalculator;
use Undro\Fill\Layer;
use Undro\Fill\Role;
use Undro\Line\Line;
use Undro\Spool\Spool;
use Undro\Spool\Tolerance;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** How much of a line is on a spool, from the depth it lies under the lip now. */
final class LevelNow
{
    /**
     * @param Layer|null $under what lies under it, of known length
     *
     * @throws BadMeasure if the figure is too vague
     * @throws \Undro\Fill\BadFill|\Undro\Spool\BadSpool
     */
    public static function of(Spool $spool, Length $depth, int $readings, Line $line, ?Layer $under = null): Measured
    {
        $geometry = $spool->geometry ?? throw BadMeasure::tooVague(
            'depth_mm',
            9.99,
            'without the lip and one more measure of the spool a depth says nothing.',
        );
        $layers = [...($under === null ? [] : [$under]), Layer::open(Role::Main, $line)];
        $solved = FillCalculator::solve($spool, $depth, $layers)->solved;
        $length = $solved?->band->middle->inMetres() ?? 0.0;
        $perMetre = 1000 * $line->cell($spool->lay)->inSquareMillimetres();
        $reading = Tolerance::depthReadingMm($readings) * $spool->volumePerDepth(
            $geometry,
            $geometry->diameterAt($depth),
        )->inSquareMillimetres() / $perMetre;

        return Measured::length(
            Length::metres($length),
            hypot($solved?->band->sd->inMetres() ?? 0.0, $reading),
            Method::Level,
            Sentence::of('{0} under the lip, ' . ($readings === 1 ? 'one reading' : "$readings readings"), $depth),
            'depth_mm',
            'measure the spool better, test the thickness of the line, or weigh it.',
        );
    }
}
