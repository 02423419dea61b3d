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
        $choice = self::choose(['fishing' => 'general', 'fish' => '4 kg']);
        self::assertEqualsWithDelta(4 * 9.80665 * 0.25, $choice['pull_N'], 1e-9);
        self::assertEqualsWithDelta($choice['pull_N'] / 0.25 / 0.75 / 0.9, $choice['least_N'], 1e-9);
        self::assertSame(0.35, self::choose(['schools' => ['drag' => '0.35']])['fraction'], 'the habit counts');
        self::assertSame(0.3, self::choose(['fishing' => 'deep_jigging'])['fraction']);
    }

    public function testABiggerFishSnagsAndCurrentNeverAskForLess(): void
    {
        foreach (Fishing::cases() as $fishing) {
            $least = 0.0;
            foreach (['1 kg', '2 kg', '8 lb', '10 kg'] as $fish) {
                $now = self::choose(['fishing' => $fishing->value, 'fish' => $fish])['least_N'];
                self::assertGreaterThan($least, $now);
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
    }

    public function testTheRackIsMarked(): void
    {
        $line = static fn(int $id, string $material, float $kg, float $left): array => [
            'id' => $id,
            'material' => $material,
            'strength_N' => "$kg kg",
            'left_m' => $left,
        ];
        $choice = self::choose(['fish' => '3 kg', 'rack' => [
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

    /** @param array<string, mixed> $change @return array<string, mixed> */
    private static function choose(array $change): array
    {
        return Compute::run('choose', $change + ['fishing' => 'general', 'fish' => '2 kg']);
    }
}
