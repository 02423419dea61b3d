<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Support\Facades\DB;

/** A copy of the database that something is tried on and that is then thrown away: nobody waits for it, nothing of it stays. */
final class Scratch
{
    private const NAME = 'scratch';

    /**
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return T
     */
    public static function during(\Closure $work): mixed
    {
        $own = config()->string('database.default');
        $database = config()->string("database.connections.$own.database");
        if ($database === ':memory:') {
            // there is no file to copy and nobody else to wait
            DB::beginTransaction();
            try {
                return $work();
            } finally {
                DB::rollBack();
            }
        }
        $file = dirname($database) . '/' . self::NAME . '-' . bin2hex(random_bytes(6)) . '.sqlite';
        try {
            DB::statement('vacuum into ?', [$file]);
            config(
                [
                    'database.connections.' . self::NAME => [
                        'database' => $file,
                        'journal_mode' => 'memory',
                        'synchronous' => 'off',
                    ] + (array) config("database.connections.$own"),
                ],
            );
            DB::setDefaultConnection(self::NAME);

            return $work();
        } finally {
            DB::setDefaultConnection($own);
            DB::purge(self::NAME);
            array_map(static fn(string $part): bool => @unlink($file . $part), ['', '-journal', '-wal', '-shm']);
        }
    }

    /** Whether it is a copy that is written to now. */
    public static function runs(): bool
    {
        return DB::getDefaultConnection() === self::NAME;
    }

    /** Throws away what a killed process has left in a folder. */
    public static function clear(string $folder): void
    {
        array_map(static fn(string $left): bool => @unlink($left), glob("$folder/" . self::NAME . '-*.sqlite*') ?: []);
    }
}
