<?php

declare(strict_types=1);

namespace Undro\Measure;

use Undro\Fill\FillCalculator;
use Undro\Fill\Layer;
use Undro\Fill\Role;
use Undro\Line\Line;
use Undro\Spool\Spool;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** How much of a line is on a spool, from the depth it lies under the lip now. */
final class LevelNow
{
    /**
     * @param float      $readingMm what the depth was read to, one sd
     * @param Layer|null $under     what lies under it, of known length
     * @param Sentence   $read      how it was read
     *
     * @throws BadMeasure if the figure is too vague
     * @throws \Undro\Fill\BadFill|\Undro\Spool\BadSpool
     */
    public static function of(Spool $spool, Length $depth, float $readingMm, Line $line, ?Layer $under, Method $by, Sentence $read): Measured
    {
        $geometry = $spool->geometry ?? throw BadMeasure::tooVague(
            'depth_mm',
            9.99,
            'measure the lip and one more dimension of the spool.',
        );
        $layers = [...($under === null ? [] : [$under]), Layer::open(Role::Main, $line)];
        $solved = FillCalculator::solve($spool, $depth, $layers)->solved;
        $length = $solved?->band->middle->inMetres() ?? 0.0;
        $perMetre = 1000 * $line->cell($spool->lay)->inSquareMillimetres();
        $reading = $readingMm * $spool->volumePerDepth(
            $geometry,
            $geometry->diameterAt($depth),
        )->inSquareMillimetres() / $perMetre;

        return Measured::length(
            Length::metres($length),
            hypot($solved?->band->sd->inMetres() ?? 0.0, $reading),
            $by,
            $read,
            $by === Method::SteppedGauge ? 'step' : 'depth_mm',
            'measure the spool more accurately, do a wrap test of the line, or weigh it.',
        );
    }
}
