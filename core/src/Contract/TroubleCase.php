<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Json\SpoolInput;
use Undro\Json\Written;
use Undro\Line\Lay;
use Undro\Spool\ReelKind;
use Undro\Trouble\Known;
use Undro\Trouble\Sign;
use Undro\Trouble\Trouble;
use Undro\Twist\Feed;
use Undro\Twist\Slack;
use Undro\Upkeep\Finding;

/** "trouble": what is seen to go wrong, where it comes from by what is known of the spool, and what to do. */
final class TroubleCase implements Calculator
{
    /**
     * Without `seen`, only the signs that such a reel can show.
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $seen = $in->optionalChoice('seen', Sign::class);
        $known = $in->has('known') ? self::known($in->object('known')) : new Known();

        $signs = array_values(array_filter(Sign::cases(), static fn(Sign $sign): bool => $sign->isSeenOn($known->reel)));

        return [
            'signs' => array_map(static fn(Sign $sign): array => ['id' => $sign->value, 'words' => $sign->words()], $signs),
            'at_once' => $seen?->atOnce(),
            'causes' => $seen === null ? [] : array_map(static fn(Trouble $each): array => [
                'id' => $each->cause->value,
                'words' => $each->cause->words(),
                'do' => $each->cause->remedy($known->reel, $known->main?->material),
                'speaks' => $each->speaks,
                'because' => $each->because === null ? null : Written::sentence($each->because),
                'action' => ['id' => $each->cause->action()->value, 'words' => $each->cause->action()->words()],
            ], Trouble::of($seen, $known)),
        ];
    }

    private static function known(Input $in): Known
    {
        $flag = static fn(string $key): ?bool => $in->has($key) ? $in->boolean($key) : null;
        $backing = $in->has('backing') ? $in->object('backing') : null;

        return new Known(
            $in->optionalChoice('reel', ReelKind::class),
            $in->has('main') ? SpoolInput::line($in->object('main')) : null,
            $backing === null ? null : SpoolInput::line($backing),
            $backing?->optionalMetres('length_m', ...Bounds::LENGTH_M),
            $in->boolean('grips'),
            $in->optionalChoice('lay', Lay::class),
            $in->optionalMillimetres('level_mm', ...Bounds::GAP_MM),
            $in->optionalMillimetres('wanted_mm', ...Bounds::GAP_MM),
            $flag('matched'),
            $in->optionalChoice('feed', Feed::class),
            $in->optionalChoice('slack', Slack::class),
            $flag('sticky'),
            $in->optionalNumber('worn', 0, 100),
            $in->optionalChoice('found', Finding::class),
            $flag('rises'),
            $flag('low'),
            $flag('at_bench'),
        );
    }
}
