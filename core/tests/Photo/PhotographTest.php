<?php

declare(strict_types=1);

namespace Undro\Tests\Photo;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;
use Undro\DomainFault;
use Undro\Statistics\RandomSource;

/** A spool and a card projected by a camera of the test's own are measured back out of the picture. */
final class PhotographTest extends TestCase
{
    private const IMAGE = ['width_px' => 4000, 'height_px' => 3000];

    public function testWhatWasProjectedIsMeasuredBack(): void
    {
        for ($seed = 1; $seed <= 40; ++$seed) {
            [$case, $truth] = self::pictured(new RandomSource($seed));
            $found = Compute::run('photo', $case);
            foreach ($truth as $name => $millimetres) {
                self::assertEqualsWithDelta($millimetres, $found[$name], 0.002 * $millimetres + 0.02, "$seed: $name");
            }
        }
    }

    public function testTheStandardDeviationIsWhatMarkingBadlyComesTo(): void
    {
        $errors = [];
        for ($seed = 1; $seed <= 150; ++$seed) {
            $chance = new RandomSource($seed);
            [$case, $truth] = self::pictured($chance);
            $blurred = self::blurred($case, $chance, 1.5);
            $found = Compute::run('photo', $blurred + ['pixel_sd' => 1.5]);
            $errors['lip'][] = ($found['lip_diameter_mm'] - $truth['lip_diameter_mm']) / $found['lip_sd_mm'];
            $errors['gap'][] = ($found['gap_mm'] - $truth['gap_mm']) / $found['gap_sd_mm'];
        }
        foreach ($errors as $name => $each) {
            $inside = count(array_filter($each, static fn(float $error): bool => abs($error) < 1.645)) / count($each);
            // the focal length is exact here, and its own part of the band is not used up
            self::assertGreaterThan(0.86, $inside, $name);
            self::assertGreaterThan(0.5, sqrt(array_sum(array_map(static fn(float $error): float => $error ** 2, $each)) / count($each)), $name);
        }
    }

    public function testTheOrderRoundTheCardDoesNotMatterAndTheFocalLengthHardlyDoesOnItsOwnPlane(): void
    {
        [$case, $truth] = self::pictured(new RandomSource(7));
        $turned = $case;
        [$a, $b, $c, $d] = $case['reference']['points'];
        foreach ([[$b, $a, $d, $c], [$c, $d, $a, $b], [$d, $c, $b, $a]] as $points) {
            $turned['reference']['points'] = $points;
            self::assertEqualsWithDelta($truth['lip_diameter_mm'], Compute::run('photo', $turned)['lip_diameter_mm'], 0.05);
        }
        $sure = Compute::run('photo', $case);
        $unsure = Compute::run('photo', array_diff_key($case, ['focal_35mm' => 0]));
        self::assertGreaterThan($sure['lip_sd_mm'], $unsure['lip_sd_mm'], 'a focal length nobody said widens the band');
        self::assertEqualsWithDelta($sure['lip_diameter_mm'], $unsure['lip_diameter_mm'], 3 * $unsure['lip_sd_mm']);
    }

    public function testABarSaysLessThanACardAndALengthOfTheSameSizeAsMuch(): void
    {
        $case = ['image' => self::IMAGE, 'lies' => 'axis', 'marks' => ['lip' => [[1500, 1500], [2500, 1500]]]];
        $bar = Compute::run('photo', $case + ['reference' => ['kind' => 'bar', 'points' => [[1000, 2200], [3000, 2200]]]]);
        $length = Compute::run('photo', $case + ['reference' => ['kind' => 'length', 'length_mm' => '10 cm', 'points' => [[1000, 2200], [3000, 2200]]]]);
        self::assertSame($bar, $length);
        self::assertGreaterThan(0.03 * $bar['lip_diameter_mm'], $bar['lip_sd_mm']);
        self::assertEqualsWithDelta(50, $bar['lip_diameter_mm'], 1.0);
        self::assertSame(0.0, $bar['tilt_deg']);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function wrong(): iterable
    {
        $card = [[1000, 1000], [2000, 1000], [2000, 1630], [1000, 1630]];
        $with = static fn(array $points, array $marks = [], string $lies = 'axis'): array => [
            'image' => self::IMAGE,
            'reference' => ['kind' => 'card', 'points' => $points],
            'lies' => $lies,
            'marks' => $marks + ['lip' => [[2500, 1000], [3200, 1000]]],
        ];
        yield 'corners that cross' => [$with([$card[0], $card[2], $card[1], $card[3]]), 'reference.points', 'in order round the card'];
        yield 'corners on a line' => [$with([[0, 0], [1000, 1000], [2000, 2000], [3000, 3000]]), 'reference.points', 'on one line'];
        yield 'the same corner twice' => [$with([$card[0], $card[0], $card[2], $card[3]]), 'reference.points', 'on one line'];
        yield 'a short side first' => [$with([$card[1], $card[2], $card[3], $card[0]]), 'reference.points', 'long side'];
        yield 'three corners' => [$with(array_slice($card, 0, 3)), 'reference.points', 'four corners'];
        yield 'a card far away' => [$with([[1000, 1000], [1150, 1000], [1150, 1095], [1000, 1095]]), 'reference.points', 'too small'];
        yield 'a flat view' => [$with([[1000, 1000], [2000, 1000], [1900, 1350], [1100, 1350]]), 'reference.points', 'degrees'];
        yield 'an arbor over the lip' => [$with($card, ['arbor' => [[2400, 1200], [3300, 1200]]]), 'marks.arbor', 'smaller than the lip'];
        yield 'line beyond the lip' => [$with($card, ['line' => [[2400, 1200], [3300, 1200]]]), 'marks.line', 'not between'];
        yield 'one point twice' => [$with($card, ['arbor' => [[2400, 1200], [2400, 1200]]]), 'marks.arbor', 'opposite edges'];
        yield 'an arbor with the card on the flange' => [$with($card, ['arbor' => [[2600, 1000], [3000, 1000]]], 'flange'), 'marks.arbor', 'only the lip'];
        yield 'no lip' => [['marks' => ['arbor' => [[1, 1], [2, 2]]]] + $with($card), 'marks.lip', 'missing'];
        yield 'a length that nobody said' => [
            ['reference' => ['kind' => 'length', 'points' => [[0, 0], [1000, 0]]]] + $with($card),
            'reference.length_mm',
            'missing',
        ];
    }

    /** @param array<string, mixed> $case */
    #[DataProvider('wrong')]
    public function testWhatCannotBeMeasuredIsNamed(array $case, string $field, string $words): void
    {
        try {
            Compute::run('photo', $case);
            self::fail('it was measured');
        } catch (DomainFault $fault) {
            self::assertSame($field, $fault->field);
            self::assertStringContainsString($words, $fault->getMessage());
        }
    }

    /**
     * A card on a table and a spool lying beside it, as a camera above sees them; the edges of the round parts are tangents from the camera.
     *
     * @return array{array<string, mixed>, array<string, float>} the question, and the truth in mm
     */
    private static function pictured(RandomSource $chance): array
    {
        $between = static fn(float $low, float $high): float => $low + ($high - $low) * $chance->uniform();
        $lip = $between(36, 70);
        $arbor = $lip - $between(9, 16);
        $line = $lip - 2 * $between(0.5, 4);
        $width = $between(12, 28);
        $film = $between(23, 29);
        $focal = $film * hypot(4000, 3000) / 43.27;
        // the table is z = 0 and up is +z; the camera looks down, tilted about the table's own x and y and turned about its axis
        [$tilt, $side, $turn] = [deg2rad($between(-15, 15)), deg2rad($between(-15, 15)), $between(0, 2 * M_PI)];
        $height = $between(260, 380);
        $rows = self::rotation($tilt, $side, $turn);
        $seen = static function (float $x, float $y, float $z) use ($rows, $height, $focal): array {
            $from = [$x, $y, $z - $height];
            [$u, $v, $w] = array_map(static fn(array $row): float => $row[0] * $from[0] + $row[1] * $from[1] + $row[2] * $from[2], $rows);

            return [2000 + $focal * $u / $w, 1500 + $focal * $v / $w];
        };
        // the camera stands over (0, 0); the spool's axis runs along x, half a lip above the table, $off from there
        $off = $between(-30, 30);
        $axis = $lip / 2;
        $edges = static function (float $diameter) use ($seen, $height, $axis, $off): array {
            // tangents from (y = 0, z = height) to a circle about (off, axis), met with the plane z = axis
            [$to, $radius] = [atan2($off, $height - $axis), $diameter / 2];
            $half = asin($radius / hypot($off, $height - $axis));

            return array_map(
                static fn(float $angle): array => $seen(0.0, ($height - $axis) * tan($angle), $axis),
                [$to - $half, $to + $half],
            );
        };
        $cardX = -120.0;
        $corner = static fn(float $x, float $y): array => $seen($cardX + $x, -27 + $y, 0.0);

        return [
            [
                'image' => self::IMAGE,
                'focal_35mm' => $film,
                'reference' => ['kind' => 'card', 'points' => [$corner(0, 0), $corner(85.60, 0), $corner(85.60, 53.98), $corner(0, 53.98)]],
                'marks' => [
                    'lip' => $edges($lip),
                    'arbor' => $edges($arbor),
                    'line' => $edges($line),
                    'width' => [$seen(-$width / 2, $off, $axis), $seen($width / 2, $off, $axis)],
                ],
            ],
            ['lip_diameter_mm' => $lip, 'arbor_diameter_mm' => $arbor, 'traverse_mm' => $width, 'gap_mm' => ($lip - $line) / 2],
        ];
    }

    /** @return array<array{float, float, float}> the camera's axes in the table's own */
    private static function rotation(float $tilt, float $side, float $turn): array
    {
        $times = static fn(array $a, array $b): array => array_map(
            static fn(array $row): array => array_map(
                static fn(int $j): float => $row[0] * $b[0][$j] + $row[1] * $b[1][$j] + $row[2] * $b[2][$j],
                [0, 1, 2],
            ),
            $a,
        );
        $down = [[1.0, 0.0, 0.0], [0.0, -1.0, 0.0], [0.0, 0.0, -1.0]];
        $aboutX = [[1.0, 0.0, 0.0], [0.0, cos($tilt), -sin($tilt)], [0.0, sin($tilt), cos($tilt)]];
        $aboutY = [[cos($side), 0.0, sin($side)], [0.0, 1.0, 0.0], [-sin($side), 0.0, cos($side)]];
        $aboutZ = [[cos($turn), -sin($turn), 0.0], [sin($turn), cos($turn), 0.0], [0.0, 0.0, 1.0]];

        return $times($aboutZ, $times($aboutY, $times($aboutX, $down)));
    }

    /**
     * @param array<string, mixed> $case
     *
     * @return array<string, mixed> with every point marked a little beside where it is
     */
    private static function blurred(array $case, RandomSource $chance, float $sd): array
    {
        $move = static fn(array $point): array => [$point[0] + $sd * $chance->normal(), $point[1] + $sd * $chance->normal()];
        $case['reference']['points'] = array_map($move, $case['reference']['points']);
        $case['marks'] = array_map(static fn(array $pair): array => array_map($move, $pair), $case['marks']);

        return $case;
    }
}
