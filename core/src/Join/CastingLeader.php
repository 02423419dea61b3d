<?php

declare(strict_types=1);

namespace Undro\Join;

use Undro\Units\Diameter;
use Undro\Units\Force;
use Undro\Units\ForceUnit;
use Undro\Units\Length;
use Undro\Units\Mass;

/**
 * A casting (shock) leader: it takes the cast, so it reaches from the lead through the guides and lies with turns on the spool.
 * Source: handbook, chapter 4.
 */
final class CastingLeader
{
    /** Lead from here on, thrown with force, breaks a line that is not made for it. */
    public const HEAVY_G = 60.0;
    /** Ten pounds of strength for each ounce of lead. */
    private const PER_LEAD = 160.0;
    /** So many turns lie on the spool at the least; it is cut with eight and tied again until five are left. */
    public const TURNS = 5;
    public const TURNS_CUT = 8;

    /** What it has to bear. */
    public static function strength(Mass $lead): Force
    {
        return Force::newtons(self::PER_LEAD * $lead->inGrams() / 1000 * ForceUnit::STANDARD_GRAVITY);
    }

    /** @param Force|null $main null: not known, and taken as too weak */
    public static function needed(?Mass $lead, Cast $cast, ?Force $main): bool
    {
        return $lead !== null && $cast === Cast::Power && $lead->inGrams() >= self::HEAVY_G
            && ($main === null || $main->inNewtons() < self::strength($lead)->inNewtons());
    }

    /** From the lead through the guides on to the spool, with so many turns of it. */
    public static function length(Length $drop, Length $path, Diameter $spool, int $turns): Length
    {
        return Length::metres($drop->inMetres() + $path->inMetres() + $turns * M_PI * $spool->inMillimetres() / 1000);
    }
}
