<?php

declare(strict_types=1);

namespace Undro\Measure;

use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** The same thing read once or more with a caliper or a ruler: the mean, as good as the tool or the readings, whichever is worse. */
final class Readings
{
    /** One reading, mm, one standard deviation: half a caliper's 0.1 mm, half a ruler's millimetre. */
    private const CALIPER_MM = 0.05;
    private const RULER_MM = 0.5;
    /** Readings of one thing further apart than this many standard deviations are of two things. */
    private const APART = 8;

    /**
     * @param non-empty-list<Length> $readings
     *
     * @throws BadMeasure if the readings cannot be of one thing
     */
    public static function of(array $readings, Method $tool): Measured
    {
        $read = array_map(static fn(Length $each): float => $each->inMillimetres(), $readings);
        $one = $tool === Method::Ruler ? self::RULER_MM : self::CALIPER_MM;
        $apart = max($read) - min($read);
        $apart <= self::APART * $one || throw BadMeasure::readingsApart(Length::millimetres($apart));
        $count = count($read);
        $mean = array_sum($read) / $count;
        $spread = $count > 1
            ? sqrt(array_sum(array_map(static fn(float $each): float => ($each - $mean) ** 2, $read)) / ($count - 1))
            : 0.0;

        return Measured::diameter(
            Diameter::millimetres($mean),
            max($one, $spread) / sqrt($count),
            $tool,
            Sentence::of(
                implode(', ', array_map(static fn(int $index): string => "{{$index}}", array_keys($read))) . " by {$tool->word()}",
                ...array_map(Diameter::millimetres(...), $read),
            ),
        );
    }
}
