<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Resources\RunResource;
use App\Models\Run;
use App\Runs\Going;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\TestCase;

final class RunTest extends TestCase
{
    private int $nylon;
    private int $braid;
    private int $nylonFiller;
    private int $braidFiller;
    private int $spool;
    private int $reel;

    protected function setUp(): void
    {
        parent::setUp();
        $this->nylon = $this->ask('POST', '/api/lines', ['name' => 'Under', 'material' => 'mono', 'size' => '0.30'], status: 201)['id'];
        $this->braid = $this->ask('POST', '/api/lines', ['name' => 'Over', 'material' => 'braid', 'size' => '0.16'], status: 201)['id'];
        $this->nylonFiller = $this->filler($this->nylon, '300 m');
        $this->braidFiller = $this->filler($this->braid, '300 m');
        $reel = $this->ask(
            'POST',
            '/api/reels',
            [
                'name' => 'Skerry',
                'kind' => 'spinning',
                'gear_ratio' => '5.2',
                'spool' => ['measures' => ['lip_diameter' => '50', 'arbor_diameter' => '30', 'traverse' => '15']],
            ],
            status: 201,
        );
        $this->reel = $reel['id'];
        $this->spool = $reel['spools'][0]['id'];
    }

    public function testAMarkNeedsAnIdOfItsOwn(): void
    {
        $id = $this->begin();
        $other = $this->begin();
        $mark = (string) Str::uuid();
        $tell = fn(string $run, array $what, int $status): array => $this->ask(
            'POST',
            '/api/runs/{uuid}/marks',
            ['marks' => [$what]],
            $run,
            $status,
        );
        self::assertSame('marks.0.id', $tell($id, ['kind' => 'note', 'words' => 'no id'], 422)['error']['field']);
        $tell($id, ['id' => $mark, 'kind' => 'note', 'words' => 'first'], 200);
        $tell($id, ['id' => $mark, 'kind' => 'note', 'words' => 'first'], 200);
        self::assertSame(1, DB::table('run_marks')->where('uuid', $mark)->count(), 'told again it changes nothing');
        // the id of something else is refused, never dropped in silence
        foreach ([[$other, 'note'], [$id, 'tension']] as [$run, $kind]) {
            self::assertStringContainsString(
                'in use already',
                $tell($run, ['id' => $mark, 'kind' => $kind, 'tension' => 'firm'], 422)['detail'],
            );
        }
        $bought = DB::table('events')->where('kind', 'bought')->value('uuid');
        $tell($id, ['id' => $bought, 'kind' => 'note', 'words' => 'x'], 422);
        $line = [
            'id' => $mark,
            'kind' => 'bought',
            'moves' => [
                [
                    'from' => ['kind' => 'shop'],
                    'to' => ['kind' => 'filler', 'id' => $this->nylonFiller],
                    'length_m' => 1,
                    'line' => $this->nylon,
                ],
            ],
        ];
        self::assertSame($bought, $this->ask('POST', '/api/events', ['id' => $bought] + $line)['id']);
        $this->ask('POST', '/api/events', ['id' => $bought, 'kind' => 'lost'] + $line, status: 422);
        $this->ask('POST', '/api/fillers', ['line' => $this->braid, 'full_length' => '100 m', 'event' => $bought], status: 422);
        self::assertSame(
            $this->nylonFiller,
            $this->ask('POST', '/api/fillers', ['line' => $this->nylon, 'full_length' => '100 m', 'event' => $bought])['id'],
            'no second, empty filler',
        );
        $empty = ['line' => $this->nylon, 'full_length' => '100 m', 'left' => '0 m', 'event' => (string) Str::uuid()];
        self::assertSame($this->ask('POST', '/api/fillers', $empty, status: 201)['id'], $this->ask('POST', '/api/fillers', $empty)['id']);
        $this->ask('POST', '/api/events', ['id' => $self = (string) Str::uuid(), 'kind' => 'voided', 'corrects' => $self], status: 422);
    }

    public function testAWholeRunWritesEachLayerWhenItStopsAndIsTakenBackAsOne(): void
    {
        $id = $this->begin();
        $run = $this->upTo($id, 'wind.0');
        self::assertSame([], $this->contents(), 'nothing is written before it stops');
        $left = $run['state']['progress']['turns_left'];
        $run = $this->mark($id, ['kind' => 'turns', 'turns' => round($left)]);
        self::assertEqualsWithDelta(0, $run['state']['progress']['left_m'], 1);
        $run = $this->mark($id, ['kind' => 'stopped', 'stop' => 'at_mark'], ['kind' => 'done', 'step' => 'wind.0']);
        self::assertSame(1, $run['entries']);
        $backing = $this->contents()[0]['length_m'];
        self::assertEqualsWithDelta($run['state']['layers'][0]['planned_m'], $backing, 1);
        self::assertEqualsWithDelta(300 - $backing, $this->left($this->nylonFiller), 1e-6);
        $run = $this->upTo($id, 'wind.1');
        $this->mark($id, ['kind' => 'turns', 'turns' => round($run['state']['progress']['turns_left'])]);
        $run = $this->mark($id, ['kind' => 'stopped', 'stop' => 'at_mark'], ['kind' => 'finished']);
        self::assertSame('finished', $run['state']['over']);
        self::assertNotNull($run['ended_at']);
        self::assertCount(2, $this->contents());
        self::assertEqualsWithDelta(150, $this->contents()[1]['length_m'], 1);
        self::assertCount(2, $run['written']);

        $run = $this->ask('POST', '/api/runs/{uuid}/take-back', id: $id);
        self::assertTrue($run['taken_back']);
        self::assertSame([], $this->contents());
        self::assertEqualsWithDelta(300, $this->left($this->nylonFiller), 1e-6);
        self::assertEqualsWithDelta(300, $this->left($this->braidFiller), 1e-6);
        $this->ask('POST', '/api/runs/{uuid}/take-back', id: $id);
    }

    public function testTheLevelReadAtTheEndIsWrittenAndTeaches(): void
    {
        $id = $this->begin();
        $this->windToTheMark($id, 'wind.0');
        $this->windToTheMark($id, 'wind.1');
        $this->mark(
            $id,
            ['kind' => 'depth', 'depths' => [['mm' => '1.8 mm'], ['mm' => '2.0 mm'], ['mm' => '1.9 mm']]],
            ['kind' => 'finished'],
        );
        $level = $this->ask('GET', '/api/log', ['kind' => 'measured'])['entries'][0]['level'];
        self::assertEqualsWithDelta(1.9, $level['gap_mm'], 1e-9);
        self::assertSame(3, $level['readings']);
        self::assertSame([3], array_column($this->ask('GET', '/api/learnt')['readings'], 'readings'));
        // taken back with the run
        $this->ask('POST', '/api/runs/{uuid}/take-back', id: $id);
        self::assertSame([], $this->ask('GET', '/api/learnt')['readings']);
    }

    public function testARunThatIsLeftKeepsWhatIsOn(): void
    {
        $id = $this->begin();
        $this->upTo($id, 'wind.0');
        $this->mark($id, ['kind' => 'turns', 'turns' => 80]);
        $run = $this->mark($id, ['kind' => 'left']);
        self::assertSame('left', $run['state']['over']);
        self::assertEqualsWithDelta($run['state']['layers'][0]['wound_m'], $this->contents()[0]['length_m'], 1e-6);
        $problem = $this->ask(
            'POST',
            '/api/runs/{uuid}/marks',
            ['marks' => [['id' => (string) Str::uuid(), 'kind' => 'turns', 'turns' => 1]]],
            $id,
            422,
        );
        self::assertStringContainsString('finished', $problem['detail']);
    }

    public function testAFillerThatEndsEarlyIsEmptyAndTheLayerGoesOnFromAnother(): void
    {
        $short = $this->filler($this->nylon, '300 m', '40 m');
        $id = $this->begin(
            [
                'sources' => [
                    'backing' => ['line' => $this->nylon, 'filler' => $short],
                    'main' => ['line' => $this->braid, 'filler' => $this->braidFiller],
                ],
            ],
        );
        $this->upTo($id, 'wind.0');
        $run = $this->mark($id, ['kind' => 'turns', 'turns' => 100], ['kind' => 'stopped', 'stop' => 'filler_out']);
        $on = $run['state']['layers'][0]['wound_m'];
        self::assertGreaterThan(45, $on, 'the filler held more than was known');
        self::assertEqualsWithDelta($on, $this->contents()[0]['length_m'], 1e-6);
        self::assertEqualsWithDelta(0, $this->left($short), 1e-6);
        self::assertTrue($run['state']['progress']['may_go_on']);
        self::assertStringContainsString('ran out', $run['state']['progress']['stop']['text']);
        $this->mark($id, ['kind' => 'resumed', 'filler' => $this->nylonFiller]);
        $run = $this->mark($id, ['kind' => 'turns', 'turns' => 50], ['kind' => 'stopped', 'stop' => 'snapped']);
        $more = $run['state']['layers'][0]['wound_m'] - $on;
        self::assertEqualsWithDelta(300 - $more, $this->left($this->nylonFiller), 1e-6, 'only the rest came off the second');
        self::assertEqualsWithDelta($on + $more, array_sum(array_column($this->contents(), 'length_m')), 1e-6);
    }

    public function testALayerThatIsLeftWithoutAStopIsWrittenAllTheSame(): void
    {
        $id = $this->begin();
        $this->upTo($id, 'wind.0');
        $this->mark($id, ['kind' => 'turns', 'turns' => 120], ['kind' => 'skipped', 'step' => 'wind.0']);
        self::assertSame([], $this->contents(), 'the backing is still the layer in hand');
        $run = $this->upTo($id, 'wind.1');
        self::assertEqualsWithDelta($run['state']['layers'][0]['wound_m'], $this->contents()[0]['length_m'], 1e-6);
        $this->mark($id, ['kind' => 'turns', 'turns' => 30], ['kind' => 'left']);
        self::assertCount(2, $this->contents());
        self::assertSame([0, 1], array_column($this->ask('GET', '/api/runs/{uuid}', id: $id)['written'], 'layer'));
    }

    /** A stop writes what was wound down to a few centimetres; less than that is no entry. */
    public function testALittleLineIsWrittenAndNextToNothingIsNot(): void
    {
        foreach ([[0.2, 0.3, 1], [0.01, 0.03, 0]] as [$least, $most, $entries]) {
            $id = $this->begin();
            $this->upTo($id, 'wind.0');
            $perTurn = $this->mark($id, ['kind' => 'turns', 'turns' => 1])['state']['layers'][0]['wound_m'];
            $run = $this->mark($id, ['kind' => 'turns', 'turns' => ($least + $most) / 2 / $perTurn - 1], ['kind' => 'left']);
            self::assertGreaterThan($least, $run['state']['layers'][0]['wound_m']);
            self::assertLessThan($most, $run['state']['layers'][0]['wound_m']);
            self::assertSame($entries, $run['entries']);
            self::assertEqualsWithDelta($entries * $run['state']['layers'][0]['wound_m'], array_sum(array_column($this->contents(), 'length_m')), 1e-6);
            $this->ask('POST', '/api/runs/{uuid}/take-back', id: $id);
        }
    }

    public function testATakingBackIsSeenByAnotherWindow(): void
    {
        $id = $this->begin();
        $this->upTo($id, 'wind.0');
        $this->mark($id, ['kind' => 'turns', 'turns' => 50], ['kind' => 'left']);
        $tag = (string) $this->get("/api/runs/$id")->headers->get('ETag');
        $this->get("/api/runs/$id", ['If-None-Match' => $tag])->assertStatus(304);
        $this->ask('POST', '/api/runs/{uuid}/take-back', id: $id);
        $this->get("/api/runs/$id", ['If-None-Match' => $tag])->assertStatus(200)->assertJsonPath('taken_back', true);
    }

    public function testAReplayedMarkCountsOnce(): void
    {
        $id = $this->begin();
        $this->upTo($id, 'wind.0');
        $mark = ['id' => (string) Str::uuid(), 'kind' => 'turns', 'turns' => 25];
        $this->ask('POST', '/api/runs/{uuid}/marks', ['marks' => [$mark]], $id);
        $run = $this->ask(
            'POST',
            '/api/runs/{uuid}/marks',
            ['marks' => [$mark, ['id' => (string) Str::uuid(), 'kind' => 'turns', 'turns' => 5]]],
            $id,
        );
        self::assertEqualsWithDelta(30, $run['state']['progress']['turns'], 1e-9);
        self::assertEquals($run, $this->ask('GET', '/api/runs/{uuid}', id: $id));
    }

    public function testAnotherWindowIsToldNothingWhileNothingHappens(): void
    {
        $id = $this->begin();
        $tag = (string) $this->get("/api/runs/$id")->headers->get('ETag');
        $this->get("/api/runs/$id", ['If-None-Match' => $tag])->assertStatus(304);
        $this->mark($id, ['kind' => 'done', 'step' => 'check']);
        $this->get("/api/runs/$id", ['If-None-Match' => $tag])->assertStatus(200);
    }

    public function testOldLineComesOffFirstAndIsTakenBackWithTheRest(): void
    {
        $this->ask(
            'POST',
            '/api/events',
            [
                'id' => (string) Str::uuid(),
                'kind' => 'found_on_spool',
                'moves' => [
                    [
                        'from' => ['kind' => 'unseen'],
                        'to' => ['kind' => 'spool', 'id' => $this->spool],
                        'length_m' => 90,
                        'line' => $this->nylon,
                    ],
                ],
            ],
            status: 201,
        );
        $id = $this->begin();
        self::assertSame('strip', $this->ask('GET', '/api/runs/{uuid}', id: $id)['state']['steps'][1]['id']);
        $this->mark($id, ['kind' => 'stripped', 'how' => 'off'], ['kind' => 'done', 'step' => 'strip']);
        self::assertSame([], $this->contents());
        $this->ask('POST', '/api/runs/{uuid}/take-back', id: $id);
        self::assertEqualsWithDelta(90, $this->contents()[0]['length_m'], 1e-6);
    }

    public function testPracticeWritesNothingAndTellsTheTruthAfterwards(): void
    {
        $id = $this->begin(['practice' => 7, 'spool' => null, 'reel' => null, 'sources' => []]);
        $events = DB::table('events')->count();
        $run = $this->upTo($id, 'wind.0');
        self::assertNotNull($run['truth']);
        $run = $this->mark(
            $id,
            ['kind' => 'tension', 'tension' => 'loose'],
            ['kind' => 'turns', 'turns' => 200],
            ['kind' => 'stopped', 'stop' => 'at_mark'],
        );
        self::assertNotEqualsWithDelta($run['truth']['layers'][0]['counted_m'], $run['truth']['layers'][0]['real_m'], 0.01);
        self::assertCount(3, $run['truth']['readings_mm']);
        self::assertSame($events, DB::table('events')->count());
    }

    public function testWhatCannotHaveHappenedIsRefusedWhole(): void
    {
        $id = $this->begin();
        $this->ask(
            'POST',
            '/api/runs/{uuid}/marks',
            [
                'marks' => [
                    ['id' => (string) Str::uuid(), 'kind' => 'turns', 'turns' => 5],
                    ['id' => (string) Str::uuid(), 'kind' => 'done', 'step' => 'polish'],
                ],
            ],
            $id,
            422,
        );
        self::assertSame(0, DB::table('run_marks')->count());
        $this->ask('POST', '/api/runs/{uuid}/marks', ['marks' => [['id' => (string) Str::uuid(), 'kind' => 'sung']]], $id, 422);
        $this->ask('GET', '/api/runs/{uuid}', id: (string) Str::uuid(), status: 404);
    }

    public function testADepthThatTheSpoolHasNotLeavesNoMarkBehind(): void
    {
        $id = $this->begin();
        $tell = fn(array $mark, int $status): array => $this->ask(
            'POST',
            '/api/runs/{uuid}/marks',
            ['marks' => [$mark + ['id' => (string) Str::uuid()]]],
            $id,
            $status,
        );
        foreach (['check', 'look_over', 'mount'] as $step) {
            $tell(['kind' => 'done', 'step' => $step], 200);
        }
        $tell(['kind' => 'turns', 'turns' => 20], 200);
        $before = DB::table('run_marks')->count();
        $tell(['kind' => 'depth', 'depths' => [['mm' => '150 mm']]], 422);
        self::assertSame($before, DB::table('run_marks')->count());
        $tell(['kind' => 'turns', 'turns' => 5], 200);
    }

    public function testAPlanThatDoesNotFitIsNotBegun(): void
    {
        $problem = $this->ask(
            'POST',
            '/api/runs',
            ['case' => ['main' => ['material' => 'braid', 'size' => '0.16', 'length_m' => '3000 m']] + $this->plan()] + $this->body(),
            status: 422,
        );
        self::assertStringContainsString('doesn’t fit', $problem['detail']);
    }

    public function testASpoolOfAnotherReelIsRefused(): void
    {
        $other = $this->ask('POST', '/api/reels', ['name' => 'Tarn', 'kind' => 'spincast', 'spool' => ['stamp' => '8/75']], status: 201);
        $problem = $this->ask('POST', '/api/runs', ['spool' => $other['spools'][0]['id']] + $this->body(), status: 422);
        self::assertSame('spool', $problem['error']['field']);
    }

    public function testALineThatIsOnNoRackIsPutThereSoThatTheLogCanNameIt(): void
    {
        $id = $this->begin(['sources' => []]);
        $this->upTo($id, 'wind.0');
        $this->mark($id, ['kind' => 'turns', 'turns' => 50], ['kind' => 'left']);
        self::assertSame('Mono 0.30', $this->contents()[0]['line']['name']);
    }

    public function testTheMarksThemselvesCannotBeChanged(): void
    {
        $this->mark($this->begin(), ['kind' => 'done', 'step' => 'check']);
        $this->expectException(QueryException::class);
        DB::statement('DELETE FROM run_marks');
    }

    public function testStrippingCutsBackTurnsOverAndMovesOn(): void
    {
        foreach ([[60, $this->nylon], [100, $this->braid]] as [$metres, $line]) {
            $this->ask(
                'POST',
                '/api/events',
                [
                    'id' => (string) Str::uuid(),
                    'kind' => 'wound',
                    'moves' => [
                        [
                            'from' => ['kind' => 'shop'],
                            'to' => ['kind' => 'spool', 'id' => $this->spool],
                            'length_m' => $metres,
                            'line' => $line,
                        ],
                    ],
                ],
                status: 201,
            );
        }
        $this->strip(['how' => 'cut_back', 'metres' => '30 m']);
        self::assertEqualsWithDelta(70, $this->contents()[1]['length_m'], 1e-6);
        $this->strip(['how' => 'cut_back', 'metres' => '500 m'], 422);
        // the backing never moves; the join takes half a metre of the main line
        foreach (['turn_over', 'grass'] as $turns => $how) {
            $this->strip(['how' => $how]);
            self::assertSame(
                [['backing', $this->nylon], ['main', $this->braid]],
                array_map(static fn(array $piece): array => [$piece['role'], $piece['line']['id']], $this->contents()),
            );
            self::assertEqualsWithDelta(69.5 - 0.5 * $turns, $this->contents()[1]['length_m'], 1e-6);
        }
        $this->strip(['how' => 'to_spare'], 422);
        $other = $this->ask('POST', '/api/spools', ['name' => 'spare', 'reels' => [$this->reel], 'stamp' => '0.25/200'], status: 201)['id'];
        $this->strip(['how' => 'to_spare', 'to' => $other]);
        self::assertSame(['backing'], array_column($this->contents(), 'role'), 'what was backing stays backing');
        $this->strip(['how' => 'off']);
        self::assertSame([], $this->contents());
        $this->strip(['how' => 'off'], 422);
    }

    /** From the old main line to the new one: the backing never moves, and nothing but the main line is written. */
    public function testAMainLineIsReplacedOverItsBacking(): void
    {
        $this->found($this->spool, [[60, $this->nylon], [138, $this->braid]]);
        $kept = ['way' => 'kept', 'open' => 'main', 'kept' => ['layers' => [['material' => 'mono', 'size' => '0.30', 'length_m' => 60]]]];
        $id = $this->begin(['case' => $kept + $this->plan()]);
        $run = $this->upTo($id, 'strip');
        $steps = array_column($run['state']['steps'], null, 'id');
        self::assertStringContainsString('Strip about 138 m', $steps['strip']['do']['text']);
        self::assertArrayNotHasKey('tie', $steps);
        $this->mark($id, ['kind' => 'stripped', 'step' => 'strip', 'how' => 'main_off']);
        self::assertSame([['backing', $this->nylon]], $this->lying());
        $run = $this->upTo($id, 'wind.0');
        $this->mark($id, ['kind' => 'turns', 'turns' => round($run['state']['progress']['turns_left'])]);
        $this->mark($id, ['kind' => 'stopped', 'stop' => 'at_mark'], ['kind' => 'finished']);
        self::assertSame([['backing', $this->nylon], ['main', $this->braid]], $this->lying());
        self::assertEqualsWithDelta(60, $this->contents()[0]['length_m'], 1e-9);
        self::assertEqualsWithDelta($run['state']['layers'][0]['planned_m'], $this->contents()[1]['length_m'], 1.5);
        self::assertEqualsWithDelta(300, $this->left($this->nylonFiller), 1e-9, 'nothing is cut for what stays');
    }

    /** One pass: its worn end goes to the bottom, and the other reel keeps its backing. */
    public function testAMainLineComesOffAnotherReel(): void
    {
        $other = $this->ask('POST', '/api/spools', ['name' => 'spare', 'reels' => [$this->reel], 'stamp' => '0.25/200'], status: 201)['id'];
        $this->found($other, [[40, $this->nylon], [100, $this->braid]]);
        $case = ['main' => ['material' => 'braid', 'size' => '0.16', 'length_m' => '100 m', 'on_hand_m' => 100, 'off_reel' => true]];
        $body = ['case' => $case + $this->plan(), 'sources' => [
            'backing' => ['line' => $this->nylon, 'filler' => $this->nylonFiller],
            'main' => ['line' => $this->braid, 'spool' => $other],
        ]];
        // what lies under other line there cannot be wound off it
        $under = ['main' => ['line' => $this->nylon, 'spool' => $other]];
        $refused = $this->ask('POST', '/api/runs', ['sources' => $under] + $body + $this->body(), status: 422);
        self::assertSame('sources', $refused['error']['field']);
        $id = $this->begin($body);
        $run = $this->upTo($id, 'wind.0');
        self::assertStringContainsString('Set its drag light', array_column($run['state']['steps'], 'do', 'id')['place.1']['text']);
        $this->windToTheMark($id, 'wind.0');
        $run = $this->upTo($id, 'wind.1');
        $this->mark($id, ['kind' => 'turns', 'turns' => round($run['state']['progress']['turns_left'])]);
        // its line ends, and all of it is over
        $this->mark($id, ['kind' => 'stopped', 'stop' => 'filler_out'], ['kind' => 'finished']);
        self::assertSame([['backing', $this->nylon], ['main', $this->braid]], $this->lying());
        self::assertSame([['backing', $this->nylon]], $this->lying($other));
        self::assertEqualsWithDelta(300, $this->left($this->braidFiller), 1e-9);
    }

    /** Off onto a spare spool and on again: it is as old as it was, and the same end is outermost. */
    public function testBackingGoesUnderALineThatHasNone(): void
    {
        $this->found($this->spool, [[100, $this->braid]]);
        $since = $this->contents()[0]['since'];
        $fillers = fn(): array => array_column($this->ask('GET', '/api/fillers'), 'left_m', 'name');
        $had = $fillers();
        $case = ['main' => ['material' => 'braid', 'size' => '0.16', 'length_m' => '100 m', 'on_hand_m' => 100, 'parked' => true]];
        $body = ['case' => $case + $this->plan(), 'sources' => [
            'backing' => ['line' => $this->nylon, 'filler' => $this->nylonFiller],
            'main' => ['line' => $this->braid],
        ]];
        $id = $this->begin($body);
        $run = $this->upTo($id, 'strip');
        self::assertTrue($run['state']['parked']);
        // nothing may be wound over what the log still has on the spool
        $told = ['marks' => array_map(static fn(array $mark): array => ['id' => (string) Str::uuid()] + $mark, [
            ['kind' => 'turns', 'turns' => 100],
            ['kind' => 'stopped', 'stop' => 'early'],
        ])];
        $refused = $this->ask('POST', '/api/runs/{uuid}/marks', $told, $id, 422);
        self::assertStringContainsString('still has the old line on this spool', $refused['detail']);
        $this->mark($id, ['kind' => 'stripped', 'step' => 'strip', 'how' => 'onto_filler']);
        self::assertSame([], $this->lying());
        self::assertEqualsWithDelta(100, $fillers()['on a spare spool'], 1e-9, 'it can be found while it waits');
        $this->windToTheMark($id, 'wind.0');
        $run = $this->upTo($id, 'wind.1');
        $this->mark($id, ['kind' => 'turns', 'turns' => round($run['state']['progress']['turns_left'] * 0.97)]);
        // all of it is back, whatever was counted
        $this->mark($id, ['kind' => 'said', 'metres' => '100 m'], ['kind' => 'stopped', 'stop' => 'at_mark'], ['kind' => 'finished']);
        self::assertSame([['backing', $this->nylon], ['main', $this->braid]], $this->lying());
        self::assertEqualsWithDelta(100, $this->contents()[1]['length_m'], 1e-9);
        self::assertSame($since, $this->contents()[1]['since']);
        self::assertSame(array_keys($had), array_keys($fillers()), 'the empty spare spool is out of the rack');
        // undone, it lies as before
        $this->ask('POST', '/api/runs/{uuid}/take-back', [], $id);
        self::assertSame([['main', $this->braid]], $this->lying());
        self::assertArrayNotHasKey('on a spare spool', $fillers());
    }

    public function testWhatIsToldLateStandsAtItsTimeAndInItsOrder(): void
    {
        $id = $this->begin();
        $tie = $this->upTo($id, 'wind.0');
        $this->travel(3)->hours();
        $ago = static fn(int $minutes): array => ['ago_s' => $minutes * 60];
        $run = $this->mark($id, ['kind' => 'turns', 'turns' => 40, 'layer' => 0] + $ago(120), ['kind' => 'stopped', 'stop' => 'early'] + $ago(110));
        self::assertSame('early', $run['state']['layers'][0]['stopped']);
        $wound = DB::table('events')->where('kind', 'wound');
        $happened = (string) $wound->value('happened_at');
        self::assertEqualsWithDelta(110 * 60, now()->diffInSeconds($happened, true), 5, 'the log has it when it happened');
        self::assertSame(now()->format('H'), substr((string) $wound->value('recorded_at'), 11, 2));
        // before what was told of the run already nothing can have happened
        $this->mark($id, ['kind' => 'note', 'step' => $tie['state']['current'], 'words' => 'long ago'] + $ago(60 * 24));
        $times = DB::table('run_marks')->orderBy('id')->pluck('at')->all();
        $sorted = $times;
        sort($sorted);
        self::assertSame($sorted, $times);
    }

    public function testTurnsOfALineThatIsDoneAreRefusedAndNothingOfThemIsCounted(): void
    {
        $id = $this->begin();
        $this->windToTheMark($id, 'wind.0');
        $run = $this->upTo($id, 'wind.1');
        self::assertSame(1, $run['state']['layer']);
        $told = ['marks' => [['id' => (string) Str::uuid(), 'kind' => 'turns', 'turns' => 3, 'layer' => 0]]];
        $refused = $this->ask('POST', '/api/runs/{uuid}/marks', $told, $id, 422);
        self::assertStringContainsString('3 turns were counted on line 1', $refused['detail']);
        self::assertSame($run['state'], $this->ask('GET', '/api/runs/{uuid}', [], $id)['state']);
        $told['marks'][0]['layer'] = 1;
        self::assertEqualsWithDelta(3.0, $this->ask('POST', '/api/runs/{uuid}/marks', $told, $id)['state']['progress']['turns'], 1e-9);
    }

    /** An answer says how many marks it knows, not how many there are by the time it is sent: else an old state would pass for a new one. */
    public function testAnAnswerKnowsOnlyTheMarksItWasReadWith(): void
    {
        $id = $this->begin();
        $run = Run::query()->where('uuid', $id)->firstOrFail();
        $going = new Going($run);
        $after = $this->mark($id, ['kind' => 'done', 'step' => 'check']);
        $before = RunResource::whole($going);
        self::assertSame('check', $before['state']['current']);
        self::assertLessThan($after['seen'], $before['seen']);
        self::assertSame($after['seen'], RunResource::whole(new Going($run))['seen']);
    }

    public function testARunSaysHowItGoesOnUntilItIsOver(): void
    {
        $id = $this->begin();
        $ahead = $this->ask('GET', '/api/runs/{uuid}/ahead', [], $id);
        self::assertSame([0, 1], array_values(array_unique(array_column($ahead['points'], 'layer'))));
        $this->mark($id, ['kind' => 'left']);
        self::assertSame([], $this->ask('GET', '/api/runs/{uuid}/ahead', [], $id)['points']);
    }

    /** @param list<array{int, int}> $layers metres and line */
    private function found(int $spool, array $layers): void
    {
        $this->ask('POST', '/api/events', ['id' => (string) Str::uuid(), 'kind' => 'found_on_spool', 'moves' => array_map(
            static fn(array $layer): array => [
                'from' => ['kind' => 'unseen'], 'to' => ['kind' => 'spool', 'id' => $spool], 'length_m' => $layer[0], 'line' => $layer[1],
            ],
            $layers,
        )], status: 201);
    }

    /** @return list<array{string, int}> role and line, from the arbor out */
    private function lying(?int $spool = null): array
    {
        return array_map(
            static fn(array $piece): array => [$piece['role'], $piece['line']['id']],
            $this->ask('GET', '/api/spools/{id}', id: $spool ?? $this->spool)['contents'],
        );
    }

    /** @param array<string, mixed> $body */
    private function strip(array $body, int $status = 201): void
    {
        $this->ask('POST', '/api/spools/{id}/entries', ['id' => (string) Str::uuid(), 'what' => 'strip'] + $body, $this->spool, $status);
    }

    /** @param array<string, mixed> $change */
    private function begin(array $change = []): string
    {
        return $this->ask('POST', '/api/runs', $change + $this->body(), status: 201)['id'];
    }

    /** @return array<string, mixed> */
    private function body(): array
    {
        return [
            'id' => (string) Str::uuid(),
            'name' => 'Skerry, Over',
            'reel' => $this->reel,
            'spool' => $this->spool,
            'case' => $this->plan(),
            'sources' => [
                'backing' => ['line' => $this->nylon, 'filler' => $this->nylonFiller],
                'main' => ['line' => $this->braid, 'filler' => $this->braidFiller],
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function plan(): array
    {
        return [
            'reel' => ['kind' => 'spinning', 'gear_ratio' => '5.2'],
            'spool' => ['lip_diameter_mm' => '50', 'arbor_diameter_mm' => '30', 'traverse_mm' => '15', 'measured_with' => 'caliper'],
            'main' => ['material' => 'braid', 'size' => '0.16', 'length_m' => '150 m'],
            'backing' => ['material' => 'mono', 'size' => '0.30'],
        ];
    }

    /**
     * @param array<string, mixed> ...$marks
     *
     * @return array<array-key, mixed>
     */
    private function mark(string $run, array ...$marks): array
    {
        return $this->ask(
            'POST',
            '/api/runs/{uuid}/marks',
            ['marks' => array_map(static fn(array $mark): array => ['id' => (string) Str::uuid()] + $mark, array_values($marks))],
            $run,
        );
    }

    private function windToTheMark(string $id, string $step): void
    {
        $run = $this->upTo($id, $step);
        $this->mark(
            $id,
            ['kind' => 'turns', 'turns' => round($run['state']['progress']['turns_left'])],
            ['kind' => 'stopped', 'stop' => 'at_mark'],
            ['kind' => 'done', 'step' => $step],
        );
    }

    /** @return array<array-key, mixed> */
    private function upTo(string $id, string $until): array
    {
        $run = $this->ask('GET', '/api/runs/{uuid}', id: $id);
        while ($run['state']['current'] !== $until) {
            $run = $this->mark($id, ['kind' => 'done', 'step' => $run['state']['current']]);
        }

        return $run;
    }

    private function filler(int $line, string $length, string $left = ''): int
    {
        return $this->ask(
            'POST',
            '/api/fillers',
            ['line' => $line, 'full_length' => $length, 'left' => $left, 'event' => (string) Str::uuid()],
            status: 201,
        )['id'];
    }

    private function left(int $filler): float
    {
        return (float) $this->ask('GET', '/api/fillers/{id}', id: $filler)['left_m'];
    }

    /** @return list<array<array-key, mixed>> */
    private function contents(): array
    {
        return $this->ask('GET', '/api/spools/{id}', id: $this->spool)['contents'];
    }
}
