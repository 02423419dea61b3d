<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use App\Models\Angler;
use App\Models\Filler;
use App\Models\KeptDay;
use App\Models\LinePack;
use App\Models\LineProduct;
use App\Models\Plan;
use App\Models\Reel;
use App\Models\Rod;
use App\Models\Run;
use App\Models\Spool;
use Illuminate\Support\Str;
use Undro\Tests\Contract\Cases;

/** Bodies that are taken, for each operation of the contract, in the demo: what a nasty value is put into. */
final class Good
{
    /** @return array<string, array{string, array<string, mixed>}> address and body by operation; "uuid" stands for a new one each time */
    public static function bodies(): array
    {
        $id = static fn(string $model): int => (int) $model::query()->whereNull('archived_at')->orderBy('id')->value('id');
        [$reel, $spool, $line, $filler, $angler] = array_map(
            $id,
            [Reel::class, Spool::class, LineProduct::class, Filler::class, Angler::class],
        );
        $spool = Reel::query()->findOrFail($reel)->spools->firstOrFail()->id;
        $run = Run::query()->whereNull('ended_at')->firstOrFail()->uuid;
        $figures = [
            'name' => 'Skerry',
            'kind' => 'spinning',
            'gear_ratio' => '5.2',
            'max_drag' => '8 kg',
            'mono_range' => '8-14 lb',
            'braid_range' => 'PE 0.8-2',
        ];
        $spoolFigures = [
            'name' => 'deep',
            'lip' => 'straight',
            'lay' => 'normal',
            'grips' => true,
            'workings' => 'w',
            'stamp' => '0.25/200',
            'stamp_units' => null,
            'stamp_material' => 'mono',
            'measured_with' => 'caliper',
            'measures' => [
                'lip_diameter' => '46',
                'arbor_diameter' => '30',
                'arbor_deep_diameter' => '',
                'traverse' => '17',
                'bevel_depth' => '1.5',
                'full_mark' => '',
                'rated_gap' => '',
            ],
        ];
        $lineFigures = [
            'name' => 'Gannet',
            'material' => 'mono',
            'size' => '0.30 mm',
            'size_from' => 'measured',
            'workings' => 'w',
            'strength' => '5 kg',
            'colour' => 'clear',
        ];
        $rod = [
            'name' => 'Kelp',
            'length' => '2.4 m',
            'line_min' => '8 lb',
            'line_max' => '20 lb',
            'braid_range' => 'PE 1-2',
            'max_drag' => '4 kg',
        ];
        $drag = [
            'id' => 'uuid',
            'reel' => $reel,
            'spool' => $spool,
            'angler' => $angler,
            'happened_at' => '2026-06-01T10:00:00Z',
            'mechanism' => 'front',
            'knob' => 'turn',
            'from_off' => true,
            'tip' => true,
            'rod_angle_deg' => 45,
            'line_out_m' => 0,
            'surface_mm' => 44.0,
            'target_N' => '12 N',
            'weakest' => 'main line',
            'weakest_N' => 48,
            'limits' => ['min' => 0, 'max' => 9],
            'pulls' => [['position' => 1.5, 'running_N' => 12, 'start_up_N' => 13, 'sure' => true]],
            'scattered' => false,
            'chain' => ['main' => '0.30'],
            'temperature' => '12',
            'note' => 'n',
        ];
        $event = [
            'id' => 'uuid',
            'kind' => 'bought',
            'happened_at' => '2026-06-01T10:00:00Z',
            'angler' => $angler,
            'corrects' => null,
            'note' => 'n',
            'moves' => [
                [
                    'from' => ['kind' => 'shop', 'id' => 0],
                    'to' => ['kind' => 'filler', 'id' => $filler],
                    'length_m' => '10 m',
                    'half_m' => 1,
                    'known' => ['counted'],
                    'line' => Filler::query()->findOrFail($filler)->line_product_id,
                ],
            ],
            'counts' => [
                [
                    'at' => ['kind' => 'filler', 'id' => $filler],
                    'length_m' => '90 m',
                    'half_m' => 4,
                    'line' => Filler::query()->findOrFail($filler)->line_product_id,
                ],
            ],
        ];
        $entry = [
            'id' => 'uuid',
            'what' => 'fished',
            'happened_at' => null,
            'angler' => $angler,
            'corrects' => null,
            'words' => 'w',
            'hours' => 3,
            'sun' => true,
            'rough' => false,
            'cast' => '60 m',
            'run' => '20 m',
            'metres' => null,
            'filler' => null,
            'to' => null,
            'gap' => '2 mm',
            'readings' => 3,
            'counts' => true,
            'keep' => false,
            'how' => 'off',
            'found' => 'fine',
            'from' => '',
            'until' => '',
            'seen' => 'loops',
            'cause' => null,
            'no_leader' => false,
            'leader_material' => 'fluoro',
            'strength' => '6 kg',
            'leader' => '2 m',
            'knot' => 'fg',
            'lead' => '',
            'thrown' => 'gentle',
            'path' => '',
            'drop' => '',
            'spool_mm' => null,
            'main' => null,
        ];
        $mark = [
            'id' => 'uuid',
            'kind' => 'note',
            'step' => 'check',
            'turns' => 0,
            'metres' => null,
            'depths' => [['mm' => '5']],
            'sure' => true,
            'slack' => 'straight',
            'firm' => true,
            'stop' => 'early',
            'words' => 'w',
            'measures' => ['lip_diameter_mm' => '46 mm', 'arbor_diameter_mm' => '', 'traverse_mm' => '17', 'gear_ratio' => '5.2'],
            'rotor_turns' => 'cw',
            'filler_turns' => 'ccw',
            'feed' => 'over_end',
            'tension' => 'firm',
            'filler' => null,
            'how' => 'off',
            'to' => null,
            'planned' => false,
            'pace' => 60,
            'layer' => null,
            'ago_s' => 5,
        ];
        $day = KeptDay::query()->firstOrCreate(['name' => 'd'], ['draft' => ['spools' => (string) $spool]])->id;
        $line2 = Filler::query()->findOrFail($filler)->line_product_id;
        $pack = LinePack::query()->value('id') ?? LinePack::query()->create(
            ['line_product_id' => $line, 'length_typed' => '100 m', 'length_m' => 100, 'price' => '9'],
        )->id;

        return [
            'POST /api/reels' => ['/api/reels', $figures + ['angler' => $angler, 'spool' => $spoolFigures]],
            'PATCH /api/reels/{id}' => ["/api/reels/$reel", $figures + ['archived' => false]],
            'POST /api/spools' => ['/api/spools', $spoolFigures + ['reels' => [$reel]]],
            'PATCH /api/spools/{id}' => ["/api/spools/$spool", $spoolFigures + ['archived' => false]],
            'POST /api/lines' => ['/api/lines', $lineFigures],
            'PATCH /api/lines/{id}' => ["/api/lines/$line", $lineFigures + ['archived' => false]],
            'POST /api/fillers' => [
                '/api/fillers',
                [
                    'line' => $line,
                    'name' => 'f',
                    'full_length' => '300 m',
                    'left' => '250 m',
                    'price' => '12.50',
                    'diameter' => '75',
                    'core' => '50',
                    'event' => 'uuid',
                ],
            ],
            'PATCH /api/fillers/{id}' => [
                "/api/fillers/$filler",
                ['name' => 'f', 'full_length' => '300 m', 'price' => '9', 'diameter' => '75 mm', 'core' => '50'] + ['archived' => false],
            ],
            'POST /api/plans' => [
                '/api/plans',
                ['name' => 'p', 'angler' => $angler, 'draft' => ['stamp' => '0.25/200', 'reel' => (string) $reel]],
            ],
            'PATCH /api/plans/{id}' => [
                '/api/plans/' . $id(Plan::class),
                ['name' => 'p', 'draft' => ['stamp' => '0.25/200']] + ['archived' => false],
            ],
            'POST /api/days' => ['/api/days', ['name' => 'd', 'angler' => $angler, 'draft' => ['spools' => (string) $spool]]],
            'PATCH /api/days/{id}' => ["/api/days/$day", ['name' => 'd', 'draft' => ['spools' => '1,2']] + ['archived' => false]],
            'POST /api/rods' => ['/api/rods', $rod],
            'PATCH /api/rods/{id}' => ['/api/rods/' . $id(Rod::class), $rod + ['archived' => false]],
            'PATCH /api/anglers/{id}' => [
                "/api/anglers/$angler",
                [
                    'name' => 'Orla',
                    'pace_turns_per_min' => 60,
                    'units' => ['length' => 'yd', 'small' => 'in', 'force' => 'lb', 'money' => 'kr'],
                    'habits' => ['long_cast' => true, 'beginner' => false, 'schools' => ['soak' => 'after']],
                    'knots' => ['tested' => ['uni' => '0.8'], 'well' => ['uni']],
                    'limits' => ['mono' => ['months' => '10', 'outings' => '30', 'usual_months' => 12, 'usual_outings' => 40]],
                ],
            ],
            'POST /api/anglers/{id}/practice' => [
                "/api/anglers/$angler/practice",
                [
                    'id' => 'uuid',
                    'lesson' => 'gap',
                    'seed' => 4,
                    'moves' => [['do' => 'read'], ['do' => 'should', 'amount' => '1.5 mm'], ['do' => 'lies', 'amount' => 1.2]],
                ],
            ],
            'POST /api/runs' => [
                '/api/runs',
                [
                    'id' => 'uuid',
                    'name' => 'r',
                    'angler' => $angler,
                    'reel' => $reel,
                    'spool' => $spool,
                    'case' => Cases::plan(),
                    'draft' => ['stamp' => '0.25/200', 'mainFiller' => (string) $filler],
                    'leader' => false,
                    'practice' => null,
                    'sources' => ['main' => ['line' => $line2, 'filler' => $filler, 'spool' => null], 'backing' => ['line' => $line]],
                ],
            ],
            'POST /api/runs/{uuid}/marks' => ["/api/runs/$run/marks", ['marks' => [$mark]]],
            'POST /api/drags' => ['/api/drags', $drag],
            'POST /api/spools/{id}/entries' => ["/api/spools/$spool/entries", $entry],
            'POST /api/events' => ['/api/events', $event],
            'POST /api/packs' => ['/api/packs', ['line' => $line, 'length' => '300 m', 'price' => '12']],
            'PATCH /api/packs/{id}' => ["/api/packs/$pack", ['archived' => false]],
            'POST /api/day' => [
                '/api/day',
                [
                    'jobs' => [
                        ['reel' => $reel, 'spool' => $spool, 'main' => $line, 'length' => '100 m', 'backing' => null, 'due' => null, 'task' => 'refill', 'reuse' => null],
                    ],
                    'pin' => [],
                    'forbid' => [],
                    'pieces' => 1,
                    'angler' => $angler,
                ],
            ],
            'POST /api/data/import' => [
                '/api/data/import',
                ['text' => "name,material,size\nOver,mono,0.30", 'table' => 'lines', 'take' => true],
            ],
            'POST /api/devices/counter' => ['/api/devices/counter', ['do' => 'run', 'amount' => 40]],
            'POST /api/devices/scale' => ['/api/devices/scale', ['do' => 'knob', 'amount' => 1]],
            'POST /api/devices/kitchen' => ['/api/devices/kitchen', ['do' => 'load', 'amount' => 81]],
            ...self::compute(),
        ];
    }

    /** @return array<string, array<string, mixed>> a question to each calculator, by its name */
    public static function calculators(): array
    {
        return array_map(static fn(array $cases): array => $cases[0], Cases::all());
    }

    /** @return array<string, array{string, array<string, mixed>}> */
    private static function compute(): array
    {
        $cases = self::calculators();
        $bodies = ['POST /api/compute/{name}' => ['/api/compute/fill', $cases['fill']]];
        foreach ($cases as $name => $case) {
            $bodies["POST /api/compute/$name"] = ["/api/compute/$name", $case];
        }

        return $bodies;
    }

    /** As JSON, with new ids, and a raw value in the place of a field. @param list<string|int> $at @param array<string, mixed> $body */
    public static function json(array $body, array $at = [], string $raw = ''): string
    {
        array_walk_recursive($body, static function (mixed &$value): void {
            $value = $value === 'uuid' ? (string) Str::uuid() : $value;
        });
        if ($at !== []) {
            $there = &$body;
            foreach ($at as $step) {
                $there = is_array($there) ? $there : [];
                $there = &$there[$step];
            }
            $there = '@@raw@@';
        }

        return str_replace('"@@raw@@"', $raw, json_encode((object) $body, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES));
    }
}
