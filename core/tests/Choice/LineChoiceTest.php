<?php

declare(strict_types=1);

namespace Undro\Tests\Choice;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Undro\Choice\Current;
use Undro\Choice\Fishing;
use Undro\Choice\Snags;
use Undro\Contract\Compute;
use Undro\DomainFault;

final class LineChoiceTest extends TestCase
{
    private const LB = 4.4482216152605;
    private const FISH = ['0.2 kg', '0.5 kg', '1 kg', '1.7 kg', '2.9 kg', '3 kg', '8 kg', '13 kg', '25 kg', '50 kg', '79 kg', '300 kg'];

    /** @return iterable<string, array{array<string, mixed>, array<string, list<int>>}> asked; low, usual, high and pick in lb by material */
    public static function asAnglersFish(): iterable
    {
        yield 'a bit of everything' => [['fish' => '13 kg'], ['mono' => [12, 15, 20, 15], 'braid' => [20, 30, 40, 30]]];
        yield 'between two classes' => [['fish' => '3 kg'], ['mono' => [8, 10, 15, 10]]];
        yield 'under the smallest class' => [['fish' => '50 g'], ['mono' => [4, 6, 8, 6]]];
        yield 'over the largest' => [['fish' => '400 kg'], ['mono' => [40, 50, 60, 50]]];
        yield 'some snags go half way up' => [['fish' => '1.7 kg', 'snags' => 'some'], ['mono' => [6, 8, 12, 10]]];
        yield 'clear water goes half way down' => [['fish' => '5 kg', 'clear' => true], ['mono' => [10, 12, 17, 10]]];
        yield 'up and down cancel' => [['fish' => '1.7 kg', 'clear' => true, 'current' => 'strong'], ['mono' => [6, 8, 12, 8]]];
        yield 'two reasons up' => [['fish' => '1.7 kg', 'snags' => 'some', 'current' => 'strong'], ['mono' => [6, 8, 12, 12]]];
        yield 'many snags win' => [['fish' => '1.7 kg', 'snags' => 'many', 'clear' => true], ['mono' => [8, 8, 12, 12], 'braid' => [15, 15, 20, 20]]];
        yield 'bass in cover' => [['fishing' => 'heavy_cover', 'fish' => '1.7 kg'], ['braid' => [30, 50, 50, 50]]];
        yield 'a lure asks for sixty times its weight' => [['fish' => '1.7 kg', 'lure' => '150 g'], ['mono' => [20, 20, 20, 20], 'braid' => [20, 20, 20, 20]]];
        yield 'a light lure changes nothing' => [['fish' => '1.7 kg', 'lure' => '28 g'], ['mono' => [6, 8, 12, 8]]];
        yield 'lead under 60 g is a lure' => [['fishing' => 'distance', 'fish' => '1.7 kg', 'lure' => '59 g'], ['mono' => [10, 12, 15, 12], 'braid' => [15, 20, 25, 20]]];
        yield 'lead of 60 g' => [['fishing' => 'distance', 'fish' => '0.5 kg', 'lure' => '60 g'], ['mono' => [12, 12, 12, 12], 'braid' => [20, 20, 20, 20]]];
        yield 'lead of 99 g' => [['fishing' => 'distance', 'fish' => '0.5 kg', 'lure' => '99 g'], ['mono' => [12, 12, 12, 12], 'braid' => [20, 20, 20, 20]]];
        yield 'lead of 100 g' => [['fishing' => 'distance', 'fish' => '0.5 kg', 'lure' => '100 g'], ['mono' => [15, 15, 15, 15], 'braid' => [30, 30, 30, 30]]];
        yield 'rough ground' => [['fishing' => 'light_clear', 'fish' => '0.5 kg', 'snags' => 'many'], ['mono' => [8, 8, 8, 8], 'braid' => [15, 15, 15, 15]]];
        yield 'big game stands as it is beside what nobody fishes' => [['fishing' => 'big_game', 'fish' => '3.2 kg'], ['mono' => [12, 20, 30, 20], 'braid' => [20, 30, 50, 30]]];
    }

    /** @param array<string, mixed> $asked @param array<string, list<int>> $pounds */
    #[DataProvider('asAnglersFish')]
    public function testItStartsFromWhatAnglersUse(array $asked, array $pounds): void
    {
        $materials = array_column(self::choose($asked)['materials'], null, 'material');
        foreach ($pounds as $material => $each) {
            self::assertSame($each, array_map(
                static fn(string $key): int => (int) round($materials[$material][$key] / self::LB),
                ['low_N', 'usual_N', 'high_N', 'pick_N'],
            ), $material);
        }
    }

    public function testABiggerFishSnagsCurrentAndLureNeverAskForLess(): void
    {
        foreach (Fishing::cases() as $fishing) {
            $before = [];
            foreach ($fishing === Fishing::BigGame ? array_slice(self::FISH, 5) : self::FISH as $fish) {
                $asked = ['fishing' => $fishing->value, 'fish' => $fish, 'snags' => 'none'];
                $now = self::picks($asked);
                self::noneLess($before, $now, "$fishing->value $fish");
                $before = $now;
                foreach ([['snags' => Snags::cases()], ['current' => Current::cases()]] as $one) {
                    $milder = [];
                    foreach ($one[key($one)] as $worse) {
                        $picks = self::picks([key($one) => $worse->value] + $asked);
                        self::noneLess($milder, $picks, "$fishing->value $fish $worse->value");
                        $milder = $picks;
                    }
                }
                self::noneLess(self::picks(['clear' => true] + $asked), $now, 'clear water asks for finer line');
                self::noneLess($now, self::picks(['lure' => '200 g'] + $asked), 'a heavier lure');
            }
        }
    }

    public function testDragIsAShareOfTheFirstAndNeverMoreThanAPersonHolds(): void
    {
        $usual = self::choose(['fish' => '13 kg']);
        self::assertEqualsWithDelta(0.25 * 15 * self::LB * 0.75 * 0.9, $usual['drag_N'], 1e-6);
        self::assertSame('none', $usual['drag_capped_by']);
        self::assertEqualsWithDelta(250 * 13 / ($usual['drag_N'] * 100), $usual['runs'], 1e-9);
        foreach (['in_hand' => 60.0, 'butt_pad' => 110.0, 'harness' => 200.0] as $hold => $most) {
            foreach (Fishing::cases() as $fishing) {
                foreach (Snags::cases() as $snags) {
                    $choice = self::choose(['fishing' => $fishing->value, 'fish' => '60 kg', 'snags' => $snags->value, 'hold' => $hold]);
                    self::assertLessThanOrEqual($most, $choice['drag_N']);
                    self::assertSame($choice['drag_N'] === $most, $choice['drag_capped_by'] === 'person');
                    self::assertSame($choice['drag_capped_by'] === 'person', str_contains(self::said($choice, 'limits'), 'nobody holds more'));
                }
            }
        }
        $tackle = ['fish' => '60 kg', 'snags' => 'many', 'reel_max_N' => '5 kg'];
        self::assertSame(['reel', 49.03325], self::capped($tackle));
        self::assertSame(['rod', 39.2266], self::capped($tackle + ['rod' => ['max_drag_N' => '4 kg']]));
        self::assertSame(['reel', 49.03325], self::capped($tackle + ['rod' => ['max_drag_N' => '6 kg']]));
        self::assertSame('person', self::choose(['reel_max_N' => '9 kg'] + $tackle)['drag_capped_by']);
    }

    public function testAmongManySnagsTheShareRisesAndThatIsSaid(): void
    {
        $open = self::choose(['fish' => '3 kg']);
        $snags = self::choose(['fish' => '3 kg', 'snags' => 'many']);
        self::assertSame([0.25, 0.35], [$open['fraction'], $snags['fraction']]);
        self::assertStringContainsString('hook and hold', self::said($snags));
        self::assertStringNotContainsString('hook and hold', self::said($open));
        self::assertSame(0.3, self::choose(['fishing' => 'deep_jigging'])['fraction']);
        self::assertSame(0.35, self::choose(['fishing' => 'heavy_cover'])['fraction']);
        self::assertSame(0.30, self::choose(['schools' => ['drag' => '0.30']])['fraction'], 'the angler’s own counts');
        self::assertSame(0.35, self::choose(['schools' => ['drag' => '0.30'], 'snags' => 'many'])['fraction']);
    }

    public function testRunsFollowFromTheRoomAndTooManyAreSaid(): void
    {
        $runs = INF;
        foreach ([1, 5, 25, 60, 100, 200, 600] as $room) {
            $choice = self::choose(['fish' => '9 kg', 'room_m' => $room, 'cast_m' => 60]);
            self::assertSame((float) $room, $choice['room_m']);
            self::assertGreaterThanOrEqual($room + 60 + 20, $choice['length_m'], 'the line is there for the room');
            self::assertLessThan($runs, $choice['runs']);
            self::assertSame($choice['runs'] > 10, str_contains(self::said($choice), 'too little room or line'));
            self::assertSame($choice['runs'] <= 1, str_contains(self::said($choice), 'within one run'));
            $runs = $choice['runs'];
        }
        foreach (['none' => 100.0, 'some' => 60.0, 'many' => 25.0] as $snags => $room) {
            self::assertSame($room, self::choose(['fishing' => 'distance', 'snags' => $snags])['room_m']);
        }
        self::assertSame(25.0, self::choose(['fishing' => 'heavy_cover'])['room_m']);
        $far = self::choose(['cast_m' => 50, 'fish' => '9 kg']);
        self::assertSame(140.0 - 50 - 20, $far['room_m']);
        self::assertStringContainsString('the longest cast and 20 m stay on the reel', self::said($far));
        self::assertStringContainsString('Undro assumed', self::said(self::choose(['fish' => '9 kg'])));
        self::assertStringNotContainsString('Undro assumed', self::said(self::choose(['fish' => '1 kg'])), 'it would decide nothing');
        self::assertStringNotContainsString('Undro assumed', self::said(self::choose(['room_m' => 80])));
    }

    public function testLengthIsTwoCastsAndARunOrWhatIsUsual(): void
    {
        self::assertSame(120.0, (float) self::choose(['cast_m' => 30])['length_m']);
        self::assertSame(2 * 80.0 + 40, (float) self::choose(['cast_m' => 80])['length_m']);
        foreach (['distance', 'deep_jigging', 'big_game'] as $far) {
            self::assertGreaterThanOrEqual(300, self::choose(['fishing' => $far, 'fish' => '9 kg'])['length_m']);
        }
    }

    public function testTeethAskForWireAsStrongAsAnyOfTheLines(): void
    {
        foreach (Fishing::cases() as $fishing) {
            $choice = self::choose(['fishing' => $fishing->value, 'fish' => '6 kg', 'toothy' => true]);
            self::assertSame('wire', $choice['leader']['of'] ?? null);
            foreach ($choice['materials'] as $each) {
                self::assertGreaterThanOrEqual($each['pick_N'], $choice['leader']['strength_N']);
            }
            self::assertStringContainsString('big teeth can still cut it', self::said($choice));
        }
    }

    public function testLeaders(): void
    {
        self::assertNull(self::choose(['fishing' => 'big_fish'])['leader']);
        self::assertNull(self::choose(['fishing' => 'heavy_cover'])['leader'], 'braid goes straight to the hook');
        $snags = self::choose(['fishing' => 'big_fish', 'snags' => 'many']);
        self::assertGreaterThan($snags['materials'][0]['pick_N'], $snags['leader']['strength_N'], 'a tougher one against roots');
        $jig = self::choose(['fishing' => 'deep_jigging', 'fish' => '9 kg']);
        self::assertSame(['fluoro', $jig['materials'][0]['pick_N']], [$jig['leader']['of'], $jig['leader']['strength_N']]);
        $surf = self::choose(['fishing' => 'distance', 'lure' => '150 g', 'toothy' => true]);
        self::assertEqualsWithDelta(160 * 0.150 * 9.80665, $surf['leader']['strength_N'], 1e-6);
        self::assertGreaterThan(4.0 + 5 * M_PI * 0.065, $surf['leader']['length_m'], 'it lies with turns on the spool');
        self::assertStringContainsString('tie wire between it and the hook', self::said($surf));
        self::assertLessThan(2, self::choose(['fishing' => 'distance', 'lure' => '40 g'])['leader']['length_m']);
    }

    public function testTheRackIsCompared(): void
    {
        $line = static fn(string $material, float $pounds, float $left = 200): array => [
            'id' => 1,
            'material' => $material,
            'strength_N' => "$pounds lb",
            'left_m' => $left,
        ];
        $verdicts = static fn(array $asked, array ...$lines): array => array_column(self::choose($asked + ['rack' => $lines])['rack'], 'verdict');
        self::assertSame(
            ['too_light', 'usual', 'usual', 'heavier', 'too_short', 'usual', 'usual'],
            $verdicts(
                ['fish' => '13 kg'],
                $line('mono', 11.5),
                $line('mono', 12),
                $line('fluoro', 20),
                $line('mono', 21),
                $line('mono', 15, 119),
                $line('braid', 40),
                ['id' => 6, 'material' => 'mono', 'diameter_mm' => 0.36, 'left_m' => null],
            ),
        );
        self::assertSame(['other_material', 'other_material'], $verdicts(['fishing' => 'deep_jigging'], $line('mono', 20), $line('fluoro', 20)));
        self::assertSame(['too_light', 'usual'], $verdicts(['fishing' => 'distance', 'fish' => '0.5 kg', 'lure' => '110 g'], $line('mono', 12, 400), $line('mono', 15, 400)));
        self::assertSame(['heavier'], $verdicts(['fish' => '2 kg', 'snags' => 'some'], $line('braid', 50)), 'never refused');
    }

    public function testTheNearestOfTheRackIsTheOneOfTheFirstMaterialAndStrength(): void
    {
        $line = static fn(int $id, string $material, int $pounds): array => ['id' => $id, 'material' => $material, 'strength_N' => "$pounds lb"];
        $rack = self::choose(['fish' => '13 kg', 'rack' => [$line(1, 'braid', 30), $line(2, 'mono', 20), $line(3, 'mono', 15), $line(4, 'hybrid', 15)]])['rack'];
        usort($rack, static fn(array $a, array $b): int => $a['distance'] <=> $b['distance']);
        self::assertSame([3, 2, 4, 1], array_column($rack, 'id'));
    }

    public function testFluorocarbonComesSecondOnABaitcaster(): void
    {
        $order = static fn(?string $reel): array => array_column(self::choose(['reel' => $reel])['materials'], 'material');
        self::assertSame('fluoro', $order('baitcasting')[1]);
        self::assertNotSame('fluoro', $order(null)[1]);
        self::assertSame('braid', self::choose(['snags' => 'many'])['materials'][0]['material']);
    }

    public function testALightRodIsANote(): void
    {
        self::assertStringContainsString('the rod can break first', self::said(self::choose(['fish' => '20 kg', 'rod' => ['mono_range' => '8-12 lb']]), 'limits'));
        self::assertSame([], self::choose(['rod' => ['mono_range' => '8-20 lb'], 'reel_max_N' => '4 kg'])['limits']);
    }

    public function testWhatNobodyFishesForIsRefusedByName(): void
    {
        foreach ([['fish' => ''], ['fish' => '0 kg'], ['fish' => 'huge'], ['fishing' => 'big_game', 'fish' => '2.9 kg']] as $asked) {
            try {
                self::choose($asked);
                self::fail(json_encode($asked) . ' was taken');
            } catch (DomainFault $fault) {
                self::assertSame('fish', $fault->field);
            }
        }
    }

    /** @param array<string, mixed> $asked @return array{string, float} */
    private static function capped(array $asked): array
    {
        $choice = self::choose($asked);

        return [$choice['drag_capped_by'], round($choice['drag_N'], 5)];
    }

    /** @param array<string, mixed> $asked @return array<array-key, mixed> */
    private static function picks(array $asked): array
    {
        return array_column(self::choose($asked)['materials'], 'pick_N', 'material');
    }

    /** @param array<array-key, mixed> $before @param array<array-key, mixed> $now */
    private static function noneLess(array $before, array $now, string $where): void
    {
        foreach ($before as $material => $newtons) {
            self::assertGreaterThanOrEqual($newtons, $now[$material], "$where, $material");
        }
    }

    /** @param array<string, mixed> $choice */
    private static function said(array $choice, string $where = 'reasons'): string
    {
        $sentences = $choice[$where];
        self::assertIsArray($sentences);

        return implode(' ', array_map(strval(...), array_column($sentences, 'text')));
    }

    /** @param array<string, mixed> $change @return array<string, mixed> */
    private static function choose(array $change): array
    {
        return Compute::run('choose', $change + ['fishing' => 'general', 'fish' => '2 kg']);
    }
}
