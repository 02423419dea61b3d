<?php

declare(strict_types=1);

namespace Undro\Tests\Upkeep;

use Eris\Generators;
use PHPUnit\Framework\TestCase;
use Undro\Line\Material;
use Undro\Statistics\RandomSource;
use Undro\Tests\Property;
use Undro\Units\Length;
use Undro\Upkeep\Limits;
use Undro\Upkeep\Outing;
use Undro\Upkeep\State;
use Undro\Upkeep\Wear;

/** When a line comes due, by age and by outings. */
final class WearTest extends TestCase
{
    use Property;

    private const TODAY = '2026-11-25';

    public function testByAgeAloneItIsDueAYearAfterItWasWound(): void
    {
        $wear = self::wear(Material::Mono, '2026-05-25', []);
        self::assertTrue($wear->byAge);
        self::assertEqualsWithDelta(6, $wear->ageMonths, 0.1);
        self::assertEqualsWithDelta(0.5, $wear->share, 0.01);
        self::assertContains($wear->dueOn, ['2027-05-24', '2027-05-25', '2027-05-26']);
        self::assertNull($wear->turnOn);
    }

    public function testOutingsMayComeFirst(): void
    {
        // thirty in two months: ten are left, each a fortieth of the twelve months
        $wear = self::wear(Material::Mono, '2026-09-25', array_fill(0, 30, new Outing('2026-10-20')));
        self::assertFalse($wear->byAge);
        self::assertSame(30, $wear->outings);
        self::assertEqualsWithDelta(10 * 12 / 40 * 365.25 / 12, $wear->daysLeft, 1);
    }

    public function testWhereAYearIsKnownTheAnglersOwnPaceCounts(): void
    {
        // sixty in the first of two years: one every six days, though none was fished since
        $wear = self::wear(Material::Braid, '2025-11-01', array_fill(0, 60, new Outing('2026-05-01')));
        self::assertEqualsWithDelta(60 * 365.25 / 60, $wear->daysLeft, 1);
    }

    /** What is fished today and tells of no loss or damage brings no date forward, nor puts it off, by more than three weeks. */
    public function testNoOutingMovesADueDateByMoreThanThreeWeeks(): void
    {
        $this->limitTo(300)->forAll(
            Generators::elements(...Material::cases()),
            Generators::choose(0, 1300),
            Generators::choose(0, 130),
            Generators::choose(0, 100),
            Generators::choose(1, 100_000),
            Generators::bool(),
        )->then(static function (Material $material, int $days, int $count, int $hard, int $seed, bool $rough): void {
            $chance = new RandomSource($seed);
            $since = (new \DateTimeImmutable(self::TODAY))->modify("-$days days");
            $outings = [];
            for ($i = 0; $i < $count; ++$i) {
                $on = $since->modify(sprintf('+%d days', (int) ($chance->uniform() * ($days + 1))));
                $outings[] = new Outing($on->format('Y-m-d'), 100 * $chance->uniform() < $hard);
            }
            $before = self::wear($material, $since->format('Y-m-d'), $outings);
            $after = self::wear($material, $since->format('Y-m-d'), [...$outings, new Outing(self::TODAY, $rough)]);
            self::assertLessThanOrEqual(21, abs($before->daysLeft - $after->daysLeft));
            self::assertLessThanOrEqual($before->daysLeft, $after->daysLeft, 'and never puts it off');
        });
    }

    public function testOutingsBeforeItCameOnOrStillToComeDoNotCount(): void
    {
        $wear = self::wear(
            Material::Mono,
            '2026-06-01',
            [new Outing('2026-05-31'), new Outing('2026-06-01'), new Outing('2026-11-25'), new Outing('2026-11-26')],
        );
        self::assertSame(2, $wear->outings);
    }

    public function testAHardOutingCountsOneAndAHalfAndTakesItsShareOffTheAge(): void
    {
        $wear = self::wear(
            Material::Fluoro,
            '2026-06-01',
            [new Outing('2026-07-01', true), new Outing('2026-07-02'), new Outing('2026-07-03', true), new Outing('2026-07-04')],
        );
        self::assertEqualsWithDelta(18 - 2 * 18 / (3 * 50), $wear->limits->months, 1e-9);
        self::assertEqualsWithDelta(5.0, $wear->counted, 1e-9);
        self::assertSame([4, 2], [$wear->outings, $wear->hard]);
        // a third of the age at most
        $all = self::wear(Material::Fluoro, '2026-06-01', array_fill(0, 80, new Outing('2026-07-01', true)));
        self::assertEqualsWithDelta(12.0, $all->limits->months, 1e-9);
    }

    public function testBraidIsTurnedOverOnceAtHalfOfIt(): void
    {
        $wear = self::wear(Material::Braid, '2025-04-25', []);
        self::assertLessThanOrEqual(self::TODAY, (string) $wear->turnOn);
        self::assertSame(State::Turn, $wear->state(self::TODAY));
        $shelf = static fn(float $months): Wear => Wear::of(Material::Mono, Limits::usual(Material::Mono), '2026-04-25', [], null, self::TODAY, $months);
        self::assertEqualsWithDelta($shelf(0)->share + 6 / 12, $shelf(18)->share, 1e-9, 'eighteen months on the shelf are six on a reel');
        self::assertLessThan($shelf(0)->dueOn, $shelf(18)->dueOn);
        $turned = Wear::of(Material::Braid, Limits::usual(Material::Braid), '2025-04-25', [], '2026-11-01', self::TODAY);
        self::assertNull($turned->turnOn);
        self::assertSame(State::Fit, $turned->state(self::TODAY));
        // turned over before this line came on: that was another one
        self::assertNotNull(Wear::of(Material::Braid, Limits::usual(Material::Braid), '2025-04-25', [], '2024-01-01', self::TODAY)->turnOn);
    }

    public function testTheReachIsTheLongestCastAndTheLongestRun(): void
    {
        self::assertEqualsWithDelta(80, self::wear(Material::Mono, '2026-06-01', [])->reach->inMetres(), 1e-9);
        $wear = self::wear(
            Material::Mono,
            '2026-06-01',
            [new Outing('2026-07-01', false, Length::metres(65)), new Outing('2026-07-02', false, Length::metres(40), Length::metres(90))],
        );
        self::assertEqualsWithDelta(155, $wear->reach->inMetres(), 1e-9);
    }

    public function testALineThatNobodyFishesForAnAgeStillHasADate(): void
    {
        $wear = self::wear(Material::Mono, '1990-01-01', []);
        self::assertSame(State::Due, $wear->state(self::TODAY));
        self::assertMatchesRegularExpression('/^\d{4}-\d{2}-\d{2}$/', $wear->dueOn);
        self::assertLessThan(self::TODAY, $wear->dueOn);
        self::assertLessThan(-365, $wear->daysLeft);
    }

    public function testBraidThatIsDoneBeforeItIsTurnedIsNotTurned(): void
    {
        // many outings at a great pace: half and all of them are both over
        $wear = self::wear(Material::Braid, '2026-01-01', array_fill(0, 130, new Outing('2026-10-01')));
        self::assertSame(State::Due, $wear->state(self::TODAY));
        self::assertLessThan(0, $wear->daysLeft);
    }

    /** @param list<Outing> $outings */
    private static function wear(Material $material, string $since, array $outings): Wear
    {
        return Wear::of($material, Limits::usual($material), $since, $outings, null, self::TODAY);
    }
}
