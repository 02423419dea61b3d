<?php

declare(strict_types=1);

namespace Undro\Tests\Upkeep;

use PHPUnit\Framework\TestCase;
use Undro\Line\Material;
use Undro\Units\Length;
use Undro\Upkeep\Limits;
use Undro\Upkeep\Outing;
use Undro\Upkeep\State;
use Undro\Upkeep\Wear;

/** When a line comes due, by age and by outings. */
final class WearTest extends TestCase
{
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

    public function testOutingsAtTheirPaceMayComeFirst(): void
    {
        // twenty in two months: the other twenty are gone two months from now
        $outings = array_map(
            static fn(int $i): Outing => new Outing(
                (new \DateTimeImmutable('2026-09-26'))->modify('+' . 3 * $i . ' days')->format('Y-m-d'),
            ),
            range(0, 19),
        );
        $wear = self::wear(Material::Mono, '2026-09-25', $outings);
        self::assertFalse($wear->byAge);
        self::assertSame(20, $wear->outings);
        self::assertGreaterThan('2027-01-15', $wear->dueOn);
        self::assertLessThan('2027-02-10', $wear->dueOn);
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

    public function testHardOutingsTakeTheirShareOfAThird(): void
    {
        $wear = self::wear(
            Material::Fluoro,
            '2026-06-01',
            [new Outing('2026-07-01', true), new Outing('2026-07-02'), new Outing('2026-07-03', true), new Outing('2026-07-04')],
        );
        self::assertEqualsWithDelta(18 * (1 - 0.5 / 3), $wear->limits->months, 1e-9);
        self::assertEqualsWithDelta(50 * (1 - 0.5 / 3), $wear->limits->outings, 1e-9);
    }

    public function testBraidIsTurnedOverOnceAtHalfOfIt(): void
    {
        $wear = self::wear(Material::Braid, '2025-04-25', []);
        self::assertLessThanOrEqual(self::TODAY, (string) $wear->turnOn);
        self::assertSame(State::Turn, $wear->state(self::TODAY));
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
