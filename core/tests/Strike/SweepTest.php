<?php

declare(strict_types=1);

namespace Undro\Tests\Strike;

use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;
use Undro\Line\Material;
use Undro\Strike\Sweep;
use Undro\Tests\Property;
use Undro\Units\Force;
use Undro\Units\Length;

final class SweepTest extends TestCase
{
    use Property;

    public function testTheTurnsThatReachAForceDoReachIt(): void
    {
        $this->forAll(self::share(), self::share(), self::share())->then(function (int $a, int $b, int $c): void {
            $material = Material::cases()[$a % count(Material::cases())];
            $slack = self::between(0, 3, $b);
            $far = Length::metres(self::between(5, 90, $c));
            $wanted = Force::newtons(self::between(2, 30, $a));
            $sweep = static fn(float $turns): Sweep => Sweep::of(
                $material,
                Force::newtons(120),
                null,
                null,
                Length::metres(1.8),
                Length::metres($slack),
                Length::metres(0.7),
                $turns,
            );
            $turns = $sweep(0)->turnsFor($wanted, $far);
            self::assertNotNull($turns);
            $force = $sweep($turns)->at($far)->hook->inNewtons();
            $turns > 0 ? self::assertEqualsWithDelta($wanted->inNewtons(), $force, 1e-6) : self::assertGreaterThanOrEqual(
                $wanted->inNewtons() - 1e-9,
                $force,
            );
        });
    }

    public function testALockedDragBreaksTheLineJustInsideThatDistanceAndNotOutsideIt(): void
    {
        foreach ([0.0, 2.0] as $turns) {
            $braid = Sweep::of(
                Material::Braid,
                Force::newtons(110),
                Force::newtons(60),
                null,
                Length::metres(1.8),
                Length::metres(0.4),
                Length::metres(0.7),
                $turns,
            );
            $inside = $braid->breaksInside()?->inMetres() ?? 0;
            self::assertGreaterThan(5, $inside);
            self::assertTrue($braid->at(Length::metres($inside - 0.1), locked: true)->breaks);
            self::assertFalse($braid->at(Length::metres($inside + 0.1), locked: true)->breaks);
        }
        self::assertNull(
            Sweep::of(
                Material::Mono,
                Force::newtons(110),
                null,
                null,
                Length::metres(0.5),
                Length::metres(3),
                Length::metres(0.7),
                0,
            )->breaksInside(),
        );
    }

    public function testTheDragGivesBeforeAForceOverIt(): void
    {
        $set = Sweep::of(
            Material::Braid,
            Force::newtons(110),
            null,
            Force::newtons(12),
            Length::metres(1.8),
            Length::metres(0),
            Length::metres(0.7),
            0,
        );
        self::assertNull($set->turnsFor(Force::newtons(25), Length::metres(20)));
        self::assertTrue($set->at(Length::metres(10))->slips);
    }

    public function testSeveralLinesSideBySide(): void
    {
        $case = [
            'lines' => [
                ['name' => 'braid', 'material' => 'braid', 'rated_N' => 100],
                ['name' => 'nylon', 'material' => 'mono', 'rated_N' => 100],
            ],
            'sweep_m' => '1.8 m',
            'slack_m' => 0.5,
            'distance_m' => '30 m',
            'retrieve_m_per_turn' => 0.7,
        ];
        $open = Compute::run('strikes', $case);
        [$braid, $nylon] = $open['lines'];
        self::assertGreaterThan($nylon['hook_force_N'], $braid['hook_force_N']);
        self::assertStringContainsString('times as much. Braid hardly stretches', $open['says'][0]['text']);
        self::assertStringContainsString('With the drag locked, a full sweep', $open['says'][1]['text']);
        $set = Compute::run('strikes', $case + ['drag_N' => 12]);
        self::assertTrue($set['lines'][0]['slips']);
        self::assertStringContainsString('the drag slips first', $set['says'][1]['text']);
        self::assertNull($set['lines'][0]['hooks'][2]['turns']);
        // so much is wound down that hardly any line is out: those distances are left out of the curve
        self::assertLessThan(
            count($open['lines'][0]['curve']),
            count(Compute::run('strikes', ['wind_down_turns' => 20] + $case)['lines'][0]['curve']),
        );
        $slack = Compute::run('strikes', ['slack_m' => 1.75, 'distance_m' => 60] + $case);
        self::assertGreaterThan(0, $slack['lines'][0]['hook_force_N']);
    }
}
