<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Angler;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** What a spool needs and by when, over HTTP: trips, what was found on the line, leaders, limits and the calendar. */
final class UpkeepTest extends FilledSpoolTestCase
{
    public function testOutingsCountTowardsWhatIsDueAndAreFound(): void
    {
        $care = $this->care();
        self::assertSame(0, $care['outings']);
        $entry = $this->say(
            [
                'what' => 'fished',
                'hours' => '4',
                'cast' => '60 yd',
                'run' => '',
                'sun' => true,
                'words' => 'low tide at the Mussel Steps',
                'happened_at' => '2026-06-10',
            ],
        );
        self::assertEqualsWithDelta(54.86, $entry['outing']['cast_m'], 0.01);
        self::assertSame('60 yd', $entry['outing']['cast']);
        $care = $this->care();
        self::assertSame([1, 1], [$care['outings'], $care['hard_outings']]);
        self::assertEqualsWithDelta(54.86 + 30, $care['reach_m'], 0.01);
        foreach (['q' => 'mussel', 'kind' => 'fished', 'spool' => $this->spool, 'from' => '2026-06-10'] as $by => $what) {
            self::assertContains($entry['id'], array_column($this->ask('GET', '/api/log', [$by => $what])['entries'], 'id'), $by);
        }
        self::assertContains($entry['id'], array_column($this->ask('GET', '/api/log', ['q' => 'skerry tide'])['entries'], 'id'));
        self::assertSame([], $this->ask('GET', '/api/log', ['q' => '100%'])['entries']);
        self::assertNotContains($entry['id'], array_column($this->ask('GET', '/api/log', ['to' => '2026-06-09'])['entries'], 'id'));
        // what is not fished any more does not count
        $this->ask('POST', '/api/events', ['id' => (string) Str::uuid(), 'kind' => 'voided', 'corrects' => $entry['id']], status: 201);
        self::assertSame(0, $this->care()['outings']);
    }

    public function testWhatIsFoundDrivesAdviceConditionAndDateUntilItIsCutAway(): void
    {
        $this->say(['what' => 'inspected', 'found' => 'nicked', 'from' => '20 m', 'until' => '21 m']);
        $care = $this->care();
        self::assertSame(['nicked', 'cut_back', 0.5, 'nicked'], [$care['state'], $care['pick'], ...array_values($care['condition'])]);
        self::assertSame(gmdate('Y-m-d'), $care['due_on']);
        self::assertEqualsWithDelta(22, $this->option($care, 'cut_back')['off_m'], 1e-9, 'past the nick');
        // as the end is lost it comes nearer, and a lost end has its own advice
        $this->say(['what' => 'lost', 'metres' => '8 m']);
        $care = $this->care();
        self::assertEqualsWithDelta([12.0, 13.0], [$care['found'][0]['from_m'], $care['found'][0]['to_m']], 1e-6);
        self::assertStringContainsString('cut back what feels rough, and tie again', $care['also'][0]['text']);
        // turned, it lies at the other end
        $turned = $this->say(['what' => 'strip', 'how' => 'turn_over']);
        self::assertEqualsWithDelta(142 - 13, $this->care()['found'][0]['from_m'], 1e-6);
        $this->ask('POST', '/api/events', ['id' => (string) Str::uuid(), 'kind' => 'voided', 'corrects' => $turned['id']], status: 201);
        // cut off, it is gone
        $this->say(['what' => 'strip', 'how' => 'cut_back', 'metres' => '14 m']);
        $care = $this->care();
        self::assertSame([[], [], 'wear'], [$care['found'], $care['also'], $care['condition']['by']]);
        self::assertFalse($care['calls']);
        $wrong = ['id' => (string) Str::uuid(), 'what' => 'inspected', 'found' => 'rough', 'from' => '3 m', 'until' => '900 m'];
        $refused = $this->ask('POST', '/api/spools/{id}/entries', $wrong, $this->spool, 422)['error'];
        self::assertSame('until', $refused['field']);
        self::assertStringContainsString('128 m', $refused['message']);
    }

    public function testALeaderBelongsToItsSpoolUntilItIsChangedOrTheEndComesOff(): void
    {
        $leader = function (): ?array {
            $found = array_values(array_filter($this->ask('GET', '/api/reels')[0]['spools'], fn(array $each): bool => $each['id'] === $this->spool));

            return $found[0]['leader'];
        };
        self::assertNull($leader());
        $tie = fn(array $change = []): array => $change + [
            'what' => 'leader', 'strength' => '15 lb', 'leader' => '1.5 m', 'leader_material' => 'fluoro', 'knot' => 'fg',
        ];
        // of one day: in the order they were written
        $sameDay = ['happened_at' => '2026-07-01'];
        $cut = ['what' => 'strip', 'how' => 'cut_back', 'metres' => '2 m'] + $sameDay;
        $this->say($cut);
        $this->say($tie(['strength' => '9 lb'] + $sameDay));
        self::assertSame('9 lb', $leader()['strength']);
        $this->say($cut);
        self::assertNull($leader());
        $made = $this->say($tie());
        self::assertSame('leader_tied', $made['kind']);
        self::assertSame(['15 lb', 'fg', 1.5], [$leader()['strength'], $leader()['knot'], $leader()['length_m']]);
        $this->say(['what' => 'fished', 'hours' => 3]);
        self::assertNotNull($leader(), 'fishing leaves it on');
        $this->say($tie(['strength' => '6 kg']));
        self::assertSame('6 kg', $leader()['strength']);
        $this->say(['what' => 'leader', 'no_leader' => true]);
        self::assertNull($leader());
        $this->say($tie());
        $cut = $this->say(['what' => 'strip', 'how' => 'cut_back', 'metres' => '10 m']);
        self::assertNull($leader(), 'the end it was tied to is off');
        $this->ask('POST', '/api/events', ['id' => (string) Str::uuid(), 'kind' => 'voided', 'corrects' => $cut['id']], status: 201);
        self::assertNotNull($leader());
        $ask = fn(array $change): array => ['id' => (string) Str::uuid()] + $tie($change);
        $heavy = ['lead' => '112 g', 'thrown' => 'power', 'path' => '3.6 m', 'spool_mm' => 65, 'main' => '8 kg'];
        $short = $this->ask('POST', '/api/spools/{id}/entries', $ask($heavy), $this->spool, 422)['error'];
        self::assertSame('leader', $short['field']);
        self::assertStringContainsString('five turns of leader', $short['message']);
        $this->say($tie(['leader' => '6.2 m', 'strength' => '40 lb'] + $heavy));
        $this->ask('POST', '/api/spools/{id}/entries', $ask(['leader' => '6.2 m', 'path' => '3.6 m']), $this->spool, 422);
        foreach (['strength' => ['strength' => ''], 'knot' => ['knot' => 'arbor']] as $field => $wrong) {
            self::assertSame($field, $this->ask('POST', '/api/spools/{id}/entries', $ask($wrong), $this->spool, 422)['error']['field']);
        }
    }

    public function testOwnLimitsMoveWhatIsDue(): void
    {
        $angler = Angler::query()->create(['name' => 'Ann'])->id;
        $before = $this->care($angler);
        $this->ask('PATCH', '/api/anglers/{id}', ['limits' => ['braid' => ['months' => '10', 'outings' => '']]], $angler);
        self::assertLessThan($before['due_on'], $this->care($angler)['due_on']);
        $this->ask('PATCH', '/api/anglers/{id}', ['limits' => ['braid' => ['months' => 'long']]], $angler, 422);
    }

    /** A reel's owner winds it: whoever asks is told the owner's minutes, in the log and on the bench day. */
    public function testMinutesAreThoseOfTheReelsOwner(): void
    {
        [$owner, $asker] = [Angler::query()->create(['name' => 'Ann'])->id, Angler::query()->create(['name' => 'Bo'])->id];
        $this->ask('POST', '/api/packs', ['line' => $this->braid, 'length' => '300 m', 'price' => '31 €'], status: 201);
        DB::table('reels')->where('name', 'Skerry')->update(['angler_id' => $owner]);
        $minutes = function (float $pace) use ($owner, $asker): array {
            $this->ask('PATCH', '/api/anglers/{id}', ['pace_turns_per_min' => $pace], $owner);
            $wish = array_column($this->ask('GET', '/api/day'), null, 'spool')[$this->spool];
            $found = [];
            foreach ([$owner, $asker] as $angler) {
                $found[] = $this->option($this->care($angler), 'replace')['minutes'];
                $found[] = $this->ask('POST', '/api/day', ['jobs' => [$wish], 'angler' => $angler])['jobs'][0]['work_min'];
            }
            self::assertEqualsWithDelta([$found[0], $found[1]], [$found[2], $found[3]], 1e-6);

            return [$found[0], $found[1]];
        };
        [$slow, $slowDay] = $minutes(30);
        [$fast, $fastDay] = $minutes(60);
        self::assertGreaterThan($fast + 1, $slow);
        self::assertGreaterThan($fastDay + 1, $slowDay);
        self::assertLessThan(2 * $fastDay, $slowDay, 'what is done around the winding takes as long');
    }

    public function testAListTellsTheWayThatIsAdvisedAndTheHistoryOfASpoolAllOfThem(): void
    {
        $all = array_column($this->care()['options'] ?? [], 'picked', 'id');
        self::assertGreaterThan(2, count($all));
        $listed = array_values(array_filter($this->ask('GET', '/api/upkeep'), fn(array $care): bool => $care['spool'] === $this->spool))[0];
        self::assertSame([array_search(true, $all, true)], array_column($listed['options'], 'id'));
    }

    public function testTheCalendarIsFollowedByItsKeyUntilThatIsRevoked(): void
    {
        self::assertSame([], $this->ask('GET', '/api/calendar'));
        $made = $this->ask('POST', '/api/calendar', status: 201);
        $text = (string) $this->get($made['path'])->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')->getContent();
        self::assertSame(
            $this->care()['due_on'],
            preg_match(
                '/UID:undro-due_on.*?DTSTART;VALUE=DATE:(\d{4})(\d{2})(\d{2})/s',
                $text,
                $found,
            ) === 1 ? "$found[1]-$found[2]-$found[3]" : '',
        );
        foreach (explode("\r\n", $text) as $line) {
            self::assertLessThanOrEqual(75, strlen($line));
        }
        // from another machine: nothing but this, and not with another key
        $this->withServerVariables(['REMOTE_ADDR' => '192.0.2.7'])->get($made['path'])->assertOk();
        $this->withServerVariables(['REMOTE_ADDR' => '192.0.2.7'])->get('/calendar/' . str_repeat('a', 40) . '.ics')->assertNotFound();
        $this->withServerVariables(['REMOTE_ADDR' => '127.0.0.1']);
        self::assertStringNotContainsString(
            basename($made['path'], '.ics'),
            json_encode(DB::table('calendar_keys')->get(), JSON_THROW_ON_ERROR),
        );
        $this->ask('DELETE', '/api/calendar/{id}', id: $made['id']);
        $this->get($made['path'])->assertNotFound();
    }
}
