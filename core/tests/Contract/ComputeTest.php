<?php

declare(strict_types=1);

namespace Undro\Tests\Contract;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;
use Undro\DomainFault;

/** Bad cases name the field and say what would be right; typed text is understood in any field. */
final class ComputeTest extends TestCase
{
    private const FILL = [
        'spool' => ['ratings_text' => '0.25/200'],
        'layers' => [
            ['role' => 'backing', 'material' => 'mono', 'diameter_mm' => 0.30, 'length_m' => null],
            ['role' => 'main', 'material' => 'braid', 'diameter_mm' => 0.16, 'length_m' => 150],
        ],
    ];
    private const PLAN = [
        'reel' => ['kind' => 'spinning', 'lip' => 'bevelled', 'gear_ratio' => 5.2],
        'spool' => ['ratings_text' => '0.25/200', 'lip_diameter_mm' => 46, 'traverse_mm' => 17],
        'main' => ['material' => 'braid', 'size' => '0.16', 'length_m' => 150],
        'backing' => ['material' => 'mono', 'size' => '0.30'],
    ];

    /** @return iterable<string, array{string, array<string, mixed>, string, string}> calculator, change, field, part of the message */
    public static function badCases(): iterable
    {
        yield 'unknown name' => ['fly', [], 'name', 'There are: fill'];
        yield 'nothing' => ['fill', ['spool' => null], 'spool', 'missing'];
        yield 'letters' => ['fill', ['spool.lip_diameter_mm' => 'wide'], 'spool.lip_diameter_mm', '"wide" can’t be read'];
        yield 'emoji' => ['fill', ['spool.ratings_text' => '🎣'], 'spool.ratings_text', 'can’t be read'];
        yield 'a list' => ['fill', ['spool.traverse_mm' => [1]], 'spool.traverse_mm', 'a number'];
        yield 'arbor larger than lip' => [
            'fill',
            ['spool.lip_diameter_mm' => 40, 'spool.arbor_diameter_mm' => 46],
            'spool.arbor_diameter_mm',
            'must be smaller than the lip (40.0 mm)',
        ];
        yield 'taper without arbor' => ['fill', ['spool.arbor_deep_diameter_mm' => 20], 'spool.arbor_deep_diameter_mm', 'Type the arbor'];
        yield 'a million metres' => [
            'fill',
            ['layers.1.length_m' => 1_000_000],
            'layers.1.length_m',
            '1000000 m is out of range. Type a value from 0 m to 20000 m',
        ];
        yield 'infinite' => ['fill', ['layers.1.length_m' => INF], 'layers.1.length_m', 'out of range'];
        yield 'negative thickness' => ['fill', ['layers.0.diameter_mm' => -0.3], 'layers.0.diameter_mm', 'from 0.01 mm to 3 mm'];
        yield 'no material' => [
            'fill',
            ['layers.0.material' => 'wire'],
            'layers.0.material',
            '"wire" is not one of mono, fluoro, hybrid, braid',
        ];
        yield 'no layers' => ['fill', ['layers' => []], 'layers', 'missing'];
        yield 'too many layers' => [
            'fill',
            ['layers' => array_fill(0, 21, ['material' => 'mono', 'diameter_mm' => 0.3, 'length_m' => 1])],
            'layers',
            'At most 20',
        ];
        yield 'two open' => ['fill', ['layers.1.length_m' => null], 'layers', 'one length at a time'];
        yield 'long text' => [
            'fill',
            ['spool.ratings_text' => str_repeat('0.25/200 ', 50)],
            'spool.ratings_text',
            'At most 200 characters',
        ];
        yield 'gap under the arbor' => ['plan', ['gap_mm' => 60], 'gap_mm', 'leaves no room'];
        yield 'no main length' => ['plan', ['main.length_m' => ''], 'main.length_m', 'How much main line'];
        yield 'no backing' => ['plan', ['backing' => null], 'backing.size', 'Choose a backing'];
        yield 'size in stones' => ['plan', ['main.size' => '3 stone'], 'main.size', '“stone” can’t be read'];
        yield 'thick line' => ['plan', ['main.size' => '16 mm'], 'main.size', 'no fishing line is'];
        yield 'join above the full level' => ['plan', ['join_depth_mm' => 0.5], 'join_depth_mm', 'outside that'];
        yield 'unit of another kind' => ['plan', ['spool.lip_diameter_mm' => '46 kg'], 'spool.lip_diameter_mm', '"kg" in "46 kg"'];
        yield 'empty quantity' => ['quantity', ['kind' => 'force', 'typed' => ''], 'typed', 'The field is empty'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('badCases')]
    public function testABadCaseNamesItsField(string $name, array $change, string $field, string $message): void
    {
        try {
            Compute::run($name, self::changed($name === 'plan' ? self::PLAN : ($name === 'quantity' ? [] : self::FILL), $change));
            self::fail('the case was taken');
        } catch (DomainFault $fault) {
            self::assertSame($field, $fault->field);
            self::assertStringContainsString($message, $fault->getMessage());
        }
    }

    public function testTypedTextIsReadInAnyUnit(): void
    {
        $typed = self::changed(
            self::PLAN,
            [
                'spool.lip_diameter_mm' => '4.6cm',
                'spool.traverse_mm' => '17,0',
                'main.length_m' => '164.042 yd',
                'reel.gear_ratio' => '5,2',
                'backing.size' => '.30',
            ],
        );
        self::assertEqualsWithDelta(
            Compute::run('plan', self::PLAN)['solved']['length_m'],
            Compute::run('plan', $typed)['solved']['length_m'],
            0.01,
        );
        self::assertEqualsWithDelta(88.964, Compute::run('quantity', ['kind' => 'force', 'typed' => '20lb'])['value'], 0.001);
        self::assertTrue(Compute::run('quantity', ['kind' => 'line_size', 'typed' => '8 lb'])['nominal']);
    }

    public function testAFactorScalesTheRoomAndTheCell(): void
    {
        $length = static fn(array $change): float => Compute::run(
            'fill',
            self::changed(self::FILL, ['layers.1.length_m' => 0] + $change),
        )['solved']['length_m'];
        self::assertEqualsWithDelta(1.1 * $length([]), $length(['spool.volume_factor' => 1.1]), 1e-6);
        self::assertEqualsWithDelta($length([]) / 1.1, $length(['layers.0.cell_factor' => 1.1]), 1e-6);
    }

    /**
     * @param array<string, mixed> $case
     * @param array<string, mixed> $change dotted path => value
     *
     * @return array<string, mixed>
     */
    private static function changed(array $case, array $change): array
    {
        foreach ($change as $path => $value) {
            $at = &$case;
            foreach (explode('.', $path) as $key) {
                $at = &$at[$key];
            }
            $at = $value;
            unset($at);
        }

        return $case;
    }
}
