<?php

declare(strict_types=1);

namespace Undro\Tests\Drag;

use PHPUnit\Framework\TestCase;
use Undro\Drag\BadDrag;
use Undro\Drag\Rise;
use Undro\Drag\Runout;
use Undro\Fill\Layer;
use Undro\Fill\Role;
use Undro\Line\Lay;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Spool\Arbor;
use Undro\Spool\Measures;
use Undro\Spool\Spool;
use Undro\Tests\Property;
use Undro\Units\Diameter;
use Undro\Units\Force;
use Undro\Units\Length;

final class RiseTest extends TestCase
{
    use Property;

    public function testASpoolAsItIsFilledRunsOutLikeAFullOneOfTheSameLine(): void
    {
        $this->forAll(self::share(), self::share())->then(function (int $a, int $b): void {
            $main = self::between(20, 120, $a);
            $full = Runout::of(self::spool(), Length::millimetres(1.5), self::braid(), Length::metres($main), self::nylon());
            $backing = ($full->surface(Length::metres(0))->inMillimetres() ** 2
                - $full->surface(Length::metres($main))->inMillimetres() ** 2);
            self::assertGreaterThan(0, $backing);
            $room = self::spool()->fullVolume(Length::millimetres(1.5))->inCubicMillimetres();
            $under = ($room - 1000 * $main * self::braid()->cell(Lay::Normal)->inSquareMillimetres())
                / (1000 * self::nylon()->cell(Lay::Normal)->inSquareMillimetres());
            $filled = Runout::filled(self::spool(), [
                Layer::of(Role::Backing, self::nylon(), Length::metres($under)),
                Layer::of(Role::Main, self::braid(), Length::metres($main)),
            ]);
            $out = Length::metres(self::between(0, $main + $under, $b));
            self::assertEqualsWithDelta($full->surface($out)->inMillimetres(), $filled->surface($out)->inMillimetres(), 1e-6);
            self::assertEqualsWithDelta($full->rise($out), $filled->rise($out), 1e-9);
        });
    }

    public function testAHalfEmptySpoolAndASleeveStartElsewhere(): void
    {
        $half = Runout::filled(self::spool(), [Layer::of(Role::Main, self::nylon(), Length::metres(50))]);
        $full = Runout::filled(self::spool(), [Layer::of(Role::Main, self::nylon(), Length::metres(100))]);
        self::assertLessThan($full->surface(Length::metres(0))->inMillimetres(), $half->surface(Length::metres(0))->inMillimetres());
        self::assertEqualsWithDelta(
            $full->surface(Length::metres(50))->inMillimetres(),
            $half->surface(Length::metres(0))->inMillimetres(),
            1e-9,
        );
        $sleeved = Runout::filled(
            self::spool()->withArbor(Arbor::straight(Diameter::millimetres(38))),
            [Layer::of(Role::Main, self::braid(), Length::metres(100))],
        );
        self::assertEqualsWithDelta(38, $sleeved->surface(Length::metres(100))->inMillimetres(), 1e-9);
        $this->expectException(BadDrag::class);
        Runout::filled(self::spool(), []);
    }

    public function testWhatIsMeasuredCountsOnceTheShapeDoesNotExplainIt(): void
    {
        $set = Force::newtons(10);
        $runout = Runout::filled(self::spool(), [Layer::of(Role::Main, self::nylon(), Length::metres(120))]);
        $at = Length::metres(60);
        $shape = $runout->force($set, $at)->inNewtons();
        $sound = Rise::of($runout, $set, [[$at, Force::newtons(1.2 * $shape)]]);
        self::assertFalse($sound->byMeasured());
        self::assertEqualsWithDelta($shape, $sound->force($at)->inNewtons(), 1e-9);
        self::assertStringContainsString('The drag is sound', $sound->verdict()?->text() ?? '');
        $own = Rise::of(
            $runout,
            $set,
            [
                [$at, Force::newtons(1.5 * $shape)],
                [Length::metres(30), Force::newtons(1.2 * $runout->force($set, Length::metres(30))->inNewtons())],
            ],
        );
        self::assertTrue($own->byMeasured());
        self::assertEqualsWithDelta(1.5 * $shape, $own->force($at)->inNewtons(), 1e-9);
        self::assertEqualsWithDelta(10, $own->force(Length::metres(0))->inNewtons(), 1e-9);
        self::assertGreaterThan(
            1.5,
            $own->force(Length::metres(100))->inNewtons() / $runout->force($set, Length::metres(100))->inNewtons(),
            'it goes on as it grew',
        );
        self::assertStringContainsString('because the drag sticks or heats up', $own->verdict()?->text() ?? '');
        self::assertStringContainsString(
            'doesn’t loosen by itself',
            Rise::of($runout, $set, [[$at, Force::newtons(0.6 * $shape)]])->verdict()?->text() ?? '',
        );
        self::assertNull(Rise::of($runout, $set, [])->verdict());
    }

    public function testEasedOffAsTheTableSaysItIsLevel(): void
    {
        $this->forAll(self::share(), self::share())->then(function (int $a, int $b): void {
            $set = Force::newtons(self::between(5, 30, $a));
            $runout = Runout::filled(self::spool(), [Layer::of(Role::Main, self::nylon(), Length::metres(120))]);
            $rise = Rise::of($runout, $set, []);
            $out = Length::metres(self::between(0, 120, $b));
            $eased = $rise->setFor($out);
            self::assertLessThanOrEqual($set->inNewtons() + 1e-9, $eased->inNewtons(), 'ease off, never tighten');
            self::assertEqualsWithDelta($set->inNewtons(), $runout->force($eased, $out)->inNewtons(), 1e-9);
            $limit = Force::newtons(1.2 * $set->inNewtons());
            self::assertEqualsWithDelta(
                $runout->lineOutAt($set, $limit)?->inMetres() ?? -1,
                $rise->lineOutAt($limit, Length::metres(5000))?->inMetres() ?? -1,
                1e-3,
            );
        });
    }

    public function testOneLineOutIsMeasuredOnce(): void
    {
        $this->expectException(BadDrag::class);
        Rise::of(
            Runout::filled(self::spool(), [Layer::of(Role::Main, self::nylon(), Length::metres(100))]),
            Force::newtons(10),
            [[Length::metres(40), Force::newtons(11)], [Length::metres(40.2), Force::newtons(12)]],
        );
    }

    private static function spool(): Spool
    {
        return Spool::of(
            new Measures(Diameter::millimetres(46), Diameter::millimetres(30), null, Length::millimetres(17)),
            [],
            Lay::Normal,
            Length::millimetres(1.5),
        );
    }

    private static function braid(): Line
    {
        return Line::of(Material::Braid, Diameter::millimetres(0.16));
    }

    private static function nylon(): Line
    {
        return Line::of(Material::Mono, Diameter::millimetres(0.30));
    }
}
