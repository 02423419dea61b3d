<?php

declare(strict_types=1);

namespace Undro\Tests\Drag;

use PHPUnit\Framework\TestCase;
use Undro\Drag\Drift;
use Undro\Drag\Kept;
use Undro\Drag\Knob;
use Undro\Drag\KnobLaw;
use Undro\Drag\Pull;
use Undro\Drag\Pulls;
use Undro\Tests\Property;
use Undro\Units\Force;

final class KnobLawTest extends TestCase
{
    use Property;

    public function testALawIsFoundFromItsPullsAndSurerWithMoreOfThem(): void
    {
        $this->forAll(self::share(), self::share())->then(function (int $a, int $b): void {
            $law = $a % 2 === 0
                ? static fn(float $x): float => 5 * exp(self::between(0.15, 0.9, $b) * $x)
                : static fn(float $x): float => 5 * (1 + $x / self::between(1.5, 6, $a)) ** self::between(0.5, 3, $b);
            $few = KnobLaw::fitted(Knob::Turn, self::points($law, [0, 0.25]));
            $many = KnobLaw::fitted(Knob::Turn, self::points($law, [0, 0.25, 0.5, 1, 1.5, 2, 2.5, 3]));
            self::assertEqualsWithDelta(1, $many->force(2.2) / $law(2.2), 0.03);
            $width = static fn(KnobLaw $of): float => log($of->band(2)[2] / $of->band(2)[1]);
            self::assertLessThan($width($few), $width($many));
            self::assertLessThan($law(2), 0.93 * $few->band(2)[1]);
            self::assertGreaterThan($law(2), 1.07 * $few->band(2)[2]);
        });
    }

    public function testTighterNeverMeansLess(): void
    {
        $law = KnobLaw::fitted(Knob::Click, [[10.0, 8.0], [12.0, 9.0]]);
        $before = 0.0;
        foreach (range(8, 40) as $click) {
            $force = $law->force($click);
            self::assertGreaterThanOrEqual($before - 1e-9, $force);
            $before = $force;
        }
        [$middle, $low, $high] = $law->band(20);
        self::assertEqualsWithDelta(0.5, $law->chanceOver(20, $middle), 0.03);
        self::assertEqualsWithDelta(0.95, $law->chanceOver(20, $low), 0.03);
        self::assertEqualsWithDelta(0.05, $law->chanceOver(20, $high), 0.03);
        self::assertGreaterThan($law->chanceOver(20, 30), $law->chanceOver(25, 30));
    }

    public function testAKeptSettingIsHadAgainByItsPlaceOrByItsForce(): void
    {
        [$place, $says] = self::kept([[2.0, 8.0], [3.2, 13.0]])->again();
        self::assertEqualsWithDelta(3.2, $place ?? 0, 1e-9);
        self::assertStringContainsString('3.2 turns', $says->words);
        [$none, $scale] = self::kept([[2.0, 8.0], [3.2, 13.0]], counted: false)->again();
        self::assertNull($none);
        self::assertStringContainsString('with the scale', $scale->words);
    }

    public function testDriftComparesOnlyWhatWasCountedAndReadTheSameWay(): void
    {
        $fresh = self::kept([[2.0, 8.0], [2.25, 8.9], [3.0, 13.0], [3.0, 13.1]], at: '2026-05-01');
        $worn = self::kept([[2.0, 6.4], [2.25, 7.1], [3.0, 10.4], [3.0, 10.4]], at: '2026-10-01');
        $drift = Drift::of([$fresh, self::kept([[3.0, 30.0]], counted: false), self::kept([[3.0, 30.0]], tip: false), $worn]);
        self::assertNotNull($drift);
        self::assertSame(['2026-05-01', '2026-10-01'], array_column($drift->points, 'at'));
        self::assertStringContainsString('20 % weaker', $drift->says()->words);
        self::assertNull(Drift::of([$fresh, self::kept([[3.0, 30.0]], counted: false)]));
        self::assertStringContainsString('the same as at first', Drift::of([$fresh, $fresh])?->says()->words ?? '');
        self::assertStringContainsString('stronger than at first', Drift::of([$worn, $fresh])?->says()->words ?? '');
    }

    /**
     * @param callable(float): float $law
     * @param list<float|int>        $at
     *
     * @return non-empty-list<array{float, float}>
     */
    private static function points(callable $law, array $at): array
    {
        $points = array_map(static fn(float|int $x): array => [(float) $x, $law((float) $x)], $at);
        self::assertNotSame([], $points);

        return $points;
    }

    /** @param non-empty-list<array{float, float}> $pulls */
    private static function kept(array $pulls, bool $counted = true, bool $tip = true, string $at = '2026-01-01'): Kept
    {
        return Kept::of(
            Knob::Turn,
            Pulls::of(array_map(static fn(array $pull): Pull => Pull::of($pull[0], Force::newtons($pull[1])), $pulls)),
            $counted,
            $tip,
            $at,
        );
    }
}
