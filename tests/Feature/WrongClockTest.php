<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Spool;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Tests\TestCase;

/** A clock that was ahead and is set back: the order of entry counts. */
final class WrongClockTest extends TestCase
{
    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function testWhatIsMeasuredAfterTheClockWasSetBackCounts(): void
    {
        Carbon::setTestNow('2027-12-31 12:00:00');
        $reel = $this->ask(
            'POST',
            '/api/reels',
            ['name' => 'A', 'kind' => 'spinning', 'spool' => ['measures' => ['lip_diameter' => '46']]],
            status: 201,
        );
        $spool = $reel['spools'][0]['id'];
        Carbon::setTestNow('2026-11-27 12:00:00');
        $this->ask('PATCH', '/api/spools/{id}', ['measures' => ['lip_diameter' => '47']], $spool);
        self::assertSame(
            '48',
            $this->ask('PATCH', '/api/spools/{id}', ['measures' => ['lip_diameter' => '48']], $spool)['measures']['lip_diameter'] ?? null,
            'twice within a second, too',
        );
        $this->ask('PATCH', '/api/spools/{id}', ['measures' => ['lip_diameter' => '47.5']], $spool);
        self::assertSame('47.5', Spool::query()->findOrFail((int) $spool)->measures()['lip_diameter']);
        $line = $this->ask(
            'POST',
            '/api/lines',
            ['name' => 'L', 'material' => 'mono', 'size' => '0.30', 'size_from' => 'measured'],
            status: 201,
        )['id'];
        self::assertSame('0.31', $this->ask('PATCH', '/api/lines/{id}', ['size' => '0.31', 'size_from' => 'measured'], $line)['size']);
    }

    public function testWhatIsSaidNowComesAfterWhatAFastClockHasWritten(): void
    {
        $line = $this->ask('POST', '/api/lines', ['name' => 'L', 'material' => 'mono', 'size' => '0.30'], status: 201)['id'];
        $spool = $this->ask(
            'POST',
            '/api/reels',
            ['name' => 'A', 'kind' => 'spinning', 'spool' => ['stamp' => '0.30/150']],
            status: 201,
        )['spools'][0]['id'];
        $found = [
            'kind' => 'found_on_spool',
            'moves' => [['from' => ['kind' => 'unseen'], 'to' => ['kind' => 'spool', 'id' => $spool], 'length_m' => 100, 'line' => $line]],
        ];
        Carbon::setTestNow('2027-12-31 12:00:00');
        $this->ask('POST', '/api/events', ['id' => (string) Str::uuid()] + $found, status: 201);
        Carbon::setTestNow('2026-11-27 12:00:00');
        $lost = $this->ask(
            'POST',
            '/api/spools/{id}/entries',
            ['id' => (string) Str::uuid(), 'what' => 'lost', 'metres' => 30],
            $spool,
            201,
        );
        self::assertGreaterThanOrEqual('2027-12-31', $lost['happened_at'], 'it came off after it was found there');
        self::assertEqualsWithDelta(70, $this->ask('GET', '/api/spools/{id}', id: $spool)['contents'][0]['length_m'], 1e-9);
        // what was said of an earlier day stands on that day
        $said = $this->ask('POST', '/api/events', ['id' => (string) Str::uuid(), 'happened_at' => '2026-11-01'] + $found, status: 201);
        self::assertSame('2026-11-01T00:00:00.000Z', $said['happened_at']);
    }

    public function testNoDateThatCannotBeIsTakenAnywhere(): void
    {
        $spool = $this->ask('POST', '/api/reels', ['name' => 'A', 'kind' => 'spinning', 'spool' => ['stamp' => '0.30/150']], status: 201);
        $drag = [
            'reel' => $spool['id'],
            'spool' => $spool['spools'][0]['id'],
            'mechanism' => 'front',
            'knob' => 'turn',
            'target_N' => 12,
            'weakest' => 'line',
            'weakest_N' => 48,
            'pulls' => [],
        ];
        foreach (['zzz', '9999-12-31', '2026-02-30', '0001-01-01', 'tomorrow'] as $date) {
            foreach ([
                ['/api/drags', $drag],
                ['/api/events', ['kind' => 'fished']],
                ['/api/spools/{id}/entries', ['what' => 'fished']],
            ] as [$path, $body]) {
                $problem = $this->ask(
                    'POST',
                    $path,
                    $body + ['id' => (string) Str::uuid(), 'happened_at' => $date],
                    str_contains($path, '{id}') ? $spool['spools'][0]['id'] : '',
                    422,
                );
                self::assertSame('happened_at', $problem['error']['field'], "$path $date");
            }
        }
        $rows = $this->ask(
            'POST',
            '/api/data/import',
            [
                'text' => json_encode(
                    [
                        'undro' => 1,
                        'history' => [['id' => (string) Str::uuid(), 'kind' => 'fished', 'happened_at' => '9999-12-31T00:00:00Z']],
                    ],
                ),
                'take' => true,
            ],
        )['rows'];
        self::assertSame('bad', $rows[0]['state']);
        self::assertStringContainsString('is in the future', (string) $rows[0]['problem']);
    }

    public function testAHabitChangedTwiceWithinASecondMovesWhatIsDueTwice(): void
    {
        Carbon::setTestNow('2026-11-27 12:00:00');
        $this->seed(\Database\Seeders\DemoSeeder::class);
        $angler = $this->ask('GET', '/api/anglers')[0]['id'];
        $due = fn(): array => array_column(
            array_filter(
                $this->ask('GET', '/api/upkeep'),
                static fn(array $care): bool => $care['angler'] === $angler && $care['material'] === 'braid',
            ),
            'due_on',
        );
        $seen = [];
        foreach (['30', '20', '25'] as $months) {
            $this->ask('PATCH', '/api/anglers/{id}', ['limits' => ['braid' => ['months' => $months]]], $angler);
            $seen[] = json_encode($due());
        }
        self::assertCount(3, array_unique($seen), (string) json_encode($seen));
    }
}
