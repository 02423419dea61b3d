<?php

declare(strict_types=1);

namespace Undro\Line;

use Undro\Units\Diameter;

/**
 * How much thicker a backing is than the main line over it, and how much thicker it may be: thin line sinks between thick coils.
 * Source: handbook, chapter 1, backing thickness.
 */
final readonly class Under
{
    private const NYLON = 1.25;
    private const THICKISH_BRAID = 1.5;
    private const BRAID = 2.2;

    /**
     * @param float $ratio   diameter of the backing over that of the main line
     * @param float $mention above it a word is worth while
     * @param float $most    above it casts suffer, and line can snap off
     */
    private function __construct(public float $ratio, public float $mention, public float $most) {}

    public static function of(Line $backing, Line $main): self
    {
        return new self(
            $backing->diameter->inMillimetres() / $main->diameter->inMillimetres(),
            $main->material === Material::Braid ? self::THICKISH_BRAID : self::NYLON,
            self::most($main),
        );
    }

    /** The thickest backing that suits a main line. */
    public static function thickest(Line $main): Diameter
    {
        return Diameter::millimetres(self::most($main) * $main->diameter->inMillimetres());
    }

    private static function most(Line $main): float
    {
        return $main->material === Material::Braid ? self::BRAID : self::NYLON;
    }

    public function tooThick(): bool
    {
        return $this->ratio > $this->most;
    }

    public function thickish(): bool
    {
        return $this->ratio > $this->mention;
    }
}
