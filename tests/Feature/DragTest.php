<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\TestCase;

/** Settings of the drag: kept with the log, by reel and fill, compared, and taken back. */
final class DragTest extends TestCase
{
    private int $reel = 0;
    private int $spool = 0;

    protected function setUp(): void
    {
        parent::setUp();
        $this->reel = $this->ask(
            'POST',
            '/api/reels',
            ['name' => 'Skerry', 'kind' => 'spinning', 'gear_ratio' => '5.2'],
            status: 201,
        )['id'];
        $this->spool = $this->ask('POST', '/api/spools', ['name' => 'deep', 'reels' => [$this->reel]], status: 201)['id'];
    }

    public function testASettingIsKeptWithWhatItsPullsCameTo(): void
    {
        $id = (string) Str::uuid();
        $made = $this->ask(
            'POST',
            '/api/drags',
            $this->setting(
                ['id' => $id, 'temperature' => '8 °C', 'note' => 'after cleaning', 'rod_angle_deg' => '45', 'chain' => ['main' => '11 kg']],
            ),
            status: 201,
        );
        self::assertTrue($made['accepted']);
        self::assertEqualsWithDelta(12.0, $made['median_N'], 1e-9);
        self::assertEqualsWithDelta(2.3, $made['position'], 1e-9);
        self::assertSame(['main' => '11 kg'], $made['chain']);
        self::assertStringContainsString('2.3 turns', $made['again']['text']);
        self::assertNull($made['fill_since'], 'nothing was wound on it yet');
        self::assertEquals(
            $made,
            $this->ask('POST', '/api/drags', $this->setting(['id' => $id]), status: 200),
            'sent again it changes nothing',
        );
        self::assertEquals([$made], $this->history()['settings']);
        self::assertSame('drag_set', $this->ask('GET', '/api/events')[0]['kind']);
        foreach (['update drag_settings set target_n = 1', 'delete from drag_settings'] as $change) {
            try {
                DB::statement($change);
                self::fail('the log can be changed');
            } catch (\Illuminate\Database\QueryException $refused) {
                self::assertStringContainsString('append-only', $refused->getMessage());
            }
        }
    }

    public function testOneTakenBackIsNotThereAnyMoreAndComesAgain(): void
    {
        $id = $this->ask('POST', '/api/drags', $this->setting(), status: 201)['id'];
        $void = (string) Str::uuid();
        $this->ask('POST', '/api/events', ['id' => $void, 'kind' => 'voided', 'corrects' => $id], status: 201);
        self::assertSame([], $this->history()['settings']);
        $this->ask('POST', '/api/events', ['id' => (string) Str::uuid(), 'kind' => 'voided', 'corrects' => $void], status: 201);
        self::assertCount(1, $this->history()['settings']);
    }

    public function testSettingsBelongToTheFillTheyWereMadeOn(): void
    {
        $line = $this->ask('POST', '/api/lines', ['name' => 'Plain', 'material' => 'mono', 'size' => '0.30 mm'], status: 201)['id'];
        $this->ask('POST', '/api/drags', $this->setting(['happened_at' => '2026-03-01T10:00:00.000Z']), status: 201);
        $this->ask(
            'POST',
            '/api/events',
            [
                'id' => (string) Str::uuid(),
                'kind' => 'wound',
                'happened_at' => '2026-04-01T10:00:00Z',
                'moves' => [
                    ['from' => ['kind' => 'shop'], 'to' => ['kind' => 'spool', 'id' => $this->spool], 'length_m' => 100, 'line' => $line],
                ],
            ],
            status: 201,
        );
        $this->ask('POST', '/api/drags', $this->setting(['happened_at' => '2026-05-01T10:00:00.000Z']), status: 201);
        self::assertSame(['2026-04-01T10:00:00.000Z', null], array_column($this->history()['settings'], 'fill_since'), 'newest first');
    }

    public function testDriftIsSeenBetweenSettingsThatCanBeCompared(): void
    {
        $this->ask('POST', '/api/drags', $this->setting(['happened_at' => '2026-03-01T10:00:00.000Z']), status: 201);
        self::assertNull($this->history()['drift']);
        $worn = array_map(static fn(array $pull): array => ['running_N' => 0.8 * $pull['running_N']] + $pull, $this->setting()['pulls']);
        $this->ask('POST', '/api/drags', $this->setting(['pulls' => $worn, 'happened_at' => '2026-09-01T10:00:00.000Z']), status: 201);
        $drift = $this->history()['drift'];
        self::assertCount(2, $drift['points']);
        self::assertStringContainsString('20 % weaker', $drift['text']);
        // a point at another level is no setting
        $this->ask(
            'POST',
            '/api/drags',
            $this->setting(
                [
                    'line_out_m' => '60 m',
                    'pulls' => [['position' => 2.3, 'running_N' => '2 kg']],
                    'happened_at' => '2026-09-01T11:00:00.000Z',
                ],
            ),
            status: 201,
        );
        self::assertCount(2, $this->history()['drift']['points']);
    }

    public function testWhatHoldsIsTheLastSettingOfThisFillWithItsPointsSince(): void
    {
        $line = $this->ask('POST', '/api/lines', ['name' => 'Plain', 'material' => 'mono', 'size' => '0.30 mm'], status: 201)['id'];
        $at = function (string $when, array $change = []): string {
            return $this->ask('POST', '/api/drags', $this->setting($change + ['happened_at' => "2026-$when:00.000Z"]), status: 201)['id'];
        };
        $point = static fn(string $out, float $force): array => [
            'line_out_m' => $out,
            'pulls' => [['position' => 2.3, 'running_N' => $force]],
        ];
        $now = fn(): array => $this->history()['now'];
        self::assertNull($now()['set']);
        $hand = $at('03-01T10:00', ['pulls' => []]);
        self::assertSame($hand, $now()['set']['id'], 'set by hand, not measured yet');
        $first = $at('03-02T10:00');
        $at('03-02T11:00', $point('40 m', 13));
        $again = $at('03-02T12:00', $point('40 m', 14));
        self::assertSame($first, $now()['set']['id']);
        self::assertSame([$again], array_column($now()['points'], 'id'), 'the last at each level');
        $moved = $at('03-03T10:00', ['pulls' => []]);
        self::assertSame($moved, $now()['set']['id'], 'the knob was moved: what was measured holds no more');
        $second = $at('03-04T10:00');
        self::assertSame($second, $now()['set']['id']);
        self::assertSame([], $now()['points'], 'points belong to the setting before them');
        $this->ask(
            'POST',
            '/api/events',
            [
                'id' => (string) Str::uuid(),
                'kind' => 'wound',
                'happened_at' => '2026-04-01T10:00:00Z',
                'moves' => [
                    ['from' => ['kind' => 'shop'], 'to' => ['kind' => 'spool', 'id' => $this->spool], 'length_m' => 100, 'line' => $line],
                ],
            ],
            status: 201,
        );
        self::assertNull($now()['set'], 'another fill, another setting');
    }

    public function testSetByHandItIsNotMeasured(): void
    {
        $made = $this->ask('POST', '/api/drags', $this->setting(['pulls' => []]), status: 201);
        self::assertFalse($made['measured']);
        self::assertNull($made['median_N']);
        self::assertNull($made['again']);
        self::assertNull($this->history()['drift']);
    }

    public function testWhatCannotBeIsRefusedAndNamed(): void
    {
        $lever = ['mechanism' => 'lever', 'knob' => 'notch', 'limits' => ['min' => 0, 'max' => 7]];
        foreach ([
            'pulls.0.position' => $lever + ['pulls' => [['position' => 8, 'running_N' => 10]]],
            'pulls.0.start_up_N' => ['pulls' => [['position' => 1, 'running_N' => 10, 'start_up_N' => 3]]],
            'target_N' => ['target_N' => 'much'],
            'mechanism' => ['mechanism' => 'magnet'],
            'spool' => [
                'spool' => $this->ask(
                    'POST',
                    '/api/spools',
                    [
                        'name' => 'other',
                        'reels' => [$this->ask('POST', '/api/reels', ['name' => 'Tarn', 'kind' => 'spinning'], status: 201)['id']],
                    ],
                    status: 201,
                )['id'],
            ],
        ] as $field => $wrong) {
            self::assertSame($field, $this->ask('POST', '/api/drags', $this->setting($wrong), status: 422)['error']['field']);
        }
        self::assertSame([], $this->history()['settings']);
        self::assertSame([], $this->ask('GET', '/api/events'), 'nothing half written');
        $this->ask('GET', '/api/drags', ['reel' => 99, 'spool' => 99], status: 422);
    }

    /** @return array<array-key, mixed> */
    private function history(): array
    {
        return $this->ask('GET', '/api/drags', ['reel' => $this->reel, 'spool' => $this->spool]);
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed>
     */
    private function setting(array $change = []): array
    {
        return $change + [
            'id' => (string) Str::uuid(),
            'reel' => $this->reel,
            'spool' => $this->spool,
            'mechanism' => 'front',
            'knob' => 'turn',
            'from_off' => true,
            'tip' => true,
            'target_N' => 12,
            'weakest' => 'leader',
            'weakest_N' => 48,
            'pulls' => array_map(
                static fn(array $pull): array => ['position' => $pull[0], 'running_N' => $pull[1]],
                [[1.5, 6.0], [1.75, 7.1], [2.3, 12.0], [2.3, 12.1], [2.3, 11.9]],
            ),
        ];
    }
}
