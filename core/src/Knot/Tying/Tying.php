<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\TyingStep;

/** How one knot is tied, move by move. Source of the moves: handbook, chapter 4; the curves are our own. */
interface Tying
{
    /** @return non-empty-list<TyingStep> the last shows the knot as it stays */
    public static function steps(): array;
}
