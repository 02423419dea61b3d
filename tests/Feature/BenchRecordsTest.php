<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Angler;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\TestCase;

/** What the bench keeps with anglers and fillers, and with its runs. */
final class BenchRecordsTest extends TestCase
{
    public function testOwnPullTestsAndKnotsTiedWellAreKeptWithTheAngler(): void
    {
        $id = Angler::query()->create(['name' => 'Me'])->id;
        $this->ask(
            'PATCH',
            '/api/anglers/{id}',
            ['knots' => ['tested' => ['fg' => '96 %', 'uni' => '0.8'], 'well' => ['fg', 'albright']]],
            $id,
        );
        $knots = $this->ask('GET', '/api/anglers')[0]['knots'];
        self::assertEquals(['fg' => '96 %', 'uni' => '0.8'], $knots['tested']);
        self::assertEqualsCanonicalizing(['fg', 'albright'], $knots['well']);
        // one figure taken back leaves the others
        $this->ask('PATCH', '/api/anglers/{id}', ['knots' => ['tested' => ['uni' => '']]], $id);
        self::assertEquals(['fg' => '96 %'], $this->ask('GET', '/api/anglers')[0]['knots']['tested']);
        $problem = $this->ask('PATCH', '/api/anglers/{id}', ['knots' => ['tested' => ['fg' => '940']]], $id, 422);
        self::assertStringContainsString('between 0 and 1', $problem['detail']);
        $this->ask('PATCH', '/api/anglers/{id}', ['knots' => ['well' => ['gordian']]], $id, 422);
        self::assertEquals(['fg' => '96 %'], $this->ask('GET', '/api/anglers')[0]['knots']['tested']);
        $document = $this->ask('GET', '/api/data');
        self::assertSame('96 %', $document['anglers'][0]['habits']['pull_test.fg']);
    }

    public function testWhatIsPractisedStaysWithTheAnglerGoesOutAndInAndIsForgotten(): void
    {
        $id = Angler::query()->create(['name' => 'Me'])->id;
        $other = Angler::query()->create(['name' => 'You'])->id;
        $moves = [['do' => 'read'], ['do' => 'read'], ['do' => 'askew'], ['do' => 'should', 'amount' => '7 mm'], ['do' => 'lies', 'amount' => '0.1 in']];
        $lesson = ['id' => (string) Str::uuid(), 'lesson' => 'gap', 'seed' => 12, 'moves' => $moves];
        $noted = $this->ask('POST', '/api/anglers/{id}/practice', $lesson, $id, 201);
        $end = $this->ask('POST', '/api/compute/lesson', ['over' => true] + array_diff_key($lesson, ['id' => true]))['end'];
        self::assertSame([$end['off'], $end['moves'], $end['by_rule']['moves']], [$noted['off'], $noted['moves'], $noted['rule_moves']]);
        self::assertEqualsCanonicalizing(['askew', 'wrong_gap', 'few_readings'], $noted['slips']);
        $this->ask('POST', '/api/anglers/{id}/practice', $lesson, $id, 200);
        $drag = ['id' => (string) Str::uuid(), 'lesson' => 'drag', 'seed' => 3, 'moves' => [['do' => 'pull']]];
        $this->ask('POST', '/api/anglers/{id}/practice', $drag, $id, 201);
        self::assertSame(['drag', 'gap'], array_column($this->ask('GET', '/api/anglers/{id}/practice', id: $id), 'lesson'));
        self::assertSame([], $this->ask('GET', '/api/anglers/{id}/practice', id: $other));
        // what cannot be judged yet, or was never done, is not noted
        $this->ask('POST', '/api/anglers/{id}/practice', ['id' => (string) Str::uuid(), 'moves' => []] + $lesson, $id, 422);
        $bad = $this->ask('POST', '/api/anglers/{id}/practice', ['id' => (string) Str::uuid(), 'moves' => [['do' => 'dance']]] + $lesson, $id, 422);
        self::assertStringContainsString('dance', $bad['detail']);
        $document = $this->ask('GET', '/api/data');
        self::assertSame(['gap', 'drag'], array_column($document['anglers'][0]['practised'], 'lesson'));
        $left = $this->deleteJson("/api/anglers/$id/practice/{$lesson['id']}")->assertOk()->json();
        self::assertIsArray($left);
        self::assertSame([$drag['id']], array_column($left, 'id'));
        self::assertSame([], $this->ask('DELETE', '/api/anglers/{id}/practice', id: $id));
        $this->ask('POST', '/api/data/import', ['text' => json_encode($document, JSON_THROW_ON_ERROR), 'table' => null, 'take' => true]);
        self::assertSame([$drag['id'], $lesson['id']], array_column($this->ask('GET', '/api/anglers/{id}/practice', id: $id), 'id'));
    }

    public function testAFillersSizeIsKeptAsTypedAndGoesOutAndIn(): void
    {
        $line = $this->ask('POST', '/api/lines', ['name' => 'Thin', 'material' => 'braid', 'size' => '0.16'], status: 201)['id'];
        $filler = $this->ask(
            'POST',
            '/api/fillers',
            ['line' => $line, 'full_length' => '300 m', 'diameter' => '3 in', 'core' => '50', 'event' => (string) Str::uuid()],
            status: 201,
        );
        self::assertSame('3 in', $filler['diameter']);
        self::assertEqualsWithDelta(76.2, $filler['diameter_mm'], 1e-6);
        $problem = $this->ask('PATCH', '/api/fillers/{id}', ['core' => '80 mm'], $filler['id'], 422);
        self::assertSame('core', $problem['error']['field']);
        self::assertSame('50', $this->ask('GET', '/api/fillers/{id}', id: $filler['id'])['core']);
        $document = $this->ask('GET', '/api/data');
        self::assertSame('3 in', $document['fillers'][0]['diameter']);
        $this->ask('PATCH', '/api/fillers/{id}', ['diameter' => '', 'core' => ''], $filler['id']);
        self::assertNull($this->ask('GET', '/api/fillers/{id}', id: $filler['id'])['diameter_mm']);
        $result = $this->ask(
            'POST',
            '/api/data/import',
            ['text' => json_encode($document, JSON_THROW_ON_ERROR), 'table' => null, 'take' => true],
        );
        self::assertNotSame([], $result['rows']);
        self::assertSame('3 in', $this->ask('GET', '/api/fillers/{id}', id: $filler['id'])['diameter']);
    }

    public function testRunsAreListedWithThoseThatGoOnFirstAndBegunOnceForOneId(): void
    {
        $case = [
            'reel' => ['gear_ratio' => '5'],
            'spool' => ['lip_diameter_mm' => 50, 'arbor_diameter_mm' => 30, 'traverse_mm' => 15],
            'main' => ['material' => 'mono', 'size' => '0.30'],
            'open' => 'main',
            'way' => 'main_only',
        ];
        $begin = fn(string $name, string $id): array => $this->ask(
            'POST',
            '/api/runs',
            ['id' => $id, 'name' => $name, 'practice' => 5, 'case' => $case],
            status: DB::table('runs')->where('uuid', $id)->exists() ? 200 : 201,
        );
        [$one, $two] = [(string) Str::uuid(), (string) Str::uuid()];
        $begin('first', $one);
        $begin('second', $two);
        $begin('second again', $two);
        $this->ask('POST', '/api/runs/{uuid}/marks', ['marks' => [['id' => (string) Str::uuid(), 'kind' => 'left']]], $two);
        $listed = $this->ask('GET', '/api/runs');
        self::assertSame(['first', 'second'], array_column($listed, 'name'));
        self::assertNotNull($listed[1]['ended_at']);
    }

    public function testManyTurnsAndMetresBetweenTwoMarksComeToTheSameAsOneOfEach(): void
    {
        $case = [
            'reel' => ['gear_ratio' => '5'],
            'spool' => ['lip_diameter_mm' => 50, 'arbor_diameter_mm' => 30, 'traverse_mm' => 15],
            'main' => ['material' => 'mono', 'size' => '0.30'],
            'open' => 'main',
            'way' => 'main_only',
        ];
        $wound = [];
        foreach ([[[1, 40], [0.6, 40]], [[40, 1], [24, 1]]] as [[$turns, $times], [$metres, $often]]) {
            $id = $this->ask(
                'POST',
                '/api/runs',
                ['id' => (string) Str::uuid(), 'name' => 'x', 'practice' => 5, 'case' => $case],
                status: 201,
            )['id'];
            $marks = [
                ['kind' => 'counter_joined'],
                ...array_fill(0, $times, ['kind' => 'turns', 'turns' => $turns]),
                ...array_fill(0, $often, ['kind' => 'counted', 'metres' => $metres]),
                ['kind' => 'counter_lost'],
                ['kind' => 'turns', 'turns' => 5],
            ];
            $run = $this->ask(
                'POST',
                '/api/runs/{uuid}/marks',
                ['marks' => array_map(static fn(array $mark): array => ['id' => (string) Str::uuid()] + $mark, $marks)],
                $id,
            );
            $wound[] = $run['state']['layers'][0]['wound_m'];
            self::assertEqualsWithDelta(45, $run['state']['progress']['turns'], 1e-9);
        }
        self::assertEqualsWithDelta($wound[0], $wound[1], 1e-6);
    }
}
