<?php

declare(strict_types=1);

namespace Undro\Run;

use Undro\Fill\BadFill;
use Undro\Fill\Fill;
use Undro\Fill\FillCalculator;
use Undro\Fill\Layer;
use Undro\Ledger\How;
use Undro\Spool\BadSpool;
use Undro\Spool\Spool;
use Undro\Spool\TypicalReel;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Volume;

/**
 * Where a fill stands while it is being wound, and what is left to the next stop.
 *
 * What is left is worked out anew from what is believed after each stretch and each depth (`Belief`).
 * Source: handbook, chapter 3 (turns, counter, depth) and the linear model of chapter 6.
 */
final readonly class Progress
{
    /** A depth further off than this many standard deviations is asked about before it is used. */
    private const DOUBT = 4.0;
    /** Slow down at this share of a layer before its end. */
    private const SLOW = 0.1;
    /** With more than this share missing or too much, what is on is asked before it is written down. Ours. */
    private const FAR = 0.25;

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
     * @param list<list<How>> $known how what is on of each layer is known
     * @param Length|null   $byCounter what a line counter's roller told of this layer; null: none was on the line
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
        public array $known,
        public ?Length $byCounter,
        public Fill $now,
    ) {}

    /** What is on of the layer at its mark, as it is believed to be now. */
    public function mark(): Length
    {
        return Length::metres(max(0.0, $this->wound[$this->layer]->inMetres() + $this->left->inMetres()));
    }

    /** Half the band of what is on where the layer is said to be at its mark: as well as the mark is known, and no better than metres are said. */
    public function markHalf(): Length
    {
        return Length::metres(max(Said::of($this->mark())->half->inMetres(), $this->leftHalf->inMetres()));
    }

    /** What is counted lies so far from the mark, outside of its band, that what is on is asked before it is written down. */
    public function farFromMark(): bool
    {
        return abs($this->left->inMetres()) > max($this->leftHalf->inMetres(), self::FAR * $this->mark()->inMetres());
    }

    /**
     * A filler that is said to be empty held so much more or less than is counted that one of the two must be wrong.
     *
     * @param Length|null $half half the band of what it held; null: counted exactly
     */
    public function unlikeFiller(Length $held, ?Length $half): bool
    {
        $within = ($half?->inMetres() ?? 0.0) + $this->woundHalf[$this->layer]->inMetres();

        return abs($held->inMetres() - $this->wound[$this->layer]->inMetres()) > max($within, self::FAR * $held->inMetres());
    }

    /** So much may be what is on: it lies no further past the mark than is asked about. */
    public function mayBeOn(Length $metres): bool
    {
        $past = $metres->inMetres() - $this->mark()->inMetres();

        return $past <= max($this->leftHalf->inMetres(), self::FAR * $this->mark()->inMetres());
    }

    /**
     * @param list<Layer>   $layers    as planned, from the arbor out; at most one open
     * @param int           $layer     the one being wound
     * @param list<Stretch> $stretches in the order they were wound
     * @param TypicalReel|null $usual what a turn winds where shape or gear ratio are not known
     *
     * @throws BadRun|BadFill|BadSpool
     */
    public static function of(
        Spool $spool,
        ?Length $gap,
        array $layers,
        ?float $gearRatio,
        int $layer,
        array $stretches,
        ?TypicalReel $usual = null,
    ): self {
        $fill = FillCalculator::solve($spool, $gap, $layers, $gearRatio);
        isset($layers[$layer]) || throw BadRun::noSuchLayer($layer, count($layers));
        $belief = Belief::start($spool, $layers, $gearRatio, $usual);
        $at = 0;
        $soFar = 0.0;
        $replanned = false;
        $doubt = null;
        $short = false;
        $known = array_fill(0, count($layers), []);
        $byCounter = null;
        foreach ($stretches as $stretch) {
            isset($layers[$stretch->layer]) || throw BadRun::noSuchLayer($stretch->layer, count($layers));
            $stretch->layer >= $at || throw BadRun::backwards($stretch->layer);
            if ($stretch->layer > $at) {
                $soFar = 0.0;
            }
            $at = $stretch->layer;
            [$belief, $soFar, $stalled] = $belief->wound($stretch, $soFar);
            $short = $short || $stalled;
            if ($stretch->turns > 0 || ($stretch->counted?->inMetres() ?? 0.0) > 0) {
                $known[$at] = How::both($known[$at], [$stretch->counted === null || $stretch->roller ? How::Counted : How::Said]);
            }
            if ($at === $layer && $stretch->roller && $stretch->counted !== null) {
                $byCounter = Length::metres(($byCounter?->inMetres() ?? 0.0) + $stretch->counted->inMetres());
            }
            if ($stretch->said !== null) {
                $belief = $belief->told($at, $stretch->said);
                $known[$at] = [$stretch->said->how];
                $soFar = 0.0;
            }
            if ($stretch->reading !== null) {
                $off = $belief->off($stretch->reading);
                $doubt = abs($off) > self::DOUBT ? $off : null;
                if ($doubt === null || $stretch->reading->sure) {
                    $belief = $belief->seen($stretch->reading);
                    $replanned = true;
                    $known[$at] = How::both($known[$at], [How::Depth]);
                    $doubt = null;
                    $soFar = 0.0;
                }
            }
        }
        $at <= $layer || throw BadRun::backwards($layer);

        return self::told($belief, $spool, $fill, $layers, $gearRatio, $usual, $layer, $replanned, $doubt, $short, $known, $byCounter);
    }

    /** Metres by which the stop was passed, or null. */
    public function passed(): ?Length
    {
        return $this->left->inMetres() < -0.05 ? Length::metres(-$this->left->inMetres()) : null;
    }

    /**
     * @param list<Layer>     $layers
     * @param list<list<How>> $known
     */
    private static function told(
        Belief $belief,
        Spool $spool,
        Fill $fill,
        array $layers,
        ?float $gearRatio,
        ?TypicalReel $usual,
        int $layer,
        bool $replanned,
        ?float $doubt,
        bool $short,
        array $known,
        ?Length $byCounter,
    ): self {
        $count = count($layers);
        $wound = array_map($belief->on(...), array_keys($layers));
        $woundHalf = array_map($belief->onHalf(...), array_keys($layers));
        $planned = $fill->layers[$layer]->length ?? $fill->solved?->band->middle ?? Length::metres(0);
        [$toFull, $toFullHalf] = $belief->toFull($fill, $layer);
        $x = $wound[$layer]->inMetres();
        if ($layers[$layer]->length === null) {
            $left = $toFull;
            $half = $toFullHalf;
        } else {
            $left = $planned->inMetres() - $x;
            $half = $woundHalf[$layer]->inMetres();
        }
        $target = $x + max(0.0, $left);
        $geometry = $spool->geometry;
        $believed = $belief->spool();
        $now = $belief->volume();
        $perMetre = $belief->perMetre($layer);
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
            $over += ($layers[$index]->length?->inMetres() ?? $fill->solved?->band->middle->inMetres() ?? 0.0) * $belief->perMetre($index);
        }
        $finish = $surface($now + max(0.0, $left) * $perMetre + $over);
        $gears = $gearRatio ?? $usual?->gearRatio;
        $turns = $geometry === null || $here === null || $stop === null || $gears === null
            ? ($usual?->perTurn === null ? null : $left / $usual->perTurn->inMetres())
            : $believed->wrapsBetween(
                $geometry,
                $here,
                $stop,
                $belief->line($layer)->cell($spool->lay),
            ) / $gears;
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
            $here === null || $gears === null ? $usual?->perTurn : FillCalculator::retrieve($here, $gears),
            $depthOf($here),
            $depthOf($stop),
            $depthOf($finish),
            $perDepth === null ? null : Length::millimetres($belief->finishHalf($fill, $layer) / $perDepth),
            $depthOf($surface($now + $over)),
            $left <= self::SLOW * $target && $left > 0,
            $replanned,
            $doubt,
            $short,
            $known,
            $byCounter,
            FillCalculator::solve(
                $believed,
                $fill->gap,
                array_map(
                    static fn(int $index): Layer => Layer::of(
                        $layers[$index]->role,
                        $belief->line($index),
                        $wound[$index],
                    ),
                    array_keys($layers),
                ),
                $gearRatio,
            ),
        );
    }
}
