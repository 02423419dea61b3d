<?php

declare(strict_types=1);

namespace Undro\Join;

use Undro\Units\Length;

/** Where the leader's join sits at the cast. Source: handbook, chapter 4. */
final readonly class LeaderSeat
{
    /** The join must stay this far from the spool, m. */
    private const FREE_M = 0.2;

    /** @param Length $fromTip from the tip towards the reel; below 0: outside the tip */
    private function __construct(public Seat $seat, public Length $fromTip, public Length $longest) {}

    /**
     * @param Length $leader its length
     * @param Length $drop   from the tip down to the lure at the cast
     * @param Length $path   from the tip along the rod to the spool
     *
     * @throws BadJoin
     */
    public static function of(Length $leader, Length $drop, Length $path): self
    {
        $path->inMetres() > self::FREE_M || throw BadJoin::noRod();
        $from = $leader->inMetres() - $drop->inMetres();
        $longest = $drop->inMetres() + $path->inMetres() - self::FREE_M;

        return new self(
            match (true) {
                $from <= 0 => Seat::OutsideTip,
                $leader->inMetres() < $longest => Seat::InGuides,
                default => Seat::OnSpool,
            },
            Length::metres($from),
            Length::metres($longest),
        );
    }
}
