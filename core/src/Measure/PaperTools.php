<?php

declare(strict_types=1);

namespace Undro\Measure;

use Undro\Units\Diameter;
use Undro\Units\Length;

/** What stands on the sheet of paper tools, so that the readings mean what is worked out of them. */
final class PaperTools
{
    /** A strip is so long on A4 and on letter paper, mm. */
    public const STRIP_MM = 186.0;
    /** Where each strip begins: the second is glued onto this figure of the first, mm. */
    private const BEGINS = [0, 50];
    /** Nothing thinner is worth a mark, mm. */
    private const THINNEST = 8;
    private const LONG_EVERY = 5;
    /** Wraps are counted over this, mm. */
    private const WRAPS_OVER = 10.0;
    private const THICK = [0.5, 0.4, 0.35, 0.3, 0.25, 0.2, 0.16, 0.13, 0.1];

    /** @return list<float> how long the gauge's tongues are, mm */
    public static function steps(): array
    {
        return array_map(
            static fn(int $halves): float => $halves * PrintedSheet::STEP_MM,
            range(1, (int) round(PrintedSheet::DEEPEST_MM / PrintedSheet::STEP_MM)),
        );
    }

    /**
     * The strips: round what is so thick a strip goes pi times as far.
     *
     * @return list<array{from: int, marks: non-empty-list<array{reads: int, at: Length, long: bool}>}> at: from the strip's start
     */
    public static function strips(): array
    {
        return array_map(static function (int $from): array {
            $reads = range(max(self::THINNEST, $from + 1), $from + (int) floor(self::STRIP_MM / M_PI));

            return ['from' => $from, 'marks' => array_map(static fn(int $read): array => [
                'reads' => $read,
                'at' => Length::millimetres(M_PI * ($read - $from)),
                'long' => $read % self::LONG_EVERY === 0,
            ], $reads)];
        }, self::BEGINS);
    }

    /** @return list<array{wraps: int, thick: Diameter}> touching wraps in 10 mm, and how thick such a line is */
    public static function wraps(): array
    {
        return array_map(static function (float $thick): array {
            $diameter = Diameter::millimetres($thick);

            return ['wraps' => WrapTest::wraps($diameter, Length::millimetres(self::WRAPS_OVER)), 'thick' => $diameter];
        }, self::THICK);
    }
}
