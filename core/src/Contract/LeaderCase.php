<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Join\Cast;
use Undro\Join\LeaderSeat;
use Undro\Json\Written;
use Undro\Units\MassUnit;

/** "leader": where a leader's join sits at the cast, the longest leader that works, and the casting leader that heavy lead asks for. */
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
        $lead = ChooseCase::mass($in, 'lead_g', MassUnit::Gram);
        $seat = $in->make(static fn(): LeaderSeat => LeaderSeat::of(
            $leader,
            $drop,
            $path,
            $lead,
            $in->choice('cast', Cast::class, Cast::Gentle),
            $in->optionalDiameter('spool_diameter_mm', ...Bounds::SPOOL_MM),
            $in->optionalForce('main_N', ...Bounds::FORCE_N),
        ));

        return [
            'seat' => $seat->seat->value,
            'sound' => $seat->sound(),
            'says' => Written::sentence($seat->says()),
            'from_tip_m' => $seat->fromTip->inMetres(),
            'longest_m' => $seat->longest->inMetres(),
            'casting' => $seat->casting,
            'strength_N' => $seat->strength?->inNewtons(),
            'least_length_m' => $seat->least?->inMetres(),
            'cut_length_m' => $seat->cut?->inMetres(),
            'turns_on_spool' => $seat->turns,
            'leader_m' => $leader->inMetres(),
            'drop_m' => $drop->inMetres(),
            'path_m' => $path->inMetres(),
        ];
    }
}
