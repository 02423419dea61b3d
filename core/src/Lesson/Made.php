<?php

declare(strict_types=1);

namespace Undro\Lesson;

use Undro\Line\Lay;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Spool\LipShape;
use Undro\Spool\Measures;
use Undro\Spool\ReelKind;
use Undro\Spool\Spool;
use Undro\Spool\Tolerance;
use Undro\Statistics\RandomSource;
use Undro\Units\Diameter;
use Undro\Units\Length;

/** Made-up things that lessons are played with. Their sizes are usual ones. */
final class Made
{
    /** What line is usually wound: material and mm. */
    private const LINES = [['mono', 0.25], ['mono', 0.35], ['fluoro', 0.28], ['braid', 0.10], ['braid', 0.18], ['mono', 0.22]];

    /** Wraps in a handle turn. */
    public const GEAR_RATIO = 5.0;
    /** How full is full on a spool with a straight lip, mm. */
    public const GAP_MM = 1.75;
    /** So many places are read. */
    public const READINGS = 3;

    /** A spool measured by calipers, of a size that is usual for its kind. */
    public static function spool(ReelKind $kind, RandomSource $chance): Spool
    {
        [$lip, $arbor, $traverse] = match ($kind) {
            ReelKind::Spinning => [46.0, 30.0, 16.0],
            ReelKind::Baitcasting => [34.0, 17.0, 22.0],
            ReelKind::Spincast => [40.0, 25.0, 11.0],
        };
        $size = 0.9 + 0.2 * $chance->uniform();

        return Spool::of(new Measures(
            Diameter::millimetres(round($lip * $size, 1)),
            Diameter::millimetres(round($arbor * $size, 1)),
            null,
            Length::millimetres(round($traverse * $size, 1)),
        ), [], Lay::Normal, $kind->ratedGap());
    }

    public static function line(RandomSource $chance): Line
    {
        [$material, $diameter] = self::LINES[self::oneOf(count(self::LINES), $chance)];

        return Line::of(Material::from($material), Diameter::millimetres($diameter));
    }

    public static function kind(RandomSource $chance): ReelKind
    {
        return [ReelKind::Spinning, ReelKind::Spinning, ReelKind::Baitcasting, ReelKind::Spincast][self::oneOf(4, $chance)];
    }

    /**
     * A lip of a spool of this kind, and how deep its bevel is.
     *
     * @return array{LipShape, Length|null}
     */
    public static function lip(ReelKind $kind, RandomSource $chance): array
    {
        $shape = $kind === ReelKind::Spinning ? LipShape::cases()[self::oneOf(3, $chance)] : LipShape::Straight;

        return [$shape, $shape === LipShape::Bevelled ? Length::millimetres(1.0 + 0.5 * self::oneOf(4, $chance)) : null];
    }

    /** A number from 0 to one less than so many. */
    public static function oneOf(int $many, RandomSource $chance): int
    {
        return (int) floor($many * $chance->uniform());
    }

    /** What calipers read of a depth, to a tenth of a mm, at the move of this number. */
    public static function reading(int $seed, int $number, float $mm): float
    {
        return max(0.0, round($mm + Tolerance::DEPTH_READING_MM * self::error($seed, $number), 1));
    }

    /** The error of the move of this number, of sd 1 and never over two of them. */
    public static function error(int $seed, int $number): float
    {
        return max(-2.0, min(2.0, (new RandomSource($seed * 6151 + $number))->normal()));
    }
}
