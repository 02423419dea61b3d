<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Fill\FullLevel;
use Undro\Fill\GapReason;
use Undro\Fill\GapReasonId;
use Undro\Habit\FullMeans;
use Undro\Input\Input;
use Undro\Json\SpoolInput;
use Undro\Line\Lay;
use Undro\Spool\LipShape;
use Undro\Spool\ReelKind;

/** "full_level": how far under the lip a full spool ends. */
final class FullLevelCase implements Calculator
{
    /**
     * Question and answer: handbook, chapter 7, "full_level".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $reel = $in->choice('reel', ReelKind::class);
        $lip = $in->choice('lip', LipShape::class);
        $level = FullLevel::of(
            $reel,
            $lip,
            $in->optionalMillimetres('bevel_depth_mm', 0, 30),
            SpoolInput::line($in),
            $in->choice('lay', Lay::class, Lay::Normal),
            $in->boolean('long_cast'),
            $in->boolean('beginner'),
            $in->choices('off', GapReasonId::class),
            $means = $in->choice('means', FullMeans::class, FullMeans::Rule),
            $mark = $in->optionalMillimetres('full_mark_mm', 0, 30),
        );

        return self::result($level, $reel, $lip, $means, $mark !== null);
    }

    /** @return array<string, mixed> */
    public static function result(FullLevel $level, ReelKind $reel, LipShape $lip, FullMeans $means, bool $mark): array
    {
        return [
            'gap_mm' => $level->gap->inMillimetres(),
            'reasons' => array_map(static fn(GapReason $reason): array => [
                'id' => $reason->id->value,
                'mm' => $reason->amount->inMillimetres(),
                'why' => $reason->id->why($reel, $lip, $means, $mark),
            ], $level->reasons),
        ];
    }
}
