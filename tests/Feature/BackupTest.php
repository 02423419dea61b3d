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
        foreach (['newer' => 'newer version', 'damaged' => 'damaged', 'words' => 'cannot be read', 'other' => 'no database of Undro', 'missing' => 'there is no file'] as $name => $why) {
            self::assertSame(1, Artisan::call('undro:restore', ['file' => "$this->folder/$name.sqlite"]), $name);
            DB::purge('sqlite');
            self::assertSame('mine', DB::table('anglers')->value('name'), "$name: $why");
            self::assertSame([], glob("$this->folder/undro-before-*.sqlite") ?: []);
        }
    }

    public function testOneCopyADayIsKeptForAFortnight(): void
    {
        @mkdir("$this->folder/backups");
        foreach ([1, 13, 14, 40] as $days) {
            touch("$this->folder/backups/daily-" . gmdate('Y-m-d', time() - $days * 86400) . '.sqlite');
        }
        self::assertTrue(Backup::daily("$this->folder/undro.sqlite", "$this->folder/backups"));
        self::assertFalse(Backup::daily("$this->folder/undro.sqlite", "$this->folder/backups"));
        self::assertCount(3, glob("$this->folder/backups/*.sqlite") ?: []);
    }
}
