<?php

declare(strict_types=1);

namespace Undro\Measure;

use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** A strip of paper round an arbor or a lip, marked where it meets: the diameter is its length over pi. */
final class PaperStrip
{
    /** A mark on paper against a ruler, mm, one standard deviation. */
    private const READING_MM = 0.5;

    /** The diameter of what a strip goes round once: C / pi. Source: handbook, chapter 6, measuring. */
    public static function of(Length $circumference): Measured
    {
        return Measured::diameter(
            Diameter::millimetres($circumference->inMillimetres() / M_PI),
            self::READING_MM / M_PI,
            Method::PaperStrip,
            Sentence::of('{0} of paper strip round it', Diameter::millimetres($circumference->inMillimetres())),
        );
    }
}
