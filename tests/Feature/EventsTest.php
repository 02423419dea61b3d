<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class EventsTest extends TestCase
{
    public function testAReplayIsHarmless(): void
    {
        [$line, $filler] = $this->stock();
        $event = [
            'id' => (string) Str::uuid(),
            'kind' => 'stock_take',
            'counts' => [['at' => ['kind' => 'filler', 'id' => $filler], 'length_m' => '120 m', 'line' => $line]],
        ];
        $first = $this->ask('POST', '/api/events', $event, status: 201);
        self::assertEquals($first, $this->ask('POST', '/api/events', $event, status: 200));
        self::assertSame(120.0, (float) $this->ask('GET', '/api/fillers/{id}', id: $filler)['left_m']);
    }

    public function testWindingMovesLineFromFillerToSpoolAndVoidingTakesItBack(): void
    {
        [$line, $filler, $spool] = $this->stock();
        $id = (string) Str::uuid();
        $this->ask(
            'POST',
            '/api/events',
            ['id' => $id, 'kind' => 'wound', 'moves' => [self::move($filler, $spool, 130, $line)]],
            status: 201,
        );
        $on = $this->ask('GET', '/api/spools/{id}', id: $spool);
        self::assertEqualsWithDelta(130, $on['contents'][0]['length_m'], 1e-9);
        self::assertNotNull($on['contents'][0]['since']);
        self::assertGreaterThan(0, $on['picture']['filled_fraction']);
        $this->ask('POST', '/api/events', ['id' => (string) Str::uuid(), 'kind' => 'voided', 'corrects' => $id], status: 201);
        self::assertSame([], $this->ask('GET', '/api/spools/{id}', id: $spool)['contents']);
        self::assertSame(300.0, (float) $this->ask('GET', '/api/fillers/{id}', id: $filler)['left_m']);
    }

    public function testWhatWasOnASpoolIsTakenWithItsUncertaintyAndItsAge(): void
    {
        [$line, , $spool] = $this->stock();
        $this->ask('POST', '/api/events', ['id' => (string) Str::uuid(), 'kind' => 'found_on_spool', 'happened_at' => '2024', 'moves' => [
            ['from' => ['kind' => 'unseen'], 'to' => ['kind' => 'spool', 'id' => $spool], 'length_m' => '120 ± 20 m', 'line' => $line],
        ]], status: 201);
        $on = $this->ask('GET', '/api/spools/{id}', id: $spool)['contents'][0];
        self::assertEqualsWithDelta([120, 20], [$on['length_m'], $on['half_m']], 1e-9);
        self::assertStringStartsWith('2024-07-01', $on['since']);
    }

    public function testWhatCannotHaveHappenedIsRefusedWhole(): void
    {
        [$line, $filler, $spool] = $this->stock();
        $before = DB::table('events')->count();
        $problem = $this->ask(
            'POST',
            '/api/events',
            [
                'id' => (string) Str::uuid(),
                'kind' => 'wound',
                'moves' => [self::move($filler, $spool, 200, $line), self::move($filler, $spool, 101, $line)],
            ],
            status: 422,
        );
        self::assertStringContainsString('The filler spool “Thin” has 100 m, so you can’t take 101 m', $problem['detail']);
        self::assertSame($before, DB::table('events')->count());
        self::assertSame(300.0, (float) $this->ask('GET', '/api/fillers/{id}', id: $filler)['left_m']);
    }

    public function testAnEarlierEventCannotPullTheLineFromUnderALaterOne(): void
    {
        [$line, $filler, $spool] = $this->stock();
        $this->ask(
            'POST',
            '/api/events',
            ['id' => (string) Str::uuid(), 'kind' => 'wound', 'moves' => [self::move($filler, $spool, 250, $line)]],
            status: 201,
        );
        $bought = DB::table('events')->where('kind', 'bought')->value('uuid');
        $this->ask('POST', '/api/events', ['id' => (string) Str::uuid(), 'kind' => 'voided', 'corrects' => $bought], status: 422);
    }

    public function testPlacesAndLinesMustExist(): void
    {
        [$line, $filler] = $this->stock();
        foreach ([
            [self::move($filler, 999, 10, $line)],
            [self::move($filler, 0, 10, $line)],
            [self::move($filler, 1, -5, $line)],
            [self::move($filler, 1, 10, 999)],
            [['from' => ['kind' => 'moon'], 'to' => ['kind' => 'spool', 'id' => 1], 'length_m' => 1, 'line' => $line]],
        ] as $moves) {
            $this->ask('POST', '/api/events', ['id' => (string) Str::uuid(), 'kind' => 'wound', 'moves' => $moves], status: 422);
        }
        $this->ask('POST', '/api/events', ['id' => 'no uuid', 'kind' => 'wound'], status: 422);
        $this->ask('POST', '/api/events', ['id' => (string) Str::uuid(), 'kind' => 'voided'], status: 422);
        $this->ask('POST', '/api/events', ['id' => (string) Str::uuid(), 'kind' => 'fished', 'happened_at' => '2999-01-01'], status: 422);
    }

    #[DataProvider('changes')]
    public function testTheLogItselfCannotBeChanged(string $statement): void
    {
        $this->stock();
        $this->expectException(QueryException::class);
        $this->expectExceptionMessage('append-only');
        DB::statement($statement);
    }

    /** @return list<array{string}> */
    public static function changes(): array
    {
        return [
            ["UPDATE events SET kind = 'lost'"],
            ['DELETE FROM events'],
            ['UPDATE event_moves SET length_m = 1'],
            ['DELETE FROM event_moves'],
        ];
    }

    /** @return array{int, int, int} line, a filler of 300 m, a spool */
    private function stock(): array
    {
        $line = $this->ask('POST', '/api/lines', ['name' => 'Thin', 'material' => 'braid', 'size' => '0.16'], status: 201)['id'];
        $filler = $this->ask(
            'POST',
            '/api/fillers',
            ['line' => $line, 'full_length' => '300 m', 'event' => (string) Str::uuid()],
            status: 201,
        )['id'];
        $reel = $this->ask(
            'POST',
            '/api/reels',
            ['name' => 'Skerry', 'kind' => 'spinning', 'spool' => ['stamp' => '0.25/200']],
            status: 201,
        );

        return [$line, $filler, $reel['spools'][0]['id']];
    }

    /** @return array<string, mixed> */
    private static function move(int $filler, int $spool, float $metres, int $line): array
    {
        return [
            'from' => ['kind' => 'filler', 'id' => $filler],
            'to' => ['kind' => 'spool', 'id' => $spool],
            'length_m' => $metres,
            'line' => $line,
        ];
    }
}
