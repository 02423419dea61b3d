<?php

declare(strict_types=1);

namespace Undro\Tests\Run;

use PHPUnit\Framework\TestCase;
use Undro\Fill\Layer;
use Undro\Fill\Role;
use Undro\Ledger\How;
use Undro\Line\Lay;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Run\BadRun;
use Undro\Run\Ending;
use Undro\Run\Progress;
use Undro\Run\Reading;
use Undro\Run\Said;
use Undro\Run\Stop;
use Undro\Run\Stretch;
use Undro\Spool\Arbor;
use Undro\Spool\Measures;
use Undro\Spool\Spool;
use Undro\Units\Diameter;
use Undro\Units\Length;

final class ProgressTest extends TestCase
{
    public function testAtTheStartThePlanStandsAsItWas(): void
    {
        $at = self::at([]);
        self::assertEqualsWithDelta(0, $at->wound[0]->inMetres(), 1e-9);
        self::assertEqualsWithDelta(self::planned(), $at->left->inMetres(), 0.01);
        self::assertFalse($at->replanned);
        self::assertEqualsWithDelta(1.5, $at->finish?->inMillimetres() ?? 0, 0.001);
    }

    public function testTurnsTakeWhatTheSurfaceSays(): void
    {
        $at = self::at([new Stretch(0, 100)]);
        // the first turns go on near the arbor: pi x 30 mm x 5.2 a turn and a little more as it grows
        self::assertGreaterThan(100 * M_PI * 0.030 * 5.2, $at->wound[0]->inMetres());
        self::assertLessThan(100 * M_PI * 0.034 * 5.2, $at->wound[0]->inMetres());
        $all = self::at([]);
        self::assertEqualsWithDelta($all->turnsLeft ?? 0, 100 + ($at->turnsLeft ?? 0), 0.1, 'turns done and turns left make the whole');
    }

    public function testManyStretchesComeToTheSameAsOne(): void
    {
        $one = self::at([new Stretch(0, 120)]);
        $many = self::at(array_fill(0, 12, new Stretch(0, 10)));
        self::assertEqualsWithDelta($one->wound[0]->inMetres(), $many->wound[0]->inMetres(), 0.05);
    }

    public function testTurnsAndCounterTogetherAreNarrowerThanEither(): void
    {
        $turns = self::at([new Stretch(0, 150)]);
        $metres = $turns->wound[0]->inMetres();
        $counter = self::at([new Stretch(0, 0, Length::metres($metres / 1.01))]);
        $both = self::at([new Stretch(0, 150, Length::metres($metres / 1.01))]);
        self::assertLessThan($turns->woundHalf[0]->inMetres(), $counter->woundHalf[0]->inMetres());
        self::assertLessThan($counter->woundHalf[0]->inMetres(), $both->woundHalf[0]->inMetres());
        self::assertEqualsWithDelta($metres, $both->wound[0]->inMetres(), 0.1);
    }

    public function testMetresThatAreSaidAreKeptAsSaidAndOnlyARollersAreCorrected(): void
    {
        $said = Length::metres(75 * 0.9144);
        foreach ([0, 60, 90, 400] as $turns) {
            $at = self::at([new Stretch(0, $turns, said: Said::of($said))]);
            self::assertEqualsWithDelta(68.58, $at->wound[0]->inMetres(), 1e-9, "after $turns turns");
            self::assertEqualsWithDelta(0.69, $at->woundHalf[0]->inMetres(), 0.01, 'one in a hundred, where no ± is said');
            self::assertSame([How::Said], $at->known[0]);
        }
        $wide = self::at([new Stretch(0, 90, said: Said::of($said, Length::metres(6)))]);
        self::assertEqualsWithDelta(6, $wide->woundHalf[0]->inMetres(), 1e-9);
        // what is wound after it is added to it
        $more = self::at([new Stretch(0, 90, said: Said::of($said)), new Stretch(0, 20)]);
        self::assertEqualsWithDelta(20 * ($more->retrieve?->inMetres() ?? 0), $more->wound[0]->inMetres() - 68.58, 0.3);
        self::assertSame([How::Said, How::Counted], $more->known[0]);
        // more metres that somebody said count as they are, whatever was counted beside them
        self::assertEqualsWithDelta(50, self::at([new Stretch(0, 30, Length::metres(50), roller: false)])->wound[0]->inMetres(), 1e-9);
        $roller = self::at([new Stretch(0, 0, Length::metres(50))]);
        self::assertEqualsWithDelta(50.5, $roller->wound[0]->inMetres(), 1e-9);
        self::assertEqualsWithDelta(50, $roller->byCounter?->inMetres(), 1e-9);
    }

    public function testAWrongCountIsPutRightByWhatIsSaidAndBendsNothing(): void
    {
        $untouched = self::at([]);
        $at = self::at([new Stretch(0, 900, said: Said::of(Length::metres(40)))]);
        self::assertEqualsWithDelta($untouched->left->inMetres() - 40, $at->left->inMetres(), 0.01, 'room and line are what they were');
        // within what the turns can be it speaks of them too, and the depth after it is believed with it
        $depth = self::at([new Stretch(0, 120)])->depth ?? self::fail();
        $read = self::at([new Stretch(0, 120, null, new Reading($depth, 3))]);
        $both = self::at([new Stretch(0, 120, null, new Reading($depth, 3), said: Said::of($read->wound[0]))]);
        self::assertLessThan($read->leftHalf->inMetres(), $both->leftHalf->inMetres());
    }

    public function testASnapWithLittleOnIsBegunAnewFurtherOnItIsJoined(): void
    {
        $says = static fn(float $metres, bool $tied): string => Ending::next(
            Stop::Snapped,
            self::at([new Stretch(0, 0, said: Said::of(Length::metres($metres)))]),
            Role::Backing,
            $tied,
        )->text();
        self::assertStringContainsString('tie the line on again', $says(6, true));
        self::assertStringContainsString('tie the joining knot again', $says(6, false));
        foreach ([true, false] as $tied) {
            self::assertStringContainsString('Tie it together again', $says(30, $tied));
        }
    }

    public function testAFillerThatHeldSomethingElseThanIsCountedIsAskedAbout(): void
    {
        $at = self::at([new Stretch(0, 0, said: Said::of(Length::metres(30)))]);
        foreach ([[30, null, false], [36, null, false], [90, null, true], [10, null, true], [90, 70.0, false]] as [$held, $half, $unlike]) {
            self::assertSame(
                $unlike,
                $at->unlikeFiller(Length::metres($held), $half === null ? null : Length::metres($half)),
                "$held m",
            );
        }
    }

    public function testWhatMayBeOnLiesNoFurtherPastTheMarkThanIsAskedAbout(): void
    {
        $at = self::at([]);
        $mark = $at->mark()->inMetres();
        foreach ([[0.1, true], [1.0, true], [1.2, true], [3.0, false]] as [$share, $may]) {
            self::assertSame($may, $at->mayBeOn(Length::metres($share * $mark)), (string) $share);
        }
    }

    public function testFarFromTheMarkIsFarOnEitherSide(): void
    {
        $planned = self::planned();
        foreach (['short' => 0.3, 'past' => 1.9] as $side => $share) {
            self::assertTrue(self::at([new Stretch(0, 0, said: Said::of(Length::metres($share * $planned)))])->farFromMark(), $side);
        }
        $near = self::at([new Stretch(0, 0, said: Said::of(Length::metres(0.97 * $planned)))]);
        self::assertFalse($near->farFromMark());
        self::assertGreaterThanOrEqual($near->leftHalf->inMetres(), $near->markHalf()->inMetres());
        foreach ([0.3, 1.9] as $share) {
            $at = self::at([new Stretch(0, 0, said: Said::of(Length::metres($share * $planned)))]);
            self::assertEqualsWithDelta($planned, $at->mark()->inMetres(), 0.5, 'the mark stays where it is, passed or not');
        }
    }

    public function testADepthReplansWhatIsLeftAndTheBandShrinks(): void
    {
        $before = self::at([new Stretch(0, 200)]);
        $depth = $before->depth ?? self::fail('no depth');
        $same = self::at([new Stretch(0, 200, null, new Reading($depth, 3))]);
        self::assertTrue($same->replanned);
        self::assertEqualsWithDelta($before->left->inMetres(), $same->left->inMetres(), 0.2, 'a depth as expected moves nothing');
        self::assertLessThan(0.8 * $before->leftHalf->inMetres(), $same->leftHalf->inMetres());
        $higher = self::at([new Stretch(0, 200, null, new Reading(Length::millimetres($depth->inMillimetres() - 0.5), 3))]);
        self::assertLessThan($before->left->inMetres(), $higher->left->inMetres(), 'line that stands higher leaves less room');
        self::assertEqualsWithDelta($depth->inMillimetres() - 0.5, $higher->depth?->inMillimetres() ?? 0, 0.12, 'and is where it was read');
    }

    public function testReplanningNeverLosesMetresAlreadyWound(): void
    {
        mt_srand(41);
        for ($case = 0; $case < 40; ++$case) {
            $stretches = [];
            $layer = 0;
            $turnsSaid = 0.0;
            for ($i = 0; $i < 8; ++$i) {
                $before = self::at($stretches, $layer);
                $reading = mt_rand(0, 2) === 0 && $before->depth !== null
                    ? new Reading(
                        Length::millimetres(max(-1.0, min(10.0, $before->depth->inMillimetres() + mt_rand(-12, 12) / 10))),
                        mt_rand(1, 3),
                        true,
                    )
                    : null;
                $turns = mt_rand(0, 120);
                $turnsSaid += $turns;
                $stretches[] = new Stretch($layer, $turns, null, $reading);
                $after = self::at($stretches, $layer);
                foreach ($after->wound as $index => $wound) {
                    self::assertGreaterThanOrEqual(0, $wound->inMetres());
                    // a depth is never believed so much more than a count that most of the count is gone
                    if ($turnsSaid > 0 && $index === $layer && $reading === null) {
                        self::assertGreaterThanOrEqual($before->wound[$index]->inMetres(), $wound->inMetres() + 1e-6);
                    }
                }
                self::assertGreaterThanOrEqual(
                    $after->wound[$layer]->inMetres(),
                    $after->target->inMetres() + 1e-9,
                    'the new stop is never behind what is on',
                );
                if ($layer === 0 && mt_rand(0, 4) === 0) {
                    $layer = 1;
                    $turnsSaid = 0.0;
                }
            }
        }
    }

    public function testTheTruthIsFoundMoreNearlyWithDepths(): void
    {
        mt_srand(7);
        $without = 0.0;
        $with = 0.0;
        $inside = 0;
        for ($case = 0; $case < 200; ++$case) {
            $room = 1 + 0.04 * self::normal();
            $cell = 1 + 0.05 * self::normal();
            $above = 1 + 0.15 * self::normal();
            // the truth of this spool: how much backing it really takes
            $spool = self::spool();
            $layers = self::layers();
            $full = $room * $spool->fullVolume(Length::millimetres(1.5))->inCubicMillimetres();
            $perBacking = $cell * $layers[0]->volumePerMetre(Lay::Normal)->inCubicMillimetres();
            $truth = ($full - $above * 150 * $layers[1]->volumePerMetre(Lay::Normal)->inCubicMillimetres()) / $perBacking;
            $on = 0.7 * $truth;
            $surface = $spool->roomier($room)->surfaceHolding(
                $spool->geometry ?? self::fail('no shape'),
                \Undro\Units\Volume::cubicMillimetres($on * $perBacking),
            );
            $depth = Length::millimetres((50 - $surface->inMillimetres()) / 2 + 0.17 * self::normal());
            $blind = self::at([new Stretch(0, 0, Length::metres($on / 1.01))]);
            $seen = self::at([new Stretch(0, 0, Length::metres($on / 1.01), new Reading($depth, 3))]);
            $without += ($blind->target->inMetres() - $truth) ** 2;
            $with += ($seen->target->inMetres() - $truth) ** 2;
            $inside += abs($seen->target->inMetres() - $truth) <= $seen->leftHalf->inMetres() ? 1 : 0;
        }
        self::assertLessThan($without, $with);
        self::assertGreaterThan(0.82 * 200, $inside);
        self::assertLessThan(0.97 * 200, $inside);
    }

    public function testAnAbsurdDepthIsAskedAboutAndUsedOnlyWhenTheAnglerIsSure(): void
    {
        $asked = self::at([new Stretch(0, 200, null, new Reading(Length::millimetres(0.5), 3))]);
        self::assertFalse($asked->replanned);
        self::assertGreaterThan(4, abs($asked->doubt ?? 0));
        self::assertTrue(self::at([new Stretch(0, 200, null, new Reading(Length::millimetres(0.5), 3, true))])->replanned);
    }

    public function testADepthUnderTheBareArborIsRefused(): void
    {
        $this->expectException(BadRun::class);
        $this->expectExceptionMessage('bare arbor is 10.0 mm');
        self::at([new Stretch(0, 20, null, new Reading(Length::millimetres(14), 1))]);
    }

    public function testAPassedStopIsSaidInMetres(): void
    {
        $all = self::at([])->turnsLeft ?? self::fail('no turns');
        $at = self::at([new Stretch(0, $all + 12)]);
        self::assertGreaterThan(5, $at->passed()?->inMetres());
        self::assertLessThan(1.5, $at->finishIfStopped?->inMillimetres());
        self::assertEqualsWithDelta(-12, $at->turnsLeft, 0.3, 'and in turns');
    }

    public function testTheLastTenthIsSlow(): void
    {
        $all = self::at([])->turnsLeft ?? self::fail('no turns');
        self::assertFalse(self::at([new Stretch(0, 0.85 * $all)])->slow);
        self::assertTrue(self::at([new Stretch(0, 0.95 * $all)])->slow);
    }

    public function testAStopFarFromTheMarkByWhatIsCountedIsKnownAsThat(): void
    {
        $all = self::at([])->turnsLeft ?? self::fail('no turns');
        self::assertTrue(self::at([])->farFromMark(), 'nothing is counted');
        self::assertTrue(self::at([new Stretch(0, 0.1 * $all)])->farFromMark());
        foreach ([0.9, 1.0, 1.1] as $share) {
            self::assertFalse(self::at([new Stretch(0, $share * $all)])->farFromMark());
        }
    }

    public function testALayerUnderTheOneBeingWoundCannotGrow(): void
    {
        $this->expectException(BadRun::class);
        self::at([new Stretch(1, 10), new Stretch(0, 10)], 1);
    }

    /** A roller that sticks counts short: from four standard deviations of the two on the turns are right, and the counter is left out. */
    public function testACounterIsLeftOutFromFourStandardDeviationsShortOfTheTurns(): void
    {
        $turns = self::at([new Stretch(0, 60)]);
        $sd = static fn(Progress $at): float => $at->woundHalf[0]->inMetres() / 1.645;
        [$wrong, $right] = [1.0, $turns->wound[0]->inMetres()];
        while ($right - $wrong > 0.001) {
            $middle = ($wrong + $right) / 2;
            $out = abs(self::at([new Stretch(0, 60, Length::metres($middle), roller: true)])->wound[0]->inMetres() - $turns->wound[0]->inMetres()) < 1e-6;
            [$wrong, $right] = $out ? [$middle, $right] : [$wrong, $middle];
        }
        $counter = self::at([new Stretch(0, 0, Length::metres($right), roller: true)]);
        $short = $turns->wound[0]->inMetres() - $counter->wound[0]->inMetres();
        self::assertEqualsWithDelta(4.0, $short / hypot($sd($turns), $sd($counter)), 0.1);
    }

    public function testWithoutAShapeOnlyACounterTells(): void
    {
        $spool = Spool::of(
            new Measures(null, null, null, null, 0.06),
            [\Undro\Spool\Rating::of(Length::metres(200), Diameter::millimetres(0.25), Material::Mono)],
            Lay::Normal,
            Length::millimetres(1.5),
        );
        $at = Progress::of(
            $spool,
            null,
            [Layer::open(Role::Main, self::mono(0.25))],
            5.2,
            0,
            [new Stretch(0, 50), new Stretch(0, 20, Length::metres(40))],
        );
        self::assertNull($at->turnsLeft);
        self::assertEqualsWithDelta(40.4, $at->wound[0]->inMetres(), 1e-6);
    }

    /** @param list<Stretch> $stretches */
    private static function at(array $stretches, int $layer = 0): Progress
    {
        return Progress::of(self::spool(), Length::millimetres(1.5), self::layers(), 5.2, $layer, $stretches);
    }

    private static function planned(): float
    {
        return \Undro\Fill\FillCalculator::solve(
            self::spool(),
            Length::millimetres(1.5),
            self::layers(),
            5.2,
        )->solved?->band->middle->inMetres() ?? 0.0;
    }

    private static function spool(): Spool
    {
        return Spool::of(
            new Measures(Diameter::millimetres(50), Diameter::millimetres(30), null, Length::millimetres(15), 0.04),
            [],
            Lay::Normal,
            Length::millimetres(1.5),
        );
    }

    /** @return array{Layer, Layer} */
    private static function layers(): array
    {
        return [
            Layer::open(Role::Backing, self::mono(0.30)),
            Layer::of(Role::Main, Line::of(Material::Braid, Diameter::millimetres(0.16)), Length::metres(150)),
        ];
    }

    private static function mono(float $diameter): Line
    {
        return Line::of(Material::Mono, Diameter::millimetres($diameter));
    }

    private static function normal(): float
    {
        return sqrt(-2 * log((mt_rand() + 1) / (mt_getrandmax() + 2))) * cos(2 * M_PI * mt_rand() / mt_getrandmax());
    }
}
