<?php

declare(strict_types=1);

namespace Undro\Tests\Join;

use PHPUnit\Framework\TestCase;
use Undro\Join\BadJoin;
use Undro\Join\Cast;
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
use Undro\Units\Force;
use Undro\Units\Length;
use Undro\Units\Mass;
use Undro\Units\MassUnit;

final class JoinChoiceTest extends TestCase
{
    public function testEveryKnotOfAPlaceIsShownWithTheFittingOnesFirst(): void
    {
        foreach (Where::cases() as $where) {
            $fits = JoinChoice::ranked($where, self::pair(Material::Braid, 0.16, Material::Fluoro, 0.30));
            self::assertCount(match ($where) {
                Where::Arbor => 5, Where::Hook => 4, default => 6
            }, $fits);
            $seen = array_map(static fn(Fit $fit): bool => $fit->fits, $fits);
            $sorted = $seen;
            rsort($sorted);
            self::assertSame($sorted, $seen);
        }
    }

    public function testOverTwoToOneNoBloodAndTheDoubleUniIsACaution(): void
    {
        foreach ([Where::Buried, Where::Guides] as $where) {
            $below = self::byKnot(JoinChoice::ranked($where, self::pair(Material::Braid, 0.15, Material::Mono, 0.299)))['double_uni'];
            $above = self::byKnot(JoinChoice::ranked($where, self::pair(Material::Braid, 0.15, Material::Mono, 0.301)))['double_uni'];
            self::assertTrue($below->fits && $above->fits);
            self::assertSame([], $below->against);
            self::assertCount(1, $above->against);
            self::assertGreaterThan($above->score, $below->score);
        }
        self::assertFalse(
            self::byKnot(JoinChoice::ranked(Where::Guides, self::pair(Material::Mono, 0.20, Material::Mono, 0.45)))['blood']->fits,
        );
        self::assertTrue(
            self::byKnot(JoinChoice::ranked(Where::Guides, self::pair(Material::Mono, 0.28, Material::Fluoro, 0.30)))['blood']->fits,
        );
    }

    public function testAnAlbrightIsMadeForLinesOfWhichOneIsHalfAsThickAgain(): void
    {
        foreach ([Where::Buried, Where::Guides] as $where) {
            $near = self::byKnot(JoinChoice::ranked($where, self::pair(Material::Mono, 0.20, Material::Mono, 0.298)))['albright'];
            $unequal = self::byKnot(JoinChoice::ranked($where, self::pair(Material::Mono, 0.20, Material::Mono, 0.302)))['albright'];
            self::assertCount(count($near->for) + 1, $unequal->for);
            self::assertGreaterThan($near->score + 0.1, $unequal->score);
        }
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

    /** A clinch for what braid and thick line slip out of, a loop for what is stiff; what holds braid best comes first with it. */
    public function testAHookKnotIsChosenByItsLine(): void
    {
        $fits = static function (Material $material, float $mm): array {
            $line = Line::of($material, Diameter::millimetres($mm));

            return self::byKnot(JoinChoice::ranked(Where::Hook, new Pair($line, null)));
        };
        $braid = $fits(Material::Braid, 0.16);
        self::assertSame(['palomar', 'uni_hook'], array_keys(array_filter($braid, static fn(Fit $fit): bool => $fit->fits)));
        self::assertSame('palomar', array_key_first($braid));
        self::assertStringContainsString('slips', $braid['improved_clinch']->against[0]);
        self::assertSame('7 turns', $braid['uni_hook']->turns);
        foreach ([Material::Mono, Material::Fluoro] as $material) {
            self::assertTrue($fits($material, 0.40)['improved_clinch']->fits);
            self::assertFalse($fits($material, 0.41)['improved_clinch']->fits);
            self::assertSame('5 turns', $fits($material, 0.25)['non_slip_loop']->turns);
            self::assertSame('7 turns', $fits($material, 0.24)['non_slip_loop']->turns);
            self::assertSame('5 turns', $fits($material, 0.24)['uni_hook']->turns);
        }
        // with the low end counted, the untested knots of the handbook stand in this order
        self::assertSame([0.85, 0.85, 0.80, 0.75], array_map(
            static fn(string $knot): ?float => $fits(Material::Mono, 0.30)[$knot]->keeps[0] ?? null,
            ['palomar', 'non_slip_loop', 'uni_hook', 'improved_clinch'],
        ));
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

    public function testHeavyLeadThrownWithForceTurnsTheRuleRound(): void
    {
        $seat = static fn(float $leader, float $grams = 112.0, Cast $cast = Cast::Power, ?float $main = 80.0): LeaderSeat => LeaderSeat::of(
            Length::metres($leader),
            Length::metres(0.6),
            Length::metres(3.6),
            Mass::of($grams, MassUnit::Gram),
            $cast,
            Diameter::millimetres(65),
            $main === null ? null : Force::newtons($main),
        );
        $least = 0.6 + 3.6 + 5 * M_PI * 0.065;
        self::assertTrue($seat(1.0)->casting);
        self::assertTrue($seat(1.0, main: null)->casting, 'a main line nobody knows is taken as too weak');
        self::assertEqualsWithDelta($least, $seat(1.0)->least?->inMetres(), 1e-9);
        self::assertEqualsWithDelta(160 * 0.112 * 9.80665, $seat(1.0)->strength?->inNewtons(), 1e-9);
        self::assertFalse($seat($least - 0.01)->sound());
        self::assertTrue($seat($least + 0.01)->sound());
        self::assertSame(Seat::OnSpool, $seat($least + 0.01)->seat);
        foreach ([$seat(1.0, 59.9), $seat(1.0, cast: Cast::Gentle), $seat(1.0, main: 176.0)] as $ordinary) {
            self::assertFalse($ordinary->casting);
            self::assertTrue($ordinary->sound());
        }
        self::assertFalse($seat($least + 0.01, cast: Cast::Gentle)->sound(), 'a lure leader never lies on the spool');
        $this->expectException(BadJoin::class);
        LeaderSeat::of(Length::metres(6), Length::metres(0.6), Length::metres(3.6), Mass::of(100, MassUnit::Gram), Cast::Power);
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
