<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\TestCase;

/** Lists stay quick because their work does not grow with what is in them. */
final class ListsTest extends TestCase
{
    public function testAListAsksTheDatabaseNoMoreOftenForMore(): void
    {
        $this->stock(8);
        $few = $this->queries();
        $this->stock(16);
        $this->ask('GET', '/api/reels');
        self::assertSame($few, $this->queries());
    }

    public function testAPictureThatWasWorkedOutIsNotWorkedOutAgainUntilSomethingChanges(): void
    {
        [$reel] = $this->stock(1);
        $spool = $reel['spools'][0]['id'];
        $this->ask('GET', '/api/reels');
        $kept = DB::table('answers')->pluck('value', 'key')->all();
        self::assertNotSame([], $kept);
        $this->ask('GET', '/api/reels');
        self::assertSame($kept, DB::table('answers')->pluck('value', 'key')->all());
        $this->ask('PATCH', '/api/spools/{id}', ['measures' => ['lip_diameter' => '47 mm']], $spool);
        $shape = $this->ask('GET', '/api/reels')[0]['spools'][0]['picture']['shape'];
        self::assertSame(47.0, (float) $shape['lip_mm'], 'a changed figure is drawn at once');
    }

    /** @return list<array<string, mixed>> reels */
    private function stock(int $count): array
    {
        $reels = [];
        for ($made = 0; $made < $count; ++$made) {
            $reels[] = $this->ask(
                'POST',
                '/api/reels',
                [
                    'name' => "Reel $made",
                    'kind' => 'spinning',
                    'spool' => ['stamp' => '0.25/200', 'measures' => ['lip_diameter' => (46 + $made) . ' mm', 'traverse' => '18 mm']],
                ],
                status: 201,
            );
            $line = $this->ask(
                'POST',
                '/api/lines',
                ['name' => "Line $made of $count", 'material' => 'mono', 'size' => '0.30'],
                status: 201,
            );
            $this->ask(
                'POST',
                '/api/fillers',
                ['line' => $line['id'], 'full_length' => '300 m', 'left' => '120 m', 'event' => (string) Str::uuid()],
                status: 201,
            );
            $this->ask('POST', '/api/plans', ['name' => "Plan $made", 'draft' => ['stamp' => '0.25/200']], status: 201);
        }

        return $reels;
    }

    /** @return array<string, int> list => how many statements it takes, once caches are warm */
    private function queries(): array
    {
        $asked = [];
        foreach (['reels', 'fillers', 'lines', 'plans', 'rods', 'events'] as $list) {
            $this->ask('GET', "/api/$list");
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->ask('GET', "/api/$list");
            $asked[$list] = count(DB::getQueryLog());
            DB::disableQueryLog();
        }

        return $asked;
    }
}
