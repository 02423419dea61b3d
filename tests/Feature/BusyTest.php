<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Database\ImmediatePdo;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PDO;
use Tests\Fuzz\Operation;
use Tests\InAFile;

/** Somebody else writes for long: what is there is read all the same, and what cannot be saved is refused as not done. */
final class BusyTest extends TestCase
{
    use InAFile;

    public function testWhatIsThereIsReadAndNothingIsHalfSaved(): void
    {
        Artisan::call('undro:prepare', ['data' => 'demo']);
        DB::table('answers')->delete();
        DB::table('spool_states')->delete();
        DB::table('ledger_caches')->update(['states_until' => 0, 'last_event_id' => 0]);
        $own = DB::connection()->getPdo();
        self::assertInstanceOf(ImmediatePdo::class, $own);
        $other = new PDO("sqlite:$this->file");
        $other->exec('BEGIN IMMEDIATE');
        $line = ['name' => 'Late', 'material' => 'mono', 'size' => '0.30'];
        $own->waitingNoLonger(0.05, function () use ($line): void {
            foreach (Operation::questions() as [$path]) {
                if (!str_contains($path, '{') && !in_array($path, ['/api/drags', '/api/learnt/plan'], true)) {
                    $this->app->forgetScopedInstances();
                    $this->getJson($path)->assertOk();
                }
            }
            $refused = $this->postJson('/api/lines', $line)->assertStatus(503)->assertHeader('Retry-After');
            self::assertStringContainsString('Nothing was saved', (string) $refused->json('detail'));
        });
        $other->exec('COMMIT');
        self::assertSame(0, DB::table('line_products')->where('name', 'Late')->count());
        $this->postJson('/api/lines', $line)->assertCreated();
        self::assertSame(1, DB::table('line_products')->where('name', 'Late')->count());
    }
}
