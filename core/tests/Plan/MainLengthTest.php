<?php

declare(strict_types=1);

namespace Undro\Tests\Plan;

use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;
use Undro\DomainFault;

final class MainLengthTest extends TestCase
{
    public function testTheMainLineIsAsTypedAllOfItAShareOrAsFarAsOneCasts(): void
    {
        self::assertSame(150.0, self::main(['length_m' => '150 m']));
        self::assertSame(143.0, self::main(['length_by' => 'all', 'on_hand_m' => 143]));
        self::assertSame(100.0, self::main(['length_by' => 'share', 'on_hand_m' => 300, 'parts' => 3]));
        self::assertSame(180.0, self::main(['length_by' => 'reach', 'cast_m' => '70 m', 'run_m' => '40 m']));
    }

    public function testWhatIsMissingIsAskedFor(): void
    {
        foreach (['main.length_m' => ['length_by' => 'all'], 'main.cast_m' => ['length_by' => 'reach']] as $field => $main) {
            try {
                self::main($main);
                self::fail('It was taken.');
            } catch (DomainFault $fault) {
                self::assertSame($field, $fault->field);
            }
        }
    }

    public function testTheMostThatFitsBoundsTheSlider(): void
    {
        $most = self::plan(['length_m' => 100])['main_most_m'];
        self::assertEqualsWithDelta(0, self::plan(['length_m' => $most])['solved']['length_m'], 1e-6);
    }

    public function testAGaugeIsNamedOnlyWhereOneIsNear(): void
    {
        self::assertSame('two bank cards', self::plan(['length_m' => 100], 1.5)['gap']['gauge']['word']);
        self::assertSame('match', self::plan(['length_m' => 100], 2.1)['gap']['gauge']['thing']);
        self::assertNull(self::plan(['length_m' => 100], 0.1)['gap']['gauge']);
    }

    /** @param array<string, mixed> $main */
    private static function main(array $main): float
    {
        return self::plan($main)['fill']['layers'][1]['length_m'];
    }

    /** @param array<string, mixed> $main @return array<string, mixed> */
    private static function plan(array $main, ?float $gap = null): array
    {
        return Compute::run('plan', [
            'reel' => ['kind' => 'spinning'],
            'spool' => ['ratings_text' => '0.25/240', 'lip_diameter_mm' => 46.2, 'traverse_mm' => 19.5],
            'main' => $main + ['material' => 'braid', 'size' => '0.16'],
            'backing' => ['material' => 'mono', 'size' => '0.30'],
            'gap_mm' => $gap,
        ]);
    }
}
