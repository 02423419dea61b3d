<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Households\Entry;
use App\Households\Household;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Yaml\Yaml;
use Tests\Fuzz\Good;
use Tests\Fuzz\Operation;
use Tests\Served\ServedTestCase;
use Tests\Served\Visitor;

/** What one household writes, no other sees, counts or can touch. */
final class HouseholdsTest extends ServedTestCase
{
    private const FEW = 6;
    /** Ids of the one household begin here, so that none of the other is the same. */
    private const FAR = 5000;
    /** What takes an id of a name that is no record of the household. */
    private const NOT_RECORDS = ['/api/account/', '/api/pairing/'];

    public function testAsAnotherHouseholdEveryRouteWithEveryIdIsNotFoundAndSignedOutNotAnswered(): void
    {
        $ann = $this->household('Ann', DemoSeeder::class, self::FAR);
        $bo = $this->household('Bo');
        $bodies = $this->inside('Ann', Good::bodies(...));
        $ids = $this->inside('Ann', self::ids(...));
        $before = $this->inside('Ann', self::everything(...));
        $asked = 0;
        foreach (Yaml::parseFile(base_path('docs/openapi.yaml'))['paths'] as $path => $verbs) {
            foreach (array_intersect(['get', 'post', 'patch', 'delete'], array_keys($verbs)) as $verb) {
                $operation = strtoupper($verb) . " $path";
                $this->send(new Visitor(), strtoupper($verb), self::at($path, 1), json: '{}')->assertStatus(401);
                if (!str_contains($path, '{') || str_contains($path, '{name}') || str_contains($path, '{table}') || str_contains($path, '{device}')
                    || array_filter(self::NOT_RECORDS, static fn(string $start): bool => str_starts_with($path, $start)) !== []) {
                    continue;
                }
                $body = isset($bodies[$operation]) ? Good::json($bodies[$operation][1]) : null;
                foreach ($ids[str_contains($path, '{uuid}') ? 'uuid' : 'id'] as $id) {
                    // one of one's own would be found: an angler stands in every household
                    $status = $this->send($bo, strtoupper($verb), self::at($path, $id), json: $body)->getStatusCode();
                    self::assertSame(404, $status, "$operation with $id");
                    ++$asked;
                }
            }
        }
        self::assertGreaterThan(250, $asked);
        // ids within what is written lead nowhere either, and what does not name any is one's own
        foreach ($bodies as $operation => [, $body]) {
            [$verb, $path] = explode(' ', $operation);
            if (!str_contains($path, '{')) {
                $answer = $this->send($bo, $verb, $path, json: Good::json($body));
                self::assertLessThan(500, $answer->getStatusCode(), $operation);
                if (preg_match('~"(reel|spool|line|filler|angler|spools)":\s*"?5\d{3}~', Good::json($body)) === 1) {
                    self::assertGreaterThanOrEqual(400, $answer->getStatusCode(), "$operation takes what is another household's: {$answer->getContent()}");
                }
            }
        }
        self::assertSame($before, $this->inside('Ann', self::everything(...)));
        $this->asks($ann, 'GET', '/api/account');
    }

    public function testWhatOneWritesChangesNoByteOfWhatAnotherSees(): void
    {
        $ann = $this->household('Ann', DemoSeeder::class);
        $bo = $this->household('Bo', DemoSeeder::class);
        $this->asks($bo, 'POST', '/api/rods', ['name' => 'Bo’s own'], status: 201);
        $this->freezeTime();
        $this->seen($bo);
        $before = $this->seen($bo);
        self::assertSame($before, $this->seen($bo), 'it changes by itself');
        $written = 0;
        foreach ($this->inside('Ann', Good::bodies(...)) as $operation => [$path, $body]) {
            [$verb] = explode(' ', $operation);
            $written += $this->send($ann, $verb, $path, json: Good::json($body))->getStatusCode() < 300 ? 1 : 0;
        }
        self::assertGreaterThan(40, $written);
        self::assertSame($before, $this->seen($bo));
        self::assertNotSame($before, $this->seen($ann));
    }

    public function testOneDocumentGoesIntoTwoHouseholds(): void
    {
        $ann = $this->household('Ann', DemoSeeder::class);
        $document = (string) $this->send($ann, 'GET', '/api/data')->getContent();
        $copies = [];
        foreach (['Bo', 'Cy'] as $name) {
            $to = $this->household($name);
            $result = $this->asks($to, 'POST', '/api/data/import', ['text' => $document, 'take' => true]);
            self::assertSame([], array_filter(array_column($result['rows'], 'problem')));
            $copies[] = array_diff_key($this->send($to, 'GET', '/api/data')->json(), ['exported_at' => 0, 'at' => 0]);
        }
        self::assertEquals($copies[0], $copies[1]);
        self::assertSame([], array_diff(array_column($this->send($ann, 'GET', '/api/data')->json('reels'), 'key'), array_column($copies[0]['reels'], 'key')));
    }

    public function testWhoHasEnteredNoHouseholdReadsNothing(): void
    {
        $this->household('Ann', DemoSeeder::class);
        $this->nowhere();
        $this->expectExceptionMessage('no such table');
        DB::table('reels')->get();
    }

    /**
     * @template T
     *
     * @param \Closure(): T $look
     *
     * @return T
     */
    private function inside(string $name, \Closure $look): mixed
    {
        $this->nowhere();
        Entry::into(Household::query()->where('name', $name)->firstOrFail());
        try {
            return $look();
        } finally {
            $this->nowhere();
        }
    }

    /** @return array{id: list<int>, uuid: list<string>} of every record and entry there is */
    private static function ids(): array
    {
        $ids = ['id' => [], 'uuid' => []];
        foreach (DB::table('sqlite_master')->where('type', 'table')->pluck('name') as $table) {
            $columns = DB::getSchemaBuilder()->getColumnListing((string) $table);
            foreach (['id', 'uuid'] as $column) {
                // of hundreds of entries a few are as good as all; each of them with UNDRO_HARD=1
                $most = getenv('UNDRO_HARD') === '1' ? PHP_INT_MAX : self::FEW;
                $values = in_array($column, $columns, true) ? DB::table($table)->orderBy($column)->limit($most)->pluck($column)->all() : [];
                array_push($ids[$column], ...array_filter($values, $column === 'id' ? is_int(...) : is_string(...)));
            }
        }

        return ['id' => array_values(array_unique(array_filter($ids['id'], static fn(int $id): bool => $id > self::FAR))), 'uuid' => array_values(array_unique($ids['uuid']))];
    }

    /** @return array<string, string> a hash of each table's rows */
    private static function everything(): array
    {
        $all = [];
        foreach (DB::table('sqlite_master')->where('type', 'table')->pluck('name') as $table) {
            $all[(string) $table] = hash('sha256', (string) json_encode(DB::table($table)->get()));
        }

        return array_diff_key($all, ['answers' => 0, 'ledger_caches' => 0, 'spool_states' => 0]);
    }

    /** @return array<string, string> every list, search, export and count, as it is sent */
    private function seen(Visitor $visitor): array
    {
        $seen = [];
        foreach (Operation::questions() as [$path, $names]) {
            foreach (str_contains($path, '{table}') ? ['reels', 'spools', 'lines', 'fillers', 'log'] : ['1'] as $of) {
                foreach ([null, ...array_intersect($names, ['q', 'spool', 'reel', 'kind'])] as $name) {
                    $query = $name === null ? '' : "?$name=" . ($name === 'kind' ? 'wound' : ($name === 'q' ? 'a' : '1'));
                    $asked = strtr($path, ['{table}' => $of, '{id}' => '1', '{uuid}' => '00000000-0000-4000-8000-000000000000', '{device}' => 'counter']) . $query;
                    $seen[$asked] = (string) $this->send($visitor, 'GET', $asked)->getContent();
                }
            }
        }
        $page = $this->send($visitor, 'GET', '/');
        $seen['/'] = (string) preg_replace('~nonce="[^"]*"|content="[A-Za-z0-9]{40}"|"at":\d+~', '', (string) $page->streamedContent());

        return $seen;
    }

    private static function at(string $path, int|string $id): string
    {
        return strtr($path, [
            '{id}' => (string) $id,
            '{uuid}' => is_string($id) ? $id : '00000000-0000-4000-8000-000000000000',
            '{table}' => 'reels',
            '{device}' => 'counter',
            '{name}' => str_contains($path, 'sessions') ? 'here' : 'plan',
        ]);
    }
}
