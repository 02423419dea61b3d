<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Input;
use Undro\Join\LeaderSeat;

/** "leader": where a leader's join sits at the cast, and the longest leader that works. */
final class LeaderCase implements Calculator
{
    /**
     * Question and answer: handbook, chapter 7, "leader".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $leader = $in->metres('leader_m', 0, 100);
        $drop = $in->metres('drop_m', 0, 20, 0.6);
        $path = $in->metres('path_m', 0, 20);
        $seat = $in->make(static fn(): LeaderSeat => LeaderSeat::of($leader, $drop, $path));

        return [
            'seat' => $seat->seat->value,
            'words' => $seat->seat->words(),
            'from_tip_m' => $seat->fromTip->inMetres(),
            'longest_m' => $seat->longest->inMetres(),
            'leader_m' => $leader->inMetres(),
            'drop_m' => $drop->inMetres(),
            'path_m' => $path->inMetres(),
        ];
    }
}
