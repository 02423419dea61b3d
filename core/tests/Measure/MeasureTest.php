<?php

declare(strict_types=1);

namespace Undro\Tests\Measure;

use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;
use Undro\DomainFault;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Measure\Scale;
use Undro\Measure\WrapTest;
use Undro\Tests\Property;
use Undro\Units\Diameter;
use Undro\Units\Length;

final class MeasureTest extends TestCase
{
    use Property;

    private const SPOOL = ['lip_diameter_mm' => 46.2, 'arbor_diameter_mm' => 31, 'traverse_mm' => 19.5, 'measured_with' => 'caliper'];

    public function testAWrapTestOver10MmIsTrustedOver5MmHalfAsMuchAndUnderThatRefused(): void
    {
        $long = self::measure(['method' => 'wrap_test', 'wraps' => 40, 'over_mm' => '12 mm']);
        self::assertEqualsWithDelta(0.30, $long['diameter_mm'], 1e-9);
        self::assertSame('wrap_test', $long['method']);
        $short = self::measure(['method' => 'wrap_test', 'wraps' => 20, 'over_mm' => '6 mm']);
        self::assertSame('short_wrap_test', $short['method']);
        self::assertEqualsWithDelta(2 * $long['half'], $short['half'], 1e-9);
        self::assertRefused('over_mm', ['method' => 'wrap_test', 'wraps' => 10, 'over_mm' => '3 mm']);
        self::assertRefused('wraps', ['method' => 'wrap_test', 'wraps' => 3, 'over_mm' => '12 mm']);
        self::assertRefused('wraps', ['method' => 'wrap_test', 'wraps' => 5, 'over_mm' => '200 mm']);
    }

    public function testHelpersInvert(): void
    {
        $this->forAll(self::share(), self::share())->then(function (int $size, int $much): void {
            $diameter = Diameter::millimetres(self::between(0.1, 0.5, $size));
            $wraps = WrapTest::wraps($diameter, Length::millimetres(40));
            $back = WrapTest::of($wraps, Length::millimetres(40))->figure;
            self::assertInstanceOf(Diameter::class, $back);
            self::assertEqualsWithDelta($diameter->inMillimetres(), $back->inMillimetres(), $diameter->inMillimetres() / $wraps);

            $line = ['material' => 'mono', 'size' => sprintf('%.4F mm', $diameter->inMillimetres())];
            $perMetre = Scale::gramsPerMetre(Line::of(Material::Mono, $diameter));
            $left = self::between(150, 300, $much);
            $now = 50 + $left * $perMetre;
            $weighed = self::measure(
                [
                    'method' => 'kitchen_scale',
                    'full_length_m' => 300,
                    'full_g' => self::g(50 + 300 * $perMetre),
                    'mass_g' => self::g($now),
                    'empty_g' => '50 g',
                    'step_g' => '0.1 g',
                    'line' => $line,
                ],
            );
            self::assertEqualsWithDelta($left, $weighed['length_m'], 0.01 * $left);
            $byDensity = self::measure(
                [
                    'method' => 'kitchen_scale',
                    'full_length_m' => 300,
                    'full_g' => self::g(50 + 300 * $perMetre),
                    'mass_g' => self::g($now),
                    'step_g' => '0.1 g',
                    'line' => $line,
                ],
            );
            self::assertEqualsWithDelta($left, $byDensity['length_m'], 0.01 * $left);

            $fill = Compute::run(
                'fill',
                [
                    'spool' => array_diff_key(self::SPOOL, ['measured_with' => 0]),
                    'gap_mm' => 1.5,
                    'layers' => [['material' => 'mono', 'diameter_mm' => $diameter->inMillimetres(), 'length_m' => null]],
                ],
            );
            $level = self::measure(['method' => 'level', 'depth_mm' => 1.5, 'readings' => 3, 'spool' => self::SPOOL, 'line' => $line]);
            self::assertEqualsWithDelta($fill['solved']['length_m'], $level['length_m'], 0.001 * $level['length_m']);
        });
        self::assertEqualsWithDelta(31, self::measure(['method' => 'paper_strip', 'round_mm' => 31 * M_PI])['diameter_mm'], 1e-9);
    }

    public function testReadingsAreAveragedAndAreNoBetterThanTheTool(): void
    {
        $three = self::measure(['method' => 'caliper', 'first_mm' => '31.0', 'second_mm' => '31.1', 'third_mm' => '30.9']);
        self::assertEqualsWithDelta(31.0, $three['diameter_mm'], 1e-9);
        $once = self::measure(['method' => 'ruler', 'first_mm' => '31']);
        self::assertGreaterThan(5 * $three['half'], $once['half']);
        $alike = self::measure(['method' => 'caliper', 'first_mm' => 31, 'second_mm' => 31]);
        self::assertGreaterThan(0, $alike['half'], 'the same reading twice is still only a reading');
        self::assertEqualsWithDelta(self::measure(['method' => 'caliper', 'first_mm' => 31])['half'] / sqrt(2), $alike['half'], 1e-9);
        self::assertRefused('first_mm', ['method' => 'caliper', 'first_mm' => 31, 'second_mm' => 32.5], 'apart');
        self::assertRefused('first_mm', ['method' => 'caliper']);
    }

    public function testThePrintedSheetIsCorrectedByItsBarAndDoubtedWithoutIt(): void
    {
        $this->forAll(self::share(), self::share())->then(static function (int $size, int $printer): void {
            $real = self::between(8, 60, $size);
            $bar = self::between(90, 106, $printer);
            $reads = $real / ($bar / 100);
            $checked = self::measure(['method' => 'printed_strip', 'reads_mm' => $reads, 'bar_mm' => $bar]);
            $unchecked = self::measure(['method' => 'printed_strip', 'reads_mm' => $reads]);
            self::assertEqualsWithDelta($real, $checked['diameter_mm'], 1e-9);
            self::assertLessThan($unchecked['half'], $checked['half']);
            // a printer that fits to the page is within the doubt of a sheet that was not checked, nine times in ten
            if (abs($bar - 100) <= 3) {
                self::assertLessThanOrEqual($unchecked['half'], abs($real - $unchecked['diameter_mm']));
            }
        });
        self::assertGreaterThan(
            self::measure(['method' => 'caliper', 'first_mm' => 31])['half'],
            self::measure(['method' => 'printed_strip', 'reads_mm' => 31, 'bar_mm' => 100])['half'],
        );
        self::assertRefused('bar_mm', ['method' => 'printed_strip', 'reads_mm' => 31, 'bar_mm' => 10], 'Print the sheet at 100 %');
        self::assertRefused('reads_mm', ['method' => 'printed_strip']);
    }

    public function testTheSheetsMarksStandWhereTheReadingsAreWorkedOutFrom(): void
    {
        $sheet = Compute::run('paper', []);
        self::assertSame([0.5, 6.0, 12], [$sheet['steps_mm'][0], $sheet['steps_mm'][11], count($sheet['steps_mm'])]);
        $glued = 0.0;
        foreach ($sheet['strips'] as $number => $strip) {
            foreach ($strip['marks'] as $mark) {
                // laid round it, a paper strip of that length says the same
                $round = self::measure(['method' => 'paper_strip', 'round_mm' => $glued + $mark['at_mm']]);
                self::assertEqualsWithDelta($mark['reads'], $round['diameter_mm'], 1e-9);
                self::assertLessThanOrEqual($sheet['strip_mm'], $mark['at_mm']);
            }
            $next = $sheet['strips'][$number + 1]['from'] ?? null;
            foreach ($strip['marks'] as $mark) {
                $glued = $mark['reads'] === $next ? $mark['at_mm'] : $glued;
            }
        }
        foreach ($sheet['wraps'] as $each) {
            $back = self::measure(['method' => 'wrap_test', 'wraps' => $each['wraps'], 'over_mm' => 10]);
            self::assertEqualsWithDelta($each['thick_mm'], $back['diameter_mm'], 0.51 * $each['thick_mm'] / $each['wraps']);
        }
    }

    public function testAStepThatGoesInIsTheMiddleToTheNext(): void
    {
        $case = ['spool' => self::SPOOL, 'line' => ['material' => 'mono', 'size' => '0.30']];
        $gauge = self::measure($case + ['method' => 'stepped_gauge', 'step' => '1.5', 'bar_mm' => 100]);
        $read = self::measure($case + ['method' => 'level', 'depth_mm' => 1.75, 'readings' => 1]);
        self::assertEqualsWithDelta($read['length_m'], $gauge['length_m'], 1e-6);
        self::assertLessThan($read['half'], $gauge['half'], 'half a step is finer than one reading by a rule');
        self::assertSame('stepped_gauge', $gauge['method']);
        self::assertRefused('step', $case + ['method' => 'stepped_gauge', 'step' => 7]);
    }

    public function testALevelCountsWhatLiesUnderneath(): void
    {
        $case = [
            'method' => 'level',
            'depth_mm' => 1.5,
            'spool' => self::SPOOL,
            'line' => ['material' => 'braid', 'size' => '0.16', 'size_from' => 'measured'],
        ];
        $alone = self::measure($case);
        $over = self::measure($case + ['under' => ['material' => 'mono', 'size' => '0.30', 'length_m' => 60]]);
        self::assertEqualsWithDelta($alone['length_m'] - 60 * 0.09 / (1.1 * 0.0256), $over['length_m'], 0.01);
        self::assertGreaterThan(self::measure(['readings' => 3] + $case)['half'], $alone['half'], 'three readings are better than one');
    }

    public function testWhatIsTooVagueIsNotStored(): void
    {
        $line = ['material' => 'braid', 'size' => '0.16'];
        self::assertRefused(
            'mass_g',
            ['method' => 'kitchen_scale', 'full_length_m' => 150, 'full_g' => '40 g', 'mass_g' => '38 g', 'line' => $line],
            'too uncertain',
        );
        self::assertRefused('after_g', ['method' => 'weighed', 'before_g' => '180 g', 'after_g' => '181 g', 'line' => $line], 'too uncertain');
        self::assertRefused('depth_mm', ['method' => 'level', 'depth_mm' => 7.3, 'spool' => self::SPOOL, 'line' => $line], 'too uncertain');
        self::assertRefused('depth_mm', ['method' => 'level', 'depth_mm' => 3, 'spool' => ['ratings_text' => '0.25/200'], 'line' => $line]);
    }

    public function testAGramStepIs12MetresOfThickNylonAnd50OfThinBraid(): void
    {
        self::assertEqualsWithDelta(12.4, 1 / Scale::gramsPerMetre(Line::of(Material::Mono, Diameter::millimetres(0.30))), 0.1);
        self::assertEqualsWithDelta(51, 1 / Scale::gramsPerMetre(Line::of(Material::Braid, Diameter::millimetres(0.16))), 1);
    }

    public function testWeightsThatMakeNoSenseAreNamed(): void
    {
        $case = [
            'method' => 'kitchen_scale',
            'full_length_m' => 300,
            'full_g' => '100 g',
            'mass_g' => '80 g',
            'empty_g' => '50 g',
            'line' => ['material' => 'mono', 'size' => '0.30'],
        ];
        self::assertEqualsWithDelta(180, self::measure($case)['length_m'], 1e-6);
        self::assertRefused('mass_g', ['mass_g' => '120 g'] + $case);
        self::assertRefused('mass_g', ['mass_g' => '40 g'] + $case);
        self::assertRefused('empty_g', ['empty_g' => '110 g'] + $case);
        self::assertRefused('mass_g', ['empty_g' => '', 'mass_g' => '20 g'] + $case, 'of 300 m would be gone');
        self::assertRefused('after_g', ['method' => 'weighed', 'before_g' => '190 g', 'after_g' => '185 g', 'line' => $case['line']]);
        self::assertEqualsWithDelta(
            248,
            self::measure(['method' => 'weighed', 'before_g' => '190 g', 'after_g' => '210 g', 'line' => $case['line']])['length_m'],
            1,
        );
    }

    /** @param array<string, mixed> $case @return array<string, mixed> */
    private static function measure(array $case): array
    {
        return Compute::run('measure', $case);
    }

    /** @param array<string, mixed> $case */
    private static function assertRefused(string $field, array $case, string $words = ''): void
    {
        try {
            self::measure($case);
            self::fail('It was taken.');
        } catch (DomainFault $fault) {
            self::assertSame($field, $fault->field);
            self::assertStringContainsString($words, $fault->getMessage());
        }
    }

    private static function g(float $grams): string
    {
        return sprintf('%.6F g', $grams);
    }
}
