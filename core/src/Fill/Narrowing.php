<?php

declare(strict_types=1);

namespace Undro\Fill;

use Undro\Spool\Source;
use Undro\Spool\Tolerance;
use Undro\Units\Length;

/**
 * What one more measurement would do to the band of the open length. Each is an independent source, so none widens it.
 */
final readonly class Narrowing
{
    /** @param Length $half half the 90 % band afterwards */
    private function __construct(public Measurement $by, public Length $half) {}

    /**
     * @param list<Layer> $layers    as they were solved
     * @param float       $measureSd the sd of the measures taken so far
     *
     * @return list<self> those that help, best first
     */
    public static function of(Fill $fill, array $layers, float $measureSd): array
    {
        $solved = $fill->solved;
        if ($solved === null || !$fill->fits()) {
            return [];
        }
        $now = $solved->band->half()->inMetres();
        $found = [];
        foreach (self::candidates($fill, $layers, $measureSd) as [$by, $spoolSd, $trusted]) {
            $half = self::halfWith($fill, $trusted, $spoolSd);
            if ($half < 0.98 * $now) {
                $found[] = new self($by, Length::metres($half));
            }
        }
        $depth = DepthMark::of($fill, 3);
        if ($depth !== null) {
            $found[] = new self(Measurement::ThreeDepths, $depth->together);
        }
        usort($found, static fn(self $a, self $b): int => $a->half->inMetres() <=> $b->half->inMetres());

        return $found;
    }

    /**
     * What three depths of the line that stays would do.
     *
     * @return list<self> none where they help little
     */
    public static function byItsSurface(Fill $now, Fill $read): array
    {
        $half = $read->solved?->band->half();

        return $half === null || $now->solved === null || $half->inMetres() >= 0.98 * $now->solved->band->half()->inMetres()
            ? []
            : [new self(Measurement::ItsSurface, $half)];
    }

    /**
     * @param list<Layer> $layers
     *
     * @return iterable<array{Measurement, float, list<Layer>}> what, the sd of the room after it, the layers after it
     */
    private static function candidates(Fill $fill, array $layers, float $measureSd): iterable
    {
        $spool = $fill->spool;
        $stamp = $spool->capacity?->sd;
        $caliper = Tolerance::GEOMETRY_BY_CALIPER;
        yield match ($spool->source) {
            Source::Rated => [Measurement::AllThreeMeasures, self::fused($caliper, $stamp), $layers],
            Source::DerivedArbor => [Measurement::ArborToo, self::fused($caliper, $stamp), $layers],
            Source::DerivedTraverse => [Measurement::TraverseToo, self::fused($caliper, $stamp), $layers],
            Source::Measured => [Measurement::Stamp, self::fused($measureSd, Tolerance::ONE_RATING), $layers],
            Source::Fused => [Measurement::ByCaliper, self::fused($caliper, $stamp), $layers],
        };
        if ($spool->source === Source::Measured) {
            yield [Measurement::ByCaliper, $caliper, $layers];
        }
        foreach ($layers as $index => $layer) {
            $trusted = $layers;
            $trusted[$index] = $layer->trusted(min($layer->line->cellSd, Tolerance::CELL_MEASURED));
            yield [
                $layer->role === Role::Main ? Measurement::WrapTestMain : Measurement::WrapTestBacking,
                $spool->sd,
                array_values($trusted),
            ];
        }
    }

    private static function fused(float $one, ?float $other): float
    {
        return $other === null ? $one : 1 / sqrt(1 / $one ** 2 + 1 / $other ** 2);
    }

    /** @param list<Layer> $layers */
    private static function halfWith(Fill $fill, array $layers, float $spoolSd): float
    {
        $trusted = $fill->spool->trusted(min($spoolSd, $fill->spool->sd));

        return FillCalculator::solve($trusted, $fill->gap, $layers)->solved?->band->half()->inMetres() ?? INF;
    }
}
