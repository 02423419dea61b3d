<?php

declare(strict_types=1);

namespace Undro\Tests\Contract;

use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;
use Undro\DomainFault;
use Undro\Line\Lay;
use Undro\Line\Material;
use Undro\Spool\LipShape;
use Undro\Spool\ReelKind;
use Undro\Tests\Property;
use Undro\Way\WayId;

/** Over spools, lines and ways drawn at random: what every answer has in common, whatever it says. */
final class AnswersTest extends TestCase
{
    use Property;

    public function testEverySentenceHasTheFiguresItNamesAndNoOther(): void
    {
        $seen = [];
        $this->drawn(function (array $case) use (&$seen): void {
            foreach (['plan', 'ways'] as $calculator) {
                self::sentences(Compute::run($calculator, $case), $seen);
            }
            self::sentences(
                Compute::run(
                    'match',
                    [
                        'reel' => ['kind' => $case['reel']['kind'], 'mono_range' => '8-14 lb', 'max_drag_N' => '5 kg'],
                        'rod' => ['mono_range' => '3 kg - 8 kg', 'max_drag_N' => '3 kg'],
                        'line' => ['material' => $case['main']['material'], 'size' => $case['main']['size']],
                    ],
                ),
                $seen,
            );
            $strong = 20 + 10 * strlen((string) $case['main']['size']);
            self::sentences(
                Compute::run(
                    'drag',
                    [
                        'chain' => ['main_N' => $strong, 'leader_N' => $case['main']['material'] === 'braid' ? 45 : '', 'snap_N' => 60],
                        'fishing' => 'general',
                        'spool' => ['lip_diameter_mm' => 46, 'arbor_diameter_mm' => 28, 'traverse_mm' => 17],
                        'layers' => [['role' => 'main', 'material' => $case['main']['material'], 'diameter_mm' => 0.25, 'length_m' => 150]],
                        'set_N' => 8,
                        'measured' => [['line_out_m' => 100, 'running_N' => 0.2 * $strong]],
                    ],
                ),
                $seen,
            );
            self::sentences(
                Compute::run(
                    'drag_next',
                    [
                        'target_N' => 20,
                        'knob' => 'notch',
                        'limits' => ['max' => 6],
                        'pulls' => array_fill(0, 1 + $strong % 4, ['position' => 1 + $strong % 6, 'running_N' => 0.3 * $strong]),
                    ],
                ),
                $seen,
            );
            self::sentences(
                Compute::run(
                    'strikes',
                    [
                        'lines' => [
                            ['name' => 'a', 'material' => 'braid', 'rated_N' => $strong],
                            ['name' => 'b', 'material' => 'mono', 'rated_N' => 60],
                        ],
                        'drag_N' => $strong > 60 ? 10 : null,
                        'sweep_m' => 1.8,
                        'slack_m' => 0.4,
                        'distance_m' => 25,
                    ],
                ),
                $seen,
            );
            self::sentences(
                Compute::run('choose', ['fishing' => 'general', 'fish' => $case['main']['size'] === '0.30 mm' ? '9 kg' : '2 kg']),
                $seen,
            );
        });
        self::assertGreaterThan(40, count($seen), 'many different sentences were met');
    }

    public function testAnAnswerIsTheSameInWhateverUnitsItIsAsked(): void
    {
        $this->drawn(function (array $case): void {
            $metric = Compute::run('plan', $case);
            $typed = $case;
            foreach (['lip_diameter_mm', 'arbor_diameter_mm', 'traverse_mm'] as $key) {
                $typed['spool'][$key] = sprintf('%.9F in', $case['spool'][$key] / 25.4);
            }
            $typed['main']['length_m'] = sprintf('%.9F yd', $case['main']['length_m'] / 0.9144);
            $typed['gap_mm'] = $case['gap_mm'] === null ? null : sprintf('%.9F cm', $case['gap_mm'] / 10);
            $again = Compute::run('plan', $typed);
            self::assertSame($metric['fits'], $again['fits']);
            self::assertSame(array_column($metric['notes'], 'id'), array_column($again['notes'], 'id'));
            foreach ($metric['fill']['layers'] as $index => $layer) {
                self::assertEqualsWithDelta($layer['length_m'], $again['fill']['layers'][$index]['length_m'], 1e-4);
            }
        });
    }

    public function testAFigureLiesInItsBandAndEveryNarrowingNarrowsIt(): void
    {
        $this->drawn(function (array $case): void {
            $plan = Compute::run('plan', $case);
            $solved = $plan['solved'];
            if ($solved === null || !$plan['fits']) {
                return;
            }
            self::assertGreaterThanOrEqual($solved['low_m'], $solved['length_m']);
            self::assertLessThanOrEqual($solved['high_m'], $solved['length_m']);
            self::assertGreaterThan(0, $plan['half_m']);
            $last = 0.0;
            foreach ($plan['narrowings'] as $each) {
                self::assertLessThan($plan['half_m'], $each['half_m'], $each['id']);
                self::assertGreaterThanOrEqual($last, $each['half_m'], 'the best comes first');
                $last = $each['half_m'];
            }
        });
    }

    public function testMoreMainLineNeverLeavesRoomForMoreUnderIt(): void
    {
        $this->drawn(function (array $case): void {
            $case['way'] = 'backing';
            $case['open'] = 'backing';
            $before = INF;
            foreach ([20, 40, 80, 160] as $metres) {
                $case['main']['length_m'] = $metres;
                $plan = Compute::run('plan', $case);
                $now = $plan['fits'] ? $plan['solved']['length_m'] : 0.0;
                self::assertLessThanOrEqual($before, $now);
                $before = $now;
            }
        });
    }

    public function testTheWaysTellTheSameAsThePlanThatTakesThem(): void
    {
        $this->drawn(function (array $case): void {
            $ways = array_column(Compute::run('ways', $case)['ways'], null, 'id');
            self::assertSame(array_column(WayId::cases(), 'value'), array_keys($ways));
            foreach (['kept', 'backing', 'main_only', 'sleeve'] as $way) {
                if (!$ways[$way]['works']) {
                    continue;
                }
                $open = ['kept' => 'level', 'backing' => 'backing', 'main_only' => 'main', 'sleeve' => 'level'][$way];
                $plan = Compute::run('plan', ['way' => $way, 'open' => $open] + $case);
                self::assertSame(array_column($ways[$way]['layers'], 'role'), array_column($plan['fill']['layers'], 'role'));
                foreach ($plan['fill']['layers'] as $index => $layer) {
                    self::assertEqualsWithDelta($ways[$way]['layers'][$index]['length_m'], $layer['length_m'], 1e-6, $way);
                }
            }
        });
    }

    /** @param \Closure(array<string, mixed>): void $then is given a case the calculators take */
    private function drawn(\Closure $then): void
    {
        $taken = 0;
        $this->limitTo(60)->forAll(self::share(), self::share(), self::share(), self::share(), self::share())
            ->then(function (int $lip, int $arbor, int $traverse, int $main, int $way) use ($then, &$taken): void {
                $thick = self::between(30, 80, $lip);
                $id = WayId::cases()[$way % count(WayId::cases())];
                $case = [
                    'reel' => [
                        'kind' => ReelKind::cases()[$lip % 3]->value,
                        'lip' => LipShape::cases()[$arbor % 3]->value,
                        'gear_ratio' => 5.2,
                    ],
                    'spool' => [
                        'lip_diameter_mm' => $thick,
                        'arbor_diameter_mm' => $thick * self::between(0.35, 0.75, $arbor),
                        'traverse_mm' => self::between(8, 30, $traverse),
                        'lay' => Lay::cases()[$traverse % 3]->value,
                        'measured_with' => 'caliper',
                    ],
                    'main' => [
                        'material' => Material::cases()[$main % 4]->value,
                        'size' => ['0.16 mm', '0.30 mm', '0.22 mm'][$main % 3],
                        'length_m' => self::between(10, 300, $main),
                        'on_hand_m' => $way % 2 === 0 ? 120 : null,
                    ],
                    'backing' => [
                        'material' => $way % 5 === 0 ? 'braid' : 'mono',
                        'size' => ['0.30 mm', '10 lb', '0.45 mm'][$way % 3],
                        'on_hand_m' => 60,
                        'with' => [null, 'thread', 'old_line'][$main % 3],
                    ],
                    'kept' => [
                        'depth_mm' => $main % 2 === 0 ? self::between(2, 6, $arbor) : null,
                        'layers' => [['material' => 'mono', 'size' => '0.30 mm', 'length_m' => self::between(5, 90, $traverse)]],
                        'sound' => $way % 2 === 0,
                    ],
                    'gap_mm' => $traverse % 4 === 0 ? self::between(1, 3, $way) : null,
                    'beginner' => $lip % 2 === 0,
                    'long_cast' => $arbor % 2 === 0,
                    'way' => $id->value,
                    'open' => match ($id) {
                        WayId::Backing, WayId::TurnOver => 'backing',
                        WayId::MainOnly => 'main',
                        default => 'level',
                    },
                ];
                try {
                    Compute::run('plan', $case);
                } catch (DomainFault $fault) {
                    self::assertNotSame('', $fault->getMessage());

                    return;
                }
                ++$taken;
                $then($case);
            });
        self::assertGreaterThan(10, $taken, 'much of what is drawn is taken');
    }

    /**
     * @param array<array-key, mixed> $answer
     * @param array<string, true>     $seen
     */
    private static function sentences(array $answer, array &$seen): void
    {
        if (is_string($answer['sentence'] ?? null)) {
            preg_match_all('/\{(\d+)\}/', $answer['sentence'], $named);
            $named = array_map(intval(...), array_unique($named[1]));
            sort($named);
            self::assertSame(array_keys($answer['figures']), $named, $answer['sentence']);
            foreach ($answer['figures'] as $figure) {
                self::assertCount(1, $figure);
                self::assertIsNumeric(array_values($figure)[0]);
            }
            $seen[$answer['sentence']] = true;
        }
        foreach ($answer as $part) {
            if (is_array($part)) {
                self::sentences($part, $seen);
            }
        }
    }
}
