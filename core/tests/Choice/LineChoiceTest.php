<?php

declare(strict_types=1);

namespace Undro\Tests\Choice;

use PHPUnit\Framework\TestCase;
use Undro\Choice\Current;
use Undro\Choice\Fishing;
use Undro\Choice\Snags;
use Undro\Contract\Compute;
use Undro\DomainFault;

final class LineChoiceTest extends TestCase
{
    public function testStrengthFollowsFromTheDragOneNeeds(): void
    {
        $choice = self::choose(['fishing' => 'general', 'fish' => '12 kg']);
        self::assertEqualsWithDelta(250 * 12 / 3 / 100, $choice['pull_N'], 1e-9);
        self::assertEqualsWithDelta($choice['pull_N'] / 0.25 / 0.75 / 0.9, $choice['least_N'], 1e-9);
        self::assertFalse($choice['floor']);
        self::assertSame(0.35, self::choose(['schools' => ['drag' => '0.35']])['fraction'], 'the habit counts');
        self::assertSame(0.3, self::choose(['fishing' => 'deep_jigging'])['fraction']);
    }

    public function testABiggerFishSnagsAndCurrentNeverAskForLess(): void
    {
        foreach (Fishing::cases() as $fishing) {
            $least = 0.0;
            foreach (['1 kg', '2 kg', '8 lb', '10 kg'] as $fish) {
                $now = self::choose(['fishing' => $fishing->value, 'fish' => $fish])['least_N'];
                self::assertGreaterThanOrEqual($least, $now);
                $least = $now;
            }
            foreach ([Snags::cases(), Current::cases()] as $worse) {
                $strengths = array_map(
                    static fn(\BackedEnum $each): float => self::choose(
                        ['fishing' => $fishing->value, $each instanceof Snags ? 'snags' : 'current' => $each->value],
                    )['least_N'],
                    $worse,
                );
                $sorted = $strengths;
                sort($sorted);
                self::assertSame($sorted, $strengths);
            }
        }
    }

    public function testMoreRoomNeverAsksForAStrongerLine(): void
    {
        foreach (Fishing::cases() as $fishing) {
            foreach (['0.4 kg', '5 lb', '30 lb', '80 lb'] as $fish) {
                foreach ([0, 60] as $cast) {
                    $before = INF;
                    foreach ([1, 5, 25, 60, 100, 200, 600] as $room) {
                        $now = self::choose(['fishing' => $fishing->value, 'fish' => $fish, 'room_m' => $room, 'cast_m' => $cast]);
                        self::assertLessThanOrEqual($before, $now['least_N']);
                        self::assertSame((float) $room, $now['room_m']);
                        self::assertGreaterThanOrEqual($room + $cast + 20, $now['length_m'], 'the line is there for the room');
                        $before = $now['least_N'];
                    }
                }
            }
        }
    }

    public function testWhatPeopleFishWithComesOut(): void
    {
        foreach ([
            [['fish' => '30 lb', 'room_m' => 100], 12, 18],
            [['fish' => '80 lb', 'room_m' => 100], 32, 48],
            [['fish' => '5 lb', 'fishing' => 'heavy_cover'], 17, 27],
            [['fish' => '5 lb', 'fishing' => 'heavy_cover', 'snags' => 'many'], 17, 27],
        ] as [$asked, $least, $most]) {
            $pounds = self::choose($asked)['least_N'] / 4.4482216;
            self::assertTrue($pounds >= $least && $pounds <= $most, json_encode($asked) . " asks for $pounds lb");
        }
        $small = self::choose(['fish' => '0.4 kg', 'room_m' => 100]);
        self::assertTrue($small['floor']);
        self::assertEqualsWithDelta(4 * 4.4482216, $small['least_N'], 1e-4);
        $of = array_column($small['materials'], 'least_N', 'material');
        self::assertEqualsWithDelta(5 * 4.4482216, $of['braid'], 1e-4);
        self::assertLessThan(8, self::choose(['fish' => '0.4 kg', 'room_m' => 100, 'finest' => true])['least_N']);
    }

    public function testRoomIsBySnagsAndNeverMoreThanTheLineGives(): void
    {
        foreach (['none' => 100.0, 'some' => 60.0, 'many' => 25.0] as $snags => $room) {
            self::assertSame($room, self::choose(['fishing' => 'distance', 'snags' => $snags])['room_m']);
        }
        self::assertSame(25.0, self::choose(['fishing' => 'heavy_cover'])['room_m']);
        $far = self::choose(['cast_m' => 50]);
        self::assertSame(140.0 - 50 - 20, $far['room_m']);
        self::assertStringContainsString('the longest cast and 20 m stay on the reel', self::said($far));
    }

    public function testNoFishPullsMoreThanSixTenthsOfItsWeightAndWeedComesOnTop(): void
    {
        $kilograms = 10.0;
        $cap = 0.6 * $kilograms * 9.80665;
        self::assertEqualsWithDelta($cap, self::choose(['fish' => '10 kg', 'room_m' => 1])['pull_N'], 1e-6);
        self::assertEqualsWithDelta(1.35 * $cap, self::choose(['fish' => '10 kg', 'room_m' => 1, 'current' => 'strong'])['pull_N'], 1e-6);
        $cover = self::choose(['fish' => '10 kg', 'room_m' => 1, 'fishing' => 'heavy_cover']);
        self::assertEqualsWithDelta($cap + 15, $cover['pull_N'], 1e-6);
        self::assertSame(0.35, $cover['fraction']);
    }

    public function testWhatMoreRoomWouldSaveIsWhatComesOutWithIt(): void
    {
        $said = self::said(self::choose(['fish' => '12 kg', 'room_m' => 60]));
        self::assertSame(1, preg_match('/With (\d+) m of room for a run, ([\d.]+) kg would be enough/', $said, $found), $said);
        $then = self::choose(['fish' => '12 kg', 'room_m' => (int) $found[1]])['least_N'] / 9.80665;
        self::assertEqualsWithDelta((float) $found[2], $then, 0.06);
        self::assertStringNotContainsString('would be enough', self::said(self::choose(['fish' => '0.4 kg'])), 'under the least it saves nothing');
        self::assertStringNotContainsString('would be enough', self::said(self::choose(['fish' => '12 kg', 'room_m' => 1])));
        self::assertStringContainsString('Undro assumed', self::said(self::choose(['fish' => '3 kg'])));
        self::assertStringNotContainsString('Undro assumed', self::said(self::choose(['fish' => '3 kg', 'room_m' => 80])));
        self::assertStringContainsString('weed', self::said(self::choose(['fishing' => 'heavy_cover'])));
    }

    public function testTeethAskForALeaderWhateverTheLine(): void
    {
        foreach (Fishing::cases() as $fishing) {
            $leader = self::choose(['fishing' => $fishing->value, 'toothy' => true])['leader'];
            self::assertNotNull($leader);
            self::assertGreaterThan(self::choose(['fishing' => $fishing->value])['least_N'], $leader['strength_N']);
        }
    }

    public function testLengthIsTwoCastsAndARunOrWhatIsUsual(): void
    {
        self::assertSame(120.0, (float) self::choose(['cast_m' => 30])['length_m']);
        self::assertSame(2 * 80.0 + 40, (float) self::choose(['cast_m' => 80])['length_m']);
        self::assertGreaterThanOrEqual(300, self::choose(['fishing' => 'distance'])['length_m']);
    }

    public function testBraidAndLeadAskForALeader(): void
    {
        self::assertNull(self::choose(['fishing' => 'big_fish'])['leader']);
        self::assertNotNull(self::choose(['fishing' => 'heavy_cover'])['leader']);
        $surf = self::choose(['fishing' => 'distance', 'lure' => '4 oz'])['leader'];
        self::assertEqualsWithDelta(40 * 4.448, $surf['strength_N'], 1, 'ten pounds for every ounce');
        self::assertGreaterThan(4.0 + 5 * M_PI * 0.065, $surf['length_m'], 'it lies with turns on the spool');
        self::assertLessThan(2, self::choose(['fishing' => 'distance', 'lure' => '40 g'])['leader']['length_m']);
    }

    public function testTheRackIsMarked(): void
    {
        $line = static fn(int $id, string $material, float $kg, float $left): array => [
            'id' => $id,
            'material' => $material,
            'strength_N' => "$kg kg",
            'left_m' => $left,
        ];
        $choice = self::choose(['fish' => '9 kg', 'rack' => [
            $line(1, 'mono', 5, 200), $line(2, 'mono', 5, 50), $line(3, 'mono', 2, 200), $line(4, 'mono', 15, 200), $line(
                5,
                'fluoro',
                5,
                200
            ),
            ['id' => 6, 'material' => 'mono', 'diameter_mm' => 0.32, 'left_m' => 200],
        ]]);
        self::assertSame(['yes', 'too_short', 'too_light', 'stronger', 'other_material', 'yes'], array_column($choice['rack'], 'suits'));
    }

    public function testWhatReelAndRodCannotGiveIsSaid(): void
    {
        $limits = self::choose(
            ['fish' => '20 kg', 'snags' => 'many', 'reel_max_N' => '4 kg', 'rod' => ['mono_range' => '8-20 lb']],
        )['limits'];
        self::assertCount(2, $limits);
        self::assertSame([], self::choose(['reel_max_N' => '4 kg', 'rod' => ['mono_range' => '8-20 lb']])['limits']);
    }

    public function testAFishWithoutWeightIsAskedFor(): void
    {
        foreach (['', '0 kg', 'huge'] as $fish) {
            try {
                self::choose(['fish' => $fish]);
                self::fail("\"$fish\" was taken");
            } catch (DomainFault $fault) {
                self::assertSame('fish', $fault->field);
            }
        }
    }

    /** @param array<string, mixed> $choice */
    private static function said(array $choice): string
    {
        $reasons = $choice['reasons'];
        self::assertIsArray($reasons);

        return implode(' ', array_map(strval(...), array_column($reasons, 'text')));
    }

    /** @param array<string, mixed> $change @return array<string, mixed> */
    private static function choose(array $change): array
    {
        return Compute::run('choose', $change + ['fishing' => 'general', 'fish' => '2 kg']);
    }
}
