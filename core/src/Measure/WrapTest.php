<?php

declare(strict_types=1);

namespace Undro\Measure;

use Undro\Spool\Tolerance;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** n touching wraps round a pencil over a width: the line's thickness is the width of one. Source: handbook, chapter 2. */
final class WrapTest
{
    private const LEAST_MM = 5.0;
    private const GOOD_MM = 10.0;
    private const LEAST_WRAPS = 5;
    private const THICKEST_MM = 3.0;

    /** @throws BadMeasure if it says less than the label */
    public static function of(int $wraps, Length $over): Measured
    {
        $wraps >= self::LEAST_WRAPS || throw BadMeasure::fewWraps();
        $width = $over->inMillimetres();
        $width >= self::LEAST_MM || throw BadMeasure::tooNarrow(Length::millimetres($width));
        $diameter = $width / $wraps;
        $diameter <= self::THICKEST_MM || throw BadMeasure::thickLine(Diameter::millimetres($diameter));
        $long = $width >= self::GOOD_MM;
        // the table speaks of the cell, which grows with the square of the thickness
        $sd = ($long ? Tolerance::CELL_MEASURED : Tolerance::CELL_SHORT_WRAP_TEST) / 2;

        return Measured::diameter(
            Diameter::millimetres($diameter),
            $sd * $diameter,
            $long ? Method::WrapTest : Method::ShortWrapTest,
            Sentence::of("$wraps touching wraps over {0}", Length::millimetres($width)),
        );
    }

    /** The wraps a line of this thickness lays over a width: the inverse. */
    public static function wraps(Diameter $diameter, Length $over): int
    {
        return (int) round($over->inMillimetres() / $diameter->inMillimetres());
    }
}
