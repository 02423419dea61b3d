<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Database\Scratch;
use App\Exchange\Backup;
use App\Households\Household;
use Illuminate\Console\Command;
use PDO;
use PDOException;
use RuntimeException;

/**
 * Runs beside the server. It copies every database once a day and keeps each one open, so that SQLite keeps the files beside it. Without
 * those files a database on a full disk could not be read.
 */
final class Keep extends Command
{
    private const HOUR_S = 3600;
    /** How often new households are looked for, s. */
    private const LOOK_AGAIN_S = 20;

    /** @var array<string, PDO> by file */
    private array $held = [];

    protected $signature = 'undro:keep';
    protected $description = 'Hold the database open and copy it once a day';

    public function handle(): int
    {
        $served = config()->boolean('undro.served');
        $own = config()->string('database.connections.sqlite.database');
        array_map(static fn(string $database) => Scratch::clear(dirname($database)), $served ? self::households() : [$own]);
        for ($copied = 0;;) {
            $databases = $served ? self::households() : [$own];
            $this->hold($databases);
            if (time() - $copied >= self::HOUR_S) {
                array_map(self::copy(...), $databases);
                $copied = time();
            }
            sleep(self::LOOK_AGAIN_S);
        }
    }

    /** @param list<string> $databases to be held open from now on, and no others */
    private function hold(array $databases): void
    {
        $this->held = array_intersect_key($this->held, array_flip($databases));
        foreach (array_diff($databases, array_keys($this->held)) as $database) {
            try {
                $held = new PDO("sqlite:$database");
                $held->query('select 1 from migrations limit 1');
                $this->held[$database] = $held;
            } catch (PDOException $fault) {
                fwrite(STDERR, gmdate('c') . " not held open: $database: {$fault->getMessage()}\n");
            }
        }
    }

    private static function copy(string $database): void
    {
        try {
            Backup::daily($database, dirname($database) . '/backups');
        } catch (RuntimeException $fault) {
            fwrite(STDERR, gmdate('c') . " no copy was made: {$fault->getMessage()}\n");
        }
    }

    /** @return list<string> the databases of all households, and that of the people */
    private static function households(): array
    {
        $all = Household::query()->orderBy('id')->get()->map(static fn(Household $each): string => $each->database())->all();

        return [config()->string('database.connections.people.database'), ...array_values(array_filter($all, is_file(...)))];
    }
}
