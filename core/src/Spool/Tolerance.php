<?php

declare(strict_types=1);

namespace Undro\Spool;

/**
 * The one table of tolerances: relative standard deviations by where a figure came from, and the reading error of a depth.
 * Source: handbook, chapter 2, tolerance. The cells' own are with the material.
 */
final class Tolerance
{
    /** One stamped capacity on its own. */
    public const ONE_RATING = 0.06;
    /** Several stamped capacities are never trusted more than this. */
    public const RATINGS_AT_BEST = 0.03;
    /** Added in quadrature where a stamped strength became a nominal diameter. */
    public const NOMINAL_RATING = 0.08;
    /** Lip, arbor and traverse, when nobody says how they were measured. */
    public const GEOMETRY = 0.06;
    public const GEOMETRY_BY_CALIPER = 0.04;
    public const GEOMETRY_BY_RULER = 0.08;
    /**
     * An arbor by a strip of paper, good to about 0.3 mm, beside a caliper's 4 %. Ours: 2 x 30 mm x 0.3 mm / (43^2 - 30^2) mm2 = 2 %, in
     * quadrature, rounded up.
     */
    public const GEOMETRY_BY_PAPER_STRIP = 0.05;
    /** A cell from a micrometer, or from touching wraps over at least 10 mm. */
    public const CELL_MEASURED = 0.05;
    /** A cell from touching wraps over at least 5 mm. */
    public const CELL_SHORT_WRAP_TEST = 0.10;
    /** One depth reading, mm. */
    public const DEPTH_READING_MM = 0.3;
    /** The mean of many depth readings is never better than this, mm. */
    public const DEPTH_AT_BEST_MM = 0.1;
    /** Half the width of the 90 % band, in standard deviations. */
    public const BAND = 1.645;
    /** Stamp and calipers further apart than this many standard deviations of their difference contradict each other. */
    public const CONTRADICTION = 4.0;

    /** The sd of the mean of n depth readings round the spool, mm. */
    public static function depthReadingMm(int $readings): float
    {
        return $readings <= 1 ? self::DEPTH_READING_MM : max(self::DEPTH_AT_BEST_MM, self::DEPTH_READING_MM / sqrt($readings));
    }
}
