<?php

declare(strict_types=1);

namespace Undro\Photo;

/**
 * A pinhole camera without distortion whose axis goes through the middle of the picture.
 * Source: handbook, chapter 2, "Measure from a photograph".
 */
final readonly class Camera
{
    /** The diagonal of the film that focal lengths are given for, mm. */
    private const FILM_MM = 43.27;
    /** A phone's main camera, where the picture does not say. */
    private const USUAL_35MM = 26.0;
    /** How well the focal length is known, relative: from the picture, and assumed. */
    private const GIVEN_SD = 0.02;
    private const ASSUMED_SD = 0.15;

    private function __construct(public float $width, public float $height, public float $focal, public float $focalSd) {}

    /**
     * @param float      $width   of the picture, px
     * @param float      $height  px
     * @param float|null $film35 focal length as it would be on 35 mm film, mm; null: not known
     */
    public static function of(float $width, float $height, ?float $film35): self
    {
        return new self(
            $width,
            $height,
            ($film35 ?? self::USUAL_35MM) * hypot($width, $height) / self::FILM_MM,
            $film35 === null ? self::ASSUMED_SD : self::GIVEN_SD,
        );
    }

    /** Its focal length longer by this share. */
    public function longer(float $share): self
    {
        return new self($this->width, $this->height, $this->focal * (1 + $share), $this->focalSd);
    }

    /** The direction in which a point of the picture lies, with z = 1. */
    public function ray(Pixel $point): Vector
    {
        return new Vector(($point->x - $this->width / 2) / $this->focal, ($point->y - $this->height / 2) / $this->focal, 1.0);
    }
}
