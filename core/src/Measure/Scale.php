<?php

declare(strict_types=1);

namespace Undro\Measure;

use Undro\Line\Line;
use Undro\Units\Length;
use Undro\Units\Mass;
use Undro\Units\Sentence;

/** Line by weight on a kitchen scale. Source: handbook, chapter 2, other ways to measure. */
final class Scale
{
    /** One reading is off by this share of the scale's step, one standard deviation: half a step, for rounding and drift. */
    private const READING = 0.5;
    private const FINER = 'use a finer scale, or count the turns of the reel.';

    /**
     * What is left on a filler: by its empty weight where that is known, otherwise by the line's density and thickness.
     *
     * @param Mass      $full as bought
     * @param Mass|null $empty the bare filler
     * @param Mass      $step the scale's step
     *
     * @throws BadMeasure if the weights make no sense or say too little
     */
    public static function left(Length $fullLength, Mass $full, Mass $now, ?Mass $empty, Line $line, Mass $step): Measured
    {
        $whole = $fullLength->inMetres();
        $reading = self::READING * $step->inGrams();
        $now->inGrams() <= $full->inGrams() || throw BadMeasure::heavierThanFull();
        if ($empty !== null) {
            $net = $full->inGrams() - $empty->inGrams();
            $net > 0 || throw BadMeasure::emptyNotLighter();
            $share = ($now->inGrams() - $empty->inGrams()) / $net;
            $share >= 0 || throw BadMeasure::lighterThanEmpty();
            $sd = $whole / $net * $reading * sqrt(1 + (1 - $share) ** 2 + $share ** 2);

            return Measured::length(
                Length::metres($share * $whole),
                $sd,
                Method::KitchenScale,
                Sentence::of(sprintf('%.1F g now, %.1F g full, %.1F g empty', $now->inGrams(), $full->inGrams(), $empty->inGrams())),
                'mass_g',
                self::FINER,
            );
        }
        $gone = ($full->inGrams() - $now->inGrams()) / self::gramsPerMetre($line);
        $gone <= $whole || throw BadMeasure::moreThanAll(Length::metres($gone), Length::metres($whole));
        $sd = hypot(sqrt(2) * $reading / self::gramsPerMetre($line), $gone * $line->cellSd);

        return Measured::length(
            Length::metres($whole - $gone),
            $sd,
            Method::KitchenScale,
            Sentence::of(sprintf('%.1F g now, %.1F g full, going by the density of %s', $now->inGrams(), $full->inGrams(), $line->material->word())),
            'mass_g',
            'weigh an empty filler spool of the same make, or ' . self::FINER,
        );
    }

    /** What is on a spool, weighed bare and with the line. @throws BadMeasure */
    public static function on(Mass $before, Mass $after, Line $line, Mass $step): Measured
    {
        $gained = $after->inGrams() - $before->inGrams();
        $gained > 0 || throw BadMeasure::nothingGained();
        $perMetre = self::gramsPerMetre($line);
        $length = $gained / $perMetre;
        $sd = hypot(sqrt(2) * self::READING * $step->inGrams() / $perMetre, $length * $line->cellSd);

        return Measured::length(
            Length::metres($length),
            $sd,
            Method::Weighed,
            Sentence::of(sprintf('%.1F g without line, %.1F g with it', $before->inGrams(), $after->inGrams())),
            'after_g',
            self::FINER,
        );
    }

    /** rho pi d2 / 4, g per m: density in kg/m3, diameter in mm. */
    public static function gramsPerMetre(Line $line): float
    {
        return $line->material->density() * M_PI / 4 * $line->diameter->inMillimetres() ** 2 / 1000;
    }
}
