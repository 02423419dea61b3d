<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Move;
use Undro\Knot\Rope\Scene;

/** How one knot is tied, move by move. Source of the moves: handbook, chapter 4; the curves are our own. */
interface Tying
{
    /**
     * The moves in words, for so many turns.
     *
     * @return non-empty-list<Move>
     */
    public static function moves(int ...$turns): array;

    /** The same as curves in space, from a straight line to the knot as it stays. Takes seconds. */
    public static function scene(int ...$turns): Scene;
}
