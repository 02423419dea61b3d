<?php

declare(strict_types=1);

namespace Undro\Tests\Drag;

use PHPUnit\Framework\TestCase;
use Undro\Drag\BadDrag;
use Undro\Drag\Governs;
use Undro\Drag\Link;
use Undro\Drag\Runout;
use Undro\Drag\Target;
use Undro\Line\Lay;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Printed\Stamp;
use Undro\Spool\Measures;
use Undro\Spool\Spool;
use Undro\Tests\Property;
use Undro\Units\Diameter;
use Undro\Units\Force;
use Undro\Units\Length;

final class DragTest extends TestCase
{
    use Property;

    public function testTheWeakestLinkCountsAndAStrongerOneChangesNothing(): void
    {
        $main = Link::of('main line', Force::newtons(100), 0.8, 0.9);
        $leader = Link::of('leader', Force::newtons(60), 0.9);
        $target = Target::of([$main, $leader], 0.25);
        self::assertSame('leader', $target->weakest->name);
        self::assertEquals($target->force, Target::of([Link::of('main line', Force::newtons(500)), $leader], 0.25)->force);
        self::assertSame(Governs::Rod, Target::of([$main, $leader], 0.25, Force::newtons(9), Force::newtons(5))->governs);
    }

    public function testTheForceOnlyGrowsAsLineRunsOutAndTheLimitLiesOnTheCurve(): void
    {
        $this->forAll(self::share(), self::share(), self::share())->then(function (int $a, int $b, int $c): void {
            $runout = self::runout(self::between(10, 120, $a));
            $set = Force::newtons(10);
            $one = self::between(0, 400, min($b, $c));
            $other = self::between(0, 400, max($b, $c));
            self::assertLessThanOrEqual(
                $runout->force($set, Length::metres($other))->inNewtons() + 1e-9,
                $runout->force($set, Length::metres($one))->inNewtons(),
            );
            $limit = Force::newtons(self::between(9, 16, $b));
            $out = $runout->lineOutAt($set, $limit);
            if ($out === null || $out->inMetres() === 0.0) {
                $runout->force($set, Length::metres($out === null ? 20_000 : 0))->inNewtons() <= 16 || self::fail('past every limit');

                return;
            }
            self::assertEqualsWithDelta($limit->inNewtons(), $runout->force($set, $out)->inNewtons(), 1e-6);
        });
    }

    public function testAnEmptySpoolStopsAtTheArbor(): void
    {
        self::assertEqualsWithDelta(30, self::runout(100)->surface(Length::metres(20_000))->inMillimetres(), 1e-9);
    }

    public function testTheRunoutNeedsTheShapeOfTheSpool(): void
    {
        $this->expectException(BadDrag::class);
        Runout::of(
            Spool::of(new Measures(), Stamp::read('0.25/200')->ratings(), Lay::Normal, Length::millimetres(1.5)),
            Length::millimetres(1.5),
            Line::of(Material::Mono, Diameter::millimetres(0.3)),
            null,
            null,
        );
    }

    private static function runout(float $mainMetres): Runout
    {
        $spool = Spool::of(
            new Measures(Diameter::millimetres(46), Diameter::millimetres(30), null, Length::millimetres(17)),
            [],
            Lay::Normal,
            Length::millimetres(1.5),
        );

        return Runout::of(
            $spool,
            Length::millimetres(1.5),
            Line::of(Material::Braid, Diameter::millimetres(0.16)),
            Length::metres($mainMetres),
            Line::of(Material::Mono, Diameter::millimetres(0.30)),
        );
    }
}
