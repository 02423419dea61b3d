<?php

declare(strict_types=1);

namespace Undro\Plan;

use Undro\Units\Length;

/** How long the main line is to be: as typed, all of a filler, a share of it, or as far as one casts and a fish runs. */
final class MainLength
{
    /** Source: handbook, chapter 1: longest cast x 2 plus a run. */
    private const CASTS = 2;

    /**
     * @param Length|null $typed
     * @param Length|null $onHand what is left on the filler
     * @param int         $parts  reels that share it
     *
     * @throws BadPlan naming what is missing
     */
    public static function of(LengthBy $by, ?Length $typed, ?Length $onHand, int $parts, ?Length $cast, ?Length $run): ?Length
    {
        return match ($by) {
            LengthBy::Typed => $typed,
            LengthBy::All => $onHand ?? throw BadPlan::noFiller(),
            LengthBy::Share => Length::metres(($onHand ?? throw BadPlan::noFiller())->inMetres() / max(1, $parts)),
            LengthBy::Reach => Length::metres(
                self::CASTS * ($cast ?? throw BadPlan::castNeeded())->inMetres() + ($run?->inMetres() ?? 0.0),
            ),
        };
    }
}
