<?php

declare(strict_types=1);

namespace Undro\Tests\Fill;

use PHPUnit\Framework\TestCase;
use Undro\Fill\FullLevel;
use Undro\Fill\GapReason;
use Undro\Fill\GapReasonId;
use Undro\Line\Lay;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Spool\LipShape;
use Undro\Spool\ReelKind;
use Undro\Units\Diameter;
use Undro\Units\Length;

final class FullLevelTest extends TestCase
{
    public function testReasonsAlwaysAddUpToTheGapWhateverIsSwitchedOff(): void
    {
        foreach (ReelKind::cases() as $reel) {
            foreach (LipShape::cases() as $lip) {
                foreach ([[], ...array_map(static fn(GapReasonId $id): array => [$id], GapReasonId::cases())] as $off) {
                    foreach ([0.08, 0.40] as $diameter) {
                        $level = FullLevel::of(
                            $reel,
                            $lip,
                            null,
                            Line::of(Material::Braid, Diameter::millimetres($diameter)),
                            Lay::Coarse,
                            true,
                            true,
                            $off,
                        );
                        $sum = array_sum(
                            array_map(static fn(GapReason $reason): float => $reason->amount->inMillimetres(), $level->reasons),
                        );
                        self::assertEqualsWithDelta($sum, $level->gap->inMillimetres(), 1e-12);
                        self::assertSame(GapReasonId::Base, $level->reasons[0]->id);
                    }
                }
            }
        }
    }

    public function testAShallowBevelIsLiftedToTheFloorUnlessThatIsOff(): void
    {
        $line = Line::of(Material::Braid, Diameter::millimetres(0.2));
        $gap = static fn(GapReasonId ...$off): float => FullLevel::of(
            ReelKind::Spinning,
            LipShape::Bevelled,
            Length::millimetres(0.6),
            $line,
            Lay::Even,
            true,
            false,
            array_values($off),
        )->gap->inMillimetres();
        self::assertEqualsWithDelta(0.75, $gap(), 1e-12);
        self::assertEqualsWithDelta(-0.15, $gap(GapReasonId::Floor), 1e-12);
        self::assertEqualsWithDelta(0.75, $gap(GapReasonId::LongCast), 1e-12);
    }

    public function testAKnownBevelCountsOnABaitcasterAndNotOnASpincaster(): void
    {
        $line = Line::of(Material::Mono, Diameter::millimetres(0.3));
        $gap = static fn(ReelKind $reel, LipShape $lip): float => FullLevel::of(
            $reel,
            $lip,
            Length::millimetres(2),
            $line,
            Lay::Normal,
            false,
            false,
        )->gap->inMillimetres();
        self::assertSame(2.5, $gap(ReelKind::Baitcasting, LipShape::Bevelled));
        self::assertSame(3.0, $gap(ReelKind::Baitcasting, LipShape::Straight));
        self::assertSame(3.0, $gap(ReelKind::Spincast, LipShape::Bevelled));
    }
}
