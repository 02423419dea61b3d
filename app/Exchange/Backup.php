<?php

declare(strict_types=1);

namespace App\Exchange;

use RuntimeException;
use SQLite3;

/** Copies of the database, made and put back page by page by SQLite itself, so that both hold while the server runs. */
final class Backup
{
    /** What every database of Undro has. */
    private const TABLES = ['migrations', 'accounts', 'events', 'event_moves', 'spools', 'fillers'];
    private const BUSY_MS = 10_000;
    public const KEPT_DAYS = 14;

    /** @throws RuntimeException if it could not be written whole */
    public static function make(string $database, string $file): void
    {
        !file_exists($file) || throw new RuntimeException("$file is there already; give another name.");
        is_dir(dirname($file)) || @mkdir(dirname($file), 0o700, true) || throw new RuntimeException('the folder ' . dirname($file) . ' cannot be made.');
        $part = "$file.part";
        @unlink($part);
        try {
            self::copy($database, $part);
            // one file that stands by itself, without a journal beside it
            $copy = new SQLite3($part);
            $copy->exec('PRAGMA journal_mode = DELETE');
            $copy->close();
            self::check($part, null);
            rename($part, $file) || throw new RuntimeException("$file could not be written.");
        } finally {
            array_map(static fn(string $left): bool => @unlink($part . $left), ['', '-wal', '-shm']);
        }
    }

    /**
     * Checks a copy and puts it in the place of the database; the one there was is kept beside it.
     *
     * @param list<string> $known migrations this version has
     *
     * @return string where the database there was is kept
     *
     * @throws RuntimeException and nothing is touched, if the copy is damaged, of a newer version, or no database of Undro
     */
    public static function restore(string $file, string $database, array $known): string
    {
        is_file($file) || throw new RuntimeException("there is no file $file.");
        self::check($file, $known);
        $aside = dirname($database) . '/undro-before-' . gmdate('Ymd-His') . '-' . bin2hex(random_bytes(2)) . '.sqlite';
        if (is_file($database)) {
            self::copy($database, $aside);
        }
        self::copy($file, $database);

        return $aside;
    }

    /** One copy a day, those of the last fourteen days kept. @return bool whether one was made */
    public static function daily(string $database, string $folder): bool
    {
        foreach (glob("$folder/daily-*.sqlite") ?: [] as $old) {
            if (preg_match('/daily-(\d{4}-\d{2}-\d{2})\.sqlite$/', $old, $found) === 1 && $found[1] <= gmdate('Y-m-d', time() - self::KEPT_DAYS * 86400)) {
                @unlink($old);
            }
        }
        $file = "$folder/daily-" . gmdate('Y-m-d') . '.sqlite';
        if (is_file($file)) {
            return false;
        }
        self::make($database, $file);

        return true;
    }

    /** @param list<string>|null $known null: of whatever version */
    private static function check(string $file, ?array $known): void
    {
        try {
            $copy = new SQLite3($file, SQLITE3_OPEN_READONLY);
            $copy->enableExceptions(true);
            $copy->querySingle('PRAGMA integrity_check') === 'ok' || throw new RuntimeException("$file is damaged.");
            $wrong = $copy->querySingle('PRAGMA foreign_key_check');
            $wrong === null || $wrong === false || throw new RuntimeException("$file is damaged: records in it speak of others that are not there.");
            foreach (self::TABLES as $table) {
                $copy->querySingle("SELECT name FROM sqlite_master WHERE type = 'table' AND name = '$table'") === $table || throw new RuntimeException("$file is no database of Undro.");
            }
            $rows = $copy->query('SELECT migration FROM migrations');
            while ($known !== null && $rows !== false && ($row = $rows->fetchArray(SQLITE3_NUM)) !== false) {
                in_array($row[0], $known, true) || throw new RuntimeException("$file was written by a newer version of Undro.");
            }
            $copy->close();
        } catch (RuntimeException $fault) {
            throw $fault;
        } catch (\Exception $fault) {
            throw new RuntimeException("$file cannot be read as a database: {$fault->getMessage()}.");
        }
    }

    private static function copy(string $from, string $to): void
    {
        $source = new SQLite3($from, SQLITE3_OPEN_READONLY);
        $target = new SQLite3($to, SQLITE3_OPEN_READWRITE | SQLITE3_OPEN_CREATE);
        try {
            $source->busyTimeout(self::BUSY_MS);
            $target->busyTimeout(self::BUSY_MS);
            @$source->backup($target) || throw new RuntimeException("$to could not be written: {$target->lastErrorMsg()}.");
        } finally {
            $source->close();
            $target->close();
        }
    }
}
