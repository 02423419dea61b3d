<?php

declare(strict_types=1);

namespace App\Console;

use App\Clock;
use App\Database\Version;
use App\Exchange\Backup;
use App\Models\Angler;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use RuntimeException;
use Throwable;

/** The database of the default connection made ready for this version: made if there is none, checked, and brought up to it. */
final class Ready
{
    /** Below this much room nothing is begun: SQLite needs some for its journal. */
    private const LEAST_FREE_BYTES = 20_000_000;

    /**
     * @param \Closure(): void $fill what a new one is filled with
     *
     * @throws RuntimeException saying why it cannot be used; it is left as it was, and a new one is not left half made
     */
    public static function database(\Closure $fill): void
    {
        $path = config()->string('database.connections.sqlite.database');
        self::hasRoom(dirname($path));
        $new = !is_file($path) || filesize($path) === 0;
        try {
            $new && touch($path);
            // nobody has saved anything in a new one: it is written to the disk once, at its end, instead of after each of a thousand steps
            $new && DB::statement('PRAGMA synchronous = OFF');
            self::migrationsFromANewerVersion() === [] || throw new RuntimeException(
                "the database in $path was written by a newer version of Undro. Start that version, or use another folder with "
                    . '--data. Nothing was changed.',
            );
            $new || self::pending() === [] || Backup::beforeUpgrade($path);
            Artisan::call('migrate', ['--force' => true]);
            $new && $fill();
            // somebody has to stand at the bench, or there are no units and no habits to choose
            Angler::query()->exists() || Angler::query()->create(['name' => Angler::NAMELESS]);
            $new && DB::statement('PRAGMA synchronous = ' . config()->string('database.connections.sqlite.synchronous'));
            $new && DB::statement('PRAGMA wal_checkpoint(TRUNCATE)');
        } catch (Throwable $fault) {
            if ($new) {
                array_map(static fn(string $part): bool => @unlink($path . $part), ['', '-wal', '-shm']);
            }
            if ($fault instanceof RuntimeException && $fault->getPrevious() === null && str_contains($fault->getMessage(), 'newer version')) {
                throw $fault;
            }
            report($fault);
            throw new RuntimeException(
                sprintf('the database in %s cannot be used: %s. It was left as it is.', $path, ($fault->getPrevious() ?? $fault)->getMessage()),
                previous: $fault,
            );
        }
    }

    /** @throws RuntimeException if the disk is nearly full */
    private static function hasRoom(string $folder): void
    {
        $free = disk_free_space($folder);
        $free === false || $free >= self::LEAST_FREE_BYTES || throw new RuntimeException(
            sprintf(
                'the disk is nearly full: %d MB are free in %s. Free some space and start again; nothing was changed.',
                (int) ($free / 1_000_000),
                $folder,
            ),
        );
    }

    /** A wrong clock spoils ages and due dates: where the log tells of one, somebody should look. In words; null: it tells of none. */
    public static function wrongClock(): ?string
    {
        $latest = DB::table('events')->max('recorded_at');

        return is_string($latest) && $latest > Clock::now()
            ? sprintf('The log has entries written on %s, which is later than now. Is the clock of this computer right?', substr($latest, 0, 10))
            : null;
    }

    /** @return list<string> */
    private static function migrationsFromANewerVersion(): array
    {
        if (!Schema::hasTable('migrations')) {
            return [];
        }

        return array_values(array_diff(self::done(), Version::migrations()));
    }

    /** @return list<string> the migrations that this version still has to run */
    private static function pending(): array
    {
        return array_values(array_diff(Version::migrations(), Schema::hasTable('migrations') ? self::done() : []));
    }

    /** @return list<string> */
    private static function done(): array
    {
        return array_values(DB::table('migrations')->pluck('migration')->map(static fn(mixed $name): string => is_string($name) ? $name : '')->all());
    }
}
