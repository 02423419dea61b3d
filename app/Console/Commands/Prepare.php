<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Clock;
use App\Console\WarmUp;
use App\Models\Angler;
use Database\Seeders\DemoSeeder;
use Database\Seeders\LargeSeeder;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Throwable;

/** Makes the database ready for this version: checked, migrated, and with the demo the first time. */
final class Prepare extends Command
{
    /** Below this a start is refused: SQLite needs room for its journal. */
    private const LEAST_FREE_BYTES = 20_000_000;

    protected $signature = 'undro:prepare {data=demo : demo, empty, or large for measuring, in a new database}';
    protected $description = 'Check, migrate and, the first time, fill the database';

    public function handle(): int
    {
        $path = config()->string('database.connections.sqlite.database');
        $free = disk_free_space(dirname($path));
        if ($free !== false && $free < self::LEAST_FREE_BYTES) {
            return $this->refuse(
                sprintf(
                    'the disk is nearly full: %d MB are free in %s. Free some space and start again; nothing was changed.',
                    (int) ($free / 1_000_000),
                    dirname($path),
                ),
            );
        }
        $new = !is_file($path) || filesize($path) === 0;
        try {
            $new && touch($path);
            $newer = $this->migrationsFromANewerVersion();
            if ($newer !== []) {
                return $this->refuse(
                    "the database in $path was written by a newer version of Undro. Start that version, or use another folder with "
                        . '--data. Nothing was changed.',
                );
            }
            $this->callSilently('migrate', ['--force' => true]);
            if ($new && $this->argument('data') === 'demo') {
                $this->callSilently('db:seed', ['--class' => DemoSeeder::class, '--force' => true]);
                $this->line('The demo was loaded: two friends and a child on an invented cold coast.');
            }
            if ($new && $this->argument('data') === 'large') {
                $this->callSilently('db:seed', ['--class' => LargeSeeder::class, '--force' => true]);
            }
            // somebody has to stand at the bench, or there are no units and no habits to choose
            Angler::query()->exists() || Angler::query()->create(['name' => 'Me']);
            $this->looksAtTheClock();
            $this->warmUp();
        } catch (Throwable $fault) {
            if ($new) {
                array_map(static fn(string $part): bool => @unlink($path . $part), ['', '-wal', '-shm']);
            }
            report($fault);

            return $this->refuse(
                sprintf(
                    'the database in %s cannot be used: %s. It was left as it is.',
                    $path,
                    ($fault->getPrevious() ?? $fault)->getMessage(),
                ),
            );
        }

        return self::SUCCESS;
    }

    /** A wrong clock spoils ages and due dates: where the log tells of one, somebody should look. */
    private function looksAtTheClock(): void
    {
        $latest = DB::table('events')->max('recorded_at');
        if (is_string($latest) && $latest > Clock::now()) {
            $this->line(
                sprintf(
                    'The log has entries written on %s, which is later than now. Is the clock of this computer right?',
                    substr($latest, 0, 10),
                ),
            );
        }
    }

    /** Where a server follows: its caches and the list of what it should load at its start. */
    private function warmUp(): void
    {
        if (getenv('APP_CONFIG_CACHE') !== false) {
            array_map($this->callSilently(...), ['config:cache', 'event:cache', 'route:cache']);
            WarmUp::write(storage_path('framework/preload.php'));
        }
    }

    /** @return list<string> */
    private function migrationsFromANewerVersion(): array
    {
        if (!Schema::hasTable('migrations')) {
            return [];
        }
        $known = array_map(static fn(string $file): string => basename($file, '.php'), glob(database_path('migrations/*.php')) ?: []);
        $done = DB::table('migrations')->pluck('migration')->map(static fn(mixed $name): string => is_string($name) ? $name : '')->all();

        return array_values(array_diff($done, $known));
    }

    private function refuse(string $why): int
    {
        fwrite(STDERR, "undro: $why\n");

        return self::FAILURE;
    }
}
