<?php

declare(strict_types=1);

namespace Undro\Tests\Contract;

/**
 * Cases for every calculator. The first of each names every property that the contract has for it, as far as those go together; the
 * others cover what the first leaves out.
 */
final class Cases
{
    private const SPOOL = [
        'ratings_text' => '0.25/200',
        'lip_diameter_mm' => '46 mm',
        'arbor_diameter_mm' => '31 mm',
        'traverse_mm' => '17',
        'lay' => 'normal',
        'measured_with' => 'caliper',
    ];
    private const SHAPE = [
        'lip_diameter_mm' => 46,
        'arbor_diameter_mm' => 30,
        'arbor_deep_diameter_mm' => 28,
        'traverse_mm' => 17,
        'geometry_sd' => 0.04,
        'lay' => 'even',
        'rated_gap_mm' => 2,
        'ratings' => [['length_m' => 165, 'diameter_mm' => 0.25, 'material' => 'mono']],
        'volume_factor' => 1.02,
        'volume_sd' => 0.03,
    ];
    private const PRINTED = ['ratings_text' => '0.25/200', 'ratings_units' => 'mm_m', 'ratings_material' => 'mono'];
    private const LAYERS = [
        ['role' => 'backing', 'material' => 'mono', 'diameter_mm' => 0.3, 'length_m' => null, 'cell_factor' => 1.05, 'cell_sd' => 0.04],
        ['role' => 'main', 'material' => 'braid', 'diameter_mm' => 0.16, 'length_m' => 120],
        ['role' => 'leader', 'material' => 'fluoro', 'diameter_mm' => 0.4, 'length_m' => 4],
    ];
    private const LINE = [
        'size_from' => 'label',
        'length_by' => 'typed',
        'parts' => 2,
        'cast_m' => '60 m',
        'run_m' => '40 m',
        'on_hand_m' => 300,
        'on_hand_taken_m' => 20,
        'on_hand_half_m' => 6,
        'price' => '24 €',
        'price_for_m' => 300,
    ];
    private const KEPT = [
        'depth_mm' => '4.2',
        'readings' => 3,
        'layers' => [['material' => 'mono', 'size' => '0.30', 'length_m' => '80 m'] + self::LINE + ['with' => 'nylon', 'off_reel' => false, 'parked' => false]],
        'sound' => true,
    ];
    private const LEARNT = [
        'volume_factor' => 0.97,
        'volume_sd' => 0.02,
        'main' => ['cell_factor' => 1.04, 'cell_sd' => 0.03],
        'backing' => ['cell_factor' => 1.01, 'cell_sd' => 0.04],
        'together' => [['with' => [1, -0.2, -0.3]], ['with' => [-0.2, 1, 0.1]], ['with' => [-0.3, 0.1, 1]]],
    ];

    /** @return array<string, mixed> a plan that names whatever can be said of one */
    public static function plan(): array
    {
        return [
            'reel' => ['kind' => 'spinning', 'lip' => 'bevelled', 'bevel_depth_mm' => '1.5', 'full_mark_mm' => '', 'gear_ratio' => '5.2'],
            'spool' => self::SPOOL + ['ratings_units' => 'mm_m', 'ratings_material' => 'mono', 'arbor_deep_diameter_mm' => '30', 'rated_gap_mm' => '2'],
            'learnt' => self::LEARNT,
            'main' => ['material' => 'braid', 'size' => 'PE 1', 'length_m' => '120 m'] + self::LINE + ['with' => 'nylon', 'off_reel' => false, 'parked' => false],
            'backing' => ['material' => 'mono', 'size' => '10 lb', 'length_m' => '', 'with' => 'nylon', 'off_reel' => false, 'parked' => false] + self::LINE,
            'kept' => self::KEPT,
            'open' => 'backing',
            'gap_mm' => '1.8',
            'join_depth_mm' => '',
            'way' => 'backing',
            'sleeve_mm' => '',
            'tape_wraps' => '8',
            'tape_mm' => '0.2',
            'grips' => true,
            'schools' => ['soak' => 'after', 'tension' => 'fingers'],
            'long_cast' => true,
            'beginner' => false,
            'off' => ['springy'],
        ];
    }

    /** @return array<string, mixed> a plan of which little is known */
    public static function usual(): array
    {
        return [
            'reel' => ['kind' => 'spinning', 'lip' => 'bevelled', 'bevel_depth_mm' => '1.5', 'gear_ratio' => '5.2'],
            'spool' => array_diff_key(self::SPOOL, ['arbor_diameter_mm' => 0]),
            'main' => ['material' => 'braid', 'size' => 'PE 1', 'length_m' => '120 m'],
            'backing' => ['material' => 'mono', 'size' => '10 lb'],
            'open' => 'backing',
        ];
    }

    /** @return array<string, list<array<string, mixed>>> by calculator */
    public static function all(): array
    {
        return self::fills() + self::plans() + self::lines() + self::drags() + self::care() + self::lessons();
    }

    /** @return array<string, list<array<string, mixed>>> */
    private static function fills(): array
    {
        $learn = [
            'spools' => ['one' => self::SHAPE, 'two' => ['lip_diameter_mm' => 50, 'traverse_mm' => 15] + self::PRINTED],
            'lines' => [
                'l' => ['material' => 'mono', 'diameter_mm' => 0.3, 'cell_factor' => 1.01, 'cell_sd' => 0.05],
                'b' => ['material' => 'braid', 'diameter_mm' => 0.16],
            ],
            'fills' => [
                ['spool' => 'one', 'gap_mm' => 3, 'readings' => 3, 'keep' => false, 'layers' => [['line' => 'l', 'length_m' => 130]]],
                ['spool' => 'one', 'gap_mm' => 2.6, 'readings' => 1, 'layers' => [['line' => 'l', 'length_m' => 60], ['line' => 'b', 'length_m' => 200]]],
                ['spool' => 'two', 'gap_mm' => 2.2, 'readings' => 5, 'keep' => true, 'layers' => [['line' => 'b', 'length_m' => 300]]],
                ['spool' => 'one', 'gap_mm' => 6.9, 'readings' => 3, 'layers' => [['line' => 'l', 'length_m' => 130]]],
            ],
            'plan' => ['spool' => 'one', 'gap_mm' => 1.6, 'layers' => [['line' => 'l', 'length_m' => null], ['line' => 'b', 'length_m' => 150]]],
        ];
        $marks = [
            ['kind' => 'done', 'step' => 'check', 'at' => '2026-06-01T10:00:00Z'],
            ['kind' => 'turns', 'turns' => 20, 'at' => '2026-06-01T10:01:00Z'],
        ];
        $wound = [
            ['kind' => 'turns', 'turns' => 60],
            ['kind' => 'depth', 'depths' => [['mm' => '5.1'], ['mm' => '5.3'], ['mm' => '5.2']]],
            ['kind' => 'slack', 'slack' => 'loops', 'firm' => true],
            ['kind' => 'tension', 'tension' => 'loose'],
            ['kind' => 'said', 'metres' => 55, 'half' => 2],
            ['kind' => 'measured', 'measures' => ['lip_diameter_mm' => '', 'arbor_diameter_mm' => '', 'traverse_mm' => '17 mm', 'gear_ratio' => '5.4']],
        ];
        $over = array_map(
            static fn(string $step): array => ['kind' => 'done', 'step' => $step],
            ['check', 'look_over', 'soak.0', 'mount', 'place.0', 'tie.0', 'first_turns.0', 'slack_test.0'],
        );

        return [
            'fill' => [
                ['spool' => self::SHAPE + self::PRINTED, 'layers' => self::LAYERS, 'gap_mm' => 1.5, 'gear_ratio' => 5.2],
                ['spool' => ['ratings_text' => '0.25/200'], 'layers' => [['material' => 'mono', 'diameter_mm' => 0.25, 'length_m' => null]]],
                [
                    'spool' => ['lip_diameter_mm' => 40, 'arbor_diameter_mm' => 22, 'traverse_mm' => 9],
                    'layers' => [['material' => 'mono', 'diameter_mm' => 0.28, 'length_m' => 150]],
                    'gear_ratio' => 3.8,
                ],
            ],
            'full_level' => [
                [
                    'reel' => 'spinning', 'lip' => 'bevelled', 'material' => 'mono', 'diameter_mm' => 0.3, 'bevel_depth_mm' => 1.5,
                    'lay' => 'normal', 'cell_factor' => 1.02, 'cell_sd' => 0.03, 'full_mark_mm' => '', 'long_cast' => true,
                    'beginner' => true, 'off' => ['beginner'], 'means' => 'rule',
                ],
                ['reel' => 'baitcasting', 'lip' => 'straight', 'material' => 'braid', 'diameter_mm' => 0.14, 'lay' => 'coarse', 'full_mark_mm' => 2.2],
                ['reel' => 'spincast', 'lip' => 'rounded', 'material' => 'fluoro', 'diameter_mm' => 0.4, 'lay' => 'even', 'beginner' => true],
            ],
            'picture' => [
                ['reel' => 'spinning', 'spool' => self::SHAPE + self::PRINTED, 'layers' => array_replace_recursive(self::LAYERS, [['length_m' => 80]]), 'gear_ratio' => 5.2],
                ['spool' => ['ratings_text' => '8/140'] + self::SPOOL, 'layers' => [['material' => 'mono', 'diameter_mm' => 0.25, 'length_m' => 100]]],
            ],
            'learn' => [$learn],
            'learnt' => [
                ['of' => 'line', 'material' => 'mono', 'factor' => 1.1, 'sd' => 0.02, 'fills' => 3],
                ['of' => 'spool', 'material' => 'braid', 'factor' => 0.93, 'sd' => 0.01, 'fills' => 1],
                ['of' => 'line', 'material' => 'braid', 'factor' => 1.004, 'sd' => 0.05, 'fills' => 2],
            ],
            'run' => [
                ['case' => self::plan(), 'old_line_m' => '120 m', 'leader' => true, 'pace_turns_per_min' => 60, 'marks' => $marks],
                ['case' => self::usual(), 'old_line_m' => '', 'leader' => false, 'marks' => [...$over, ...$wound]],
                // it snaps with little on: that is off, and the layer begins again
                ['case' => self::usual(), 'marks' => [...$over, ['kind' => 'turns', 'turns' => 8], ['kind' => 'stopped', 'stop' => 'snapped'], ['kind' => 'again'], ['kind' => 'done', 'step' => 'tie.0'], ['kind' => 'turns', 'turns' => 5]]],
                // by its printed capacity alone: a turn winds what it usually does
                ['case' => ['spool' => ['ratings_text' => '0.25/223']] + self::usual(), 'marks' => [...$over, ['kind' => 'turns', 'turns' => 30]]],
                // fluorocarbon on a baitcaster, its filler in the water while it is wound
                ['case' => ['reel' => ['kind' => 'baitcasting', 'gear_ratio' => '6.3'], 'main' => ['material' => 'fluoro', 'size' => '12 lb', 'length_m' => '90 m'], 'schools' => ['tension' => 'water']] + self::usual(), 'old_line_m' => '80 m', 'leader' => true, 'marks' => []],
                ['case' => self::usual(), 'marks' => [...$over, ['kind' => 'turns', 'turns' => 110], ['kind' => 'stopped', 'stop' => 'at_mark'], ['kind' => 'done', 'step' => 'wind.0']]],
                ['case' => ['reel' => ['kind' => 'baitcasting', 'gear_ratio' => '6.3'], 'main' => ['material' => 'fluoro', 'size' => '12 lb', 'length_m' => '90 m']] + self::usual(), 'marks' => [...array_slice($over, 0, -1), ['kind' => 'turns', 'turns' => 30], ['kind' => 'stopped', 'stop' => 'snapped']]],
            ],
            'practice' => [
                ['case' => self::plan(), 'old_line_m' => '', 'leader' => false, 'pace_turns_per_min' => 60, 'seed' => 7, 'marks' => $marks],
            ],
        ];
    }

    /** @return array<string, list<array<string, mixed>>> */
    private static function plans(): array
    {
        $usual = self::usual();
        $job = static fn(string $id, array $plan, array $backing): array => ['id' => $id, 'plan' => $plan, 'main_line' => 'l', 'backing_lines' => $backing];

        return [
            'plan' => [
                self::plan(),
                $usual,
                ['main' => ['material' => 'mono', 'size' => '0.30', 'length_m' => '', 'length_by' => 'reach', 'cast_m' => '70 m', 'run_m' => '60 m'], 'open' => 'main', 'backing' => ['length_m' => '70 m'] + $usual['backing']] + $usual,
                ['main' => ['length_by' => 'share', 'parts' => 3, 'on_hand_m' => 280, 'on_hand_half_m' => 12] + $usual['main'], 'open' => 'level', 'backing' => ['length_m' => '60 m', 'on_hand_m' => 55] + $usual['backing']] + $usual,
                ['reel' => ['kind' => 'spincast', 'lip' => 'straight', 'gear_ratio' => '3.8'], 'spool' => ['ratings_text' => '8/75', 'ratings_units' => 'lb_yd', 'lip_diameter_mm' => '34', 'arbor_diameter_mm' => '22', 'traverse_mm' => '9'], 'main' => ['material' => 'fluoro', 'size' => '12 lb', 'length_m' => '60 m'], 'way' => 'tape', 'tape_wraps' => '6'] + $usual,
                ['reel' => ['kind' => 'baitcasting', 'lip' => 'straight', 'gear_ratio' => '6.3'], 'way' => 'kept', 'kept' => self::KEPT] + $usual,
                ['way' => 'turn_over', 'beginner' => true] + $usual,
                ['way' => 'sleeve', 'sleeve_mm' => '36'] + $usual,
            ],
            'ways' => [
                self::plan() + ['spare' => true, 'pace_turns_per_min' => 60],
                $usual + ['spare' => false],
                ['kept' => ['sound' => false] + self::KEPT, 'grips' => false, 'reel' => ['kind' => 'baitcasting', 'gear_ratio' => '7']] + $usual,
            ],
            'allocate' => [
                [
                    'jobs' => [
                        ['id' => 'a', 'main' => ['line' => 'l', 'length_m' => 100], 'backing' => ['lines' => ['b', 'c'], 'length_m' => 70]],
                        ['id' => 'z', 'main' => ['line' => 'l', 'length_m' => 140]],
                        ['id' => 'y', 'main' => ['line' => 'b', 'length_m' => 40]],
                    ],
                    'fillers' => [['id' => 'f', 'line' => 'l', 'length_m' => 150], ['id' => 'g', 'line' => 'b', 'length_m' => 60], ['id' => 'h', 'line' => 'c', 'length_m' => 45]],
                    'packs' => [['line' => 'l', 'length_m' => 300, 'price' => 12], ['line' => 'b', 'length_m' => 200, 'price' => 5]],
                    'pin' => [['job' => 'z', 'part' => 'main', 'source' => 'f']],
                    'forbid' => [['job' => 'a', 'part' => 'backing', 'source' => 'g']],
                    'useful_m' => 30,
                    'backing_pieces_max' => 2,
                ],
            ],
            'day' => [
                [
                    'jobs' => [$job('a', self::plan(), ['b']), $job('z', $usual, ['b'])],
                    'fillers' => [['id' => 'f', 'line' => 'l', 'length_m' => 330], ['id' => 'g', 'line' => 'b', 'length_m' => 200]],
                    'packs' => [['line' => 'l', 'length_m' => 300, 'price' => 12]],
                    'pin' => [['job' => 'a', 'part' => 'main', 'source' => 'f']],
                    'forbid' => [['job' => 'z', 'part' => 'backing', 'source' => 'h']],
                    'useful_m' => 30,
                    'backing_pieces_max' => 1,
                    'pace_turns_per_min' => 60,
                ],
            ],
            'match' => [
                [
                    'line' => ['material' => 'mono', 'size' => '8 lb', 'strength_N' => '9 lb'],
                    'reel' => [
                        'kind' => 'spinning', 'mono_range' => '6-10 lb', 'braid_range' => 'PE 0.6-1.2', 'max_drag_N' => '5 kg',
                        'ratings_text' => '8/140 10/120', 'ratings_units' => 'lb_yd', 'ratings_material' => 'mono',
                    ],
                    'rod' => ['mono_range' => '4-10 lb', 'braid_range' => 'PE 0.6-1.5', 'max_drag_N' => '3 kg'],
                    'schools' => ['drag' => '0.30'],
                ],
                ['line' => ['material' => 'braid', 'size' => 'PE 1.5'], 'reel' => ['kind' => 'spinning', 'ratings_text' => '0.25/200', 'braid_range' => 'PE 0.6-1.2'], 'rod' => ['mono_range' => '6-12 lb']],
                ['line' => ['material' => 'fluoro', 'size' => '4 lb'], 'reel' => ['kind' => 'baitcasting', 'mono_range' => '8-14 lb', 'max_drag_N' => '6 kg']],
            ],
            'choose' => [
                [
                    'fishing' => 'general', 'fish' => '3 kg', 'snags' => 'some', 'current' => 'some', 'lure' => '28 g', 'cast_m' => '50 m',
                    'room_m' => '70 m', 'toothy' => true, 'clear' => true, 'hold' => 'butt_pad', 'reel' => 'baitcasting', 'reel_max_N' => '6 kg', 'rod' => ['mono_range' => '6-14 lb', 'length_m' => '2.7 m'],
                    'schools' => ['drag' => '0.30'],
                    'rack' => [
                        ['id' => 1, 'material' => 'mono', 'diameter_mm' => 0.3, 'strength_N' => 60, 'left_m' => 220],
                        ['id' => 2, 'material' => 'braid', 'diameter_mm' => 0.16, 'strength_N' => null, 'left_m' => 30],
                    ],
                ],
                ['fishing' => 'heavy_cover', 'fish' => '2 kg', 'snags' => 'many', 'lure' => '60 g'],
                ['fishing' => 'big_game', 'fish' => '60 kg', 'hold' => 'harness', 'rod' => ['max_drag_N' => '9 kg']],
                ['fishing' => 'light_clear', 'fish' => '1 kg', 'snags' => 'none', 'lure' => '5 g'],
                ['fishing' => 'distance', 'fish' => '5 kg', 'current' => 'strong', 'lure' => '112 g', 'cast_m' => '100 m', 'rod' => ['mono_range' => '10-20 lb', 'length_m' => '3.9 m']],
            ],
        ];
    }

    /** @return array<string, list<array<string, mixed>>> */
    private static function lines(): array
    {
        $line = ['material' => 'mono', 'size' => '0.30', 'length_m' => '100 m', 'with' => 'nylon', 'off_reel' => false, 'parked' => false] + self::LINE;

        return [
            'twist' => [
                [
                    'reel' => 'spinning', 'feed' => 'over_end', 'filler_turns' => 'cw', 'rotor_turns' => 'ccw', 'filler_diameter_mm' => 75,
                    'spool_diameter_mm' => 45, 'material' => 'mono', 'diameter_mm' => 0.3,
                ],
                ['reel' => 'baitcasting', 'feed' => 'over_end', 'filler_turns' => 'ccw', 'filler_diameter_mm' => 60, 'spool_diameter_mm' => 33, 'material' => 'fluoro', 'diameter_mm' => 0.35],
                ['reel' => 'spincast', 'feed' => 'rotating', 'rotor_turns' => 'cw', 'filler_diameter_mm' => 60, 'spool_diameter_mm' => 30, 'material' => 'braid', 'diameter_mm' => 0.2],
            ],
            'placings' => [
                [
                    'reel' => 'spinning', 'rotor_turns' => 'cw', 'filler_turns' => 'cw', 'spool_diameter_mm' => 45, 'spool_after_mm' => 48,
                    'material' => 'mono', 'diameter_mm' => 0.3, 'length_m' => 100,
                    'filler' => ['full_mm' => 75, 'core_mm' => 50, 'full_length_m' => 300, 'left_m' => 250],
                ],
                ['reel' => 'spinning', 'spool_diameter_mm' => 45, 'material' => 'fluoro', 'diameter_mm' => 0.4, 'length_m' => 200, 'filler' => ['full_mm' => 60, 'left_m' => 200]],
                ['reel' => 'baitcasting', 'spool_diameter_mm' => 33, 'material' => 'braid', 'diameter_mm' => 0.2, 'length_m' => 150, 'filler' => ['full_mm' => 60, 'core_mm' => 40, 'full_length_m' => 270, 'left_m' => 270]],
            ],
            'twist_lab' => [
                [
                    'reel' => 'spinning', 'feed' => 'over_end', 'rotor_turns' => 'cw', 'filler_turns' => 'cw', 'material' => 'mono',
                    'diameter_mm' => 0.3, 'filler_diameter_mm' => 75, 'spool_diameter_mm' => 45, 'slip_turns' => 20, 'gear_ratio' => 5.2,
                    'line_out_m' => 60, 'trailed' => true, 'cast' => true,
                ],
                ['reel' => 'spinning', 'feed' => 'rotating', 'rotor_turns' => 'cw', 'material' => 'fluoro', 'diameter_mm' => 0.35, 'filler_diameter_mm' => 60, 'spool_diameter_mm' => 45, 'slip_turns' => 60, 'gear_ratio' => 6],
            ],
            'strip' => [
                ['pieces' => [['role' => 'backing', 'line' => 'b', 'material' => 'mono', 'length_m' => 60], ['role' => 'main', 'line' => 'l', 'material' => 'braid', 'length_m' => 150]], 'worn_m' => '40 m'],
                ['pieces' => [['material' => 'mono', 'length_m' => 100]]],
                ['pieces' => [['material' => 'mono', 'length_m' => 40], ['material' => 'fluoro', 'length_m' => 90]], 'worn_m' => '70 m'],
            ],
            'joins' => [
                [
                    'where' => 'guides', 'one' => ['material' => 'mono', 'diameter_mm' => 0.3, 'size' => ''], 'other' => ['material' => 'braid', 'size' => 'PE 1', 'diameter_mm' => null],
                    'hands' => ['cold'], 'ties_well' => ['uni'], 'tested' => ['fg' => '0.9'], 'grips' => true, 'backing' => true,
                ],
                ['where' => 'buried', 'one' => ['material' => 'mono', 'size' => '0.28'], 'other' => ['material' => 'mono', 'diameter_mm' => 0.4], 'hands' => ['dark', 'boat']],
                ['where' => 'arbor', 'one' => ['material' => 'braid', 'diameter_mm' => 0.2], 'grips' => false, 'backing' => false, 'hands' => ['cramped']],
                ['where' => 'arbor', 'one' => ['material' => 'mono', 'diameter_mm' => 0.3], 'grips' => true],
            ],
            'knot' => [['knot' => 'uni', 'where' => 'guides', 'braid' => false], ['knot' => 'fg'], ['knot' => 'non_slip_loop', 'thin' => true], ['knot' => 'arbor', 'where' => 'arbor', 'braid' => true]],
            'leader' => [
                ['leader_m' => '6.2 m', 'drop_m' => '0.5', 'path_m' => '3.6', 'lead_g' => '112 g', 'cast' => 'power', 'spool_diameter_mm' => 65, 'main_N' => '8 kg'],
                ['leader_m' => '1 m', 'drop_m' => '0.5', 'path_m' => '2.4'],
                ['leader_m' => '2 m', 'drop_m' => '1.2', 'path_m' => '2.4', 'lead_g' => '40 g', 'cast' => 'gentle', 'spool_diameter_mm' => 45, 'main_N' => '20 lb'],
            ],
            'measure' => [
                ['method' => 'wrap_test', 'wraps' => 40, 'over_mm' => 12, 'line' => $line, 'under' => $line, 'reel' => 'spinning', 'spool' => self::SPOOL]
                + array_fill_keys(['round_mm', 'reads_mm', 'bar_mm', 'step', 'first_mm', 'second_mm', 'third_mm', 'full_length_m', 'full_g', 'mass_g', 'empty_g', 'before_g', 'after_g', 'step_g', 'depth_mm', 'readings'], ''),
                ['method' => 'caliper', 'first_mm' => '46.1', 'second_mm' => '46.3', 'third_mm' => '46.0'],
                ['method' => 'ruler', 'first_mm' => '46'],
                ['method' => 'paper_strip', 'round_mm' => '145'],
                ['method' => 'printed_strip', 'reads_mm' => '46.5', 'bar_mm' => '99.2'],
                ['method' => 'stepped_gauge', 'step' => '2.5', 'bar_mm' => '', 'reel' => 'spinning', 'spool' => self::SPOOL, 'line' => ['material' => 'braid', 'size' => '0.16'], 'under' => $line],
                ['method' => 'level', 'depth_mm' => '3.1', 'readings' => 3, 'reel' => 'spinning', 'spool' => self::SPOOL, 'line' => ['material' => 'mono', 'size' => '0.28']],
                ['method' => 'weighed', 'before_g' => '281 g', 'after_g' => '290 g', 'step_g' => '1 g', 'line' => $line],
                ['method' => 'kitchen_scale', 'full_length_m' => '300 m', 'full_g' => '46 g', 'mass_g' => '40 g', 'empty_g' => '18 g', 'line' => $line],
                ['method' => 'short_wrap_test', 'wraps' => 60, 'over_mm' => 9, 'line' => ['material' => 'braid', 'size' => 'PE 1']],
            ],
            'photo' => [
                [
                    'image' => ['width_px' => 4000, 'height_px' => 3000],
                    'focal_35mm' => 24.01,
                    'reference' => ['kind' => 'card', 'points' => [[1594.08, 774.56], [1923.37, 1545.42], [1434.95, 1754.49], [1109.02, 983.16]], 'length_mm' => null],
                    'lies' => 'table',
                    'marks' => [
                        'lip' => [[2168.11, 1795.89], [2837.59, 1331.87]],
                        'arbor' => [[2400.24, 1837.62], [2793.27, 1569.64]],
                        'line' => [[2277.21, 1927.96], [2930.61, 1483.37]],
                        'width' => [[2494.43, 1969.11], [2308.61, 1708.86]],
                    ],
                    'pixel_sd' => 1.5,
                ],
                [
                    'image' => ['width_px' => 3000, 'height_px' => 4000],
                    'reference' => ['kind' => 'bar', 'points' => [[400, 3200], [2400, 3240]]],
                    'lies' => 'axis',
                    'marks' => ['lip' => [[900, 1500], [1850, 1520]], 'width' => [[1300, 1300], [1310, 1650]]],
                ],
                [
                    'image' => ['width_px' => 3000, 'height_px' => 4000],
                    'reference' => ['kind' => 'length', 'points' => [[400, 3200], [1400, 3240]], 'length_mm' => '5 cm'],
                    'lies' => 'flange',
                    'marks' => ['lip' => [[900, 1500], [1850, 1520]]],
                ],
            ],
            'quantity' => [
                ['kind' => 'length', 'typed' => '3 m', 'material' => 'mono'],
                ['kind' => 'small', 'typed' => '3/8 in'],
                ['kind' => 'force', 'typed' => '20lb'],
                ['kind' => 'mass', 'typed' => '4 oz'],
                ['kind' => 'line_size', 'typed' => 'PE 1.2', 'material' => 'braid'],
            ],
            'stamp' => [
                ['text' => '8/140 10/120', 'reel' => 'spinning', 'material' => 'mono', 'units' => 'lb_yd'],
                ['text' => '0.25/200 0.30/140'],
                ['text' => 'PE 1.5-200'],
                ['text' => '3-150 4-110', 'reel' => 'baitcasting'],
                ['text' => 'Mono lb/yd 8/24o 10/200'],
                ['text' => '200/0.25'],
            ],
            'size' => [['text' => '20lb 0.23', 'material' => 'braid'], ['text' => '1', 'material' => 'mono'], ['text' => '30#', 'material' => 'fluoro'], ['text' => '0.1b', 'material' => 'mono'], ['text' => '12lb/165yd', 'material' => 'mono']],
            'paper' => [[]],
            'schools' => [[]],
        ];
    }

    /** @return array<string, list<array<string, mixed>>> */
    private static function drags(): array
    {
        $layers = [
            ['role' => 'backing', 'material' => 'mono', 'diameter_mm' => 0.3, 'length_m' => 60],
            ['role' => 'main', 'material' => 'braid', 'diameter_mm' => 0.16, 'length_m' => 150],
        ];
        $pulls = [
            ['position' => 1, 'running_N' => 6, 'start_up_N' => 6.8, 'sure' => false],
            ['position' => 1.5, 'running_N' => 9.4, 'start_up_N' => 12],
        ];
        $chain = [
            'main_N' => '12 kg', 'main_condition' => 0.9, 'join' => 'double_uni', 'join_tested' => '', 'leader_N' => '8 kg',
            'leader_condition' => 1, 'hook_knot' => 'palomar', 'terminal_tested' => '85 %', 'snap_N' => '10 kg', 'snap_condition' => 1,
        ];

        return [
            'drag' => [
                [
                    'links' => [
                        ['name' => 'line', 'kind' => 'main', 'rated_N' => 50, 'efficiency' => 1, 'efficiency_high' => 1, 'condition' => 0.9],
                        ['name' => 'join', 'kind' => 'join', 'rated_N' => 50, 'efficiency' => 0.7, 'efficiency_high' => 0.85, 'condition' => 1],
                    ],
                    'fishing' => 'general', 'fraction' => 0.25, 'schools' => ['drag' => '0.30'], 'reel_max_N' => '5 kg', 'rod_max_N' => '3 kg', 'reel' => 'spinning',
                    'line_out_m' => [10, 50], 'measured' => [['line_out_m' => 40, 'running_N' => 15]], 'layers' => $layers,
                    'spool' => ['lip_diameter_mm' => 46, 'arbor_diameter_mm' => 30, 'traverse_mm' => 17], 'limit_fraction' => 0.5,
                    'set_N' => '12 N', 'wanted_N' => '', 'set_on_mm' => 43, 'at_line_out_m' => '70 m', 'rod_angle_deg' => 45, 'gear_ratio' => 5.2,
                    'tip' => true, 'guides' => 1.12, 'set_tip' => true,
                    'set_by' => ['knob' => 'turn', 'from_off' => true, 'pulls' => [...$pulls, ['position' => 2, 'running_N' => 12, 'start_up_N' => 13, 'sure' => true]]],
                ],
                ['chain' => $chain, 'fishing' => 'heavy_cover', 'spool' => ['lip_diameter_mm' => 46, 'arbor_diameter_mm' => 30, 'traverse_mm' => 17], 'gap_mm' => 2, 'main' => ['material' => 'braid', 'diameter_mm' => 0.16, 'length_m' => 150], 'backing' => ['material' => 'mono', 'diameter_mm' => 0.3], 'rod_angle_deg' => 60],
                ['chain' => ['main_N' => '8 kg', 'leader_N' => '3 kg', 'join' => 'fg'], 'fishing' => 'light_clear', 'reel' => 'baitcasting', 'wanted_N' => '2 kg', 'layers' => $layers, 'spool' => ['lip_diameter_mm' => 36, 'arbor_diameter_mm' => 20, 'traverse_mm' => 22]],
                ['chain' => ['main_N' => '20 lb'], 'fishing' => 'big_fish', 'reel_max_N' => '4 lb', 'tip' => false, 'line_out_m' => [50, 100], 'layers' => [$layers[1]], 'spool' => ['lip_diameter_mm' => 60, 'arbor_diameter_mm' => 40, 'traverse_mm' => 20]],
            ],
            'drag_next' => [
                ['target_N' => 12, 'knob' => 'turn', 'limits' => ['min' => 0, 'max' => 6], 'pulls' => $pulls, 'weakest_N' => 48, 'law' => true],
                ['target_N' => 12, 'knob' => 'click', 'pulls' => [['position' => 4, 'running_N' => 11.8, 'start_up_N' => 12.2], ['position' => 4, 'running_N' => 12.1, 'start_up_N' => 12.6], ['position' => 4, 'running_N' => 11.9, 'start_up_N' => 12.4]]],
                ['target_N' => 20, 'knob' => 'notch', 'limits' => ['max' => 5], 'pulls' => [['position' => 2, 'running_N' => 9], ['position' => 3, 'running_N' => 26]]],
            ],
            'drag_steps' => [
                ['mechanism' => 'front', 'reel' => 'spinning', 'knob' => 'turn', 'tip' => true, 'position' => 2],
                ['mechanism' => 'lever', 'reel' => 'baitcasting', 'knob' => 'notch', 'tip' => false],
                ['mechanism' => 'star', 'reel' => 'baitcasting'],
            ],
            'drag_practice' => [
                ['seed' => 3, 'target_N' => 12, 'over' => true, 'pulls' => [['position' => 0.25, 'fast' => false, 'zeroed' => true, 'past' => false], ['position' => 1.25, 'fast' => true, 'zeroed' => false], ['position' => 0.75, 'past' => true]]],
            ],
            'strike' => [
                ['material' => 'mono', 'rated_N' => 50, 'working_N' => 40, 'drag_N' => 12, 'sweep_m' => 1.5, 'slack_m' => 0.3, 'wind_down_turns' => 2, 'retrieve_m_per_turn' => 0.7, 'distance_m' => 30],
                ['material' => 'braid', 'rated_N' => 90, 'sweep_m' => 1.8, 'distance_m' => 60],
                ['material' => 'fluoro', 'rated_N' => 30, 'drag_N' => 20, 'sweep_m' => 2.2, 'distance_m' => 8],
            ],
            'strikes' => [
                [
                    'lines' => [['name' => 'a', 'material' => 'mono', 'rated_N' => 50, 'working_N' => 40], ['name' => 'b', 'material' => 'braid', 'rated_N' => 70]],
                    'drag_N' => 12, 'sweep_m' => 1.6, 'slack_m' => 0.4, 'wind_down_turns' => 1, 'retrieve_m_per_turn' => 0.7, 'distance_m' => 30, 'to_m' => 80,
                ],
                ['lines' => [['material' => 'fluoro', 'rated_N' => 30]], 'sweep_m' => 1, 'distance_m' => 60],
            ],
        ];
    }

    /** @return array<string, list<array<string, mixed>>> */
    private static function care(): array
    {
        $pieces = [
            ['material' => 'mono', 'diameter_mm' => 0.3, 'length_m' => 60, 'since' => '2024-01-01', 'line' => 'b', 'cell_factor' => 1.02, 'cell_sd' => 0.04],
            ['material' => 'braid', 'diameter_mm' => 0.16, 'length_m' => 130, 'since' => '2025-03-01', 'line' => 'l'],
        ];
        $whole = [
            'today' => '2026-11-28',
            'reel' => ['kind' => 'spinning', 'lip' => 'bevelled', 'bevel_depth_mm' => '1.5', 'gear_ratio' => '5.2'],
            'spool' => self::SHAPE + self::PRINTED,
            'pieces' => $pieces,
            'then' => array_replace_recursive($pieces, [1 => ['length_m' => 150]]),
            'outings' => [
                ['at' => '2026-06-01', 'sun' => true, 'rough' => true, 'cast_m' => 40, 'run_m' => 20],
                ['at' => '2026-08-01', 'sun' => false, 'rough' => false, 'cast_m' => 55],
            ],
            'turned_over' => '2025-12-01',
            'shelf_months' => 6,
            'inspections' => [['at' => '2026-09-01', 'found' => 'nicked', 'from_m' => 12, 'to_m' => 14]],
            'lost_on' => '2026-10-01',
            'limits' => ['braid' => ['months' => 30, 'outings' => 60]],
            'pace_turns_per_min' => 60,
            'main_price' => ['price' => '30 €', 'for_m' => 300],
            'backing_price' => ['price' => '6 €', 'for_m' => 300],
            'schools' => ['line_life' => 'rule'],
            'long_cast' => true,
            'beginner' => false,
        ];
        $short = [
            'today' => '2026-11-28',
            'reel' => ['kind' => 'spinning'],
            'spool' => ['ratings_text' => '0.25/200'],
            'pieces' => [['material' => 'mono', 'diameter_mm' => 0.25, 'length_m' => 150, 'since' => '2026-01-01']],
            'outings' => [['at' => '2026-06-01', 'sun' => true, 'cast_m' => 40]],
        ];
        $shape = ['lip_diameter_mm' => 46, 'arbor_diameter_mm' => 31, 'traverse_mm' => 17];
        $worn = static fn(int $trips): array => array_map(
            static fn(int $trip): array => ['at' => sprintf('2026-%02d-%02d', 2 + intdiv($trip, 10), 1 + $trip % 10), 'sun' => $trip % 2 === 0, 'cast_m' => 50],
            range(0, $trips - 1),
        );

        return [
            'upkeep' => [
                $whole,
                $short,
                ['spool' => $shape, 'outings' => $worn(30)] + $short,
                ['spool' => $shape, 'pieces' => $pieces, 'outings' => $worn(70), 'then' => array_replace_recursive($pieces, [1 => ['length_m' => 190]])] + $short,
                ['spool' => $shape, 'pieces' => [$pieces[0], ['length_m' => 70] + $pieces[1]], 'then' => $pieces, 'outings' => $worn(12), 'reel' => ['kind' => 'baitcasting', 'gear_ratio' => '6.3']] + $short,
                ['pieces' => [['material' => 'fluoro', 'diameter_mm' => 0.3, 'length_m' => 90, 'since' => '2025-05-01']], 'spool' => $shape, 'outings' => [], 'inspections' => [['at' => '2026-05-01', 'found' => 'coiled']]] + $short,
            ],
            'trouble' => [
                [
                    'seen' => 'loops',
                    'known' => [
                        'reel' => 'spinning', 'main' => ['material' => 'mono', 'diameter_mm' => 0.3],
                        'backing' => ['material' => 'mono', 'diameter_mm' => 0.3, 'length_m' => 20], 'grips' => false, 'lay' => 'coarse',
                        'level_mm' => 0.8, 'wanted_mm' => 1.6, 'matched' => true, 'feed' => 'over_end', 'slack' => 'loops', 'sticky' => true,
                        'worn' => 0.5, 'found' => 'rough', 'rises' => true, 'low' => false,
                    ],
                ],
                ['seen' => 'short_casts', 'known' => ['reel' => 'spinning', 'main' => ['material' => 'braid', 'diameter_mm' => 0.2], 'level_mm' => 4, 'wanted_mm' => 1.6, 'low' => true]],
                ['seen' => 'digs_in', 'known' => ['reel' => 'baitcasting', 'main' => ['material' => 'braid', 'diameter_mm' => 0.16]]],
                ['seen' => 'jerks', 'known' => []],
                ['seen' => 'backlash', 'known' => ['reel' => 'baitcasting', 'at_bench' => false]],
                ['seen' => 'loops', 'known' => ['reel' => 'baitcasting', 'main' => ['material' => 'mono', 'diameter_mm' => 0.3], 'at_bench' => true]],
            ],
        ];
    }

    /** @return array<string, list<array<string, mixed>>> */
    private static function lessons(): array
    {
        $moves = ['gap' => [['do' => 'read'], ['do' => 'should', 'amount' => '1.5 mm'], ['do' => 'lies', 'amount' => 1.2]], 'filler' => [['do' => 'up'], ['do' => 'wind', 'amount' => '12']]];

        return [
            'lessons' => [[]],
            'lesson' => [
                ['lesson' => 'filler', 'seed' => 2, 'moves' => $moves['filler'], 'over' => true],
                ['lesson' => 'gap', 'seed' => 4, 'moves' => $moves['gap'], 'over' => true],
                ...array_map(static fn(int $seed): array => [
                    'lesson' => 'filler',
                    'seed' => $seed,
                    'moves' => [['do' => 'rotor'], ['do' => 'up'], ['do' => 'circles'], ['do' => 'wind', 'amount' => '30'], ['do' => 'slack']],
                    'over' => $seed === 5,
                ], [5, 6]),
                ...array_map(static fn(string $lesson): array => ['lesson' => $lesson, 'seed' => 3, 'moves' => [], 'over' => false], ['mark', 'memory', 'drag', 'ease']),
            ],
        ];
    }
}
