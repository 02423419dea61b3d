<?php

declare(strict_types=1);

namespace Undro\Tests\Spool;

use Eris\Generators;
use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;
use Undro\Line\Lay;
use Undro\Line\Material;
use Undro\Spool\Measures;
use Undro\Spool\Rating;
use Undro\Spool\ReelKind;
use Undro\Spool\Spool;
use Undro\Spool\TypicalReel;
use Undro\Tests\Property;
use Undro\Units\Diameter;
use Undro\Units\Length;

final class TypicalReelTest extends TestCase
{
    use Property;

    public function testATurnWindsWhatTheHandbookWorksOut(): void
    {
        $usual = self::usual(ReelKind::Spinning, null);
        self::assertEqualsWithDelta(0.60, $usual?->perTurn?->inMetres(), 0.005);
        self::assertEqualsWithDelta(0.21, $usual?->half(Length::metres(1))->inMetres(), 0.005);
    }

    public function testWhatIsMeasuredReplacesWhatIsTakenByExperience(): void
    {
        // the lip alone: 0.80 of it; a typed gear ratio has no error
        $lip = self::usual(ReelKind::Spinning, 6.0, new Measures(Diameter::millimetres(50)));
        self::assertEqualsWithDelta(M_PI * 0.80 * 50 * 6.0 / 1000, $lip?->perTurn?->inMetres(), 1e-9);
        self::assertEqualsWithDelta(0.10, $lip?->sd, 1e-9);
        // the whole shape: the surface gives the line per turn, and only the gear ratio is usual
        $shape = new Measures(Diameter::millimetres(50), null, null, Length::millimetres(17));
        $gear = self::usual(ReelKind::Spinning, null, $shape);
        self::assertNull($gear?->perTurn);
        self::assertEqualsWithDelta(0.08, $gear?->sd, 1e-9);
        self::assertNull(self::usual(ReelKind::Spinning, 6.0, $shape));
    }

    public function testWhatHelpsMostIsTheLeastSureOfTheTwo(): void
    {
        $says = static fn(ReelKind $reel, ?float $gear): string => self::usual($reel, $gear)?->surer->text() ?? '';
        self::assertStringStartsWith('Measure the lip', $says(ReelKind::Spinning, null));
        self::assertStringStartsWith('Type the reel’s gear ratio', $says(ReelKind::Baitcasting, null));
        self::assertStringStartsWith('Type the reel’s gear ratio', $says(ReelKind::Spincast, null));
        self::assertStringStartsWith('Measure the lip', $says(ReelKind::Spincast, 3.8));
    }

    /** Turns by the printed capacity alone say the same as turns on a spool of the shape that is usual for it. */
    public function testTurnsByExperienceAgreeWithAUsualSpoolWithinTheirInterval(): void
    {
        $this->limitTo(40)->forAll(Generators::choose(2, 80))->then(static function (int $turns): void {
            $run = static fn(array $spool, array $reel): array => Compute::run('run', [
                'case' => [
                    'reel' => ['kind' => 'spinning'] + $reel,
                    'spool' => ['ratings_text' => '0.25/223'] + $spool,
                    'main' => ['material' => 'mono', 'size' => '0.30', 'length_m' => '100 m'],
                    'backing' => ['material' => 'mono', 'size' => '0.30'],
                ],
                'marks' => [['kind' => 'turns', 'turns' => $turns, 'at' => '2026-01-01T10:00:00Z']],
            ]);
            $known = $run(['lip_diameter_mm' => 46, 'traverse_mm' => 17], ['gear_ratio' => 5.2])['layers'][0];
            $usual = $run([], []);
            $half = $usual['layers'][0]['wound_half_m'];
            self::assertLessThan($half, abs($known['wound_m'] - $usual['layers'][0]['wound_m']));
            self::assertGreaterThan($known['wound_half_m'], $half);
            self::assertNotNull($usual['progress']['turns_left']);
        });
    }

    /** Measured in the middle of a run, all of it is read as if it had been known from the start. */
    public function testWhatIsMeasuredInARunCountsFromItsStart(): void
    {
        $case = ['spool' => ['ratings_text' => '0.25/223'], 'main' => ['material' => 'mono', 'size' => '0.30', 'length_m' => '100 m'],
            'backing' => ['material' => 'mono', 'size' => '0.30']];
        $turns = ['kind' => 'turns', 'turns' => 50, 'at' => '2026-01-01T10:00:00Z'];
        $measured = ['kind' => 'measured', 'at' => '2026-01-01T10:05:00Z', 'measures' => ['lip_diameter_mm' => '46 mm', 'traverse_mm' => '17 mm', 'gear_ratio' => '5.8']];
        $late = Compute::run('run', ['case' => $case, 'marks' => [$turns, $measured]]);
        $early = Compute::run('run', ['case' => array_replace_recursive($case, [
            'spool' => ['lip_diameter_mm' => '46 mm', 'traverse_mm' => '17 mm'],
            'reel' => ['gear_ratio' => '5.8'],
        ]), 'marks' => [$turns]]);
        self::assertSame($early['progress'], $late['progress']);
        self::assertNull($late['progress']['by_experience']);
        // what cannot be is refused, and names the figure
        $this->expectExceptionMessageMatches('/lip/');
        $measured['measures']['arbor_diameter_mm'] = '60 mm';
        Compute::run('run', ['case' => $case, 'marks' => [$turns, $measured]]);
    }

    private static function usual(ReelKind $reel, ?float $gearRatio, Measures $measures = new Measures()): ?TypicalReel
    {
        $rating = Rating::of(Length::metres(223), Diameter::millimetres(0.25), Material::Mono);

        return TypicalReel::of($reel, Spool::of($measures, [$rating], Lay::Normal, Length::millimetres(1.5)), $gearRatio);
    }
}
