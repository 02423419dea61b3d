<?php

declare(strict_types=1);

namespace Undro\Practice;

use Undro\Fill\Layer;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Run\Stretch;
use Undro\Run\Tension;
use Undro\Run\Winding;
use Undro\Spool\Spool;
use Undro\Spool\Tolerance;
use Undro\Statistics\RandomSource;
use Undro\Twist\Sense;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Volume;

/**
 * A made-up reel to practise on. Its room and its lines are not what is printed, as with any real one: they are drawn from the
 * stated tolerances by a seed, so that the same reel can be wound again.
 */
final readonly class SimulatedReel
{
    /**
     * @param float       $room   times the room the figures give
     * @param list<float> $cells  times the cell of each line
     * @param Sense       $rotor  which way its rotor turns
     * @param Sense       $labelUp which way line circles off the filler, label up
     */
    private function __construct(private int $seed, public float $room, public array $cells, public Sense $rotor, public Sense $labelUp) {}

    /** @param list<Layer> $layers */
    public static function drawn(int $seed, Spool $spool, array $layers): self
    {
        $chance = new RandomSource($seed);
        $factor = static fn(float $sd): float => max(0.7, min(1.4, 1 + $sd * $chance->normal()));
        $sense = static fn(): Sense => $chance->uniform() < 0.5 ? Sense::Clockwise : Sense::CounterClockwise;

        return new self(
            $seed,
            $factor(min(0.06, $spool->sd)),
            array_map(static fn(Layer $layer): float => $factor($layer->line->cellSd), $layers),
            $sense(),
            $sense(),
        );
    }

    /**
     * What really lies on it.
     *
     * @param list<Layer>   $layers
     * @param list<Stretch> $stretches
     *
     * @return array{list<Length>, Diameter|null} metres of each layer, and the surface
     */
    public function wound(Spool $spool, array $layers, ?float $gearRatio, array $stretches): array
    {
        $truth = $spool->roomier($this->room);
        $metres = array_fill(0, count($layers), 0.0);
        $volume = 0.0;
        foreach ($stretches as $stretch) {
            $line = $layers[$stretch->layer]->line;
            $real = Line::of(
                $line->material,
                $line->diameter,
                $line->cellFactor * $this->cells[$stretch->layer] * $stretch->tension->onCell(),
                $line->cellSd,
            );
            $taken = Winding::byTurns($truth, Volume::cubicMillimetres($volume), $real, $stretch->turns, $gearRatio)?->inMetres() ?? 0.0;
            if ($stretch->turns <= 0) {
                // nobody turned a handle: what was told is what went on
                $taken = $stretch->counted?->inMetres() ?? max(0.0, ($stretch->said?->metres->inMetres() ?? 0.0) - $metres[$stretch->layer]);
            }
            $metres[$stretch->layer] += $taken;
            $volume += 1000 * $taken * $real->cell($spool->lay)->inSquareMillimetres();
        }
        $geometry = $spool->geometry;

        return [
            array_map(Length::metres(...), array_values($metres)),
            $geometry === null ? null : $truth->surfaceHolding($geometry, Volume::cubicMillimetres($volume)),
        ];
    }

    /**
     * Three caliper readings of a depth, each with its error, to a tenth of a millimetre; the same each time they are taken of the same
     * depth.
     *
     * @return list<Length>
     */
    public function readings(Length $depth): array
    {
        $chance = new RandomSource($this->seed ^ (int) round(1000 * $depth->inMillimetres()));
        $read = fn(): Length => Length::millimetres(
            round($depth->inMillimetres() + max(-0.4, min(0.4, Tolerance::DEPTH_READING_MM * $chance->normal())), 1),
        );

        return [$read(), $read(), $read()];
    }

    /**
     * Knots that the wind makes of loose coils in a day's casting, by how the braid was wound. General experience of ours: firm and
     * matched line makes none; every ten turns of twist in a cast and every loose stretch of fifty metres makes one.
     *
     * @param list<Stretch> $stretches
     */
    public static function windKnots(
        Line $line,
        float $waterTurnsPerMetre,
        bool $opposed,
        array $stretches,
        Length $metres,
        int $layer,
    ): int {
        if ($line->material !== Material::Braid) {
            return 0;
        }
        $loose = array_sum(
            array_map(
                static fn(Stretch $each): float => $each->layer === $layer && $each->tension === Tension::Loose ? $each->turns : 0.0,
                $stretches,
            ),
        );
        $all = array_sum(array_map(static fn(Stretch $each): float => $each->layer === $layer ? $each->turns : 0.0, $stretches));

        return (int) floor(
            ($all > 0 ? $loose / $all : 0.0) * $metres->inMetres() / 50 + ($opposed ? abs($waterTurnsPerMetre) * 30 / 100 : 0.0),
        );
    }
}
