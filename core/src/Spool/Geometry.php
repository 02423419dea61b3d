<?php

declare(strict_types=1);

namespace Undro\Spool;

use Undro\Units\Area;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Volume;

/**
 * The room between arbor, lip and flanges, and how it fills. Lays are level: the line's surface is a cylinder.
 * Source of the formulas: handbook, chapter 2, geometry.
 */
final readonly class Geometry
{
    private function __construct(public Diameter $lip, public Arbor $arbor, public Length $traverse) {}

    /** @throws BadSpool if the arbor is not under the lip or there is no traverse */
    public static function of(Diameter $lip, Arbor $arbor, Length $traverse): self
    {
        $lip->inMillimetres() > $arbor->thick->inMillimetres() || throw BadSpool::lipNotLargerThanArbor($lip, $arbor->thick);
        $traverse->inMillimetres() > 0 || throw BadSpool::noTraverse();

        return new self($lip, $arbor, $traverse);
    }

    /** The diameter of the line's surface at a gap under the lip. @throws BadSpool if that lies under the arbor */
    public function diameterAt(Length $gap): Diameter
    {
        $full = $this->lip->inMillimetres() - 2 * $gap->inMillimetres();
        $full > $this->arbor->thin->inMillimetres() || throw BadSpool::gapTooDeep($gap, $this->lip, $this->arbor->thin);

        return Diameter::millimetres($full);
    }

    /** The depth under the lip of a surface at a diameter; negative above the lip. */
    public function depthOf(Diameter $surface): Length
    {
        return Length::millimetres(($this->lip->inMillimetres() - $surface->inMillimetres()) / 2);
    }

    /** V(D): the room under a surface. */
    public function volumeUnder(Diameter $surface): Volume
    {
        $d = $surface->inMillimetres();
        $lo = $this->arbor->thin->inMillimetres();
        $hi = $this->arbor->thick->inMillimetres();
        $w = $this->traverse->inMillimetres();
        if ($d <= $lo) {
            return Volume::cubicMillimetres(0.0);
        }
        if ($d >= $hi) {
            return Volume::cubicMillimetres(M_PI / 4 * $w * ($d ** 2 - $this->arbor->meanSquare()->inSquareMillimetres()));
        }
        $share = ($d - $lo) / ($hi - $lo);

        return Volume::cubicMillimetres(M_PI / 4 * $w * $share * ($d ** 2 - ($lo ** 2 + $lo * $d + $d ** 2) / 3));
    }

    /** The inverse of V(D): the surface at which this much room lies under it. */
    public function diameterHolding(Volume $volume): Diameter
    {
        $v = max(0.0, $volume->inCubicMillimetres());
        $w = $this->traverse->inMillimetres();
        $atThick = $this->volumeUnder($this->arbor->thick)->inCubicMillimetres();
        if ($v >= $atThick) {
            return Diameter::millimetres(sqrt(4 * $v / (M_PI * $w) + $this->arbor->meanSquare()->inSquareMillimetres()));
        }

        return Diameter::millimetres($this->arbor->thin->inMillimetres() + $this->riseInTaper($v));
    }

    /** V'(D) in mm2: the room that one more mm of diameter adds. */
    public function ringArea(Diameter $surface): Area
    {
        $d = $surface->inMillimetres();

        return Area::squareMillimetres(M_PI / 2 * $this->traverse->inMillimetres() * $this->shareUnder($d) * $d);
    }

    /**
     * Wraps between two surfaces when one wrap takes the given cell: the integral of V'(D) / (pi D s) dD.
     */
    public function wrapsBetween(Diameter $from, Diameter $to, Area $cell): float
    {
        return ($this->wrapRoomUnder($to->inMillimetres()) - $this->wrapRoomUnder($from->inMillimetres())) / $cell->inSquareMillimetres();
    }

    /** The cross-section on one side of the axis under a surface, mm2. */
    private function wrapRoomUnder(float $d): float
    {
        $lo = $this->arbor->thin->inMillimetres();
        $hi = $this->arbor->thick->inMillimetres();
        $w = $this->traverse->inMillimetres();
        if ($d <= $lo) {
            return 0.0;
        }
        if ($d >= $hi) {
            return $w / 2 * ($d - $hi + ($hi - $lo) / 2);
        }

        return $w / 4 * ($d - $lo) ** 2 / ($hi - $lo);
    }

    /** The share of the traverse whose arbor lies under a diameter. */
    private function shareUnder(float $d): float
    {
        $lo = $this->arbor->thin->inMillimetres();
        $hi = $this->arbor->thick->inMillimetres();

        return $d >= $hi ? 1.0 : max(0.0, ($d - $lo) / ($hi - $lo));
    }

    /**
     * How far above the thin end a volume inside the taper rises, mm. V = pi w u2 (2u + 3 lo) / (12 (hi - lo)) grows
     * with u and is convex, so Newton from above converges without overshoot.
     */
    private function riseInTaper(float $volume): float
    {
        $lo = $this->arbor->thin->inMillimetres();
        $range = $this->arbor->thick->inMillimetres() - $lo;
        $target = 12 * $range * $volume / (M_PI * $this->traverse->inMillimetres());
        $u = $range;
        for ($i = 0; $i < 60; ++$i) {
            $slope = 6 * $u ** 2 + 6 * $u * $lo;
            if ($slope <= 0) {
                break;
            }
            $step = ($u ** 2 * (2 * $u + 3 * $lo) - $target) / $slope;
            $u = max(0.0, $u - $step);
            if (abs($step) < 1e-12) {
                break;
            }
        }

        return $u;
    }
}
