<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Exchange\Backup;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Tests\Fuzz\Operation;
use Tests\InAFile;

/** A disk without room: what cannot be saved is refused with what to do, and all that is there can be read. */
final class FullDiskTest extends TestCase
{
    use InAFile;

    public function testWhatCannotBeSavedIsRefusedAndEverythingIsStillRead(): void
    {
        Artisan::call('undro:prepare', ['data' => 'demo']);
        DB::statement('create table filled (junk blob)');
        // not one page more: SQLite says the same as on a full disk
        $pages = DB::selectOne('pragma page_count')->page_count;
        DB::statement("pragma max_page_count = $pages");
        DB::table('answers')->delete();
        DB::table('spool_states')->delete();
        DB::table('ledger_caches')->update(['states_until' => 0, 'last_event_id' => 0]);
        DB::table('cache')->delete();
        for ($size = 200_000; $size >= 1; $size = intdiv($size, 2)) {
            try {
                for ($i = 0; $i < 50; ++$i) {
                    DB::table('filled')->insert(['junk' => str_repeat('x', $size)]);
                }
            } catch (\PDOException) {
            }
        }
        $refused = 0;
        for ($i = 0; $i < 40; ++$i) {
            $answer = $this->postJson(
                '/api/lines',
                ['name' => str_repeat('n', 70) . $i, 'material' => 'mono', 'size' => '0.30', 'colour' => str_repeat('c', 40)],
            );
            self::assertContains($answer->getStatusCode(), [201, 507], (string) $answer->getContent());
            if ($answer->getStatusCode() === 507) {
                self::assertStringContainsString('Free some space', (string) $answer->json('detail'));
                ++$refused;
            }
        }
        self::assertGreaterThan(10, $refused);
        foreach (Operation::questions() as [$path]) {
            if (!str_contains($path, '{') && $path !== '/api/drags') {
                $this->app->forgetScopedInstances();
                $response = $this->getJson($path);
                self::assertContains(
                    $response->getStatusCode(),
                    $path === '/api/learnt/plan' ? [200, 422] : [200],
                    "$path: {$response->getContent()}\n" . substr((string) $response->exception, 0, 1500),
                );
            }
        }
    }

    public function testOnASmallDiskThatFillsUp(): void
    {
        $disk = sys_get_temp_dir() . '/undro-disk-' . getmypid();
        mkdir($disk);
        exec('mount -t tmpfs -o size=30m tmpfs ' . escapeshellarg($disk) . ' 2>&1', $said, $exit);
        if ($exit !== 0) {
            rmdir($disk);
            self::markTestSkipped('no small disk can be made here: ' . implode(' ', $said));
        }
        $undro = null;
        try {
            $undro = new \Tests\Hard\Started($disk, 'disk');
            self::assertSame(201, $undro->post('lines', ['name' => 'before', 'material' => 'mono', 'size' => '0.30'])[0]);
            $junk = fopen("$disk/junk", 'w') ?: self::fail('no file');
            do {
                $room = @fwrite($junk, str_repeat('x', 4096));
            } while ($room === 4096);
            fclose($junk);
            self::assertLessThan(4096, disk_free_space($disk));
            $statuses = [];
            for ($i = 0; $i < 12; ++$i) {
                [$status, $answer] = $undro->post(
                    'fillers',
                    [
                        'line' => 1,
                        'full_length' => '300 m',
                        'event' => sprintf('00000000-0000-4000-8000-%012d', $i),
                        'name' => str_repeat('f', 70),
                    ],
                );
                $statuses[] = $status;
                self::assertContains($status, [201, 507], (string) json_encode($answer));
            }
            self::assertContains(507, $statuses);
            foreach ([
                'anglers',
                'reels',
                'lines',
                'fillers',
                'plans',
                'log',
                'upkeep',
                'stock',
                'learnt',
                'data',
                'runs',
                'day',
            ] as $page) {
                self::assertSame(200, $undro->get($page)[0], $page);
            }
            self::assertSame(200, $undro->get('', '/')[0]);
            try {
                Backup::make("$undro->data/undro.sqlite", "$disk/copy.sqlite");
                self::fail('a copy was made without room');
            } catch (RuntimeException) {
                self::assertSame([], glob("$disk/copy*") ?: [], 'half a copy is left');
            }
            unlink("$disk/junk");
            self::assertSame(201, $undro->post('lines', ['name' => 'after', 'material' => 'mono', 'size' => '0.30'])[0]);
            self::assertContains('before', array_column($undro->get('lines')[1], 'name'));
        } finally {
            $undro?->end();
            exec('umount -l ' . escapeshellarg($disk));
            @rmdir($disk);
        }
    }
}
