<?php

declare(strict_types=1);

namespace Undro\Join;

use Undro\DomainFault;
use Undro\Knot\Knot;

/** A join that cannot be asked for. */
final class BadJoin extends DomainFault
{
    /** Names “other”. */
    public static function needsTwo(): self
    {
        return new self('other', 'A joining knot needs both lines.');
    }

    /** Names “tested.$knot”. */
    public static function shareOutside(string $knot, float $share): self
    {
        return new self(
            "tested.$knot",
            sprintf('A knot keeps between 0 and 1 of the line’s strength (0.85 for 85 %%). %.2F is impossible.', $share),
        );
    }

    /** Names “knot”. */
    public static function noKnot(string $knot): self
    {
        return new self('knot', "There is no knot '$knot'.");
    }

    /** Names “path_m”. */
    public static function noRod(): self
    {
        return new self('path_m', 'The distance from rod tip to spool must be above 0.2 m. It is about the length of the rod.');
    }

    /** Names “strength”. */
    public static function noStrength(): self
    {
        return new self('strength', 'Type the leader’s strength as printed, such as 6 kg or 15 lb.');
    }

    /** Names “knot”. */
    public static function joinsNothing(Knot $knot, string $field = 'knot'): self
    {
        $ties = $knot->toHook() ? 'ties a line to a hook' : 'ties a line to an arbor';

        return new self($field, "The {$knot->word()} {$ties}. Choose one that joins two lines.");
    }

    /** Names the field given. */
    public static function notAtHook(Knot $knot, string $field): self
    {
        return new self($field, "The {$knot->word()} is not a hook knot. Choose one that ties a line to a hook, such as the Palomar.");
    }

    /** Names “leader”. */
    public static function cannotBeThrown(LeaderSeat $seat): self
    {
        return new self('leader', $seat->says()->text());
    }

    /** Names “spool_diameter_mm”. */
    public static function noSpool(): self
    {
        return new self(
            'spool_diameter_mm',
            'With a sinker this heavy, turns of leader must be on the spool. Type the spool diameter over the line, such as 65 mm.',
        );
    }
}
