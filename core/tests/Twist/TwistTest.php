<?php

declare(strict_types=1);

namespace Undro\Tests\Twist;

use PHPUnit\Framework\TestCase;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Spool\ReelKind;
use Undro\Twist\BadWinding;
use Undro\Twist\Feed;
use Undro\Twist\Sense;
use Undro\Twist\Twist;
use Undro\Units\Diameter;

final class TwistTest extends TestCase
{
    public function testSignsForEveryReelFeedAndSense(): void
    {
        foreach (ReelKind::cases() as $reel) {
            foreach (Feed::cases() as $feed) {
                foreach ([[Sense::Clockwise, Sense::Clockwise], [Sense::Clockwise, Sense::CounterClockwise]] as [$filler, $rotor]) {
                    $twist = self::twist($reel, $feed, $filler, $rotor);
                    $filling = 1000 / (M_PI * 60);
                    $wrapping = 1000 / (M_PI * 40);
                    $matched = !$reel->hasFixedSpool() || $filler === $rotor ? 1 : -1;
                    $water = $feed === Feed::OverEnd ? $matched * $filling : 0.0;
                    self::assertEqualsWithDelta($water, $twist->water, 1e-9);
                    self::assertEqualsWithDelta($reel->hasFixedSpool() ? $water - $wrapping : $water, $twist->winding, 1e-9);
                }
            }
        }
    }

    public function testBothSensesTurnedOverAreTheSame(): void
    {
        self::assertEquals(
            self::twist(ReelKind::Spinning, Feed::OverEnd, Sense::Clockwise, Sense::Clockwise),
            self::twist(ReelKind::Spinning, Feed::OverEnd, Sense::CounterClockwise, Sense::CounterClockwise),
        );
    }

    public function testMatchedEqualDiametersWindWithoutTwistAndNeverLoop(): void
    {
        $twist = Twist::of(
            ReelKind::Spinning,
            Feed::OverEnd,
            Sense::Clockwise,
            Sense::Clockwise,
            Diameter::millimetres(45),
            Diameter::millimetres(45),
            Line::of(Material::Fluoro, Diameter::millimetres(0.4)),
        );
        self::assertEqualsWithDelta(0, $twist->winding, 1e-12);
        self::assertFalse($twist->loopsInSlack());
    }

    public function testBraidHasNoLoopFigure(): void
    {
        $twist = Twist::of(
            ReelKind::Spinning,
            Feed::Rotating,
            null,
            null,
            Diameter::millimetres(60),
            Diameter::millimetres(45),
            Line::of(Material::Braid, Diameter::millimetres(0.2)),
        );
        self::assertNull($twist->loopsInSlack());
    }

    public function testTheSenseIsNeededWhereItMatters(): void
    {
        $this->expectException(BadWinding::class);
        $this->expectExceptionMessage('Which way does the rotor turn');
        self::twist(ReelKind::Spincast, Feed::OverEnd, Sense::Clockwise, null);
    }

    private static function twist(ReelKind $reel, Feed $feed, ?Sense $filler, ?Sense $rotor): Twist
    {
        return Twist::of($reel, $feed, $filler, $rotor, Diameter::millimetres(60), Diameter::millimetres(40));
    }
}
