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
        foreach ([
            '14-8 lb' => 'Type the smaller figure first, such as 8-14 lb',
            '8-10-12 lb' => '"8-10-12 lb" can’t be read',
            'strong' => '"strong" can’t be read',
            '8 parsec' => '“parsec” can’t be read',
            '' => 'such as 8-14 lb, 0.20-0.30 mm or PE 0.8-1.5',
        ] as $typed => $says) {
            try {
                LineRange::read($typed, Material::Mono);
                self::fail("\"$typed\" was read");
            } catch (DomainFault $fault) {
                self::assertStringContainsString($says, $fault->getMessage());
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
            ['reel' => 'fits', 'rod' => 'fits', 'reel_drag' => 'fits', 'rod_drag' => 'fits'],
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
        $strong = $verdicts(['material' => 'braid', 'size' => '0.30', 'strength_N' => '40 kg']);
        self::assertSame(['note', 'note'], [$strong['rod_drag'], $strong['reel_drag']], 'more than the rod bears, and than the reel can use');
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
        self::assertSame('The rod is rated for lines up to 9.1 kg: 4.5 kg fits.', $says('to 20 lb'));
        self::assertSame('The rod is rated for lines of 3.6 kg to 9.1 kg: 4.5 kg fits.', $says('8-20 lb'));
    }

    /** A reel that can outpull the line and a rod rated under braid are everyday tackle: nothing is called light or heavy for it. */
    public function testEverydayTackleIsNoFault(): void
    {
        $of = static fn(string $material, string $size): array => Compute::run('match', [
            'reel' => ['braid_range' => '6-30 lb', 'mono_range' => '4-20 lb', 'max_drag_N' => '10 kg'],
            'rod' => ['mono_range' => '6-12 lb'],
            'line' => ['material' => $material, 'size' => $size],
        ]);
        $twenty = $of('braid', '20 lb');
        self::assertSame(['fits', ['fits', 'note', 'fits']], [$twenty['verdict'], array_column($twenty['findings'], 'verdict')]);
        self::assertStringContainsString('as is usual with braid', $twenty['findings'][1]['text']);
        self::assertStringContainsString('the rod can break first', $twenty['findings'][1]['text']);
        self::assertStringContainsString('That is normal', $twenty['findings'][2]['text']);
        self::assertSame('heavy', $of('braid', '50 lb')['findings'][1]['verdict'], 'far over the rod');
        self::assertSame('heavy', $of('mono', '20 lb')['findings'][1]['verdict'], 'thick mono is another matter');
    }

    /** Match names no drag target of its own: only Drag knows the knots and the wear of what is on. */
    public function testTheDragOfTheLineIsNowhereSaid(): void
    {
        foreach ([1, 5, 20, 200] as $max) {
            $drags = Compute::run('match', [
                'reel' => ['max_drag_N' => $max], 'rod' => ['max_drag_N' => $max],
                'line' => ['material' => 'braid', 'size' => '0.2', 'strength_N' => 100],
            ])['findings'];
            foreach (array_slice($drags, 2) as $finding) {
                self::assertSame([(float) $max], array_column($finding['figures'], 'force_N'));
            }
        }
    }

    public function testTheAnglersDragFractionCounts(): void
    {
        $uses = static fn(array $schools): string => Compute::run('match', [
            'reel' => ['max_drag_N' => 40],
            'line' => ['material' => 'braid', 'size' => '0.2', 'strength_N' => 200],
            'schools' => $schools,
        ])['findings'][2]['verdict'];
        self::assertSame('fits', $uses([]), 'a quarter of 135 N');
        self::assertSame('note', $uses(['drag' => '0.35']));
    }

    /** Braid under 30 lb digs in on a baitcaster, whatever is printed on it; rounding of labels aside. */
    public function testThinBraidOnABaitcasterIsAlwaysSpokenOf(): void
    {
        $said = static fn(string $kind, string $size, string $range): string => (string) json_encode(
            Compute::run('match', ['line' => ['material' => 'braid', 'size' => $size], 'reel' => ['kind' => $kind, 'braid_range' => $range]])['findings'],
        );
        foreach (['', '10-40 lb'] as $range) {
            self::assertStringContainsString('digs into itself', $said('baitcasting', '20 lb', $range));
            self::assertStringContainsString('digs into itself', $said('baitcasting', '28 lb', $range));
            self::assertStringNotContainsString('digs into itself', $said('baitcasting', '29 lb', $range));
            self::assertStringNotContainsString('digs into itself', $said('spinning', '20 lb', $range));
        }
    }
}
