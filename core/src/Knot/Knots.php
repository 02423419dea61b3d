<?php

declare(strict_types=1);

namespace Undro\Knot;

use Undro\Knot\Rope\Scene;
use Undro\Knot\Tying\Alberto;
use Undro\Knot\Tying\Albright;
use Undro\Knot\Tying\ArborKnot;
use Undro\Knot\Tying\Blood;
use Undro\Knot\Tying\DoubleOverhand;
use Undro\Knot\Tying\DoubleUni;
use Undro\Knot\Tying\Fg;
use Undro\Knot\Tying\FigureEight;
use Undro\Knot\Tying\ImprovedClinch;
use Undro\Knot\Tying\NonSlipLoop;
use Undro\Knot\Tying\Palomar;
use Undro\Knot\Tying\Surgeons;
use Undro\Knot\Tying\TapedTag;
use Undro\Knot\Tying\Tying;
use Undro\Knot\Tying\Uni;
use Undro\Knot\Tying\UniAtHook;

/** How each knot is tied: its moves in words, its film, and the turns both show. */
final class Knots
{
    /**
     * The numbers of turns that a knot is shown with.
     *
     * @return non-empty-list<list<int>>
     */
    public static function shown(Knot $knot): array
    {
        return match ($knot) {
            Knot::DoubleUni => [[3, 3], [5, 5], [5, 7]],
            Knot::Alberto => [[3], [7]],
            Knot::UniAtHook, Knot::NonSlipLoop => [[5], [7]],
            default => [[]],
        };
    }

    /**
     * What its film is called.
     *
     * @param list<int> $turns
     */
    public static function film(Knot $knot, array $turns): string
    {
        return implode('-', [$knot->value, ...$turns]);
    }

    /**
     * @param list<int> $turns
     *
     * @return non-empty-list<Move>
     */
    public static function moves(Knot $knot, array $turns): array
    {
        return self::tying($knot)::moves(...$turns);
    }

    /** @param list<int> $turns */
    public static function scene(Knot $knot, array $turns): Scene
    {
        return self::tying($knot)::scene(...$turns);
    }

    /** @return class-string<Tying> */
    private static function tying(Knot $knot): string
    {
        return match ($knot) {
            Knot::Arbor => ArborKnot::class,
            Knot::DoubleOverhand => DoubleOverhand::class,
            Knot::Uni => Uni::class,
            Knot::FigureEight => FigureEight::class,
            Knot::TapedTag => TapedTag::class,
            Knot::DoubleUni => DoubleUni::class,
            Knot::Albright => Albright::class,
            Knot::Alberto => Alberto::class,
            Knot::Surgeons => Surgeons::class,
            Knot::Blood => Blood::class,
            Knot::Fg => Fg::class,
            Knot::Palomar => Palomar::class,
            Knot::ImprovedClinch => ImprovedClinch::class,
            Knot::UniAtHook => UniAtHook::class,
            Knot::NonSlipLoop => NonSlipLoop::class,
        };
    }
}
