<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Clock;
use App\Drag\DragLog;
use App\History\Entries;
use App\History\What;
use App\Ledger\EventLog;
use App\Models\Angler;
use App\Models\Filler;
use App\Models\LineProduct;
use App\Models\Plan;
use App\Models\Reel;
use App\Models\Run;
use App\Models\Spool;
use Database\Factories\FillerFactory;
use Database\Factories\LineProductFactory;
use Database\Factories\ReelFactory;
use Database\Factories\RodFactory;
use Database\Factories\SpoolFactory;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Undro\Contract\Compute;
use Undro\Input\Input;
use Undro\Json\LessonJson;
use Undro\Ledger\Count;
use Undro\Ledger\EventKind;
use Undro\Ledger\Move;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;
use Undro\Lesson\LessonId;
use Undro\Lesson\Move as LessonMove;
use Undro\Line\Material;
use Undro\Practice\SimulatedDrag;
use Undro\Units\Force;
use Undro\Units\Length;

/**
 * The demo: two friends and a child who fish an invented cold coast, the Skarrow Sound and its lakes, from kayak and
 * rocks. Every name in it is made up. Dates count back from today, so that the year of history is always the last one.
 */
final class DemoSeeder extends Seeder
{
    /** Times the force at another level: about what the shape of that spool explains. */
    private const RISEN = 1.06;
    private const OPEN_RUN = '5ca3e1f0-0d3a-4b52-9f3e-6a1d2c4b7e10';

    /** What is printed on some of the reels. */
    private const RANGES = [
        'Skerry 30' => ['mono_range' => '6-14 lb', 'braid_range' => '10-25 lb'],
        'Tarn 20' => ['mono_range' => '0.16-0.25 mm'],
        'Hallow 100' => ['mono_range' => '8-14 lb', 'braid_range' => 'PE 0.8-2'],
        'Pocket Lantern' => ['mono_range' => '6-10 lb'],
    ];

    /** @var array<string, LineProduct> */
    private array $lines = [];
    /** @var array<string, Filler> */
    private array $fillers = [];
    /** @var array<string, Spool> */
    private array $spools = [];
    /** @var array<string, Angler> */
    private array $anglers = [];
    private EventLog $log;

    public function run(EventLog $log): void
    {
        $this->log = $log;
        DB::transaction(function (): void {
            $this->anglers();
            $this->rods();
            $this->lines();
            $this->reels();
            $this->fillers();
            $this->year();
            $this->plans();
            $this->practice();
            $this->drags();
            $this->lessons();
        });
    }

    private function anglers(): void
    {
        foreach ([
            'orla' => ['Orla Venn', 70, ['m', 'mm', 'kg'], ['long_cast' => 'no', 'beginner' => 'no']],
            'tam' => [
                'Tam Hesk',
                55,
                ['yd', 'in', 'lb'],
                ['long_cast' => 'yes', 'beginner' => 'no', 'backing' => 'some', 'soak' => 'after', 'full' => 'sixteenth'],
            ],
            'pip' => [
                'Pip Venn',
                40,
                ['m', 'mm', 'kg'],
                ['long_cast' => 'no', 'beginner' => 'yes', 'full' => 'eighth', 'tension' => 'cloth'],
            ],
        ] as $key => [$name, $pace, [$length, $small, $force], $habits]) {
            $this->anglers[$key] = Angler::query()->create(
                ['name' => $name, 'pace_turns_per_min' => $pace, 'unit_length' => $length, 'unit_small' => $small, 'unit_force' => $force],
            );
            foreach ($habits as $question => $choice) {
                $this->anglers[$key]->habits()->create(['question' => $question, 'choice' => $choice]);
            }
        }
    }

    private function rods(): void
    {
        foreach ([
            [
                'name' => 'Kelpstick 8',
                'length' => '2.4 m',
                'line_min' => '8 lb',
                'line_max' => '20 lb',
                'braid_range' => 'PE 0.8-2',
                'max_drag' => '4 kg',
            ],
            ['name' => 'Longstrand 13', 'length' => '13 ft', 'line_min' => '15 lb', 'line_max' => '40 lb', 'max_drag' => '7 kg'],
            ['name' => 'Tarnwand 6', 'length' => '1.8 m', 'line_min' => '4 lb', 'line_max' => '10 lb', 'max_drag' => '1.5 kg'],
        ] as $figures) {
            RodFactory::new()->create($figures);
        }
    }

    private function lines(): void
    {
        foreach ([
            'braid13' => ['Brindle Eight 0.13', Material::Braid, '0.13 mm', '8.2 kg', 'moss green'],
            'braid16' => ['Brindle Eight 0.16', Material::Braid, '0.16 mm', '11 kg', 'bright yellow'],
            'braidPe2' => ['Gannet Weave 2', Material::Braid, 'PE 2', '13.6 kg', 'five colours'],
            'braid28' => ['Kelp Rope 30', Material::Braid, '30 lb', '30 lb', 'grey'],
            'nylon26' => ['Plain Tarn nylon 0.26', Material::Mono, '0.26 mm', '4.1 kg', 'clear'],
            'nylon30' => ['Plain Tarn nylon 0.30', Material::Mono, '0.30 mm', '5.6 kg', 'clear'],
            'nylon35' => ['Shingle nylon 0.35', Material::Mono, '0.35 mm', '7.5 kg', 'orange'],
            'nylon8' => ['Jetty nylon 8 lb', Material::Mono, '8 lb', '8 lb', 'blue'],
            'fluoro28' => ['Seaglass fluoro 0.28', Material::Fluoro, '0.28 mm', '5.2 kg', 'clear'],
            'fluoro33' => ['Seaglass fluoro 0.33', Material::Fluoro, '0.33 mm', '6.9 kg', 'clear'],
            'hybrid25' => ['Halfway hybrid 0.25', Material::Hybrid, '0.25 mm', '4.8 kg', 'smoke'],
            'hybrid30' => ['Halfway hybrid 0.30', Material::Hybrid, '0.30 mm', '6.4 kg', 'smoke'],
            'drum40' => ['Shed drum nylon 0.40', Material::Mono, '0.40 mm', '', 'brown'],
        ] as $key => [$name, $material, $size, $strength, $colour]) {
            $this->lines[$key] = LineProductFactory::new()->createOne(
                ['name' => $name, 'material' => $material->value, 'size' => $size, 'strength' => $strength, 'colour' => $colour],
            );
        }
    }

    private function reels(): void
    {
        $this->reel('orla', 'Skerry 30', 'spinning', '5.2', '8 kg', [
            'skerry' => ['deep', 'bevelled', 'normal', '0.25/240 0.30/170', 'caliper', ['46.2 mm', '31 mm', '', '19.5 mm', '1.6 mm']],
            'skerryShallow' => ['shallow', 'bevelled', 'normal', 'PE 0.6-160', 'caliper', ['46.2 mm', '', '', '19.5 mm', '1.6 mm']],
        ]);
        $this->reel('orla', 'Tarn 20', 'spinning', '5,0', '4 kg', [
            'tarn' => ['standard', 'rounded', 'normal', '0,20/180 0,25/115', 'unknown', ['', '', '', '', '']],
        ]);
        $this->reel('tam', 'Longshore 80', 'spinning', '4.6', '33 lb', [
            'longshore' => ['coned', 'straight', 'even', '0.35mm-535m 0.40mm-410m', 'ruler', ['72 mm', '52 mm', '46.5 mm', '34 mm', '']],
        ]);
        $this->reel('tam', 'Skarrow 60', 'spinning', '5.8', '26 lb', [
            'skarrow' => ['deep', 'bevelled', 'coarse', '12/230 14/195 17/165', 'caliper', ['2.1 in', '', '', '0.83 in', '']],
        ]);
        $this->reel('orla', 'Hallow 100', 'baitcasting', '7.1', '5 kg', [
            'hallow' => ['vee', 'straight', 'normal', '12-110, 14-95', 'caliper', ['34 mm', '20 mm', '15.5 mm', '22 mm', '']],
        ]);
        $this->reel('tam', 'Bight 300', 'baitcasting', '5.3', '22 lb', [
            'bight' => ['standard', 'bevelled', 'even', '0.33/190', 'caliper', ['44 mm', '', '', '26 mm', '1.5 mm']],
        ]);
        $this->reel('pip', 'Pocket Lantern', 'spincast', '3.8', '2 kg', [
            'lantern' => ['standard', 'straight', 'coarse', '8/80', 'unknown', ['', '', '', '', '']],
        ]);
        $this->reel('pip', 'Puddle 6', 'spincast', '4.1', '2.5 kg', [
            'puddle' => ['standard', 'straight', 'normal', '6/85 8/75', 'ruler', ['41 mm', '', '', '9 mm', '']],
        ]);
        $this->reel('tam', 'Old harbour reel, the one with the bent handle and the new washers', 'spinning', '', '', [
            'harbour' => ['only', 'rounded', 'coarse', '', 'ruler', ['58 mm', '36 mm', '', '20 mm', '']],
        ]);
    }

    /** @param array<string, array{string, string, string, string, string, array{string, string, string, string, string}}> $spools */
    private function reel(string $angler, string $name, string $kind, string $ratio, string $drag, array $spools): void
    {
        $reel = ReelFactory::new()->createOne([
            'angler_id' => $this->anglers[$angler]->id,
            'name' => $name,
            'kind' => $kind,
            'gear_ratio' => $ratio,
            'max_drag' => $drag,
            ...self::RANGES[$name] ?? [],
        ]);
        foreach ($spools as $key => [$spoolName, $lip, $lay, $stamp, $with, $measures]) {
            $spool = SpoolFactory::new()->createOne([
                'name' => $spoolName,
                'lip' => $lip,
                'lay' => $lay,
                'stamp' => $stamp,
                'measured_with' => $with,
                'measures' => array_filter(array_combine(array_slice(Spool::QUANTITIES, 0, count($measures)), $measures)),
            ]);
            $spool->reels()->attach($reel);
            $this->spools[$key] = $spool;
        }
    }

    private function fillers(): void
    {
        foreach ([
            'a' => ['braid13', '300 m', '29.50', 340], 'b' => ['braid16', '300 m', '31.00', 330], 'c' => ['braid16', '150 m', '17.90', 200],
            'd' => [
                'braidPe2',
                '300 m',
                '42.00',
                320,
            ], 'e' => ['braid28', '300 yd', '38.00', 300], 'f' => ['nylon26', '600 m', '9.50', 350],
            'g' => [
                'nylon30',
                '1000 m',
                '12.00',
                350,
            ], 'h' => ['nylon35', '1000 m', '14.00', 345], 'i' => ['nylon8', '300 yd', '6.80', 210],
            'j' => [
                'fluoro28',
                '200 m',
                '21.00',
                290,
            ], 'k' => ['fluoro33', '100 m', '16.00', 290], 'l' => ['hybrid25', '250 m', '11.50', 250],
            'm' => ['hybrid30', '300 m', '12.90', 120],
        ] as $key => [$line, $length, $price, $daysAgo]) {
            $filler = FillerFactory::new()->createOne(
                ['line_product_id' => $this->lines[$line]->id, 'full_length' => $length, 'price' => $price],
            );
            $this->fillers[$key] = $filler;
            $all = Length::metres($filler->full_length_m ?? 0.0);
            $bought = Move::of(Place::of(PlaceKind::Shop), $this->filler($key), $all, $filler->line_product_id);
            $this->event(EventKind::Bought, $daysAgo, [$bought]);
        }
        // found in a shed, its label gone: weighed, so nobody knows it better than that
        $drum = FillerFactory::new()->createOne(['line_product_id' => $this->lines['drum40']->id, 'full_length' => '', 'price' => '']);
        $weighed = Length::metres(132);
        $this->event(
            EventKind::Bought,
            31,
            [Move::of(Place::of(PlaceKind::Shop), $drum->place(), $weighed, $drum->line_product_id)],
            [new Count($drum->place(), $weighed, $drum->line_product_id, Length::metres(14))],
            note: 'by weighing the spool before and after: 46.0 g without it, 65.0 g with it',
        );
    }

    private function year(): void
    {
        $this->wind('skerry', 318, [['g', 118], ['b', 150]]);
        $this->wind('skerryShallow', 317, [['a', 150]]);
        $this->wind('tarn', 310, [['f', 108]]);
        $this->wind('longshore', 305, [['h', 480]]);
        $this->wind('skarrow', 300, [['g', 110], ['d', 180]]);
        $this->wind('bight', 290, [['h', 168]]);
        $this->wind('lantern', 200, [['i', 66]]);
        $this->wind('puddle', 190, [['i', 60]]);
        $this->wind('hallow', 280, [['j', 128]]);
        $this->outings();
        $this->away('skerry', EventKind::CutBack, PlaceKind::Waste, 221, 'b', 12, 'chafed over mussels');
        $this->away('skarrow', EventKind::Lost, PlaceKind::Water, 160, 'd', 46, 'a big ling went round the wreck');
        $this->away('skarrow', EventKind::Lost, PlaceKind::Water, 59, 'd', 62, 'the same wreck, the same end');
        $this->away('longshore', EventKind::CutBack, PlaceKind::Waste, 133, 'h', 25, null);
        $this->levels();
        $this->looks();
        // entered for the wrong spool, and taken back
        $wrong = $this->away('tarn', EventKind::Lost, PlaceKind::Water, 120, 'f', 30, 'snagged');
        $this->event(EventKind::Voided, 119, [], corrects: $wrong);
        // a bad fill: far too little backing, seen and wound again
        $this->wind('harbour', 110, [['m', 60], ['c', 90]]);
        $this->event(EventKind::Stripped, 108, [
            $this->move($this->spool('harbour'), $this->filler('c'), 90, 'c'),
            $this->move($this->spool('harbour'), Place::of(PlaceKind::Waste), 60, 'm'),
        ], note: 'two thirds empty: wound again the week after');
        $this->wind('harbour', 101, [['h', 150], ['e', 120]]);
        $this->event(
            EventKind::StockTake,
            40,
            [],
            [new Count($this->filler('l'), Length::metres(205), $this->lines['hybrid25']->id)],
            note: 'by kitchen scale',
        );
    }

    /** Days on the water: Orla most weeks from the kayak, Tam from the rocks, Pip in the holidays. */
    private function outings(): void
    {
        $days = [
            'skerry' => ['orla', range(300, 12, 8), '35 m', '60 m', 'kayak, Skarrow Sound'],
            'tarn' => ['orla', range(305, 20, 7), '30 m', '', 'Upper Hollow lake'],
            'longshore' => ['tam', range(290, 30, 26), '95 m', '40 m', 'rocks at Grey Ness'],
            'skarrow' => ['tam', range(280, 60, 30), '', '110 m', 'the wreck off Grey Ness'],
            'hallow' => ['orla', range(240, 90, 30), '28 m', '20 m', 'kelp edge, Skarrow Sound'],
            'lantern' => ['pip', range(195, 170, 3), '15 m', '', 'jetty'],
        ];
        foreach ($days as $spool => [$angler, $daysAgo, $cast, $run, $words]) {
            foreach ($daysAgo as $index => $ago) {
                $this->said(
                    $spool,
                    What::Fished,
                    $ago,
                    $this->anglers[$angler]->id,
                    [
                        'hours' => 3 + $index % 3,
                        'sun' => $ago > 130 && $ago < 210 && $index % 2 === 0,
                        'rough' => $spool === 'longshore' || $index % 5 === 4,
                        'cast' => $cast,
                        'run' => $run,
                        'words' => $words,
                    ],
                );
            }
        }
    }

    /** How full each came out, as it was read; one was read off the wrong side of the ruler. */
    private function levels(): void
    {
        foreach ([
            [
                'longshore',
                304,
                '3.1 mm',
                3,
            ], ['longshore', 131, '3.4 mm', 1], ['longshore', 100, '3.5 mm', 3], ['longshore', 62, '8.2 mm', 1],
            ['skerryShallow', 316, '2.0 mm', 3], ['hallow', 279, '2.9 mm', 3], ['bight', 289, '3.4 mm', 1],
        ] as [$spool, $ago, $gap, $readings]) {
            $this->said($spool, What::Level, $ago, $this->anglers['orla']->id, ['gap' => $gap, 'readings' => $readings]);
        }
    }

    /** What was seen and felt of some lines. */
    private function looks(): void
    {
        foreach ([
            ['bight', 25, 'tam', ['found' => 'coiled', 'words' => 'comes off in rings after the summer']],
            ['skerry', 9, 'orla', ['found' => 'rough', 'until' => '3 m', 'words' => 'the last metres rubbed on mussels']],
        ] as [$spool, $ago, $angler, $found]) {
            $this->said($spool, What::Inspected, $ago, $this->anglers[$angler]->id, $found);
        }
        $this->said('skerry', What::Leader, 8, $this->anglers['orla']->id, [
            'leader_material' => 'fluoro', 'strength' => '6.9 kg', 'leader' => '1.5 m', 'knot' => 'fg',
            'words' => 'tied again where it had rubbed',
        ]);
    }

    /** @param array<string, mixed> $figures */
    private function said(string $spool, What $what, int $daysAgo, int $angler, array $figures): void
    {
        $when = Carbon::now('UTC')->subDays($daysAgo)->setTime(19, 10)->format('Y-m-d\TH:i:s.v\Z');
        app(Entries::class)->write((string) Str::uuid(), $this->spools[$spool]->id, $what, Input::of($figures), $angler, $when, null);
    }

    /** @param list<array{string, int}> $layers filler and metres, from the arbor out */
    private function wind(string $spool, int $daysAgo, array $layers): void
    {
        $this->event(EventKind::Wound, $daysAgo, array_map(
            fn(array $layer): Move => $this->move($this->filler($layer[0]), $this->spool($spool), $layer[1], $layer[0]),
            $layers,
        ));
    }

    private function away(string $spool, EventKind $kind, PlaceKind $to, int $daysAgo, string $filler, int $metres, ?string $note): string
    {
        return $this->event($kind, $daysAgo, [$this->move($this->spool($spool), Place::of($to), $metres, $filler)], note: $note);
    }

    private function move(Place $from, Place $to, int $metres, string $filler): Move
    {
        return Move::of($from, $to, Length::metres($metres), $this->fillers[$filler]->line_product_id);
    }

    private function filler(string $key): Place
    {
        return Place::of(PlaceKind::Filler, $this->fillers[$key]->id);
    }

    private function spool(string $key): Place
    {
        return Place::of(PlaceKind::Spool, $this->spools[$key]->id);
    }

    /**
     * @param list<Move>  $moves
     * @param list<Count> $counts
     */
    private function event(
        EventKind $kind,
        int $daysAgo,
        array $moves,
        array $counts = [],
        ?string $corrects = null,
        ?string $note = null,
    ): string {
        $when = Carbon::now('UTC')->subDays($daysAgo)->setTime(18, 30)->format('Y-m-d\TH:i:s.v\Z');

        return $this->log->record((string) Str::uuid(), $kind, $moves, $counts, $when, $this->anglers['orla']->id, $corrects, $note)->uuid;
    }

    /** A run left open in the middle of the backing: Pip practises, so nothing of it is in the log. */
    /** What the child and one of the friends have practised in a month. */
    private function lessons(): void
    {
        $w = static fn(int $many, string $do): array => array_fill(0, $many, new LessonMove($do));
        foreach ([
            ['pip', 26, LessonId::Gap, 31, [...$w(1, 'askew'), new LessonMove('should', 0.5), new LessonMove('lies', 2.6)]],
            ['pip', 25, LessonId::Gap, 32, [...$w(3, 'read'), new LessonMove('should', 1.5), new LessonMove('lies', 1.4)]],
            ['pip', 19, LessonId::Filler, 8, [new LessonMove('up'), new LessonMove('wind', 15), new LessonMove('slack'), new LessonMove('down'), new LessonMove('wind', 15), new LessonMove('slack')]],
            ['pip', 4, LessonId::Mark, 17, [...$w(2, 'while'), ...$w(2, 'read'), ...$w(2, 'bit'), ...$w(3, 'read')]],
            ['orla', 11, LessonId::Memory, 5, null],
            ['orla', 3, LessonId::Ease, 9, [...$w(2, 'run'), new LessonMove('back', 0.25), ...$w(2, 'run'), new LessonMove('pull'), new LessonMove('back', 0.5), ...$w(2, 'run')]],
        ] as $number => [$angler, $daysAgo, $id, $seed, $moves]) {
            $who = $this->anglers[$angler];
            $who->practise([...$who->practised, [
                'id' => sprintf('5e5510a5-0000-4000-8000-%012d', $number + 1),
                'lesson' => $id->value,
                'seed' => $seed,
                'happened_at' => Carbon::now('UTC')->subDays($daysAgo)->setTime(20, 5)->format('Y-m-d\TH:i:s.v\Z'),
            ] + LessonJson::kept($id, $seed, $id->after($seed, $moves ?? $id->after($seed, [])->asUndro()))]);
        }
    }

    private function practice(): void
    {
        $case = [
            'reel' => ['kind' => 'spinning', 'lip' => 'bevelled', 'bevel_depth_mm' => '1.6 mm', 'gear_ratio' => '5.2'],
            'spool' => [
                'ratings_text' => '0.25/240 0.30/170',
                'lip_diameter_mm' => '46.2 mm',
                'arbor_diameter_mm' => '31 mm',
                'traverse_mm' => '19.5 mm',
                'measured_with' => 'caliper',
            ],
            'main' => ['material' => 'braid', 'size' => '0.16 mm', 'length_m' => '150 m'],
            'backing' => ['material' => 'mono', 'size' => '0.30 mm'],
            'beginner' => true,
            'schools' => $this->anglers['pip']->load('habits')->schools(),
        ];
        $run = Run::query()->create([
            'uuid' => self::OPEN_RUN,
            'name' => 'Practice: Skerry 30, Brindle Eight 0.16',
            'angler_id' => $this->anglers['pip']->id,
            'basis' => [
                'case' => $case,
                'old_line_m' => 0.0,
                'leader' => null,
                'pace_turns_per_min' => 40,
                'draft' => [],
                'sources' => [['line' => null], ['line' => null]],
            ],
            'truth' => ['seed' => 20],
            'started_at' => Clock::now(),
        ]);
        $marks = array_map(
            static fn(string $step): array => ['kind' => 'done', 'step' => $step],
            ['check', 'look_over', 'soak.0', 'mount'],
        );
        $marks[] = ['kind' => 'placed', 'step' => 'place.0', 'feed' => 'over_end', 'rotor_turns' => 'cw', 'filler_turns' => 'cw'];
        $marks = [
            ...$marks,
            ['kind' => 'done', 'step' => 'place.0'],
            ['kind' => 'done', 'step' => 'tie.0'],
            ['kind' => 'turns', 'turns' => 10],
            ['kind' => 'done', 'step' => 'first_turns.0'],
            ['kind' => 'slack', 'slack' => 'straight'],
            ['kind' => 'done', 'step' => 'slack_test.0'],
            ['kind' => 'turns', 'turns' => 58],
        ];
        foreach ($marks as $mark) {
            $run->marks()->create(['uuid' => (string) Str::uuid(), 'kind' => $mark['kind'], 'at' => Clock::now(), 'mark' => $mark]);
        }
    }

    /**
     * Settings over the year: a front drag that eases with wear and was measured at another level, one that sticks, one not counted, one
     * set by hand.
     */
    private function drags(): void
    {
        $drags = new DragLog($this->log);
        $braid = ['main' => '11 kg', 'mainCondition' => '0.9', 'leader' => '6.9 kg', 'join' => 'fg', 'mechanism' => 'front'];
        foreach ([
            [195, 1.0, '14 °C', null],
            [96, 0.94, '17 °C', null],
            [20, 0.88, '6 °C', 'stiff in the cold, came up twice'],
        ] as [$daysAgo, $worn, $temperature, $note]) {
            $this->drag($drags, 'Skerry 30', 'skerry', $daysAgo, 6, $braid, [$temperature, $note], $worn);
        }
        $this->drag($drags, 'Skerry 30', 'skerry', 20, 6, $braid, ['6 °C', null], 0.88, out: 90);
        $this->drag(
            $drags,
            'Longshore 80',
            'longshore',
            140,
            9,
            ['main' => '7.5 kg', 'mechanism' => 'front', 'tip' => 'no'],
            ['12 °C', 'washers want grease'],
        );
        $this->drag($drags, 'Hallow 100', 'hallow', 75, 12, ['main' => '5.2 kg', 'mechanism' => 'star'], ['15 °C', null], fromOff: false);
        $this->drag(
            $drags,
            'Pocket Lantern',
            'lantern',
            60,
            0,
            ['main' => '8 lb', 'mechanism' => 'spincast'],
            ['', 'by hand, on the jetty'],
        );
    }

    /**
     * @param int                           $seed  of the made-up drag; 0: set by hand, without a scale
     * @param array<string, string>         $chain
     * @param array{string, string|null}    $words temperature and note
     * @param float                         $times what it gives, over what it gave when new
     * @param float                         $out   line out, m: only one pull, at the place it was set to
     */
    private function drag(
        DragLog $drags,
        string $reelName,
        string $spool,
        int $daysAgo,
        int $seed,
        array $chain,
        array $words,
        float $times = 1.0,
        float $out = 0.0,
        bool $fromOff = true,
    ): void {
        $reel = Reel::query()->where('name', $reelName)->firstOrFail();
        $asked = Compute::run(
            'drag',
            [
                'fishing' => 'general',
                'layers' => [],
                'chain' => [
                    'main_N' => $chain['main'],
                    'main_condition' => $chain['mainCondition'] ?? 1,
                    'leader_N' => $chain['leader'] ?? '',
                    'join' => $chain['join'] ?? null,
                ],
            ],
        );
        $target = is_float($asked['target_N']) ? $asked['target_N'] : 0.0;
        $made = SimulatedDrag::drawn(max(1, $seed), Force::newtons($target));
        $counts = $made->stickiness > 1.25 ? $made->stickiness : 1.0;
        $goal = 0.0;
        while ($made->running($goal)->inNewtons() * $counts * $times < 0.985 * $target) {
            $goal += 0.05;
        }
        $pulls = [];
        foreach ($seed === 0 ? [] : ($out > 0 ? [$goal] : [0.0, 0.25, $goal, $goal, $goal]) as $number => $turns) {
            $pull = $made->pull($turns, $number);
            $pulls[] = [
                'position' => round(1.5 + $turns, 2),
                'running_N' => round($pull->running?->inNewtons() * $times * ($out > 0 ? self::RISEN : 1.0), 2),
                'start_up_N' => $out > 0 ? null : round(($pull->startUp?->inNewtons() ?? 0.0) * $times, 2),
            ];
        }
        $drags->write((string) Str::uuid(), $reel->id, $this->spools[$spool]->id, $reel->angler_id, Input::of([
            'mechanism' => $chain['mechanism'],
            'knob' => 'turn',
            'from_off' => $seed > 0 && $fromOff,
            'tip' => ($chain['tip'] ?? 'yes') === 'yes',
            'rod_angle_deg' => ($chain['tip'] ?? 'yes') === 'yes' ? 45 : null,
            'line_out_m' => $out,
            'target_N' => $target,
            'weakest' => $asked['weakest'],
            'weakest_N' => $asked['weakest_N'],
            'pulls' => $pulls,
            'chain' => $chain,
            'temperature' => $words[0],
            'note' => $words[1] ?? '',
        ]), Carbon::now('UTC')->subDays($daysAgo)->setTime(9, $out > 0 ? 40 : 15)->format('Y-m-d\TH:i:s.v\Z'));
    }

    private function plans(): void
    {
        $spool = $this->spools['skerry'];
        $reel = $spool->reels()->first();
        Plan::query()->create([
            'angler_id' => $this->anglers['orla']->id,
            'reel_id' => $reel?->id,
            'spool_id' => $spool->id,
            'name' => 'Skerry 30, spring braid',
            'draft' => [
                'reel' => (string) $reel?->id, 'spool' => (string) $spool->id, 'kind' => 'spinning', 'lip' => 'bevelled', 'gear' => '5.2',
                'bevel' => '1.6 mm',
                'stamp' => '0.25/240 0.30/170',
                'lipMm' => '46.2 mm',
                'arborMm' => '31 mm',
                'traverseMm' => '19.5 mm',
                'with' => 'caliper',
                'mainMaterial' => 'braid', 'mainSize' => '0.16 mm', 'mainLength' => '150 m', 'mainName' => 'Brindle Eight 0.16',
                'backingMaterial' => 'mono', 'backingSize' => '0.30 mm', 'backingName' => 'Plain Tarn nylon 0.30',
            ],
        ]);
    }
}
