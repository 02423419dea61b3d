<?php

declare(strict_types=1);

namespace Undro\Fill;

use Undro\Habit\FullMeans;
use Undro\Spool\LipShape;
use Undro\Spool\ReelKind;

/** The parts of the full level, in the order they are added. */
enum GapReasonId: string
{
    case Base = 'base';
    case Springy = 'springy';
    case ThinBraid = 'thin_braid';
    case PoorLay = 'poor_lay';
    case LongCast = 'long_cast';
    case Beginner = 'beginner';
    case Floor = 'floor';

    /** @return list<self> what is added to the base */
    public static function adjustments(): array
    {
        return array_values(array_filter(self::cases(), static fn(self $each): bool => $each !== self::Base));
    }

    /**
     * One line on screen: why this part is there.
     *
     * @param bool $mark the spool has a full mark of its own
     */
    public function why(ReelKind $reel, LipShape $lip, FullMeans $means = FullMeans::Rule, bool $mark = false): string
    {
        return match ($this) {
            self::Base => $mark ? 'the full mark on the spool' : ($means !== FullMeans::Rule ? 'your preference' : match ($reel) {
                ReelKind::Spinning => $lip === LipShape::Bevelled ? 'level with the lower edge of the bevel' : 'a straight or rounded lip',
                ReelKind::Baitcasting => 'a rotating spool needs room at the rim',
                ReelKind::Spincast => 'line must clear the nose cone',
            }),
            self::Springy => 'thick springy line jumps off a brimming spool',
            self::ThinBraid => 'very thin braid blows off in loops',
            self::PoorLay => 'unevenly laid line has high spots',
            self::LongCast => 'you cast for distance, and line leaves a fuller spool more easily',
            self::Beginner => 'room for loose coils while you are a beginner',
            self::Floor => 'never closer to the lip than this',
        };
    }
}
