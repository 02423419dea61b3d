<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Angler;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Str;
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
            $answers = self::answers($this->get($page)->assertOk()->streamedContent());
            self::assertNotEmpty(array_filter(array_keys($answers), static fn(string $asked): bool => str_starts_with($asked, $among)));
            foreach ($answers as $asked => $answer) {
                self::assertSame($this->getJson($asked)->assertOk()->json(), $answer, $asked);
            }
        }
    }

    public function testWhatCannotBeAnsweredIsLeftToThePlaceAndTheRestComes(): void
    {
        $answers = self::answers($this->get('/plan/4711')->assertOk()->streamedContent());
        self::assertArrayNotHasKey('/api/plans/4711', $answers);
        self::assertSame([], $answers['/api/reels']);
        self::assertArrayHasKey('/api/plans', $answers);
    }

    public function testAFirstStartHasTheUnitsOfTheBrowsersLanguageUntilSomebodyChooses(): void
    {
        $units = fn(string $language): array => array_slice(
            self::answers($this->get('/', ['Accept-Language' => $language])->assertOk()->streamedContent())['/api/anglers'][0]['units'],
            0,
            3,
        );
        Angler::query()->delete();
        Angler::query()->create(['name' => Angler::NAMELESS]);
        self::assertSame(['length' => 'm', 'small' => 'mm', 'force' => 'kg'], $units('en-GB,en-US;q=0.9'));
        self::assertSame(['length' => 'yd', 'small' => 'in', 'force' => 'lb'], $units('en-US,en;q=0.9'));
        $id = (int) Angler::query()->sole()->id;
        $this->ask('PATCH', '/api/anglers/{id}', ['units' => ['length' => 'm', 'small' => 'mm', 'force' => 'kg']], $id);
        self::assertSame(['length' => 'm', 'small' => 'mm', 'force' => 'kg'], $units('en-US,en;q=0.9'), 'somebody has chosen');
    }

    public function testOnceThereIsHistoryOrASecondAnglerNoUnitsAreChosenForAnybody(): void
    {
        $this->seed(DemoSeeder::class);
        $before = Angler::query()->orderBy('id')->pluck('unit_length')->all();
        $this->get('/', ['Accept-Language' => 'en-US'])->assertOk()->streamedContent();
        self::assertSame($before, Angler::query()->orderBy('id')->pluck('unit_length')->all());
    }

    public function testANameCannotEndTheScriptItStandsIn(): void
    {
        $name = '</script><script>alert(1)</script>';
        $this->postJson('/api/reels', ['name' => $name, 'kind' => 'spinning'])->assertCreated();
        $html = $this->get('/locker')->streamedContent();
        self::assertStringNotContainsString('<script>alert', $html);
        self::assertSame($name, self::answers($html)['/api/reels'][0]['name']);
    }

    public function testTheSpoolUsedLastLiesOnTheBenchWhileItIsInUse(): void
    {
        self::assertNull($this->ask('GET', '/api/bench')['last']);
        $this->seed(DemoSeeder::class);
        $reels = array_values(array_filter(
            $this->ask('GET', '/api/reels'),
            static fn(array $reel): bool => $reel['spools'][0]['contents'] !== [],
        ));
        $uses = [];
        foreach (array_slice($reels, 0, 2) as $reel) {
            $spool = $reel['spools'][0]['id'];
            $uses[] = $uuid = Str::uuid()->toString();
            $this->ask('POST', '/api/spools/{id}/entries', ['id' => $uuid, 'what' => 'fished', 'hours' => '1'], $spool, 201);
            self::assertSame(['reel' => $reel['id'], 'spool' => $spool], $this->ask('GET', '/api/bench')['last']);
        }
        // what is taken back was not so
        $this->ask('POST', '/api/events', ['id' => Str::uuid()->toString(), 'kind' => 'voided', 'corrects' => $uses[1]], status: 201);
        self::assertSame($reels[0]['id'], $this->ask('GET', '/api/bench')['last']['reel']);
        $this->ask('PATCH', '/api/reels/{id}', ['archived' => true, 'version' => $reels[0]['version']], $reels[0]['id']);
        self::assertNotSame($reels[0]['id'], $this->ask('GET', '/api/bench')['last']['reel'] ?? null);
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
