<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Exchange\Backup;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** Copies of the database: whole while it is written to, refused when they are not sound, kept for a fortnight. */
final class BackupTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir() . '/undro-backup-' . getmypid();
        @mkdir($this->folder);
        config(['database.connections.sqlite.database' => "$this->folder/undro.sqlite"]);
        DB::purge('sqlite');
        Artisan::call('undro:prepare', ['data' => 'empty']);
    }

    protected function tearDown(): void
    {
        DB::purge('sqlite');
        foreach ([...(glob("$this->folder/backups/*") ?: []), ...(glob("$this->folder/*.*") ?: [])] as $file) {
            @unlink($file);
        }
        @rmdir("$this->folder/backups");
        @rmdir($this->folder);
        parent::tearDown();
    }

    public function testWhatWasThereIsThereAgainAndWhatCameSinceIsKeptAside(): void
    {
        DB::table('anglers')->update(['name' => 'before']);
        self::assertSame(0, Artisan::call('undro:backup', ['file' => "$this->folder/copy.sqlite"]));
        self::assertSame(["$this->folder/copy.sqlite"], glob("$this->folder/copy*"), 'one file that stands by itself');
        DB::table('anglers')->update(['name' => 'after']);
        self::assertSame(0, Artisan::call('undro:restore', ['file' => "$this->folder/copy.sqlite"]));
        DB::purge('sqlite');
        self::assertSame('before', DB::table('anglers')->value('name'));
        self::assertSame('wal', DB::selectOne('PRAGMA journal_mode')->journal_mode);
        $aside = glob("$this->folder/undro-before-*.sqlite") ?: [];
        self::assertCount(1, $aside);
        self::assertSame('after', (new \SQLite3($aside[0]))->querySingle('SELECT name FROM anglers'));
        // a name that is taken is not written over
        self::assertSame(1, Artisan::call('undro:backup', ['file' => "$this->folder/copy.sqlite"]));
    }

    public function testAChangeUnderWayIsNotInACopyAndDoesNotSpoilIt(): void
    {
        DB::table('anglers')->update(['name' => 'settled']);
        DB::beginTransaction();
        DB::table('anglers')->update(['name' => 'half done']);
        self::assertSame(0, Artisan::call('undro:backup', ['file' => "$this->folder/copy.sqlite"]));
        DB::rollBack();
        self::assertSame('settled', (new \SQLite3("$this->folder/copy.sqlite"))->querySingle('SELECT name FROM anglers'));
    }

    public function testWhatIsDamagedNewerOrSomethingElseIsRefusedAndNothingIsTouched(): void
    {
        Backup::make("$this->folder/undro.sqlite", "$this->folder/newer.sqlite");
        (new \SQLite3("$this->folder/newer.sqlite"))->exec("INSERT INTO migrations (migration, batch) VALUES ('2099_01_01_000000_new', 9)");
        Backup::make("$this->folder/undro.sqlite", "$this->folder/damaged.sqlite");
        $file = fopen("$this->folder/damaged.sqlite", 'r+') ?: self::fail('no file');
        for ($at = 8192; $at < (filesize("$this->folder/damaged.sqlite") ?: 0); $at += 4096) {
            fseek($file, $at);
            fwrite($file, str_repeat("\x5a", 900));
        }
        fclose($file);
        file_put_contents("$this->folder/words.sqlite", 'not a database at all');
        (new \SQLite3("$this->folder/other.sqlite"))->exec('CREATE TABLE cakes (name TEXT)');
        DB::table('anglers')->update(['name' => 'mine']);
        foreach ([
            'newer' => 'newer version',
            'damaged' => 'damaged',
            'words' => 'cannot be read',
            'other' => 'no database of Undro',
            'missing' => 'there is no file',
        ] as $name => $why) {
            self::assertSame(1, Artisan::call('undro:restore', ['file' => "$this->folder/$name.sqlite"]), $name);
            DB::purge('sqlite');
            self::assertSame('mine', DB::table('anglers')->value('name'), "$name: $why");
            self::assertSame([], glob("$this->folder/undro-before-*.sqlite") ?: []);
        }
    }

    public function testTheNewestFourteenDailyCopiesAreKeptHoweverTheClockHasJumped(): void
    {
        @mkdir("$this->folder/backups");
        $copy = fn(int $days): string => "$this->folder/backups/daily-" . gmdate('Y-m-d', time() + $days * 86400) . '.sqlite';
        // a clock that was 400 days ahead has written three; before that there was one on each of twenty days
        foreach ([400, 401, 402, ...range(-20, -1)] as $days) {
            touch($copy($days));
        }
        self::assertTrue(Backup::daily("$this->folder/undro.sqlite", "$this->folder/backups"));
        self::assertFalse(Backup::daily("$this->folder/undro.sqlite", "$this->folder/backups"));
        self::assertEqualsCanonicalizing(array_map($copy, range(-13, 0)), glob("$this->folder/backups/*.sqlite") ?: []);
        // nothing goes before the new one is sound
        unlink($copy(0));
        touch($copy(-30));
        try {
            Backup::daily("$this->folder/nothing.sqlite", "$this->folder/backups");
            self::fail('a copy of nothing was made');
        } catch (\Exception) {
            self::assertCount(14, glob("$this->folder/backups/*.sqlite") ?: []);
        }
    }

    public function testOfTwoCopiesToOneNameTheFirstStays(): void
    {
        $made = 0;
        $processes = [];
        foreach ([1, 2, 3] as $ignored) {
            $processes[] = proc_open(
                [PHP_BINARY, 'artisan', 'undro:backup', "$this->folder/one.sqlite"],
                [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']],
                $pipes,
                base_path(),
                [
                    'APP_ENV' => 'testing',
                    'APP_KEY' => config()->string('app.key'),
                    'UNDRO_DATA' => (string) getenv('UNDRO_DATA'),
                    'UNDRO_DATABASE' => "$this->folder/undro.sqlite",
                    'UNDRO_SYNC' => getenv('UNDRO_SYNC') ?: 'full',
                    'PATH' => (string) getenv('PATH'),
                ],
            );
        }
        foreach ($processes as $process) {
            $made += is_resource($process) && proc_close($process) === 0 ? 1 : 0;
        }
        self::assertSame(1, $made);
        self::assertSame('ok', (new \SQLite3("$this->folder/one.sqlite"))->querySingle('PRAGMA integrity_check'));
        self::assertSame([], glob("$this->folder/one*part*") ?: []);
        self::assertSame('0600', substr(sprintf('%o', fileperms("$this->folder/one.sqlite")), -4));
    }

    public function testACopyThatIsNotWholeAUndroIsRefusedBeforeAnythingIsTouched(): void
    {
        DB::table('anglers')->update(['name' => 'mine']);
        foreach ([
            'a trigger gone' => ['DROP TRIGGER events_no_update', 'no trigger events_no_update'],
            'a trigger that does nothing' => [
                'DROP TRIGGER events_no_update; CREATE TRIGGER events_no_update BEFORE UPDATE ON events BEGIN SELECT 1; END',
                'not as Undro makes it',
            ],
            'a column gone' => ['ALTER TABLE rods DROP COLUMN braid_range', 'column braid_range'],
            'a table gone' => ['DROP TABLE outings', 'outings'],
            'no account' => ['PRAGMA foreign_keys = OFF; DELETE FROM anglers; DELETE FROM accounts', 'no account'],
            'a gap in its versions' => ["DELETE FROM migrations WHERE migration LIKE '2026_02%'", 'gaps'],
            'a log that contradicts itself' => [
                "INSERT INTO line_products (account_id, name, material, size_typed, diameter_mm, nominal, key) VALUES (1, 'L', 'mono', "
                    . "'0.3', 0.3, 0, 'l'); INSERT INTO events (uuid, account_id, kind, happened_at, recorded_at) VALUES ('u', 1, "
                    . "'lost', '2026-01-01T00:00:00.000Z', '2026-01-01T00:00:00.000Z'); INSERT INTO event_moves (event_id, from_kind, "
                    . "from_id, to_kind, to_id, length_m, line_product_id) VALUES (1, 'spool', 1, 'water', 0, 30, 1)",
                'contradicts itself',
            ],
            'a trigger of its own' => ['CREATE TRIGGER mine AFTER UPDATE ON rods BEGIN DELETE FROM plans; END', 'trigger mine, which Undro does not make'],
            // it would run as soon as the copy is brought up to this version
            'a trigger that spins' => [
                "DELETE FROM migrations WHERE migration LIKE '2026_12_01_1%'; CREATE TRIGGER spins AFTER INSERT ON migrations BEGIN "
                    . 'INSERT INTO rods (name) WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n) SELECT i FROM n; END',
                'trigger spins, which Undro does not make',
            ],
            'a view' => ['CREATE VIEW mine AS SELECT * FROM rods', 'view mine'],
            'a table' => ['CREATE TABLE mine (x)', 'table mine'],
            'an index' => ['CREATE INDEX mine ON rods (name)', 'index mine'],
            'records of nothing' => ['PRAGMA foreign_keys = OFF; INSERT INTO reel_spool VALUES (77, 78)', 'speak of others'],
        ] as $name => [$sql, $why]) {
            @unlink("$this->folder/copy.sqlite");
            Backup::make("$this->folder/undro.sqlite", "$this->folder/copy.sqlite");
            (new \SQLite3("$this->folder/copy.sqlite"))->exec($sql);
            self::assertSame(1, Artisan::call('undro:restore', ['file' => "$this->folder/copy.sqlite"]), $name);
            self::assertStringContainsString($why, Artisan::output(), $name);
            DB::purge('sqlite');
            self::assertSame('mine', DB::table('anglers')->value('name'), $name);
            self::assertSame(
                [],
                array_diff(
                    glob("$this->folder/*") ?: [],
                    array_map(
                        fn(string $part): string => "$this->folder/$part",
                        ['copy.sqlite', 'undro.sqlite', 'undro.sqlite-wal', 'undro.sqlite-shm', 'backups'],
                    ),
                ),
                "$name: something is left lying",
            );
        }
    }

    public function testACopyWithPagesOfAnotherSizeIsPutBackAndFiveThatWereAsideAreKept(): void
    {
        Backup::make("$this->folder/undro.sqlite", "$this->folder/copy.sqlite");
        (new \SQLite3("$this->folder/copy.sqlite"))->exec("UPDATE anglers SET name = 'of large pages'; PRAGMA page_size = 16384; VACUUM");
        for ($time = 0; $time < 7; ++$time) {
            DB::table('anglers')->update(['name' => "before $time"]);
            self::assertSame(0, Artisan::call('undro:restore', ['file' => "$this->folder/copy.sqlite"]), Artisan::output());
            DB::purge('sqlite');
            self::assertSame('of large pages', DB::table('anglers')->value('name'));
        }
        $names = array_map(
            static fn(string $file): mixed => (new \SQLite3($file))->querySingle('SELECT name FROM anglers'),
            glob("$this->folder/undro-before-*.sqlite") ?: [],
        );
        self::assertCount(5, $names);
        self::assertContains('before 6', $names);
    }
}
