<?php

declare(strict_types=1);

namespace Undro\Tests\Contract;

use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;

/** What lists and thumbnails draw from. */
final class PictureTest extends TestCase
{
    public function testAnEmptySpoolIsDrawnWithoutLine(): void
    {
        $picture = Compute::run('picture', ['spool' => ['lip_diameter_mm' => 46, 'traverse_mm' => 17, 'ratings_text' => '0.25/200']]);
        self::assertSame([], $picture['layers']);
        self::assertSame(0.0, $picture['filled_fraction']);
        self::assertEqualsWithDelta(46, $picture['shape']['lip_mm'], 1e-9);
        self::assertSame($picture['shape']['arbor_thin_mm'], $picture['shape']['arbor_thick_mm']);
    }

    public function testSharesOfTheRoomAddUpToTheFilledPart(): void
    {
        $picture = Compute::run('picture', [
            'spool' => ['ratings_text' => '0.25/200'],
            'layers' => [
                ['role' => 'backing', 'material' => 'mono', 'diameter_mm' => 0.30, 'length_m' => 60],
                ['role' => 'main', 'material' => 'braid', 'diameter_mm' => 0.16, 'length_m' => 120],
            ],
        ]);
        self::assertNull($picture['shape']);
        self::assertEqualsWithDelta($picture['filled_fraction'], array_sum(array_column($picture['layers'], 'share_of_full')), 1e-9);
    }

    public function testARotatingSpoolIsStampedAtItsOwnGap(): void
    {
        $case = ['spool' => ['lip_diameter_mm' => 44, 'arbor_diameter_mm' => 25, 'ratings_text' => '0.33/190']];
        $spinning = Compute::run('picture', $case)['shape']['traverse_mm'];
        $baitcasting = Compute::run('picture', ['reel' => 'baitcasting'] + $case)['shape']['traverse_mm'];
        self::assertGreaterThan($spinning, $baitcasting, 'the same line under a deeper gap needs a wider spool');
    }

    public function testAVeeShowsBothItsDiameters(): void
    {
        $shape = Compute::run(
            'picture',
            [
                'reel' => 'baitcasting',
                'spool' => ['lip_diameter_mm' => 34, 'arbor_diameter_mm' => 20, 'arbor_deep_diameter_mm' => 15.5, 'traverse_mm' => 22],
            ],
        )['shape'];
        self::assertSame(15.5, $shape['arbor_thin_mm']);
        self::assertSame(20.0, $shape['arbor_thick_mm']);
        self::assertEqualsWithDelta((34 - 15.5) / 2, $shape['bare_depth_mm'], 1e-9);
    }
}
