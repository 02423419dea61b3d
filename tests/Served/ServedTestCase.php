<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Console\Commands\Households;
use App\Console\Ready;
use App\Households\Entry;
use App\Households\Household;
use App\Households\Link;
use App\Models\Account;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Undro as it is served: people sign in, and each household has a file of its own. Requests come one after the other, each as a process of its own. */
abstract class ServedTestCase extends TestCase
{
    protected const PASSWORD = 'a few words do';
    private const HOST = 'https://undro.example';

    private string $folder;
    /** @var array<string, string> databases by what fills them, made once */
    private static array $made = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir() . '/undro-households-' . bin2hex(random_bytes(6));
        mkdir($this->folder, 0o700);
        config([
            'undro.served' => true,
            'undro.hosts' => 'undro.example',
            'undro.address' => self::HOST,
            'undro.households' => $this->folder,
            'session.driver' => 'people',
            'auth.timebox_duration' => 100,
            'cache.stores.door.connection' => 'people',
        ]);
        Households::people();
    }

    /** Here nothing lies in the database in memory: whoever would read it has not entered a household, and finds no table. */
    public function refreshDatabase(): void {}

    protected function tearDown(): void
    {
        $this->nowhere();
        exec('rm -rf ' . escapeshellarg($this->folder));
        parent::tearDown();
    }

    public static function tearDownAfterClass(): void
    {
        array_map(unlink(...), array_filter(self::$made, is_file(...)));
        self::$made = [];
        parent::tearDownAfterClass();
    }

    /**
     * A household with a database, and its first person signed in.
     *
     * @param class-string|null $seeder what fills it
     * @param int               $from   its ids begin after this
     */
    protected function household(string $name, ?string $seeder = null, int $from = 0): Visitor
    {
        $household = Household::named($name);
        mkdir($household->folder(), 0o700);
        $made = self::$made["$seeder $from"] ??= $this->made($seeder, $from);
        copy($made, $household->database());
        $this->nowhere();

        return $this->joins($household, strtolower($name) . '@example.org');
    }

    protected function joins(Household $household, string $email, string $name = 'Ann'): Visitor
    {
        $visitor = new Visitor();
        [, $path] = Link::invitation($household);
        $this->send($visitor, 'POST', $path, ['name' => $name, 'email' => $email, 'password' => self::PASSWORD])->assertRedirect('/');

        return $visitor;
    }

    protected function signIn(string $email, string $password = self::PASSWORD, string $from = '198.51.100.4'): Visitor
    {
        $visitor = new Visitor(from: $from);
        $this->send($visitor, 'POST', '/sign-in', ['email' => $email, 'password' => $password]);

        return $visitor;
    }

    /**
     * @param array<string, mixed>  $form
     * @param array<string, string> $headers as the server names them
     *
     * @return TestResponse<Response>
     */
    protected function send(Visitor $visitor, string $verb, string $path, array $form = [], ?string $json = null, array $headers = []): TestResponse
    {
        $this->nowhere();
        $response = $this->call(
            $verb,
            self::HOST . $path,
            $form,
            $visitor->cookies,
            [],
            $headers + ['REMOTE_ADDR' => $visitor->from, 'HTTPS' => 'on', 'HTTP_ACCEPT' => 'application/json']
                + ($visitor->key === null ? [] : ['HTTP_AUTHORIZATION' => "Bearer $visitor->key"])
                + ($json === null ? [] : ['CONTENT_TYPE' => 'application/json']),
            $json,
        );
        foreach ($response->headers->getCookies() as $cookie) {
            $visitor->cookies[$cookie->getName()] = (string) $cookie->getValue();
        }

        return $response;
    }

    /**
     * An operation of the contract.
     *
     * @param array<string, mixed> $body
     *
     * @return array<array-key, mixed>
     */
    protected function asks(Visitor $visitor, string $verb, string $path, array $body = [], int|string $id = '', int $status = 200): array
    {
        $response = $this->send(
            $visitor,
            $verb,
            str_replace(['{id}', '{name}', '{uuid}'], (string) $id, $path),
            json: $verb === 'GET' ? null : json_encode((object) $body, JSON_THROW_ON_ERROR),
        );
        $response->assertStatus($status);
        $status === 204 || $this->assertAnswers($response, strtolower($verb), $path, $status);

        return $status === 204 ? [] : $response->json();
    }

    /** As a process that has just begun: in nobody's database, with nobody signed in. */
    protected function nowhere(): void
    {
        Entry::file(':memory:');
        Auth::forgetGuards();
        app('session')->forgetDrivers();
        app()->forgetInstance('session.store');
        app()->forgetScopedInstances();
        app()->forgetInstance(Account::class);
        Cache::forgetDriver('answers');
    }

    /** @param class-string|null $seeder */
    private function made(?string $seeder, int $from): string
    {
        $file = sys_get_temp_dir() . '/undro-made-' . bin2hex(random_bytes(6)) . '.sqlite';
        Entry::file($file);
        Ready::database(function () use ($seeder, $from): void {
            foreach ($from === 0 ? [] : DB::table('sqlite_master')->where('type', 'table')->where('sql', 'like', '%autoincrement%')->pluck('name') as $table) {
                DB::table('sqlite_sequence')->insert(['name' => $table, 'seq' => $from]);
            }
            $seeder === null || $this->seed($seeder);
        });
        DB::statement('pragma journal_mode = delete');
        $this->nowhere();

        return $file;
    }
}
