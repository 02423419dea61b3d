<?php

declare(strict_types=1);

namespace Undro\Tests\Line;

use PHPUnit\Framework\TestCase;
use Undro\DomainFault;
use Undro\Line\LineSize;
use Undro\Line\Material;
use Undro\Line\NominalDiameter;
use Undro\Tests\Property;
use Undro\Units\Force;
use Undro\Units\ForceUnit;

final class LineSizeTest extends TestCase
{
    use Property;

    public function testReadsADiameterAStrengthOrAPeNumber(): void
    {
        self::assertSame(0.16, LineSize::read('0.16', Material::Braid)->diameter->inMillimetres());
        $nominal = LineSize::read('8 lb', Material::Mono);
        self::assertTrue($nominal->nominal);
        self::assertEqualsWithDelta(0.26, $nominal->diameter->inMillimetres(), 1e-9);
        self::assertFalse(LineSize::read('PE 1', Material::Braid)->nominal);
        self::assertEqualsWithDelta(0.3048, LineSize::read('0.012 in', Material::Mono)->diameter->inMillimetres(), 1e-9);
    }

    public function testAPeNumberBelongsToBraid(): void
    {
        $this->expectException(DomainFault::class);
        $this->expectExceptionMessage('belongs to braid');
        LineSize::read('PE 1.5', Material::Fluoro);
    }

    public function testABareStrengthIsAskedForItsUnit(): void
    {
        $this->expectException(DomainFault::class);
        $this->expectExceptionMessage('20 lb for the strength');
        LineSize::read('20', Material::Braid);
    }

    public function testStrongerLineIsNominallyThicker(): void
    {
        $this->forAll(self::share(), self::share())->then(function (int $one, int $other): void {
            $pounds = [self::between(1, 120, min($one, $other)), self::between(1, 120, max($one, $other))];
            foreach (Material::cases() as $material) {
                [$thin, $thick] = array_map(
                    static fn(float $lb): float => NominalDiameter::of($material, Force::of($lb, ForceUnit::Pound))->inMillimetres(),
                    $pounds,
                );
                self::assertLessThanOrEqual($thick + 1e-12, $thin);
            }
        });
    }
}
