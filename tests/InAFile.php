<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Support\Facades\DB;

/** A test whose database is a file in a folder of its own, which goes with the test. */
trait InAFile
{
    private string $file;

    protected function setUp(): void
    {
        parent::setUp();
        $folder = sys_get_temp_dir() . '/undro-' . strtolower(class_basename(self::class)) . '-' . getmypid();
        mkdir($folder, 0o700);
        $this->file = "$folder/undro.sqlite";
        config(['database.connections.sqlite.database' => $this->file]);
        DB::purge('sqlite');
    }

    protected function tearDown(): void
    {
        DB::purge('sqlite');
        exec('rm -rf ' . escapeshellarg(dirname($this->file)));
        parent::tearDown();
    }
}
