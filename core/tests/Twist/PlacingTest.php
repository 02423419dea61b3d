<?php

declare(strict_types=1);

namespace Undro\Tests\Twist;

use PHPUnit\Framework\TestCase;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Spool\ReelKind;
use Undro\Twist\BadWinding;
use Undro\Twist\Feed;
use Undro\Twist\Lab;
use Undro\Twist\Placing;
use Undro\Twist\PlacingId;
use Undro\Twist\Sense;
use Undro\Twist\Slack;
use Undro\Twist\SlackMove;
use Undro\Twist\SlackTest;
use Undro\Twist\Twist;
use Undro\Units\Diameter;
use Undro\Units\Length;

final class PlacingTest extends TestCase
{
    /** Three reels, two feeds, two senses of the filler: the twelve, worked out here from the turns of coils alone. */
    public function testSignsOfTheTwelveCombinations(): void
    {
        $coil = 1000 / (M_PI * 60);
        $wrap = 1000 / (M_PI * 40);
        $expected = [
            'spinning over_end cw' => [$coil - $wrap, $coil],
            'spinning over_end ccw' => [-$coil - $wrap, -$coil],
            'spinning rotating cw' => [-$wrap, 0.0],
            'spinning rotating ccw' => [-$wrap, 0.0],
            'spincast over_end cw' => [$coil - $wrap, $coil],
            'spincast over_end ccw' => [-$coil - $wrap, -$coil],
            'spincast rotating cw' => [-$wrap, 0.0],
            'spincast rotating ccw' => [-$wrap, 0.0],
            'baitcasting over_end cw' => [$coil, $coil],
            'baitcasting over_end ccw' => [$coil, $coil],
            'baitcasting rotating cw' => [0.0, 0.0],
            'baitcasting rotating ccw' => [0.0, 0.0],
        ];
        foreach ($expected as $case => [$winding, $water]) {
            [$reel, $feed, $filler] = explode(' ', $case);
            $twist = Twist::of(
                ReelKind::from($reel),
                Feed::from($feed),
                Sense::from($filler),
                Sense::Clockwise,
                Diameter::millimetres(60),
                Diameter::millimetres(40),
            );
            self::assertEqualsWithDelta($winding, $twist->winding, 1e-9, "$case, winding");
            self::assertEqualsWithDelta($water, $twist->water, 1e-9, "$case, water");
        }
    }

    public function testEveryWayOfAFixedSpoolAndWhichAreSound(): void
    {
        $ways = self::ways(ReelKind::Spinning, Sense::Clockwise);
        self::assertSame(
            [PlacingId::Matched, PlacingId::Axle, PlacingId::Opposed],
            array_map(static fn(Placing $way): PlacingId => $way->id, $ways),
        );
        self::assertSame(Sense::Clockwise, $ways[0]->filler);
        self::assertSame(Sense::CounterClockwise, $ways[2]->filler);
        self::assertLessThan(abs($ways[1]->windingTurns), abs($ways[0]->windingTurns), 'matched is calmer on the reel');
        self::assertEqualsWithDelta(0, $ways[1]->waterTurns, 1e-9, 'an axle leaves nothing in the water');
        self::assertGreaterThan(abs($ways[1]->windingTurns), abs($ways[2]->windingTurns), 'opposed adds');
    }

    public function testABaitcasterTakesAnAxle(): void
    {
        $ways = self::ways(ReelKind::Baitcasting, null);
        self::assertSame(PlacingId::Axle, $ways[0]->id);
        self::assertEqualsWithDelta(0, $ways[0]->windingTurns, 1e-9);
        self::assertFalse($ways[1]->id->sound());
    }

    public function testTheWholeLineIsTheSumOfItsMetres(): void
    {
        $way = self::ways(ReelKind::Spinning, Sense::Clockwise)[0];
        $sum = 0.0;
        for ($metre = 0; $metre < 200; ++$metre) {
            $share = ($metre + 0.5) / 200;
            $filler = sqrt(80 ** 2 - $share * (80 ** 2 - 60 ** 2));
            $spool = sqrt(32 ** 2 + $share * (46 ** 2 - 32 ** 2));
            $sum += 1000 / (M_PI * $filler) - 1000 / (M_PI * $spool);
        }
        self::assertEqualsWithDelta($sum, $way->windingTurns, 0.001 * abs($sum));
    }

    public function testAFillerDoesNotGrow(): void
    {
        $this->expectException(BadWinding::class);
        Placing::all(
            ReelKind::Spinning,
            null,
            Diameter::millimetres(60),
            Diameter::millimetres(80),
            Diameter::millimetres(30),
            Diameter::millimetres(40),
            Length::metres(100),
            self::line(),
        );
    }

    public function testWhatWasLookedAtAndWhatTheModelPredictsDecideTheSlackTest(): void
    {
        $loops = Slack::Loops;
        self::assertSame(SlackMove::Test, SlackTest::next([])->move);
        foreach ([null, true, false] as $matched) {
            self::assertSame(SlackMove::CarryOn, SlackTest::next([$loops, Slack::Straight], $matched)->move);
        }
        self::assertSame(SlackMove::Look, SlackTest::next([$loops])->move, 'nobody has looked yet');
        self::assertSame(SlackMove::TurnOver, SlackTest::next([$loops], false)->move);
        self::assertSame(SlackMove::Expected, SlackTest::next([$loops], true, true)->move);
        self::assertSame(SlackMove::SoakOrAxle, SlackTest::next([$loops], true, false)->move, 'memory');
        self::assertSame(SlackMove::SoakOrAxle, SlackTest::next([$loops, $loops, $loops])->move, 'turned twice and still looping');
        self::assertSame(SlackMove::Axle, SlackTest::next([$loops], true, null, true)->move, 'soaking does nothing for braid');
        self::assertNotSame(SlackMove::TurnOver, SlackTest::next([$loops], false, null, false, Feed::Rotating)->move);
    }

    public function testTurningOverWhatAlreadyTurnsTheSameWayIsNeverAdvisedSinceItWouldAddTheTwists(): void
    {
        foreach ([true, false, null] as $predicted) {
            foreach ([false, true] as $braid) {
                for ($times = 1; $times <= 4; ++$times) {
                    $move = SlackTest::next(array_fill(0, $times, Slack::Loops), true, $predicted, $braid)->move;
                    self::assertNotContains($move, [SlackMove::TurnOver, SlackMove::Look]);
                    self::assertStringNotContainsString('Turn the filler over', $move->words());
                }
            }
        }
        $twist = static fn(Sense $filler): float => abs(Twist::of(
            ReelKind::Spinning,
            Feed::OverEnd,
            $filler,
            Sense::Clockwise,
            Diameter::millimetres(75),
            Diameter::millimetres(40),
            self::line(),
        )->winding);
        self::assertGreaterThan($twist(Sense::Clockwise), $twist(Sense::CounterClockwise));
    }

    public function testInTheLabASlippingDragTwistsAndTrailingTakesItOut(): void
    {
        $wound = Twist::of(
            ReelKind::Spinning,
            Feed::Rotating,
            null,
            null,
            Diameter::millimetres(60),
            Diameter::millimetres(45),
            self::line(),
        );
        $calm = Lab::of($wound, self::line(), 0, 5.0, Length::metres(30), false, true);
        self::assertEqualsWithDelta(0, $calm->out, 1e-12);
        $slipped = Lab::of($wound, self::line(), 60, 5.0, Length::metres(30), false, true);
        self::assertEqualsWithDelta(-10, $slipped->out, 1e-9, '60 turns x 5 over 30 m');
        self::assertGreaterThan(0, $slipped->loops);
        self::assertEqualsWithDelta(0, Lab::of($wound, self::line(), 60, 5.0, Length::metres(30), true, true)->out, 1e-12);
    }

    public function testLoopsBeginWhereTheSlackTestSaysTheyDo(): void
    {
        foreach ([Material::Mono, Material::Hybrid, Material::Fluoro] as $material) {
            foreach ([0.15, 0.25, 0.40] as $diameter) {
                $line = Line::of($material, Diameter::millimetres($diameter));
                $allowed = Lab::allowed($line) ?? self::fail('elastic');
                foreach ([[0.98, false], [1.02, true]] as [$times, $loops]) {
                    $spool = Diameter::millimetres(1000 / (M_PI * $allowed * $times));
                    self::assertSame(
                        $loops,
                        Twist::of(ReelKind::Spinning, Feed::Rotating, null, null, Diameter::millimetres(60), $spool, $line)->loopsInSlack(),
                    );
                }
            }
        }
        self::assertNull(Lab::allowed(Line::of(Material::Braid, Diameter::millimetres(0.2))));
    }

    /** @return list<Placing> */
    private static function ways(ReelKind $reel, ?Sense $rotor): array
    {
        return Placing::all(
            $reel,
            $rotor,
            Diameter::millimetres(80),
            Diameter::millimetres(60),
            Diameter::millimetres(32),
            Diameter::millimetres(46),
            Length::metres(200),
            self::line(),
        );
    }

    private static function line(): Line
    {
        return Line::of(Material::Mono, Diameter::millimetres(0.30));
    }
}
