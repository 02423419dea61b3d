<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Support\Facades\DB;

/** A test whose database is a file of its own, which goes with the test. */
trait InAFile
{
    private string $file;

    protected function setUp(): void
    {
        parent::setUp();
        $this->file = sys_get_temp_dir() . '/undro-' . strtolower(class_basename(self::class)) . '-' . getmypid() . '.sqlite';
        config(['database.connections.sqlite.database' => $this->file]);
        DB::purge('sqlite');
    }

    protected function tearDown(): void
    {
        DB::purge('sqlite');
        array_map(unlink(...), glob("$this->file*") ?: []);
        parent::tearDown();
    }
}
