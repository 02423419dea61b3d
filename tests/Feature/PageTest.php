<?php

declare(strict_types=1);

namespace Tests\Feature;

use Database\Seeders\DemoSeeder;
use Tests\TestCase;

/** What comes along with a page is what the place would be told if it asked. */
final class PageTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
    }

    public function testAPageBringsTheAnswersItsPlaceAsksForFirst(): void
    {
        $this->seed(DemoSeeder::class);
        foreach ([
            '/' => '/api/upkeep?angler=',
            '/locker' => '/api/rods',
            '/rack' => '/api/stock',
            '/plan/1' => '/api/plans/1',
            '/wind' => '/api/runs',
            '/drag' => '/api/lines',
            '/log' => '/api/log',
            '/knots' => '/api/reels',
        ] as $page => $among) {
            $answers = self::answers((string) $this->get($page)->assertOk()->getContent());
            self::assertNotEmpty(array_filter(array_keys($answers), static fn(string $asked): bool => str_starts_with($asked, $among)));
            foreach ($answers as $asked => $answer) {
                self::assertSame($this->getJson($asked)->assertOk()->json(), $answer, $asked);
            }
        }
    }

    public function testWhatCannotBeAnsweredIsLeftToThePlaceAndTheRestComes(): void
    {
        $answers = self::answers((string) $this->get('/plan/4711')->assertOk()->getContent());
        self::assertArrayNotHasKey('/api/plans/4711', $answers);
        self::assertSame([], $answers['/api/reels']);
        self::assertArrayHasKey('/api/plans', $answers);
    }

    public function testANameCannotEndTheScriptItStandsIn(): void
    {
        $name = '</script><script>alert(1)</script>';
        $this->postJson('/api/reels', ['name' => $name, 'kind' => 'spinning'])->assertCreated();
        $html = (string) $this->get('/locker')->getContent();
        self::assertStringNotContainsString('<script>alert', $html);
        self::assertSame($name, self::answers($html)['/api/reels'][0]['name']);
    }

    /** @return array<string, mixed> */
    private static function answers(string $html): array
    {
        self::assertSame(1, preg_match('~id="first-answers">(.*?)</script>~s', $html, $found));
        $sent = json_decode($found[1] ?? '', true, flags: JSON_THROW_ON_ERROR);
        self::assertEqualsWithDelta(1000 * microtime(true), $sent['at'], 5000);

        return $sent['answers'];
    }
}
