<?php

declare(strict_types=1);

namespace Undro\Photo;

/** A plane in front of the camera, with its unit normal towards the camera. */
final readonly class Plane
{
    private function __construct(public Vector $point, public Vector $normal) {}

    public static function through(Vector $point, Vector $normal): self
    {
        $unit = $normal->unit();

        return new self($point, $unit->dot($point) > 0 ? $unit->times(-1.0) : $unit);
    }

    /** The plane parallel to it, nearer to the camera by this, mm. */
    public function raised(float $millimetres): self
    {
        return new self($this->point->plus($this->normal->times($millimetres)), $this->normal);
    }

    /** Where a ray from the camera meets it; null: nowhere in front of the camera. */
    public function cut(Vector $ray): ?Vector
    {
        $along = $this->normal->dot($ray);

        return $along < -1e-9 ? $ray->times($this->normal->dot($this->point) / $along) : null;
    }

    /** How far the camera is from it, mm. */
    public function height(): float
    {
        return -$this->normal->dot($this->point);
    }

    /** The point of it that is nearest to the camera. */
    public function foot(): Vector
    {
        return $this->normal->times(-$this->height());
    }

    /** By how much the view differs from square-on, degrees. */
    public function tilt(): float
    {
        return rad2deg(acos(max(-1.0, min(1.0, -$this->normal->z))));
    }
}
