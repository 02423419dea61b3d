<?php

declare(strict_types=1);

namespace Undro\Spool;

use Undro\Line\Lay;
use Undro\Statistics\CorrelationMatrix;
use Undro\Units\Area;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Volume;

/**
 * A spool with whatever is known of it: a stamp, measures, or both fused. Every volume it speaks of is line volume,
 * so a surface D holds scale x V(D). Source: handbook, chapter 2, "What the maker stamped".
 */
final readonly class Spool
{
    /**
     * @param float $scale line volume per volume of the geometry
     * @param float $sd    relative sd of the line volume
     * @param Diameter|null $lip as measured, where nothing else was
     */
    private function __construct(
        public Source $source,
        public ?Geometry $geometry,
        public ?Capacity $capacity,
        public Length $ratedGap,
        public Lay $lay,
        public float $scale,
        public float $sd,
        private ?Volume $atRatedGap,
        public ?CorrelationMatrix $correlations = null,
        public ?Diameter $lip = null,
    ) {}

    /**
     * @param list<Rating> $ratings
     * @param float        $volumeFactor what the log has learnt the room to be, relative to these figures
     * @param float|null   $volumeSd     replaces the relative sd of the room
     *
     * @throws BadSpool if the figures are not enough or contradict each other
     */
    public static function of(
        Measures $measures,
        array $ratings,
        Lay $lay,
        Length $ratedGap,
        float $volumeFactor = 1.0,
        ?float $volumeSd = null,
    ): self {
        $capacity = $ratings === [] ? null : Capacity::stamped($ratings, $ratedGap);
        $geometry = $measures->complete();
        if ($capacity === null) {
            $geometry ?? throw self::whatIsMissing($measures);

            return new self(
                Source::Measured,
                $geometry,
                null,
                $ratedGap,
                $lay,
                $volumeFactor,
                $volumeSd ?? $measures->sd,
                null,
            );
        }
        if ($geometry !== null) {
            return self::fused($geometry, $measures->sd, $capacity, $lay, $volumeFactor, $volumeSd);
        }
        [$source, $geometry] = self::derived($measures, $capacity);

        return new self(
            $source,
            $geometry,
            $capacity,
            $ratedGap,
            $lay,
            $volumeFactor,
            $volumeSd ?? $capacity->sd,
            self::times($volumeFactor, $capacity->volume),
            lip: $geometry === null ? $measures->lip : null,
        );
    }

    /** The same spool, its room known as well as this. @param float $sd relative sd of the line volume */
    public function trusted(float $sd): self
    {
        return $this->believed(1.0, $sd, $this->correlations);
    }

    /**
     * The same spool as finished fills have shown it to be.
     *
     * @param float $factor on its room
     *
     * @param float $sd relative, of the room then
     */
    public function learnt(float $factor, float $sd, CorrelationMatrix $correlations): self
    {
        return $this->believed($factor, $sd, $correlations);
    }

    /** The same spool, its room this much larger than the figures say. @param float $factor above 0 */
    public function roomier(float $factor): self
    {
        return $this->believed($factor, $this->sd, $this->correlations);
    }

    /**
     * The same spool with a sleeve clipped on, or tape wound over its arbor.
     *
     * @throws BadSpool without the lip and one more measure, or if it reaches the lip
     */
    public function withArbor(Arbor $arbor): self
    {
        $geometry = $this->geometry ?? throw BadSpool::noArborToBuildOn();

        return new self(
            $this->source,
            Geometry::of($geometry->lip, $arbor, $geometry->traverse),
            $this->capacity,
            $this->ratedGap,
            $this->lay,
            $this->scale,
            $this->sd,
            null,
            $this->correlations,
        );
    }

    /**
     * What is left of it above line that stays on it.
     *
     * @param Diameter|null     $surface of that line; null where the spool's shape is not known
     * @param Volume            $room    above it, at the rated gap where the shape is not known
     * @param float             $sd      relative, of that room
     * @param CorrelationMatrix $correlations of that room with the main line's cell
     *
     * @throws BadSpool if it reaches the lip
     */
    public function above(?Diameter $surface, Volume $room, float $sd, CorrelationMatrix $correlations): self
    {
        return new self(
            $this->source,
            $this->geometry === null || $surface === null
                ? null
                : Geometry::of($this->geometry->lip, Arbor::straight($surface), $this->geometry->traverse),
            $this->capacity,
            $this->ratedGap,
            $this->lay,
            $this->scale,
            $sd,
            $this->geometry === null ? $room : null,
            $correlations,
        );
    }

    /** The line volume of a full spool at a gap. Without geometry only the rated gap can be answered. @throws BadSpool */
    public function fullVolume(Length $gap): Volume
    {
        if ($this->geometry === null) {
            return $this->atRatedGap ?? throw BadSpool::nothingKnown();
        }

        return $this->lineVolumeUnder($this->geometry, $this->geometry->diameterAt($gap));
    }

    /** scale x V(D) */
    public function lineVolumeUnder(Geometry $geometry, Diameter $surface): Volume
    {
        return self::times($this->scale, $geometry->volumeUnder($surface));
    }

    /** The surface at which this much line lies on the arbor. */
    public function surfaceHolding(Geometry $geometry, Volume $line): Diameter
    {
        return $geometry->diameterHolding(self::times(1 / $this->scale, $line));
    }

    /** Wraps of a cell between two surfaces; the scale falls on the cell. */
    public function wrapsBetween(Geometry $geometry, Diameter $from, Diameter $to, Area $cell): float
    {
        return $geometry->wrapsBetween($from, $to, Area::squareMillimetres($cell->inSquareMillimetres() / $this->scale));
    }

    /** Line volume, mm3, that one mm of depth is worth at a surface: pi w D scale on a bare cylinder. */
    public function volumePerDepth(Geometry $geometry, Diameter $surface): Area
    {
        return Area::squareMillimetres(2 * $this->scale * $geometry->ringArea($surface)->inSquareMillimetres());
    }

    private static function fused(
        Geometry $geometry,
        float $geometrySd,
        Capacity $capacity,
        Lay $lay,
        float $volumeFactor,
        ?float $volumeSd,
    ): self {
        $measured = $geometry->volumeUnder($geometry->diameterAt($capacity->ratedGap))->inCubicMillimetres();
        $stamped = $capacity->volume->inCubicMillimetres();
        self::refuseContradiction($geometry, $geometrySd, $capacity);
        $weightMeasured = 1 / $geometrySd ** 2;
        $weightStamped = 1 / $capacity->sd ** 2;
        $fused = ($weightMeasured * $measured + $weightStamped * $stamped) / ($weightMeasured + $weightStamped);
        $sd = $volumeSd ?? 1 / sqrt($weightMeasured + $weightStamped);

        return new self(
            Source::Fused,
            $geometry,
            $capacity,
            $capacity->ratedGap,
            $lay,
            $volumeFactor * $fused / $measured,
            $sd,
            Volume::cubicMillimetres($volumeFactor * $fused),
        );
    }

    private static function refuseContradiction(Geometry $geometry, float $geometrySd, Capacity $capacity): void
    {
        $full = $geometry->diameterAt($capacity->ratedGap);
        $measured = $geometry->volumeUnder($full)->inCubicMillimetres();
        $stamped = $capacity->volume->inCubicMillimetres();
        if (abs(log($stamped / $measured)) <= Tolerance::CONTRADICTION * hypot($geometrySd, $capacity->sd)) {
            return;
        }
        $traverse = Length::millimetres($geometry->traverse->inMillimetres() * $stamped / $measured);
        $square = $full->inMillimetres() ** 2 - 4 * $stamped / (M_PI * $geometry->traverse->inMillimetres());
        $arbor = $geometry->arbor->isStraight() && $square > 0 ? Diameter::millimetres(sqrt($square)) : null;
        throw BadSpool::stampContradictsCalipers($capacity->volume, Volume::cubicMillimetres($measured), $geometry, $traverse, $arbor);
    }

    /**
     * The missing one of arbor and traverse, from the stamp. A derived dimension adds no information.
     *
     * @return array{Source, Geometry|null}
     */
    private static function derived(Measures $measures, Capacity $capacity): array
    {
        $arbor = $measures->arborShape();
        $lip = $measures->lip;
        $width = $measures->traverse;
        if ($lip === null || ($arbor === null && $width === null)) {
            return [Source::Rated, null];
        }
        $full = $lip->inMillimetres() - 2 * $capacity->ratedGap->inMillimetres();
        $full > 0 || throw BadSpool::gapTooDeep($capacity->ratedGap, $lip, Diameter::millimetres(0));
        $volume = $capacity->volume->inCubicMillimetres();
        if ($arbor === null) {
            $traverse = $width->inMillimetres();
            $traverse > 0 || throw BadSpool::noTraverse();
            $square = $full ** 2 - 4 * $volume / (M_PI * $traverse);
            $square > 0
                || throw BadSpool::stampNeedsMoreRoom(
                    $lip,
                    $width,
                    $capacity->volume,
                    Volume::cubicMillimetres(M_PI / 4 * $traverse * $full ** 2),
                );

            return [Source::DerivedArbor, Geometry::of($lip, Arbor::straight(Diameter::millimetres(sqrt($square))), $width)];
        }
        $ring = $full ** 2 - $arbor->meanSquare()->inSquareMillimetres();
        $ring > 0 && $full > $arbor->thick->inMillimetres() || throw BadSpool::gapTooDeep($capacity->ratedGap, $lip, $arbor->thick);

        return [Source::DerivedTraverse, Geometry::of($lip, $arbor, Length::millimetres(4 * $volume / (M_PI * $ring)))];
    }

    private static function whatIsMissing(Measures $measures): BadSpool
    {
        $missing = array_values(array_filter([
            $measures->lip === null ? 'lip' : '',
            $measures->arbor === null ? 'arbor' : '',
            $measures->traverse === null ? 'traverse' : '',
        ]));

        return match (count($missing)) {
            0, 3 => BadSpool::nothingKnown(),
            default => BadSpool::missing(
                $missing[0] === 'traverse' ? 'traverse_mm' : "{$missing[0]}_diameter_mm",
                implode(' and the ', array_map(static fn(string $each): string => $each === 'traverse' ? 'spool width' : $each, $missing)),
            ),
        };
    }

    private static function times(float $factor, Volume $volume): Volume
    {
        return Volume::cubicMillimetres($factor * $volume->inCubicMillimetres());
    }

    private function believed(float $factor, float $sd, ?CorrelationMatrix $correlations): self
    {
        return new self(
            $this->source,
            $this->geometry,
            $this->capacity,
            $this->ratedGap,
            $this->lay,
            $this->scale * $factor,
            $sd,
            $this->atRatedGap === null ? null : self::times($factor, $this->atRatedGap),
            $correlations,
            $this->lip,
        );
    }
}
