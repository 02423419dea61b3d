<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PDO;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Fuzz\Facts;
use Tests\Fuzz\Operation;
use Tests\InAFile;

/**
 * A database of each earlier state of Undro, as that state made its demo (tests/fixtures/upgrade, named by commit), is brought up to this
 * one and loses nothing.
 */
final class UpgradeTest extends TestCase
{
    use InAFile;

    /** @return iterable<string, array{string}> */
    public static function states(): iterable
    {
        $files = glob(dirname(__DIR__) . '/fixtures/upgrade/*.db.gz') ?: [];
        // the oldest goes through every migration; the ones between with UNDRO_HARD=1
        $tried = getenv('UNDRO_HARD') === '1' ? $files : [$files[0], $files[count($files) - 1]];
        foreach ($tried as $file) {
            yield basename($file, '.db.gz') => [$file];
        }
    }

    #[DataProvider('states')]
    public function testNothingIsLost(string $fixture): void
    {
        file_put_contents($this->file, gzdecode((string) file_get_contents($fixture)));
        $before = self::rows($this->file);
        self::assertGreaterThan(40, count($before['events']));
        self::assertSame(0, Artisan::call('undro:prepare'), Artisan::output());
        DB::purge('sqlite');
        // as it was before stays beside it, and is found
        [$copy] = glob(dirname($this->file) . '/backups/before-upgrade-*.sqlite') ?: [''];
        self::assertSame($before, self::rows($copy));
        Artisan::call('undro:restore');
        self::assertStringContainsString("$copy  (before an upgrade)", Artisan::output());
        Artisan::call('undro:prepare');
        DB::purge('sqlite');
        self::assertCount(1, glob(dirname($this->file) . '/backups/before-upgrade-*.sqlite') ?: [], 'a start that changes nothing makes no copy');
        $after = self::rows($this->file);
        foreach ($before as $table => $rows) {
            foreach ($rows as $number => $row) {
                self::assertSame($row, array_intersect_key($after[$table][$number] ?? [], $row), "$table: a row is lost or another one");
            }
        }
        self::assertSame([], DB::select('pragma foreign_key_check'));
        foreach (Operation::questions() as [$path]) {
            if (!str_contains($path, '{') && !in_array($path, ['/api/drags', '/api/learnt/plan'], true)) {
                $this->app->forgetScopedInstances();
                self::assertSame(200, $this->getJson($path)->getStatusCode(), $path);
            }
        }
        $document = (string) $this->getJson('/api/data')->content();
        [$rows, $there] = Facts::elsewhere(
            $document,
            fn(string $text): array => $this->postJson('/api/data/import', ['text' => $text, 'take' => true])->json('rows'),
        );
        self::assertSame(['new'], array_values(array_unique(array_column($rows, 'state'))));
        self::assertSame(array_map(count(...), Facts::all()), array_map(count(...), $there));
    }

    #[DataProvider('states')]
    public function testACopyOfThatStateIsPutBack(string $fixture): void
    {
        Artisan::call('undro:prepare', ['data' => 'empty']);
        DB::purge('sqlite');
        file_put_contents("$this->file.copy", gzdecode((string) file_get_contents($fixture)));
        self::assertSame(0, Artisan::call('undro:restore', ['file' => "$this->file.copy"]), Artisan::output());
        DB::purge('sqlite');
        self::assertGreaterThan(40, DB::table('events')->count());
    }

    /** @return array<string, list<array<string, mixed>>> what is no cache */
    private static function rows(string $file): array
    {
        $database = new PDO("sqlite:$file", options: [PDO::ATTR_DEFAULT_FETCH_MODE => PDO::FETCH_ASSOC]);
        $rows = [];
        foreach ($database->query(
            "select name from sqlite_master where type = 'table' and name not like 'sqlite_%' and name not like '%caches' and name <> "
                . "'spool_states'",
        )?->fetchAll(PDO::FETCH_COLUMN) ?: [] as $table) {
            $rows[$table] = $database->query("select * from $table order by rowid")?->fetchAll() ?: [];
        }

        return $rows;
    }
}
