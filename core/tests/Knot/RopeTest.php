<?php

declare(strict_types=1);

namespace Undro\Tests\Knot;

use PHPUnit\Framework\TestCase;
use Undro\Knot\Film;
use Undro\Knot\Knot;
use Undro\Knot\Knots;
use Undro\Knot\Path;
use Undro\Knot\Rope\Chain;
use Undro\Knot\Rope\Clearance;
use Undro\Knot\Rope\Rope;
use Undro\Knot\Rope\Scene;

final class RopeTest extends TestCase
{
    public function testASlackLineIsDrawnStraightBetweenItsEnds(): void
    {
        $rope = new Rope();
        $line = $rope->line(Chain::even(Path::of('a')->to(0, 0)->to(30, 25, 6)->to(60, -20)->to(100, 0)->points(), 100), 1.5);
        for ($i = 0; $i < 200; ++$i) {
            $rope->step();
        }
        self::assertEqualsWithDelta(100.0, $rope->length($line), 0.5);
        self::assertSame([[0.0, 0.0, 0.0], [100.0, 0.0, 0.0]], [$rope->points($line)[0], $rope->points($line)[100]]);
    }

    public function testALineBentRoundAnotherStaysRoundIt(): void
    {
        $rope = new Rope();
        $rope->line(Chain::even([[0.0, 0.0, 0.0], [100.0, 0.0, 0.0]], 100), 1.5);
        // from above, in front of the first, under it and up behind: both ends pull upwards
        $hooked = $rope->line(Chain::even(Path::of('b')->to(40, -50)->to(48, 0, 8)->to(50, 14)->to(52, 0, -8)->to(60, -50)
            ->points(), 110), 1.5);
        for ($i = 0; $i < 250; ++$i) {
            $rope->step();
        }
        $lowest = max(array_column($rope->points($hooked), 1));
        $core = array_column(array_slice($rope->points(0), 40, 20), 1);
        self::assertGreaterThan(min($core) + 1.4, $lowest, 'it has slipped over');
        self::assertGreaterThan(0.97, Clearance::of(['a' => $rope->points(0), 'b' => $rope->points($hooked)], ['a' => 1.5, 'b' => 1.5]));
    }

    public function testALineIsHeldOffByAnArbor(): void
    {
        $rope = new Rope([50.0, 0.0, 20.0]);
        $line = $rope->line(Chain::even(Path::of('a')->to(0, -10)->to(50, -40)->to(100, -10)->points(), 120), 1.5);
        for ($i = 0; $i < 200; ++$i) {
            $rope->step();
        }
        foreach ($rope->points($line) as [$x, $y]) {
            self::assertGreaterThanOrEqual(21.49, hypot($x - 50, $y));
        }
    }

    public function testAnOverhandIsDrawnTightAndStaysOne(): void
    {
        $course = Path::of('a')->to(0, 0)->to(40, 0)->to(64, -14)->to(60, -34)->to(36, -34)->to(24, -16)
            ->to(26, 0, 5)->to(36, 20)->to(48, 16)->to(42, 0.8, -5)->to(48, -16)->to(64, -20, 5)->to(110, -20);
        $scene = (new Scene())->line($course, 1.5)->loosen()->lay(0, ['a' => 'end'])->draw(1);
        $film = Film::of($scene);
        $laid = Diagram::of([$film->pose(0, 1.0)['a']]);
        $tight = Diagram::of([$film->pose(1, 1.0)['a']]);
        self::assertSame('UOUOUO', $laid->met(0));
        self::assertTrue(Diagram::alike($laid->alexander(), $tight->alexander()));
        // no power of t: it is knotted
        self::assertFalse(Diagram::alike(1, $tight->alexander()));
        $length = static fn(array $points): float => array_sum(array_map(
            static fn(array $a, array $b): float => sqrt(($a[0] - $b[0]) ** 2 + ($a[1] - $b[1]) ** 2 + ($a[2] - $b[2]) ** 2),
            array_slice($points, 1),
            array_slice($points, 0, -1),
        ));
        // a tight overhand takes about sixteen thicknesses of line more than the way between its ends
        self::assertEqualsWithDelta(112 + 16 * 3, $length($film->pose(1, 1.0)['a']), 16.0);
    }

    public function testNobodyLaysWhatIsNotMarked(): void
    {
        $this->expectException(\LogicException::class);
        (new Scene())->line(Path::of('a')->to(0, 0)->to(40, 0), 1.5)->lay(0, ['a' => 'away']);
    }

    public function testAFilmInTheRepositoryIsWhatItsCurvesMake(): void
    {
        $made = json_encode(Film::of(Knots::scene(Knot::TapedTag, []))->sent(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES);
        self::assertSame($made, gzdecode((string) file_get_contents(__DIR__ . '/../../../resources/films/taped_tag.json.gz')));
    }
}
