<?php

declare(strict_types=1);

namespace Undro\Tests\Join;

use PHPUnit\Framework\TestCase;
use Undro\Join\BadJoin;
use Undro\Join\Fit;
use Undro\Join\Hands;
use Undro\Join\JoinChoice;
use Undro\Join\LeaderSeat;
use Undro\Join\Pair;
use Undro\Join\Seat;
use Undro\Knot\Knot;
use Undro\Knot\Where;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Units\Diameter;
use Undro\Units\Length;

final class JoinChoiceTest extends TestCase
{
    public function testEveryKnotOfAPlaceIsShownWithTheFittingOnesFirst(): void
    {
        foreach (Where::cases() as $where) {
            $fits = JoinChoice::ranked($where, self::pair(Material::Braid, 0.16, Material::Fluoro, 0.30));
            self::assertCount($where === Where::Arbor ? 5 : 6, $fits);
            $seen = array_map(static fn(Fit $fit): bool => $fit->fits, $fits);
            $sorted = $seen;
            rsort($sorted);
            self::assertSame($sorted, $seen);
        }
    }

    public function testOverTwoToOneNoUniAndNoBlood(): void
    {
        foreach ([[1.99, true], [2.01, false]] as [$ratio, $fits]) {
            $ranked = self::byKnot(JoinChoice::ranked(Where::Guides, self::pair(Material::Braid, 0.15, Material::Mono, 0.15 * $ratio)));
            self::assertSame($fits, $ranked['double_uni']->fits);
        }
        self::assertFalse(
            self::byKnot(JoinChoice::ranked(Where::Guides, self::pair(Material::Mono, 0.20, Material::Mono, 0.45)))['blood']->fits,
        );
        self::assertTrue(
            self::byKnot(JoinChoice::ranked(Where::Guides, self::pair(Material::Mono, 0.28, Material::Fluoro, 0.30)))['blood']->fits,
        );
    }

    public function testInTheGuidesTheFgIsFirstAndWithColdHandsItIsNot(): void
    {
        $pair = self::pair(Material::Braid, 0.16, Material::Fluoro, 0.30);
        self::assertSame(Knot::Fg, JoinChoice::ranked(Where::Guides, $pair)[0]->knot);
        self::assertNotSame(Knot::Fg, JoinChoice::ranked(Where::Guides, $pair, [Hands::Cold, Hands::Boat])[0]->knot);
        self::assertNotSame(Knot::Fg, JoinChoice::ranked(Where::Buried, $pair)[0]->knot, 'buried it is not worth its time');
    }

    public function testOwnPullTestsReplaceTheRange(): void
    {
        $pair = self::pair(Material::Braid, 0.16, Material::Fluoro, 0.30);
        $fit = self::byKnot(JoinChoice::ranked(Where::Guides, $pair, tested: ['double_uni' => 0.97]))['double_uni'];
        self::assertSame([0.97, 0.97], $fit->keeps);
        self::assertTrue($fit->tested);
        $this->expectException(BadJoin::class);
        JoinChoice::ranked(Where::Guides, $pair, tested: ['double_uni' => 85.0]);
    }

    public function testAtABareArborBraidTakesWhatBites(): void
    {
        $braid = new Pair(Line::of(Material::Braid, Diameter::millimetres(0.16)));
        self::assertSame(Knot::FigureEight, JoinChoice::ranked(Where::Arbor, $braid)[0]->knot);
        self::assertFalse(self::byKnot(JoinChoice::ranked(Where::Arbor, $braid))['double_overhand']->fits);
        self::assertTrue(self::byKnot(JoinChoice::ranked(Where::Arbor, $braid, grips: true))['double_overhand']->fits);
        self::assertSame(
            Knot::Uni,
            JoinChoice::ranked(Where::Arbor, new Pair(Line::of(Material::Mono, Diameter::millimetres(0.3))), [Hands::Cramped])[0]->knot,
        );
    }

    public function testALineToLineJoinNeedsTwo(): void
    {
        $this->expectException(BadJoin::class);
        JoinChoice::ranked(Where::Buried, new Pair(Line::of(Material::Mono, Diameter::millimetres(0.3))));
    }

    public function testWhereTheLeaderJoinSits(): void
    {
        $seat = static fn(float $leader): LeaderSeat => LeaderSeat::of(Length::metres($leader), Length::metres(0.5), Length::metres(2.2));
        self::assertSame(Seat::OutsideTip, $seat(0.5)->seat);
        self::assertSame(Seat::InGuides, $seat(0.51)->seat);
        self::assertSame(Seat::InGuides, $seat(2.49)->seat);
        self::assertSame(Seat::OnSpool, $seat(2.5)->seat);
        self::assertEqualsWithDelta(2.5, $seat(3.0)->longest->inMetres(), 1e-9);
        self::assertEqualsWithDelta(1.0, $seat(1.5)->fromTip->inMetres(), 1e-9);
    }

    private static function pair(Material $one, float $thin, Material $other, float $thick): Pair
    {
        return new Pair(Line::of($one, Diameter::millimetres($thin)), Line::of($other, Diameter::millimetres($thick)));
    }

    /**
     * @param list<Fit> $fits
     *
     * @return array<string, Fit>
     */
    private static function byKnot(array $fits): array
    {
        return array_combine(array_map(static fn(Fit $fit): string => $fit->knot->value, $fits), $fits);
    }
}
