<?php

declare(strict_types=1);

namespace Undro\Run;

use Undro\Fill\Fill;
use Undro\Fill\Layer;
use Undro\Line\Line;
use Undro\Spool\Spool;
use Undro\Spool\Tolerance;
use Undro\Spool\TypicalReel;
use Undro\Statistics\Gaussian;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Volume;

/**
 * What is believed of a fill while it is wound: v, the factor on the room; c_k, the factor on each line's cell; x_k, the metres on of
 * each layer; all at once, with how they vary together. Turns and a counter measure the same stretch and are combined by their
 * variances. A depth y says v V(y) = sum 1000 c_k s_k x_k within a reading's error, so it moves all of them.
 * Source: handbook, chapter 3 (turns, counter, depth) and the linear model of chapter 6.
 */
final readonly class Belief
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
    public const SLIP = 0.01;
    private const SLIP_SD = 0.006;
    /** A counter shows tenths of a metre. */
    private const COUNTER_M = 0.1;
    /** A counter that is short of the turns by more than this many standard deviations has stuck. */
    private const STUCK = 4.0;

    /**
     * @param Gaussian    $all    v, then each c, then each x
     * @param list<Layer> $layers as planned, from the arbor out
     */
    private function __construct(
        private Gaussian $all,
        private Spool $spool,
        private array $layers,
        private ?float $gearRatio,
        private ?TypicalReel $usual,
    ) {}

    /**
     * Before anything is wound.
     *
     * @param list<Layer> $layers    as planned, from the arbor out
     * @param float|null  $gearRatio null: a turn tells a length by experience alone
     * @param TypicalReel|null $usual what a turn winds where shape or gear ratio are not known; null: then no turn tells a length
     */
    public static function start(Spool $spool, array $layers, ?float $gearRatio, ?TypicalReel $usual = null): self
    {
        $none = array_fill(0, count($layers), 0.0);

        return new self(
            Gaussian::independent(
                [1.0, ...array_fill(0, count($layers), 1.0), ...$none],
                [$spool->sd, ...array_map(static fn(Layer $each): float => $each->line->cellSd, $layers), ...$none],
            ),
            $spool,
            $layers,
            $gearRatio,
            $usual,
        );
    }

    /** The spool with the room it is believed to have. */
    public function spool(): Spool
    {
        return $this->spool->roomier($this->all->mean[0]);
    }

    /** What is on of a layer. */
    public function on(int $layer): Length
    {
        return Length::metres($this->all->mean[1 + count($this->layers) + $layer]);
    }

    /** Half the 90 % band of what is on of a layer. */
    public function onHalf(int $layer): Length
    {
        return Length::metres(Tolerance::BAND * $this->all->sd(1 + count($this->layers) + $layer));
    }

    /**
     * Takes a stretch in. The errors of one layer's stretches since the last depth have one cause, so their sds add up.
     *
     * @param float $soFar the sd of this layer's metres since its last depth, m
     *
     * @return array{self, float, bool} what is believed then; that sd with this stretch; whether the counter was left out
     */
    public function wound(Stretch $stretch, float $soFar): array
    {
        $figure = 1 + count($this->layers) + $stretch->layer;
        $readings = [];
        if ($stretch->counted !== null) {
            $metres = $stretch->counted->inMetres() * ($stretch->roller ? 1 + self::SLIP : 1);
            $readings[] = [$metres, hypot(self::SLIP_SD * $metres, self::COUNTER_M)];
        }
        // metres that somebody says are what is on: turns beside them are not a second measure
        $byTurns = $stretch->turns > 0 && ($stretch->counted === null || $stretch->roller) ? $this->byTurns($stretch) : null;
        if ($byTurns !== null) {
            $perTurn = $byTurns / $stretch->turns;
            $readings[] = [
                $byTurns,
                hypot(
                    hypot(hypot(self::TURNS_SD, self::ROOM_IN_RETRIEVE * $this->spool->sd), $this->usual->sd ?? 0.0) * $byTurns,
                    self::TURNS_ENDS * $perTurn,
                ),
            ];
        }
        // a roller that sticks counts short, and never too much: then the turns are right
        $stalled = count($readings) === 2 && $readings[1][0] - $readings[0][0] > self::STUCK * hypot($readings[0][1], $readings[1][1]);
        if ($stalled) {
            array_shift($readings);
        }
        if ($readings === []) {
            return [$this, $soFar, false];
        }
        $weight = array_sum(array_map(static fn(array $each): float => 1 / max(1e-9, $each[1]) ** 2, $readings));
        $metres = array_sum(array_map(static fn(array $each): float => $each[0] / max(1e-9, $each[1]) ** 2, $readings)) / $weight;
        $sd = $soFar + 1 / sqrt($weight);

        return [$this->with($this->all->grown($figure, $metres, $sd ** 2 - $soFar ** 2)), $sd, $stalled];
    }

    /** What so many turns have wound, m; null: no turn tells a length. */
    private function byTurns(Stretch $stretch): ?float
    {
        return Winding::byTurns(
            $this->spool(),
            Volume::cubicMillimetres($this->volume()),
            $this->line($stretch->layer),
            $stretch->turns,
            $this->gearRatio ?? $this->usual?->gearRatio,
        )?->inMetres() ?? ($this->usual?->perTurn === null ? null : $stretch->turns * $this->usual->perTurn->inMetres());
    }

    /**
     * What is believed once somebody has said what is on of a layer: it is kept as said. Where it can be of this fill it says something
     * of room and lines too; where it is far off what was counted, the count was wrong, and nothing else is bent by it.
     */
    public function told(int $layer, Said $said): self
    {
        $figure = 1 + count($this->layers) + $layer;
        $variance = ($said->half->inMetres() / Tolerance::BAND) ** 2;
        $off = $said->metres->inMetres() - $this->all->mean[$figure];
        $one = array_fill(0, count($this->all->mean), 0.0);
        $one[$figure] = 1.0;
        $all = abs($off) <= self::STUCK * sqrt($this->all->variance(array_values($one)) + $variance)
            ? $this->all->seen(array_values($one), $off, $variance)
            : $this->all;

        return $this->with($all->known($figure, $said->metres->inMetres(), $variance));
    }

    /**
     * How far a depth is off what is believed, in standard deviations of the two.
     *
     * @throws BadRun
     */
    public function off(Reading $reading): float
    {
        [$h, $off, $variance] = $this->depthEquation($reading);

        return $off / sqrt($this->all->variance($h) + $variance);
    }

    /**
     * What is believed once a depth was read.
     *
     * @throws BadRun
     */
    public function seen(Reading $reading): self
    {
        [$h, $off, $variance] = $this->depthEquation($reading);
        $after = $this->all->seen($h, $off, $variance);
        // metres on are never fewer than none
        $mean = $after->mean;
        foreach (array_keys($this->layers) as $index) {
            $short = -$mean[1 + count($this->layers) + $index];
            if ($short > 0) {
                $after = $after->grown(1 + count($this->layers) + $index, $short, 0.0);
            }
        }

        return $this->with($after);
    }

    /**
     * v V(y) - sum 1000 c_k s_k x_k = 0, linear at what is believed.
     *
     * @return array{list<float>, float, float} h, how far off, variance of the reading
     *
     * @throws BadRun
     */
    private function depthEquation(Reading $reading): array
    {
        $geometry = $this->spool->geometry ?? throw BadRun::depthNeedsShape();
        $bare = $geometry->depthOf($geometry->arbor->thin);
        $reading->depth->inMillimetres() <= $bare->inMillimetres() + 0.5 && $reading->depth->inMillimetres() >= -5.0
            || throw BadRun::depthOutside($reading->depth, $bare);
        $surface = Diameter::millimetres(
            max($geometry->arbor->thin->inMillimetres(), $geometry->lip->inMillimetres() - 2 * $reading->depth->inMillimetres()),
        );
        $room = $this->spool->lineVolumeUnder($geometry, $surface)->inCubicMillimetres();
        $perDepth = $this->spool->volumePerDepth($geometry, $surface)->inSquareMillimetres();
        $count = count($this->layers);
        $h = array_fill(0, 1 + 2 * $count, 0.0);
        $h[0] = $room;
        foreach ($this->layers as $index => $layer) {
            $each = $layer->volumePerMetre($this->spool->lay)->inCubicMillimetres();
            $h[1 + $index] = -$each * $this->all->mean[1 + $count + $index];
            $h[1 + $count + $index] = -$each * $this->all->mean[1 + $index];
        }
        $off = -($this->all->mean[0] * $room - $this->volume());

        return [array_values($h), $off, (Tolerance::depthReadingMm($reading->count) * $perDepth) ** 2];
    }

    /**
     * Metres of this layer's line until the fill is full with the layers over it as planned, and half the band:
     * r = (v V - sum over k <= j of 1000 c s x - sum over k > j of 1000 c s L) / (1000 c_j s_j).
     *
     * @return array{float, float} m
     */
    public function toFull(Fill $fill, int $layer): array
    {
        $perMetre = $this->perMetre($layer);
        [$over, $h] = $this->roomLeft($fill, $layer);
        $left = $over / $perMetre;
        $h[1 + $layer] -= $left * $perMetre / $this->all->mean[1 + $layer];

        return [$left, Tolerance::BAND * sqrt($this->all->variance(array_values($h))) / $perMetre];
    }

    /**
     * The room this layer may still take, mm3, and how it hangs on each believed figure.
     *
     * @return array{float, list<float>}
     */
    private function roomLeft(Fill $fill, int $layer): array
    {
        $count = count($this->layers);
        $full = $fill->full->inCubicMillimetres();
        $h = array_fill(0, 1 + 2 * $count, 0.0);
        $h[0] = $full;
        $room = $this->all->mean[0] * $full;
        foreach ($this->layers as $index => $each) {
            $metres = $index <= $layer ? $this->all->mean[1 + $count + $index] : $each->length?->inMetres() ?? 0.0;
            $cell = $each->volumePerMetre($this->spool->lay)->inCubicMillimetres();
            $room -= $this->all->mean[1 + $index] * $cell * $metres;
            $h[1 + $index] = -$cell * $metres;
            $h[1 + $count + $index] = $index <= $layer ? -$cell * $this->all->mean[1 + $index] : 0.0;
        }

        return [$room, array_values($h)];
    }

    /**
     * Half the band of the room the finished fill leaves, mm3: a layer wound to the level has none but this stop's own error.
     */
    public function finishHalf(Fill $fill, int $layer): float
    {
        $count = count($this->layers);
        [, $h] = $this->roomLeft($fill, $layer);
        $planned = $this->layers[$layer]->length?->inMetres() ?? $this->all->mean[1 + $count + $layer] + $this->toFull($fill, $layer)[0];
        $rest = max(0.0, $planned - $this->all->mean[1 + $count + $layer]);
        $h[1 + $layer] -= $this->layers[$layer]->volumePerMetre($this->spool->lay)->inCubicMillimetres() * $rest;
        if ($this->layers[$layer]->length !== null) {
            // the total is the plan's: what is on already is not in doubt twice
            $h[1 + $count + $layer] = 0.0;
        }

        return Tolerance::BAND * sqrt($this->all->variance(array_values($h)));
    }

    /** All that is on, mm3. */
    public function volume(): float
    {
        $volume = 0.0;
        foreach (array_keys($this->layers) as $index) {
            $volume += $this->all->mean[1 + count($this->layers) + $index] * $this->perMetre($index);
        }

        return $volume;
    }

    /** What a metre of a layer is believed to take, mm3. */
    public function perMetre(int $layer): float
    {
        return $this->all->mean[1 + $layer] * $this->layers[$layer]->volumePerMetre($this->spool->lay)->inCubicMillimetres();
    }

    /** A layer's line with the cell it is believed to have. */
    public function line(int $layer): Line
    {
        $line = $this->layers[$layer]->line;

        return Line::of($line->material, $line->diameter, $line->cellFactor * $this->all->mean[1 + $layer], $line->cellSd);
    }

    private function with(Gaussian $all): self
    {
        return new self($all, $this->spool, $this->layers, $this->gearRatio, $this->usual);
    }
}
