<?php

declare(strict_types=1);

namespace Undro\Photo;

/** A thing of known size in a picture, and the plane it lies in. */
final readonly class Reference
{
    /** A bank card, mm. Source: ISO/IEC 7810, ID-1. */
    public const CARD_MM = [85.60, 53.98];
    public const BAR_MM = 100.0;
    /** A smaller thing says too little: this share of the picture's width. */
    public const LEAST_SHARE = 0.04;
    /** How sure a length along two points is: the view counts as square-on and may be askew. Ours. */
    public const SQUARE_ON_SD = 0.03;
    /** The sine of the flattest corner of a card that still is one in a picture. */
    private const FLATTEST = 0.05;
    /** Sides that fit the card this badly are the short ones first. */
    private const SIDES = 1.4;

    /**
     * @param list<Pixel> $points corners of a card in order, a long side first; or two ends
     * @param float|null  $length between the two ends, mm; null: by the kind
     */
    public function __construct(public ReferenceKind $kind, public array $points, private ?float $length = null) {}

    /** The same with one point elsewhere. */
    public function with(int $index, Pixel $point): self
    {
        $points = $this->points;
        $points[$index] = $point;

        return new self($this->kind, array_values($points), $this->length);
    }

    /** How sure it is beside its points, relative. */
    public function sd(): float
    {
        return $this->kind === ReferenceKind::Card ? 0.0 : self::SQUARE_ON_SD;
    }

    /** @throws BadPhoto where it cannot measure anything */
    public function check(Camera $camera): void
    {
        $count = count($this->points);
        $count === $this->kind->points() || throw BadPhoto::points($this->kind);
        $longest = 0.0;
        for ($i = 0; $i < $count; ++$i) {
            $longest = max($longest, $this->points[$i]->distance($this->points[($i + 1) % $count]));
        }
        $longest >= self::LEAST_SHARE * $camera->width || throw BadPhoto::tooSmall($this->kind);
        if ($this->kind !== ReferenceKind::Card) {
            return;
        }
        [$least, $most] = [INF, -INF];
        for ($i = 0; $i < $count; ++$i) {
            [$one, $corner, $two] = [$this->points[$i], $this->points[($i + 1) % $count], $this->points[($i + 2) % $count]];
            $sides = $one->distance($corner) * $corner->distance($two);
            $turn = $sides > 0 ? $one->turn($corner, $two) / $sides : 0.0;
            [$least, $most] = [min($least, $turn), max($most, $turn)];
        }
        $least > self::FLATTEST || $most < -self::FLATTEST || throw BadPhoto::crossed();
        [$along, $across] = $this->pose($camera);
        $ratio = $along->length() / $across->length();
        $ratio < self::SIDES && $ratio > 1 / self::SIDES || throw BadPhoto::shortSideFirst();
    }

    /** The plane it lies in, seen from the camera, with the middle of the thing on it. */
    public function plane(Camera $camera): Plane
    {
        if ($this->kind !== ReferenceKind::Card) {
            [$one, $two] = $this->points;
            $depth = $camera->focal * $this->millimetres() / max(1e-9, $one->distance($two));
            $middle = new Pixel(($one->x + $two->x) / 2, ($one->y + $two->y) / 2);

            return Plane::through($camera->ray($middle)->times($depth), new Vector(0.0, 0.0, -1.0));
        }
        [$along, $across, $corner] = $this->pose($camera);
        $scale = 2 / ($along->length() + $across->length());
        // the two sides made square to each other, both by as much
        [$sum, $difference] = [$along->unit()->plus($across->unit())->unit(), $along->unit()->minus($across->unit())->unit()];
        $x = $sum->plus($difference)->unit();
        $y = $sum->minus($difference)->unit();
        $middle = $corner->times($scale)->plus($x->times(self::CARD_MM[0] / 2))->plus($y->times(self::CARD_MM[1] / 2));

        return Plane::through($middle, $x->cross($y));
    }

    private function millimetres(): float
    {
        return $this->length ?? self::BAR_MM;
    }

    /**
     * The columns of the homography from the card's plane to the picture, the camera taken out of it: along a long side, along a short one, and
     * the first corner, all three in one unknown scale.
     * Source: Hartley and Zisserman, chapter 8.
     *
     * @return array{Vector, Vector, Vector}
     */
    private function pose(Camera $camera): array
    {
        [$long, $short] = self::CARD_MM;
        $rows = [];
        foreach ([[0.0, 0.0], [$long, 0.0], [$long, $short], [0.0, $short]] as $i => [$x, $y]) {
            $seen = $camera->ray($this->points[$i]);
            $rows[] = [$x, $y, 1.0, 0.0, 0.0, 0.0, -$seen->x * $x, -$seen->x * $y, $seen->x];
            $rows[] = [0.0, 0.0, 0.0, $x, $y, 1.0, -$seen->y * $x, -$seen->y * $y, $seen->y];
        }
        $h = LinearSystem::solve($rows);

        return [new Vector($h[0], $h[3], $h[6]), new Vector($h[1], $h[4], $h[7]), new Vector($h[2], $h[5], 1.0)];
    }
}
