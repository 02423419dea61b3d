<?php

declare(strict_types=1);

namespace Undro\Run;

use Undro\Fill\BadFill;
use Undro\Fill\Fill;
use Undro\Fill\FillCalculator;
use Undro\Fill\Layer;
use Undro\Line\Line;
use Undro\Spool\BadSpool;
use Undro\Spool\Spool;
use Undro\Spool\Tolerance;
use Undro\Statistics\Gaussian;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Volume;

/**
 * Where a fill stands while it is being wound, and what is left to the next stop.
 *
 * Believed at once: v, the factor on the room; c_k, the factor on each line's cell; x_k, the metres on of each layer. Turns and
 * a counter measure the same stretch and are combined by their variances. A depth y says v V(y) = sum 1000 c_k s_k x_k within
 * a reading's error, so it moves all of them; what is left is worked out anew from what is believed then.
 * Source: handbook, chapter 3 (turns, counter, depth) and the linear model of chapter 6.
 */
final readonly class Progress
{
    /** Beats missed or counted twice, relative. General experience of ours. */
    private const TURNS_SD = 0.02;
    /** A count starts and ends somewhere within a turn. */
    private const TURNS_ENDS = 0.7;
    /**
     * How much of the room's relative error is in the surface's diameter, and so in the line one turn takes. Ours: dD/D = dV/V (D2 - d2) /
     * 2 D2, about 0.3 for usual spools.
     */
    private const ROOM_IN_RETRIEVE = 0.3;
    /** Line slips on a counter's roller by 0 to 2 %: a reading is about 1 % short (handbook, chapter 3). */
    private const SLIP = 0.01;
    private const SLIP_SD = 0.006;
    /** A counter shows tenths of a metre. */
    private const COUNTER_M = 0.1;
    /** A depth further off than this many standard deviations is asked about before it is used. */
    private const DOUBT = 4.0;
    /** Slow down at this share of a layer before its end. */
    private const SLOW = 0.1;

    /**
     * @param list<Length>  $wound   metres on of each layer
     * @param list<Length>  $woundHalf half their 90 % bands
     * @param Length        $left    to the next stop; negative where it was passed
     * @param Length        $leftHalf half its 90 % band
     * @param float|null    $turnsLeft below 0 past the stop; null where no turn tells a length
     * @param Length|null   $retrieve line one turn takes now
     * @param Length|null   $depth   under the lip now
     * @param Length|null   $stopDepth under the lip at the next stop
     * @param Length|null   $finish  depth of the finished fill, if the rest goes on as planned
     * @param Length|null   $finishHalf half its 90 % band
     * @param Length|null   $finishIfStopped the depth of the finished fill if this layer ended now
     * @param float|null    $doubt   the last depth, in standard deviations off, where it was not used
     * @param bool          $counterShort the counter told far less than the turns, and was not believed
     * @param Fill          $now     what is believed to lie on the spool
     */
    private function __construct(
        public int $layer,
        public array $wound,
        public array $woundHalf,
        public Length $target,
        public Length $left,
        public Length $leftHalf,
        public ?float $turnsLeft,
        public ?Length $retrieve,
        public ?Length $depth,
        public ?Length $stopDepth,
        public ?Length $finish,
        public ?Length $finishHalf,
        public ?Length $finishIfStopped,
        public bool $slow,
        public bool $replanned,
        public ?float $doubt,
        public bool $counterShort,
        public Fill $now,
    ) {}

    /**
     * @param list<Layer>   $layers    as planned, from the arbor out; at most one open
     * @param int           $layer     the one being wound
     * @param list<Stretch> $stretches in the order they were wound
     *
     * @throws BadRun|BadFill|BadSpool
     */
    public static function of(Spool $spool, ?Length $gap, array $layers, ?float $gearRatio, int $layer, array $stretches): self
    {
        $fill = FillCalculator::solve($spool, $gap, $layers, $gearRatio);
        isset($layers[$layer]) || throw BadRun::noSuchLayer($layer, count($layers));
        $count = count($layers);
        $belief = Gaussian::independent(
            array_merge([1.0], array_fill(0, $count, 1.0), array_fill(0, $count, 0.0)),
            array_merge([$spool->sd], array_map(static fn(Layer $each): float => $each->line->cellSd, $layers), array_fill(0, $count, 0.0)),
        );
        $at = 0;
        $soFar = 0.0;
        $replanned = false;
        $doubt = null;
        $short = false;
        foreach ($stretches as $stretch) {
            isset($layers[$stretch->layer]) || throw BadRun::noSuchLayer($stretch->layer, $count);
            $stretch->layer >= $at || throw BadRun::backwards($stretch->layer);
            if ($stretch->layer > $at) {
                $soFar = 0.0;
            }
            $at = $stretch->layer;
            [$belief, $soFar, $stalled] = self::wind($belief, $soFar, $spool, $layers, $gearRatio, $stretch);
            $short = $short || $stalled;
            if ($stretch->reading !== null) {
                $off = self::off($belief, $spool, $layers, $stretch->reading);
                $doubt = abs($off) > self::DOUBT ? $off : null;
                if ($doubt === null || $stretch->reading->sure) {
                    $belief = self::look($belief, $spool, $layers, $stretch->reading);
                    $replanned = true;
                    $doubt = null;
                    $soFar = 0.0;
                }
            }
        }
        $at <= $layer || throw BadRun::backwards($layer);

        return self::told($belief, $spool, $fill, $layers, $gearRatio, $layer, $replanned, $doubt, $short);
    }

    /** Metres by which the stop was passed, or null. */
    public function passed(): ?Length
    {
        return $this->left->inMetres() < -0.05 ? Length::metres(-$this->left->inMetres()) : null;
    }

    /**
     * Takes a stretch in. The errors of one layer's stretches since the last depth have one cause, so their sds add up.
     *
     * @param float       $soFar  the sd of this layer's metres since its last depth, m
     * @param list<Layer> $layers
     *
     * @return array{Gaussian, float, bool} that sd with this stretch; whether the counter was left out
     */
    private static function wind(Gaussian $belief, float $soFar, Spool $spool, array $layers, ?float $gearRatio, Stretch $stretch): array
    {
        $figure = 1 + count($layers) + $stretch->layer;
        $readings = [];
        if ($stretch->counted !== null) {
            $metres = $stretch->counted->inMetres() * (1 + self::SLIP);
            $readings[] = [$metres, hypot(self::SLIP_SD * $metres, self::COUNTER_M)];
        }
        $byTurns = $stretch->turns > 0 ? Winding::byTurns(
            $spool->roomier($belief->mean[0]),
            Volume::cubicMillimetres(self::volume($belief, $spool, $layers)),
            self::believedLine($belief, $layers, $stretch->layer),
            $stretch->turns,
            $gearRatio,
        )?->inMetres() : null;
        if ($byTurns !== null) {
            $perTurn = $byTurns / $stretch->turns;
            $readings[] = [
                $byTurns,
                hypot(hypot(self::TURNS_SD, self::ROOM_IN_RETRIEVE * $spool->sd) * $byTurns, self::TURNS_ENDS * $perTurn),
            ];
        }
        // a roller that sticks counts short, and never too much: then the turns are right
        $stalled = count($readings) === 2 && $readings[1][0] - $readings[0][0] > self::DOUBT * hypot($readings[0][1], $readings[1][1]);
        if ($stalled) {
            array_shift($readings);
        }
        if ($readings === []) {
            return [$belief, $soFar, false];
        }
        $weight = array_sum(array_map(static fn(array $each): float => 1 / max(1e-9, $each[1]) ** 2, $readings));
        $metres = array_sum(array_map(static fn(array $each): float => $each[0] / max(1e-9, $each[1]) ** 2, $readings)) / $weight;
        $sd = $soFar + 1 / sqrt($weight);

        return [$belief->grown($figure, $metres, $sd ** 2 - $soFar ** 2), $sd, $stalled];
    }

    /**
     * How far a depth is off what is believed, in standard deviations of the two.
     *
     * @param list<Layer> $layers
     *
     * @throws BadRun
     */
    private static function off(Gaussian $belief, Spool $spool, array $layers, Reading $reading): float
    {
        [$h, $off, $variance] = self::depthEquation($belief, $spool, $layers, $reading);

        return $off / sqrt($belief->variance($h) + $variance);
    }

    /** @param list<Layer> $layers @throws BadRun */
    private static function look(Gaussian $belief, Spool $spool, array $layers, Reading $reading): Gaussian
    {
        [$h, $off, $variance] = self::depthEquation($belief, $spool, $layers, $reading);
        $after = $belief->seen($h, $off, $variance);
        // metres on are never fewer than none
        $mean = $after->mean;
        foreach (array_keys($layers) as $index) {
            $short = -$mean[1 + count($layers) + $index];
            if ($short > 0) {
                $after = $after->grown(1 + count($layers) + $index, $short, 0.0);
            }
        }

        return $after;
    }

    /**
     * v V(y) - sum 1000 c_k s_k x_k = 0, linear at what is believed.
     *
     * @param list<Layer> $layers
     *
     * @return array{list<float>, float, float} h, how far off, variance of the reading
     *
     * @throws BadRun
     */
    private static function depthEquation(Gaussian $belief, Spool $spool, array $layers, Reading $reading): array
    {
        $geometry = $spool->geometry ?? throw BadRun::depthNeedsShape();
        $bare = $geometry->depthOf($geometry->arbor->thin);
        $reading->depth->inMillimetres() <= $bare->inMillimetres() + 0.5 && $reading->depth->inMillimetres() >= -5.0
            || throw BadRun::depthOutside($reading->depth, $bare);
        $surface = Diameter::millimetres(
            max($geometry->arbor->thin->inMillimetres(), $geometry->lip->inMillimetres() - 2 * $reading->depth->inMillimetres()),
        );
        $room = $spool->lineVolumeUnder($geometry, $surface)->inCubicMillimetres();
        $perDepth = $spool->volumePerDepth($geometry, $surface)->inSquareMillimetres();
        $count = count($layers);
        $h = array_fill(0, 1 + 2 * $count, 0.0);
        $h[0] = $room;
        foreach ($layers as $index => $layer) {
            $each = $layer->volumePerMetre($spool->lay)->inCubicMillimetres();
            $h[1 + $index] = -$each * $belief->mean[1 + $count + $index];
            $h[1 + $count + $index] = -$each * $belief->mean[1 + $index];
        }
        $off = -($belief->mean[0] * $room - self::volume($belief, $spool, $layers));

        return [array_values($h), $off, (Tolerance::depthReadingMm($reading->count) * $perDepth) ** 2];
    }

    /** @param list<Layer> $layers */
    private static function told(
        Gaussian $belief,
        Spool $spool,
        Fill $fill,
        array $layers,
        ?float $gearRatio,
        int $layer,
        bool $replanned,
        ?float $doubt,
        bool $short,
    ): self {
        $count = count($layers);
        $wound = array_map(static fn(int $index): Length => Length::metres($belief->mean[1 + $count + $index]), array_keys($layers));
        $woundHalf = array_map(
            static fn(int $index): Length => Length::metres(Tolerance::BAND * $belief->sd(1 + $count + $index)),
            array_keys($layers),
        );
        $planned = $fill->layers[$layer]->length ?? $fill->solved?->band->middle ?? Length::metres(0);
        [$toFull, $toFullHalf] = self::toFull($belief, $spool, $fill, $layers, $layer);
        $x = $wound[$layer]->inMetres();
        if ($layers[$layer]->length === null) {
            $left = $toFull;
            $half = $toFullHalf;
        } else {
            $left = $planned->inMetres() - $x;
            $half = Tolerance::BAND * $belief->sd(1 + $count + $layer);
        }
        $target = $x + max(0.0, $left);
        $geometry = $spool->geometry;
        $believed = $spool->roomier($belief->mean[0]);
        $now = self::volume($belief, $spool, $layers);
        $perMetre = self::perMetre($belief, $spool, $layers, $layer);
        $surface = static fn(float $volume): ?Diameter => $geometry === null ? null : $believed->surfaceHolding(
            $geometry,
            Volume::cubicMillimetres($volume),
        );
        $depthOf = static fn(?Diameter $at): ?Length => $at === null ? null : $geometry?->depthOf($at);
        $here = $surface($now);
        // where it should have stopped, if that was passed
        $stop = $surface(max(0.0, $now + $left * $perMetre));
        $over = 0.0;
        for ($index = $layer + 1; $index < $count; ++$index) {
            $over += ($layers[$index]->length?->inMetres() ?? $fill->solved?->band->middle->inMetres() ?? 0.0) * self::perMetre(
                $belief,
                $spool,
                $layers,
                $index,
            );
        }
        $finish = $surface($now + max(0.0, $left) * $perMetre + $over);
        $turns = $geometry === null || $here === null || $stop === null || $gearRatio === null
            ? null
            : $believed->wrapsBetween(
                $geometry,
                $here,
                $stop,
                self::believedLine($belief, $layers, $layer)->cell($spool->lay),
            ) / $gearRatio;
        $perDepth = $geometry === null || $finish === null
            ? null
            : max(1e-9, $spool->volumePerDepth($geometry, $finish)->inSquareMillimetres());

        return new self(
            $layer,
            $wound,
            $woundHalf,
            Length::metres($target),
            Length::metres($left),
            Length::metres($half),
            $turns,
            $here === null || $gearRatio === null ? null : FillCalculator::retrieve($here, $gearRatio),
            $depthOf($here),
            $depthOf($stop),
            $depthOf($finish),
            $perDepth === null ? null : Length::millimetres(self::finishHalf($belief, $spool, $fill, $layers, $layer) / $perDepth),
            $depthOf($surface($now + $over)),
            $left <= self::SLOW * $target && $left > 0,
            $replanned,
            $doubt,
            $short,
            FillCalculator::solve(
                $believed,
                $fill->gap,
                array_map(
                    static fn(int $index): Layer => Layer::of(
                        $layers[$index]->role,
                        self::believedLine($belief, $layers, $index),
                        $wound[$index],
                    ),
                    array_keys($layers),
                ),
                $gearRatio,
            ),
        );
    }

    /**
     * Metres of this layer's line until the fill is full with the layers over it as planned, and half the band:
     * r = (v V - sum over k <= j of 1000 c s x - sum over k > j of 1000 c s L) / (1000 c_j s_j).
     *
     * @param list<Layer> $layers
     *
     * @return array{float, float}
     */
    private static function toFull(Gaussian $belief, Spool $spool, Fill $fill, array $layers, int $layer): array
    {
        $perMetre = self::perMetre($belief, $spool, $layers, $layer);
        [$over, $h] = self::roomLeft($belief, $spool, $fill, $layers, $layer);
        $left = $over / $perMetre;
        $h[1 + $layer] -= $left * $perMetre / $belief->mean[1 + $layer];

        return [$left, Tolerance::BAND * sqrt($belief->variance(array_values($h))) / $perMetre];
    }

    /**
     * The room this layer may still take, mm3, and how it hangs on each believed figure.
     *
     * @param list<Layer> $layers
     *
     * @return array{float, list<float>}
     */
    private static function roomLeft(Gaussian $belief, Spool $spool, Fill $fill, array $layers, int $layer): array
    {
        $count = count($layers);
        $full = $fill->full->inCubicMillimetres();
        $h = array_fill(0, 1 + 2 * $count, 0.0);
        $h[0] = $full;
        $room = $belief->mean[0] * $full;
        foreach ($layers as $index => $each) {
            $metres = $index <= $layer ? $belief->mean[1 + $count + $index] : $each->length?->inMetres() ?? 0.0;
            $cell = $each->volumePerMetre($spool->lay)->inCubicMillimetres();
            $room -= $belief->mean[1 + $index] * $cell * $metres;
            $h[1 + $index] = -$cell * $metres;
            $h[1 + $count + $index] = $index <= $layer ? -$cell * $belief->mean[1 + $index] : 0.0;
        }

        return [$room, array_values($h)];
    }

    /**
     * Half the band of the room the finished fill leaves, mm3: a layer wound to the level has none but this stop's own error.
     *
     * @param list<Layer> $layers
     */
    private static function finishHalf(Gaussian $belief, Spool $spool, Fill $fill, array $layers, int $layer): float
    {
        $count = count($layers);
        [, $h] = self::roomLeft($belief, $spool, $fill, $layers, $layer);
        $planned = $layers[$layer]->length?->inMetres() ?? $belief->mean[1 + $count + $layer] + self::toFull(
            $belief,
            $spool,
            $fill,
            $layers,
            $layer,
        )[0];
        $rest = max(0.0, $planned - $belief->mean[1 + $count + $layer]);
        $h[1 + $layer] -= $layers[$layer]->volumePerMetre($spool->lay)->inCubicMillimetres() * $rest;
        if ($layers[$layer]->length !== null) {
            // the total is the plan's: what is on already is not in doubt twice
            $h[1 + $count + $layer] = 0.0;
        }

        return Tolerance::BAND * sqrt($belief->variance(array_values($h)));
    }

    /**
     * All that is on, mm3.
     *
     * @param list<Layer> $layers
     */
    private static function volume(Gaussian $belief, Spool $spool, array $layers): float
    {
        $volume = 0.0;
        foreach (array_keys($layers) as $index) {
            $volume += $belief->mean[1 + count($layers) + $index] * self::perMetre($belief, $spool, $layers, $index);
        }

        return $volume;
    }

    /**
     * mm3 that a metre of a layer is believed to take.
     *
     * @param list<Layer> $layers
     */
    private static function perMetre(Gaussian $belief, Spool $spool, array $layers, int $layer): float
    {
        return $belief->mean[1 + $layer] * $layers[$layer]->volumePerMetre($spool->lay)->inCubicMillimetres();
    }

    /** @param list<Layer> $layers */
    private static function believedLine(Gaussian $belief, array $layers, int $layer): Line
    {
        $line = $layers[$layer]->line;

        return Line::of($line->material, $line->diameter, $line->cellFactor * $belief->mean[1 + $layer], $line->cellSd);
    }
}
