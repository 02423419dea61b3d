<?php

declare(strict_types=1);

namespace Undro\Knot;

use Undro\Knot\Tying\Alberto;
use Undro\Knot\Tying\Albright;
use Undro\Knot\Tying\ArborKnot;
use Undro\Knot\Tying\Blood;
use Undro\Knot\Tying\DoubleOverhand;
use Undro\Knot\Tying\DoubleUni;
use Undro\Knot\Tying\Fg;
use Undro\Knot\Tying\FigureEight;
use Undro\Knot\Tying\Surgeons;
use Undro\Knot\Tying\TapedTag;
use Undro\Knot\Tying\Uni;

/** Where each knot's drawings are. */
final class Knots
{
    /** @return non-empty-list<TyingStep> */
    public static function steps(Knot $knot): array
    {
        return match ($knot) {
            Knot::Arbor => ArborKnot::steps(),
            Knot::DoubleOverhand => DoubleOverhand::steps(),
            Knot::Uni => Uni::steps(),
            Knot::FigureEight => FigureEight::steps(),
            Knot::TapedTag => TapedTag::steps(),
            Knot::DoubleUni => DoubleUni::steps(),
            Knot::Albright => Albright::steps(),
            Knot::Alberto => Alberto::steps(),
            Knot::Surgeons => Surgeons::steps(),
            Knot::Blood => Blood::steps(),
            Knot::Fg => Fg::steps(),
        };
    }
}
