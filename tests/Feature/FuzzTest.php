<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Account;
use App\Models\Reel;
use App\Models\Run;
use App\Models\Spool;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\DB;
use Tests\Fuzz\Facts;
use Tests\Fuzz\Good;
use Tests\Fuzz\Nasty;
use Tests\Fuzz\Operation;
use Tests\TestCase;
use Undro\Tests\Contract\Cases;

/**
 * Nonsense in every field of every operation is answered with what is wrong, and whatever is taken shows on every page and comes back
 * through the document. A sample with its seed; all of it with UNDRO_HARD=1, as `./undro test hard` does.
 */
final class FuzzTest extends TestCase
{
    private const SAMPLE = 700;
    private const QUESTIONS = 150;
    private const DOCUMENTS = 50;

    private int $random;
    private string $answer = '';
    private string $lastAnswer = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->random = is_numeric(getenv('UNDRO_SEED')) ? (int) getenv('UNDRO_SEED') : random_int(1, 1_000_000);
        mt_srand($this->random);
        $this->seed(DemoSeeder::class);
    }

    public function testEveryOperationHasABodyThatIsTakenHere(): void
    {
        self::assertEqualsCanonicalizing(
            array_keys(Operation::all()),
            array_keys(Good::bodies()),
            'an operation of the contract is not tried',
        );
        foreach (Good::bodies() as $operation => [$path, $body]) {
            $status = $this->send($operation, $path, Good::json($body));
            $wanted = str_contains($operation, '/devices/') ? [409] : [200, 201];
            self::assertContains($status, $wanted, "$operation is not taken: " . $this->lastAnswer);
        }
        $this->assertAllOfItShowsAndComesBack('after what is usual');
    }

    /** What a good body leaves out is never tried beside what it has. Of what stands in place of something else another case has it. */
    public function testGoodBodiesNameEveryPropertyOfTheContract(): void
    {
        $missing = [];
        foreach (Good::bodies() as $operation => [, $body]) {
            $named = [];
            foreach ([$body, ...Cases::all()[basename($operation)] ?? []] as $case) {
                self::nameAll($case, [], $named);
            }
            foreach (Operation::all()[$operation]->fields() as $at) {
                // a version would make every change but the first a late one, which is answered 409 whatever else it holds
                if ($at === ['version']) {
                    continue;
                }
                // what a map is made of goes by any name
                $pattern = '~^' . str_replace('anything', '[^.]+', preg_quote(implode('.', $at), '~')) . '$~';
                if (preg_grep($pattern, $named) === []) {
                    $missing[] = "$operation: " . implode('.', $at);
                }
            }
        }
        self::assertSame([], $missing);
    }

    /** @param list<string|int> $at @param list<string> $named every place of a body, items of a list as the first of them */
    private static function nameAll(mixed $value, array $at, array &$named): void
    {
        foreach (is_array($value) ? $value : [] as $key => $each) {
            $place = [...$at, is_int($key) ? 0 : $key];
            $named[] = implode('.', $place);
            self::nameAll($each, $place, $named);
        }
    }

    public function testNonsenseInAnyFieldIsAnsweredAndWhatIsTakenShows(): void
    {
        $cases = [];
        foreach (Operation::all() as $operation => $is) {
            foreach ($is->fields() as $at) {
                foreach (Nasty::values() as $name => $raw) {
                    $cases[] = [$operation, $at, $name];
                }
            }
        }
        shuffle($cases);
        $all = count($cases);
        $cases = getenv('UNDRO_HARD') === '1' ? $cases : array_slice($cases, 0, self::SAMPLE);
        $bodies = Good::bodies();
        $taken = [];
        $faults = [];
        $counts = [];
        foreach ($cases as $index => [$operation, $at, $name]) {
            [$path, $body] = $bodies[$operation];
            $status = $this->send($operation, $path, Good::json($body, $at, Nasty::values()[$name]));
            $counts[$status] = ($counts[$status] ?? 0) + 1;
            $said = sprintf('%s %s = %s (seed %d)', $operation, implode('.', $at), $name, $this->random);
            if ($status >= 500) {
                $faults[] = "$said: $this->lastAnswer";
            }
            if ($status < 300 && !str_contains($operation, '/compute/') && $operation !== 'POST /api/day') {
                $taken[] = $said;
            }
            if (count($taken) >= 150 || ($taken !== [] && $index === array_key_last($cases))) {
                $this->assertAllOfItShowsAndComesBack(implode("\n", $taken));
                $taken = [];
            }
        }
        fwrite(
            STDERR,
            sprintf("nonsense: %d of %d requests, seed %d, answered %s\n", count($cases), $all, $this->random, json_encode($counts)),
        );
        self::assertSame([], $faults, implode("\n\n", array_slice($faults, 0, 12)));
        // and what is meant is still taken
        foreach (Good::bodies() as $operation => [$path, $body]) {
            if (!str_contains($operation, '/devices/')) {
                self::assertContains(
                    $this->send($operation, $path, Good::json($body)),
                    [200, 201],
                    "$operation is not taken any more: $this->lastAnswer (seed $this->random)",
                );
            }
        }
    }

    public function testNonsenseInAnAddressIsAnswered(): void
    {
        $cases = [];
        $spool = Reel::query()->firstOrFail()->spools->firstOrFail()->id;
        foreach (Operation::questions() as [$path, $names]) {
            foreach ([...$names, 'anything'] as $name) {
                foreach (Nasty::words() as $word) {
                    $cases[] = [$path, $name, $word];
                }
            }
        }
        shuffle($cases);
        foreach (getenv('UNDRO_HARD') === '1' ? $cases : array_slice($cases, 0, self::QUESTIONS) as [$path, $name, $word]) {
            $path = strtr($path, ['{id}' => (string) $spool, '{table}' => 'reels', '{uuid}' => Run::query()->firstOrFail()->uuid]);
            $this->app->forgetScopedInstances();
            $response = $this->call('GET', $path . '?' . http_build_query([$name => $word]), server: ['HTTP_ACCEPT' => 'application/json']);
            self::assertLessThan(
                500,
                $response->getStatusCode(),
                sprintf(
                    'GET %s %s = %s (seed %d): %s',
                    $path,
                    $name,
                    json_encode($word, JSON_PARTIAL_OUTPUT_ON_ERROR),
                    $this->random,
                    $response->getContent(),
                ),
            );
        }
        foreach ([
            '/api/reels/0',
            '/api/reels/999999999999999999',
            '/api/reels/%00',
            '/api/runs/x',
            '/api/data/xyz',
            '/calendar/x.ics',
            '/build/assets/../../.env',
            '/%c3%28',
            '/plan/%0d%0aX: y',
        ] as $path) {
            self::assertLessThan(500, $this->get($path)->getStatusCode(), $path);
        }
    }

    public function testADocumentWithNonsenseInItSpoilsNothing(): void
    {
        $whole = (string) $this->getJson('/api/data')->content();
        $places = [];
        self::leaves(json_decode($whole, true), [], $places);
        shuffle($places);
        $names = array_keys(Nasty::values());
        $taken = [];
        $cases = getenv('UNDRO_HARD') === '1' ? 3000 : self::DOCUMENTS;
        for ($case = 0; $case < $cases; ++$case) {
            $at = $places[$case % count($places)];
            $name = $names[mt_rand(0, count($names) - 1)];
            // one record or entry alone, as if new: the rest of it is here
            $document = self::alone(json_decode($whole, true), $at);
            $text = Good::json(
                $document,
                [array_key_exists($at[0], $document) ? $at[0] : 'undro', ...count($at) > 1 ? [0, ...array_slice($at, 2)] : []],
                Nasty::values()[$name],
            );
            $status = $this->send(
                'POST /api/data/import',
                '/api/data/import',
                json_encode(['text' => $text, 'take' => true], JSON_THROW_ON_ERROR),
            );
            $said = sprintf('document %s = %s (seed %d)', implode('.', $at), $name, $this->random);
            self::assertLessThan(500, $status, "$said: $this->lastAnswer");
            $taken[] = $said;
            if (count($taken) >= 100 || $case === $cases - 1) {
                $this->assertAllOfItShowsAndComesBack(implode("\n", $taken));
                $taken = [];
            }
        }
    }

    private function send(string $operation, string $path, string $body): int
    {
        [$verb] = explode(' ', $operation);
        // each request is a process of its own, as on the real server
        $this->app->forgetScopedInstances();
        $this->app->forgetInstance(Account::class);
        $response = $this->call(
            $verb,
            $path,
            server: ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json'],
            content: $body,
        );
        $this->answer = (string) $response->getContent();
        $this->lastAnswer = mb_substr($this->answer, 0, 500)
            . ($response->exception === null ? '' : "\n" . mb_substr((string) $response->exception, 0, 900));

        return $response->getStatusCode();
    }

    /** @param string $what was taken before, to say where to look */
    private function assertAllOfItShowsAndComesBack(string $what): void
    {
        foreach (Operation::questions() as [$path]) {
            foreach (str_contains($path, '{table}') ? ['reels', 'spools', 'lines', 'fillers', 'log'] : [''] as $table) {
                $spool = Spool::inUse()->whereHas('reels')->value('id');
                if ($path === '/api/drags' || str_contains($path, '{id}') && !str_contains($path, '/history')) {
                    continue;
                }
                $this->app->forgetScopedInstances();
                $response = $this->call(
                    'GET',
                    strtr($path, ['{table}' => $table, '{uuid}' => Run::query()->firstOrFail()->uuid, '{id}' => (string) $spool]),
                    server: ['HTTP_ACCEPT' => 'application/json'],
                );
                $name = "$path $table";
                $wanted = str_contains($path, '/learnt/plan') ? [200, 422] : [200];
                self::assertContains(
                    $response->getStatusCode(),
                    $wanted,
                    "$name does not show: {$response->getContent()}\n{$response->exception}\nafter\n$what",
                );
            }
        }
        foreach (Run::query()->get() as $run) {
            self::assertSame(200, $this->getJson("/api/runs/$run->uuid")->getStatusCode(), "a run does not show after\n$what");
        }
        foreach (DB::table('drag_settings')->distinct()->get(['reel_id', 'spool_id']) as $of) {
            self::assertSame(
                200,
                $this->getJson("/api/drags?reel=$of->reel_id&spool=$of->spool_id")->getStatusCode(),
                "a setting of the drag does not show after\n$what",
            );
        }
        $document = (string) $this->getJson('/api/data')->content();
        [$rows, $there] = Facts::elsewhere($document, function (string $text): array {
            $status = $this->send(
                'POST /api/data/import',
                '/api/data/import',
                json_encode(['text' => $text, 'take' => true], JSON_THROW_ON_ERROR),
            );
            self::assertSame(200, $status, $this->lastAnswer);

            return json_decode($this->answer, true)['rows'];
        });
        $bad = array_filter($rows, static fn(array $row): bool => $row['state'] === 'bad');
        self::assertSame([], array_values($bad), "what was exported cannot be read in again after\n$what");
        $here = Facts::all();
        foreach ($here as $table => $facts) {
            self::assertSame(
                [],
                array_values(array_diff($facts, $there[$table])),
                "$table loses rows on the way through the document after\n$what",
            );
            self::assertCount(count($facts), $there[$table], "$table gains rows after\n$what");
        }
    }

    /**
     * @param list<string|int>       $at
     * @param list<list<string|int>> $places
     */
    private static function leaves(mixed $value, array $at, array &$places): void
    {
        if ($at !== []) {
            $places[] = $at;
        }
        foreach (is_array($value) ? $value : [] as $key => $inner) {
            // of many records of a kind a few are as good as all
            if (!is_int($key) || $key < 4) {
                self::leaves($inner, [...$at, $key], $places);
            }
        }
    }

    /**
     * @param array<string, mixed> $document
     * @param list<string|int>     $at
     *
     * @return array<string, mixed>
     */
    private static function alone(array $document, array $at): array
    {
        $alone = ['undro' => 1];
        if (isset($at[1]) && is_array($document[$at[0]] ?? null)) {
            $row = $document[$at[0]][$at[1]];
            foreach (['key', 'id'] as $name) {
                if (isset($row[$name])) {
                    $row[$name] = (string) \Illuminate\Support\Str::uuid();
                }
            }
            $alone[$at[0]] = [$row];
        }

        return $alone;
    }
}
