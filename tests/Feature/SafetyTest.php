<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Place;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\TestWith;
use RuntimeException;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Tests\TestCase;

final class SafetyTest extends TestCase
{
    #[TestWith(['evil.example', 400])]
    #[TestWith(['127.0.0.1.evil.example', 400])]
    #[TestWith(['localhost@evil.example', 400])]
    #[TestWith(['', 400])]
    #[TestWith(['LOCALHOST:8247', 200])]
    #[TestWith(['127.0.0.1', 200])]
    #[TestWith(['[::1]:80', 200])]
    public function testAnswersOnlyToItsOwnNames(string $host, int $status): void
    {
        foreach (['/api/reels', '/plan'] as $path) {
            $request = Request::create($path, server: ['HTTP_HOST' => 'localhost']);
            $request->headers->set('Host', $host);
            $this->withoutVite();
            self::assertSame($status, $this->app->make(Kernel::class)->handle($request)->getStatusCode());
        }
    }

    public function testAWriteFromAnotherPageIsRefused(): void
    {
        foreach ([
            ['Origin' => 'http://evil.example'],
            ['Sec-Fetch-Site' => 'cross-site'],
            ['Sec-Fetch-Site' => 'same-site'],
            ['Origin' => 'null'],
        ] as $headers) {
            $this->postJson('/api/reels', ['name' => 'x', 'kind' => 'spinning'], $headers)->assertStatus(403);
        }
        $this->postJson(
            '/api/reels',
            ['name' => 'x', 'kind' => 'spinning'],
            ['Origin' => 'http://127.0.0.1', 'Sec-Fetch-Site' => 'same-origin'],
        )->assertStatus(201);
    }

    public function testACalculatorIsForTheOwnPagesAndForScriptsHere(): void
    {
        $case = ['kind' => 'length', 'typed' => '3 m'];
        foreach ([['Origin' => 'http://evil.example'], ['Sec-Fetch-Site' => 'cross-site'], ['Origin' => 'null']] as $headers) {
            $this->postJson('/api/compute/quantity', $case, $headers)->assertStatus(403);
        }
        $this->postJson('/api/compute/quantity', $case)->assertOk();
        $this->postJson('/api/compute/quantity', $case, ['Origin' => 'http://127.0.0.1', 'Sec-Fetch-Site' => 'same-origin'])->assertOk();
    }

    public function testWhereSomethingLargeIsWorkedOutAnotherIsAskedToComeBackAndTheRestGoesOn(): void
    {
        $held = Place::take('heavy', 1, 0, new HttpException(500));
        $busy = $this->postJson('/api/compute/allocate', ['jobs' => [], 'fillers' => [], 'packs' => []])->assertStatus(503);
        self::assertSame('1', $busy->headers->get('Retry-After'));
        $this->postJson('/api/day', ['jobs' => []])->assertStatus(503);
        $this->postJson('/api/compute/quantity', ['kind' => 'length', 'typed' => '3 m'])->assertOk();
        $held->giveBack();
        $this->postJson('/api/day', ['jobs' => []])->assertOk();
        $this->postJson('/api/day', ['jobs' => []])->assertOk();
    }

    #[TestWith(['not json', 400])]
    #[TestWith(['[1]', 400])]
    #[TestWith(['"text"', 400])]
    #[TestWith(['{"name": "\ud800"}', 400])]
    #[TestWith(['{"name": 1e999}', 400])]
    #[TestWith(["{\"name\": \"\xff\"}", 400])]
    #[TestWith(['{"name": ""}', 422])]
    #[TestWith(['{"name": {"a": 1}}', 422])]
    public function testWhatCannotBeReadIsSaidEverywhereAndChangesNothing(string $body, int $status): void
    {
        $reel = $this->ask('POST', '/api/reels', ['name' => 'x', 'kind' => 'spinning'], status: 201);
        foreach ([
            ['PATCH', "/api/reels/{$reel['id']}"],
            ['POST', '/api/reels'],
            ['POST', '/api/lines'],
            ['PATCH', "/api/spools/{$reel['spools'][0]['id']}"],
        ] as [$verb, $path]) {
            $this->call(
                $verb,
                $path,
                server: ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json'],
                content: $body,
            )->assertStatus($status);
        }
        if ($status === 400) {
            $this->call('POST', '/api/compute/fill', content: $body)->assertStatus(400);
        }
        self::assertEquals($reel, $this->ask('GET', '/api/reels/{id}', id: $reel['id']));
    }

    public function testABodyIsNoLargerThanCanBeHeld(): void
    {
        $send = fn(string $path, string $body, array $server = []): int => $this->call(
            'POST',
            $path,
            server: $server + ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json'],
            content: $body,
        )->getStatusCode();
        self::assertSame(413, $send('/api/reels', '{"name": "' . str_repeat('x', 1_000_001) . '"}'));
        self::assertSame(413, $send('/api/data/import', '{"text": 1}', ['HTTP_CONTENT_LENGTH' => '32000001']));
        self::assertSame(413, $send('/api/data/import', '[' . str_repeat('[1],', 500_000) . '[1]]'));
        self::assertSame(413, $send('/api/data/import', (string) json_encode(['text' => '[' . str_repeat('[1],', 500_000) . '[1]]'])));
    }

    public function testAWriteWithoutTheTokenIsRefused(): void
    {
        // the framework lets tests pass without a token; a real run does not
        $this->app['env'] = 'production';
        $this->postJson('/api/reels', ['name' => 'x', 'kind' => 'spinning'])->assertStatus(419)->assertJsonPath(
            'error.message',
            'The page was open too long. Reload it and try again.',
        );
        $this->withSession(['_token' => 'known'])->postJson(
            '/api/reels',
            ['name' => 'x', 'kind' => 'spinning'],
            ['X-CSRF-TOKEN' => 'known'],
        )->assertStatus(201);
        $this->postJson('/api/compute/quantity', ['kind' => 'length', 'typed' => '3 m'])->assertOk();
    }

    public function testEveryAnswerCarriesAStrictPolicy(): void
    {
        $page = $this->withoutVite()->get('/plan')->assertOk();
        $content = $page->streamedContent();
        foreach ([$page, $this->getJson('/api/reels'), $this->getJson('/api/nothing')] as $response) {
            $policy = (string) $response->headers->get('Content-Security-Policy');
            self::assertStringContainsString("default-src 'none'", $policy);
            self::assertStringContainsString("frame-ancestors 'none'", $policy);
            self::assertDoesNotMatchRegularExpression('~https?:|unsafe|\*~', $policy);
            $response->assertHeader('X-Content-Type-Options', 'nosniff');
            self::assertFalse($response->headers->has('Access-Control-Allow-Origin'));
        }
        preg_match("/'nonce-(\w+)'/", (string) $page->headers->get('Content-Security-Policy'), $nonce);
        self::assertStringContainsString("nonce=\"$nonce[1]\"", $content);
        self::assertDoesNotMatchRegularExpression('~(src|href)="https?://(?!127)~', $content);
    }

    public function testAnEmptyPlanHasItsFirstWordsBeforeTheScript(): void
    {
        foreach (['/' => true, '/plan' => true, '/plan/1' => false, '/locker' => false] as $path => $there) {
            $content = $this->withoutVite()->get($path)->assertOk()->streamedContent();
            self::assertSame($there, str_contains($content, 'PE 1.5-200'), $path);
        }
    }

    public function testAFaultShowsNoStack(): void
    {
        Route::get('/api/fault', static fn() => throw new RuntimeException('secret in /home/someone'));
        Route::get('/fault', static fn() => throw new RuntimeException('secret in /home/someone'));
        $routes = Route::getRoutes();
        $routes->refreshNameLookups();
        foreach (['/api/fault', '/fault'] as $path) {
            $content = (string) $this->get($path)->getContent();
            self::assertStringNotContainsString('secret', $content);
            self::assertStringNotContainsString('.php', $content);
        }
    }
}
