<?php

declare(strict_types=1);

namespace Undro\Tests\Strike;

use PHPUnit\Framework\TestCase;
use Undro\Line\Material;
use Undro\Strike\BadStrike;
use Undro\Strike\Strike;
use Undro\Units\Force;
use Undro\Units\Length;

final class StrikeTest extends TestCase
{
    public function testALockedDragCloseInOnBraidBreaksTheLine(): void
    {
        $strike = self::strike(Material::Braid, null, 2.0, 0.0, 6);
        self::assertTrue($strike->breaks);
        self::assertSame(70.0, $strike->hook->inNewtons());
    }

    public function testASetDragSlipsBeforeTheLineBreaks(): void
    {
        $strike = self::strike(Material::Braid, 15.0, 2.0, 0.0, 6);
        self::assertTrue($strike->slips);
        self::assertFalse($strike->breaks);
        self::assertSame(15.0, $strike->hook->inNewtons());
    }

    public function testADragAboveTheLineIsNoHelp(): void
    {
        self::assertTrue(self::strike(Material::Braid, 90.0, 2.0, 0.0, 6)->breaks);
    }

    public function testNylonBringsLessToTheHookThanBraidAndSlackBringsNothing(): void
    {
        self::assertLessThan(
            self::strike(Material::Braid, null, 1.0, 0.2, 60)->hook->inNewtons(),
            self::strike(Material::Mono, null, 1.0, 0.2, 60)->hook->inNewtons(),
        );
        self::assertSame(0.0, self::strike(Material::Mono, null, 1.0, 1.5, 60)->hook->inNewtons());
    }

    public function testWindingDownPastTheFishIsRefused(): void
    {
        $this->expectException(BadStrike::class);
        Strike::of(
            Material::Mono,
            Force::newtons(70),
            null,
            null,
            Length::metres(1),
            Length::metres(0),
            Length::metres(9),
            Length::metres(8),
        );
    }

    private static function strike(Material $material, ?float $drag, float $sweep, float $slack, float $distance): Strike
    {
        return Strike::of(
            $material,
            Force::newtons(100),
            Force::newtons(70),
            $drag === null ? null : Force::newtons($drag),
            Length::metres($sweep),
            Length::metres($slack),
            Length::metres(0),
            Length::metres($distance),
        );
    }
}
