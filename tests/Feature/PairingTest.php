<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\OwnCookies;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Who gets in from another device. */
final class PairingTest extends TestCase
{
    private const PHONE = ['REMOTE_ADDR' => '198.51.100.7'];

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
    }

    public function testWithoutLanNoCodeIsShownAndNobodyElseGetsIn(): void
    {
        self::assertNull($this->ask('GET', '/api/pairing')['code']);
        foreach (['/api/reels', '/api/runs', '/api/data', '/api/pairing', '/api/devices/counter'] as $path) {
            $this->phone('GET', $path)->assertStatus(401);
        }
        $this->phone('POST', '/api/compute/quantity', ['kind' => 'length', 'typed' => '3 m'])->assertStatus(401);
        $this->phone('GET', '/plan')->assertRedirect('/pair');
        $this->phone('POST', '/pair', ['code' => 'ABCDEFGH'])->assertStatus(422);
    }

    public function testTheCodeLetsOneDeviceInAndThenIsUsedUp(): void
    {
        $this->lan();
        $pairing = $this->ask('GET', '/api/pairing');
        self::assertMatchesRegularExpression('/^[A-Z2-9]{8}$/', $pairing['code']);
        self::assertSame(["http://192.0.2.2:80/pair/{$pairing['code']}"], $pairing['urls']);
        $this->phone('GET', "/pair/{$pairing['code']}")->assertOk()->assertSee($pairing['code']);
        $this->phone('GET', '/api/reels')->assertStatus(401);
        $token = $this->enter(strtolower($pairing['code']));
        $this->phone('GET', '/api/reels', token: $token)->assertOk();
        $this->phone('GET', '/wind', token: $token)->assertOk();
        $this->phone('POST', '/pair', ['code' => $pairing['code']])->assertStatus(422);
        self::assertNotSame($pairing['code'], $this->ask('GET', '/api/pairing')['code']);
        self::assertSame(0, DB::table('paired_devices')->where('token_hash', $token)->count(), 'the token itself is kept nowhere');
    }

    public function testAPairedDeviceSeesNoCodeAndIsShutOutOnTheComputerAlone(): void
    {
        $this->lan();
        $token = $this->enter($this->ask('GET', '/api/pairing')['code']);
        $seen = $this->phone('GET', '/api/pairing', token: $token)->assertOk();
        self::assertNull($seen->json('code'));
        self::assertSame([], $seen->json('devices'));
        $device = $this->ask('GET', '/api/pairing')['devices'][0];
        $this->phone('DELETE', "/api/pairing/{$device['id']}", token: $token)->assertStatus(403);
        self::assertSame([], $this->ask('DELETE', '/api/pairing/{id}', id: $device['id'])['devices']);
        $this->phone('GET', '/api/reels', token: $token)->assertStatus(401);
    }

    public function testWhoeverGuessesIsShutOutAndNobodyElse(): void
    {
        $this->lan();
        $code = $this->ask('GET', '/api/pairing')['code'];
        for ($guess = 0; $guess < 5; ++$guess) {
            $this->phone('POST', '/pair', ['code' => 'WRONGONE'], from: '198.51.100.66')->assertStatus(422);
        }
        self::assertGreaterThan(
            0,
            (int) $this->phone('POST', '/pair', ['code' => $code], from: '198.51.100.66')->assertStatus(429)->headers->get('Retry-After'),
        );
        self::assertSame($code, $this->ask('GET', '/api/pairing')['code'], 'a stranger has used up the code');
        $this->enter($code);
        $this->travel(6)->minutes();
        $this->phone('POST', '/pair', ['code' => 'WRONGONE'], from: '198.51.100.66')->assertStatus(422);
    }

    public function testAStrangerLeavesNothingBehindAndSeesNothingButTheDoor(): void
    {
        $this->lan();
        $before = DB::table('cache')->count();
        foreach ([
            '/',
            '/plan',
            '/api/reels',
            '/pair',
            '/pair/ABCD',
            '/build/assets/main.js',
            '/up',
            '/calendar/' . str_repeat('a', 40) . '.ics',
            '/nothing',
        ] as $path) {
            $answer = $this->phone('GET', $path);
            self::assertContains($answer->getStatusCode(), [200, 302, 401, 404], $path);
            self::assertSame([], $answer->headers->getCookies(), "$path begins a session for a stranger");
            self::assertStringNotContainsString('<script', (string) $answer->getContent());
        }
        for ($guess = 0; $guess < 30; ++$guess) {
            $this->phone('POST', '/pair', ['code' => "WRONG$guess"]);
        }
        self::assertLessThanOrEqual($before + 2, DB::table('cache')->count(), 'what is counted takes room for each try');
        $this->phone(
            'POST',
            '/pair',
            ['code' => 'ABCDEFGH'],
            from: '198.51.100.9',
            headers: ['HTTP_ORIGIN' => 'http://elsewhere.example'],
        )->assertStatus(403);
    }

    public function testAPhoneShutOutTakesItsCalendarWithIt(): void
    {
        $this->lan();
        $token = $this->enter($this->ask('GET', '/api/pairing')['code']);
        $own = $this->ask('POST', '/api/calendar', status: 201)['path'];
        $phones = (string) $this->phone('POST', '/api/calendar', token: $token)->assertCreated()->json('path');
        $this->phone('GET', $phones)->assertOk();
        $this->ask('DELETE', '/api/pairing/{id}', id: $this->ask('GET', '/api/pairing')['devices'][0]['id']);
        $this->phone('GET', $phones)->assertNotFound();
        $this->phone('GET', $own)->assertOk();
    }

    public function testADeviceThatWasLetInBeforeCookiesHadNamesOfTheirOwnStaysIn(): void
    {
        $this->lan();
        $token = $this->enter($this->ask('GET', '/api/pairing')['code']);
        $this->app?->forgetScopedInstances();
        $this->call(
            'GET',
            'http://192.0.2.2/api/reels',
            cookies: ['undro_device' => $token],
            server: self::PHONE + ['HTTP_ACCEPT' => 'application/json'],
        )->assertOk();
        $this->call(
            'GET',
            'http://192.0.2.2/api/reels',
            cookies: ['undro_device' => 'another'],
            server: self::PHONE + ['HTTP_ACCEPT' => 'application/json'],
        )->assertStatus(401);
    }

    public function testAnOldCodeIsNoCode(): void
    {
        $this->lan();
        $code = $this->ask('GET', '/api/pairing')['code'];
        DB::table('pairing_codes')->update(['expires_at' => time() - 1]);
        $this->phone('POST', '/pair', ['code' => $code])->assertStatus(422);
    }

    public function testAPairedDeviceIsShutOutWhenTheServerIsStartedWithoutLan(): void
    {
        $this->lan();
        $token = $this->enter($this->ask('GET', '/api/pairing')['code']);
        config(['undro.lan' => false]);
        $this->phone('GET', '/api/reels', token: $token, host: '127.0.0.1')->assertStatus(401);
    }

    public function testOnlyBareAddressesAreAnsweredOnTheNetwork(): void
    {
        $this->phone('GET', '/pair')->assertStatus(400);
        $this->lan();
        $this->phone('GET', '/pair')->assertOk();
        $this->phone('GET', '/pair', host: 'undro.example')->assertStatus(400);
    }

    private function lan(): void
    {
        config(['undro.lan' => true, 'undro.addresses' => '192.0.2.2 fd00::2']);
    }

    private function enter(string $code): string
    {
        $cookie = $this->phone('POST', '/pair', ['code' => $code])->assertRedirect('/wind')->getCookie(
            OwnCookies::name(OwnCookies::DEVICE),
            false,
        );
        self::assertTrue($cookie?->isHttpOnly());
        self::assertSame('strict', $cookie?->getSameSite());

        return (string) $cookie?->getValue();
    }

    /**
     * @param array<string, string> $body
     * @param array<string, string> $headers as the server names them
     *
     * @return TestResponse<Response>
     */
    private function phone(
        string $verb,
        string $path,
        array $body = [],
        ?string $token = null,
        ?string $host = null,
        string $from = self::PHONE['REMOTE_ADDR'],
        array $headers = [],
    ): TestResponse {
        $host ??= config()->boolean('undro.lan') || !str_starts_with($path, '/pair') || $verb !== 'GET'
            ? (config()->boolean('undro.lan') ? '192.0.2.2' : '127.0.0.1')
            : '192.0.2.2';
        $this->app?->forgetScopedInstances();

        return $this->call(
            $verb,
            "http://$host$path",
            $body,
            $token === null ? [] : [OwnCookies::name(OwnCookies::DEVICE) => $token],
            [],
            ['REMOTE_ADDR' => $from, 'HTTP_ACCEPT' => 'application/json'] + $headers,
        );
    }
}
