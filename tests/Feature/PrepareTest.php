<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\InAFile;

final class PrepareTest extends TestCase
{
    use InAFile;

    public function testTheDemoIsLoadedOnceAndKept(): void
    {
        self::assertSame(0, Artisan::call('undro:prepare'));
        $reels = DB::table('reels')->count();
        self::assertGreaterThan(0, $reels);
        DB::table('reels')->update(['name' => 'mine']);
        self::assertSame(0, Artisan::call('undro:prepare'));
        self::assertSame($reels, DB::table('reels')->where('name', 'mine')->count());
    }

    public function testAnEmptyStartHasNobodysReelsButSomebodyAtTheBench(): void
    {
        self::assertSame(0, Artisan::call('undro:prepare', ['data' => 'empty']));
        self::assertSame(0, DB::table('reels')->count());
        self::assertSame(1, DB::table('anglers')->count());
        self::assertSame('wal', DB::selectOne('PRAGMA journal_mode')->journal_mode);
        self::assertSame(1, DB::selectOne('PRAGMA foreign_keys')->foreign_keys);
    }

    public function testADatabaseOfANewerVersionIsLeftAsItIs(): void
    {
        Artisan::call('undro:prepare', ['data' => 'empty']);
        DB::table('migrations')->insert(['migration' => '2099_01_01_000000_something_new', 'batch' => 9]);
        $before = DB::table('anglers')->get()->all();
        self::assertSame(1, Artisan::call('undro:prepare'));
        self::assertEquals($before, DB::table('anglers')->get()->all());
    }

    public function testADamagedDatabaseIsRefusedAndKept(): void
    {
        file_put_contents($this->file, str_repeat('this is no database ', 500));
        self::assertSame(1, Artisan::call('undro:prepare'));
        self::assertStringStartsWith('this is no database', (string) file_get_contents($this->file));
    }
}
