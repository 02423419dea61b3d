<?php

declare(strict_types=1);

namespace Undro\Knot;

/**
 * Something solid in a drawing: the arbor from its end or from the side, the eye of a hook, or a strip of tape. It lies in the page; what has z below 0 passes
 * behind it. It is there from one of the moves on.
 */
final readonly class Prop
{
    private function __construct(
        public string $kind,
        public int $from,
        public float $x,
        public float $y,
        public float $width,
        public float $height,
    ) {}

    /** The arbor from its end. @param float $radius of it */
    public static function arbor(int $from, float $x, float $y, float $radius): self
    {
        return new self('arbor', $from, $x - $radius, $y - $radius, 2 * $radius, 2 * $radius);
    }

    /** The eye of a hook: a ring in the page, with the shank on its left. @param float $radius outer radius */
    public static function eye(int $from, float $x, float $y, float $radius): self
    {
        return new self('eye', $from, $x - $radius, $y - $radius, 2 * $radius, 2 * $radius);
    }

    /** The arbor from the side, between its flanges. */
    public static function core(int $from, float $x, float $y, float $width, float $height): self
    {
        return new self('core', $from, $x, $y, $width, $height);
    }

    /** Tape over what lies on the arbor; in front of everything. */
    public static function tape(int $from, float $x, float $y, float $width, float $height): self
    {
        return new self('tape', $from, $x, $y, $width, $height);
    }

    /** @return array{kind: string, from: int, x: float, y: float, width: float, height: float} */
    public function sent(): array
    {
        return [
            'kind' => $this->kind,
            'from' => $this->from,
            'x' => $this->x,
            'y' => $this->y,
            'width' => $this->width,
            'height' => $this->height,
        ];
    }

    /** @param array{kind: string, from: int, x: float, y: float, width: float, height: float} $sent */
    public static function read(array $sent): self
    {
        return new self($sent['kind'], $sent['from'], $sent['x'], $sent['y'], $sent['width'], $sent['height']);
    }
}
