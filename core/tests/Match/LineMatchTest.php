<?php

declare(strict_types=1);

namespace Undro\Tests\Match;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;
use Undro\DomainFault;
use Undro\Line\Material;
use Undro\Line\NominalDiameter;
use Undro\Match\LineRange;
use Undro\Tests\Property;
use Undro\Units\Force;
use Undro\Units\ForceUnit;

final class LineMatchTest extends TestCase
{
    use Property;

    /** @return iterable<string, array{string, Material, float, float}> lb from and to */
    public static function ranges(): iterable
    {
        yield 'pounds' => ['8-14 lb', Material::Mono, 8, 14];
        yield 'a unit on both ends' => ['4 kg – 10 kg', Material::Braid, 8.818, 22.046];
        yield 'in words' => ['6 to 12lb', Material::Mono, 6, 12];
        yield 'bare figures' => ['10-20', Material::Mono, 10, 20];
        yield 'an upper end alone' => ['to 20 lb', Material::Mono, 0, 20];
        yield 'newtons' => ['20–50 N', Material::Mono, 4.496, 11.240];
        yield 'diameters' => ['0.26-0.43 mm', Material::Mono, 8, 20];
        yield 'bare diameters' => ['0,26 - 0,43', Material::Mono, 8, 20];
    }

    #[DataProvider('ranges')]
    public function testARangeIsReadInAnyUnit(string $typed, Material $material, float $low, float $high): void
    {
        $range = LineRange::read($typed, $material);
        self::assertEqualsWithDelta($low, $range->weakest->in(ForceUnit::Pound), 0.01);
        self::assertEqualsWithDelta($high, $range->strongest->in(ForceUnit::Pound), 0.01);
    }

    public function testPeIsBraidByDiameter(): void
    {
        $range = LineRange::read('PE 0.8-1.5', Material::Braid);
        self::assertFalse($range->inStrength);
        self::assertEqualsWithDelta(0.165 * sqrt(0.8), $range->thinnest->inMillimetres(), 1e-9);
        self::assertEqualsWithDelta(0.165 * sqrt(1.5), $range->thickest->inMillimetres(), 1e-9);
    }

    public function testNonsenseIsRefused(): void
    {
        foreach (['14-8 lb', '8-10-12 lb', 'strong', '8 parsec', ''] as $typed) {
            try {
                LineRange::read($typed, Material::Mono);
                self::fail("\"$typed\" was read");
            } catch (DomainFault $fault) {
                self::assertNotSame('', $fault->getMessage());
            }
        }
    }

    public function testNominalStrengthAndDiameterInvert(): void
    {
        $this->forAll(self::share())->then(function (int $share): void {
            foreach (Material::cases() as $material) {
                $strength = Force::of(self::between(1, 120, $share), ForceUnit::Pound);
                $back = NominalDiameter::strengthOf($material, NominalDiameter::of($material, $strength));
                self::assertEqualsWithDelta($strength->inNewtons(), $back->inNewtons(), 1e-6 * $strength->inNewtons());
            }
        });
    }

    public function testEachComparisonHasItsVerdict(): void
    {
        $reel = ['kind' => 'spinning', 'mono_range' => '6-12 lb', 'braid_range' => '10-20 lb', 'max_drag_N' => '6 kg'];
        $rod = ['mono_range' => '8-16 lb', 'max_drag_N' => '3 kg'];
        $verdicts = static function (array $line, array $reelChange = [], ?array $rodIs = null) use ($reel, $rod): array {
            return array_column(
                Compute::run('match', ['reel' => array_replace($reel, $reelChange), 'rod' => $rodIs ?? $rod, 'line' => $line])['findings'],
                'verdict',
                'against',
            );
        };
        self::assertSame(
            ['reel' => 'fits', 'rod' => 'fits', 'reel_drag' => 'light', 'rod_drag' => 'fits'],
            $verdicts(['material' => 'mono', 'size' => '10 lb']),
        );
        self::assertSame('light', $verdicts(['material' => 'mono', 'size' => '4 lb'])['reel']);
        self::assertSame('heavy', $verdicts(['material' => 'mono', 'size' => '0.40 mm'])['reel'], 'a diameter against a range in strength');
        self::assertSame('heavy', $verdicts(['material' => 'braid', 'size' => '30 lb'])['reel'], 'braid has a range of its own');
        self::assertSame('unknown', $verdicts(['material' => 'braid', 'size' => '30 lb'], ['braid_range' => ''])['reel']);
        self::assertSame(
            'fits',
            $verdicts(['material' => 'mono', 'size' => '0.27'], ['mono_range' => '', 'ratings_text' => '0.25/200 0.30/140'])['reel'],
            'the stamp stands in',
        );
        self::assertSame(
            'heavy',
            $verdicts(['material' => 'braid', 'size' => '0.30', 'strength_N' => '30 kg'])['rod_drag'],
            'the rod bears less than a quarter of it',
        );
        self::assertSame(
            'heavy',
            $verdicts(['material' => 'braid', 'size' => '0.30', 'strength_N' => '30 kg'])['reel_drag'],
            'the reel cannot use it',
        );
        self::assertSame(
            'fits',
            $verdicts(['material' => 'mono', 'size' => '8.3 lb'], [], ['mono_range' => '8.5-16 lb'])['rod'],
            'prints are rounded',
        );
    }

    public function testARangeWithoutALowerEndIsSaidSo(): void
    {
        $says = static fn(string $range): string => Compute::run(
            'match',
            ['reel' => ['mono_range' => '6-12 lb'], 'rod' => ['mono_range' => $range], 'line' => ['material' => 'mono', 'size' => '10 lb']],
        )['findings'][1]['text'];
        self::assertSame('The rod is made for lines up to 9.1 kg: 4.5 kg fits.', $says('to 20 lb'));
        self::assertSame('The rod is made for lines of 3.6 kg to 9.1 kg: 4.5 kg fits.', $says('8-20 lb'));
    }

    public function testTheAnglersDragFractionCounts(): void
    {
        $drag = static fn(array $schools): float => Compute::run(
            'match',
            [
                'reel' => ['max_drag_N' => 100],
                'line' => ['material' => 'braid', 'size' => '0.2', 'strength_N' => 200],
                'schools' => $schools,
            ],
        )['findings'][2]['figures'][1]['force_N'];
        self::assertEqualsWithDelta(50, $drag([]), 1e-9);
        self::assertEqualsWithDelta(70, $drag(['drag' => '0.35']), 1e-9);
    }
}
