<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Database\Scratch;
use App\Exchange\Backup;
use App\Households\Household;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/**
 * Stands beside a running server: makes the copy of every day, of each household's database where several are served, and
 * holds the one of this computer open. As long as somebody does, SQLite keeps what
 * lies beside it, so that on a disk that has become full it can still be read.
 */
final class Keep extends Command
{
    private const HOUR_S = 3600;

    protected $signature = 'undro:keep';
    protected $description = 'Hold the database open and copy it once a day';

    public function handle(): int
    {
        $served = config()->boolean('undro.served');
        $own = config()->string('database.connections.sqlite.database');
        array_map(static fn(string $database) => Scratch::clear(dirname($database)), $served ? self::households() : [$own]);
        for (;;) {
            $served || DB::select('select 1 from migrations limit 1');
            foreach ($served ? self::households() : [$own] as $database) {
                try {
                    Backup::daily($database, dirname($database) . '/backups');
                } catch (RuntimeException $fault) {
                    fwrite(STDERR, gmdate('c') . " no copy was made: {$fault->getMessage()}\n");
                }
            }
            sleep(self::HOUR_S);
        }
    }

    /** @return list<string> the databases of all households, and that of the people */
    private static function households(): array
    {
        $all = Household::query()->orderBy('id')->get()->map(static fn(Household $each): string => $each->database())->all();

        return [config()->string('database.connections.people.database'), ...array_values(array_filter($all, is_file(...)))];
    }
}
