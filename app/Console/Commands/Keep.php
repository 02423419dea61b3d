<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Database\Scratch;
use App\Exchange\Backup;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/**
 * Stands beside a running server: makes the copy of every day, and holds the database open. As long as somebody does, SQLite keeps what
 * lies beside it, so that on a disk that has become full it can still be read.
 */
final class Keep extends Command
{
    private const HOUR_S = 3600;

    protected $signature = 'undro:keep';
    protected $description = 'Hold the database open and copy it once a day';

    public function handle(): int
    {
        $database = config()->string('database.connections.sqlite.database');
        Scratch::clear(dirname($database));
        for (;;) {
            DB::select('select 1 from migrations limit 1');
            try {
                Backup::daily($database, dirname($database) . '/backups');
            } catch (RuntimeException $fault) {
                fwrite(STDERR, gmdate('c') . " no copy was made: {$fault->getMessage()}\n");
            }
            sleep(self::HOUR_S);
        }
    }
}
