<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\TestWith;
use RuntimeException;
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
        foreach ([['Origin' => 'http://evil.example'], ['Sec-Fetch-Site' => 'cross-site'], ['Sec-Fetch-Site' => 'same-site'], ['Origin' => 'null']] as $headers) {
            $this->postJson('/api/reels', ['name' => 'x', 'kind' => 'spinning'], $headers)->assertStatus(403);
        }
        $this->postJson('/api/reels', ['name' => 'x', 'kind' => 'spinning'], ['Origin' => 'http://127.0.0.1', 'Sec-Fetch-Site' => 'same-origin'])->assertStatus(201);
    }

    public function testAWriteWithoutTheTokenIsRefused(): void
    {
        // the framework lets tests pass without a token; a real run does not
        $this->app['env'] = 'production';
        $this->postJson('/api/reels', ['name' => 'x', 'kind' => 'spinning'])->assertStatus(419)->assertJsonPath('error.message', 'The page was open too long. Reload it and try again.');
        $this->withSession(['_token' => 'known'])->postJson('/api/reels', ['name' => 'x', 'kind' => 'spinning'], ['X-CSRF-TOKEN' => 'known'])->assertStatus(201);
        $this->postJson('/api/compute/quantity', ['kind' => 'length', 'typed' => '3 m'])->assertOk();
    }

    public function testEveryAnswerCarriesAStrictPolicy(): void
    {
        $page = $this->withoutVite()->get('/plan')->assertOk();
        foreach ([$page, $this->getJson('/api/reels'), $this->getJson('/api/nothing')] as $response) {
            $policy = (string) $response->headers->get('Content-Security-Policy');
            self::assertStringContainsString("default-src 'none'", $policy);
            self::assertStringContainsString("frame-ancestors 'none'", $policy);
            self::assertDoesNotMatchRegularExpression('~https?:|unsafe|\*~', $policy);
            $response->assertHeader('X-Content-Type-Options', 'nosniff');
            self::assertFalse($response->headers->has('Access-Control-Allow-Origin'));
        }
        preg_match("/'nonce-(\w+)'/", (string) $page->headers->get('Content-Security-Policy'), $nonce);
        $page->assertSee("nonce=\"$nonce[1]\"", false);
        self::assertDoesNotMatchRegularExpression('~(src|href)="https?://(?!127)~', (string) $page->getContent());
    }

    public function testAnEmptyPlanHasItsFirstWordsBeforeTheScript(): void
    {
        foreach (['/' => true, '/plan' => true, '/plan/1' => false, '/locker' => false] as $path => $there) {
            $content = (string) $this->withoutVite()->get($path)->assertOk()->getContent();
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
