<?php

declare(strict_types=1);

namespace App\Exchange;

use Closure;
use RuntimeException;
use SQLite3;

/** Copies of the database, made and put back page by page by SQLite itself, so that both hold while the server runs. */
final class Backup
{
    private const BUSY_MS = 10_000;
    private const BEFORE_UPGRADE = 'before-upgrade-';
    /** Of the copies made every day, and of the databases that a restore put aside, so many are kept. */
    public const KEPT_DAILY = 14;
    public const KEPT_ASIDE = 5;

    /** @throws RuntimeException if it could not be written whole, or there is a file of that name */
    public static function make(string $database, string $file): void
    {
        !file_exists($file) || throw self::isThere($file);
        is_dir(dirname($file)) || @mkdir(dirname($file), 0o700, true) || is_dir(dirname($file))
            || throw new RuntimeException('the folder ' . dirname($file) . ' cannot be made.');
        self::scratch($file, static function (string $part) use ($database, $file): void {
            self::copy($database, $part);
            // one file that stands by itself, without a journal beside it
            self::open($part)->exec('PRAGMA journal_mode = DELETE');
            self::checkPages($part);
            // of two that are made to one name at once, the first stays
            @link($part, $file) || throw (file_exists($file) ? self::isThere($file) : new RuntimeException("$file could not be written."));
        });
    }

    /**
     * Checks a copy, brings it up to this version beside the database, and only then puts it in its place; the one there was is kept.
     *
     * @param list<string>                 $known   migrations this version has
     * @param Closure(string): void        $migrate brings the database in a file up to this version
     * @param string                       $likeNew an empty database of this version, to hold the copy's schema against
     * @param Closure(list<string>): string $likeOld an empty database after these migrations alone: what the copy is to be like before it is touched
     *
     * @return string where the database there was is kept
     *
     * @throws RuntimeException and nothing is touched, if the copy is damaged, of a newer version, or no database of Undro
     */
    public static function restore(string $file, string $database, array $known, Closure $migrate, string $likeNew, Closure $likeOld): string
    {
        is_file($file) || throw new RuntimeException("there is no file $file.");
        $aside = dirname($database) . '/undro-before-' . gmdate('Ymd-His') . '-' . bin2hex(random_bytes(2)) . '.sqlite';
        self::scratch($database, static function (string $part) use ($file, $database, $known, $migrate, $likeNew, $likeOld, $aside): void {
            self::looked($file, static function () use ($file, $part, $known, $likeOld): void {
                self::checkPages($file);
                self::checkAdds($file, $likeOld(self::checkVersion($file, $known)));
                self::copy($file, $part);
            });
            self::looked($file, static function () use ($file, $part, $migrate, $likeNew): void {
                $migrate($part);
                self::checkSchema($file, $part, $likeNew);
                self::checkPages($part);
            });
            if (is_file($database)) {
                self::pagesLike($part, $database);
                self::copy($database, $aside);
            }
            self::copy($part, $database);
        });
        self::keepNewest(glob(dirname($database) . '/undro-before-*.sqlite') ?: [], self::KEPT_ASIDE, $aside);

        return $aside;
    }

    /** One copy a day; of these the newest fourteen are kept, however the clock has jumped. @return bool whether one was made */
    public static function daily(string $database, string $folder): bool
    {
        $file = "$folder/daily-" . gmdate('Y-m-d') . '.sqlite';
        if (is_file($file)) {
            return false;
        }
        self::make($database, $file);
        // only now that the new one is sound
        self::keepNewest(
            array_values(
                array_filter(
                    glob("$folder/daily-*.sqlite") ?: [],
                    static fn(string $copy): bool => preg_match('/daily-\d{4}-\d{2}-\d{2}\.sqlite$/', $copy) === 1,
                ),
            ),
            self::KEPT_DAILY,
            $file,
        );

        return true;
    }

    /** A copy of what there is before it is brought up to another version. Kept until the next of the kind. @throws RuntimeException */
    public static function beforeUpgrade(string $database): void
    {
        $folder = dirname($database) . '/backups';
        $file = "$folder/" . self::BEFORE_UPGRADE . gmdate('Y-m-d-His') . '.sqlite';
        is_file($file) || self::make($database, $file);
        array_map(unlink(...), array_diff(glob("$folder/" . self::BEFORE_UPGRADE . '*.sqlite') ?: [], [$file]));
    }

    /**
     * The copies there are of a database, the newest first.
     *
     * @return list<array{file: string, made: int, why: string}> when as a Unix time
     */
    public static function of(string $database): array
    {
        $copies = [];
        foreach ([
            'of that day' => '/backups/daily-*.sqlite',
            'before an upgrade' => '/backups/' . self::BEFORE_UPGRADE . '*.sqlite',
            'before a copy was put back' => '/undro-before-*.sqlite',
        ] as $why => $named) {
            foreach (glob(dirname($database) . $named) ?: [] as $file) {
                $copies[] = ['file' => $file, 'made' => (int) filemtime($file), 'why' => $why];
            }
        }
        usort($copies, static fn(array $a, array $b): int => [$b['made'], $b['file']] <=> [$a['made'], $a['file']]);

        return $copies;
    }

    /** @param list<string> $files whose names sort by their dates */
    private static function keepNewest(array $files, int $most, string $newest): void
    {
        // what is dated after the one that was made just now is from a clock that was ahead: it is older than it says
        usort($files, static fn(string $a, string $b): int => [$b <= $newest, $b] <=> [$a <= $newest, $a]);
        array_map(static fn(string $old): bool => @unlink($old), array_slice($files, $most));
    }

    /** @param Closure(string): void $work with the name of a file beside another one, which is gone afterwards */
    private static function scratch(string $beside, Closure $work): void
    {
        $part = "$beside.part-" . bin2hex(random_bytes(4));
        try {
            $work($part);
        } finally {
            array_map(static fn(string $left): bool => @unlink($part . $left), ['', '-wal', '-shm', '-journal']);
        }
    }

    private static function looked(string $file, Closure $look): void
    {
        try {
            $look();
        } catch (RuntimeException $fault) {
            throw $fault;
        } catch (\Throwable $fault) {
            throw new RuntimeException("$file cannot be read as a database of Undro: {$fault->getMessage()}.");
        }
    }

    private static function checkPages(string $file): void
    {
        $copy = self::open($file, SQLITE3_OPEN_READONLY);
        $copy->querySingle('PRAGMA integrity_check') === 'ok' || throw new RuntimeException("$file is damaged.");
        $wrong = $copy->querySingle('PRAGMA foreign_key_check');
        $wrong === null || $wrong === false
            || throw new RuntimeException("$file is damaged: records in it speak of others that are not there.");
    }

    /**
     * Refuses a copy with a trigger, view, table or index of its own. A trigger would run as soon as something is written to the copy.
     *
     * @param string $like an empty database of the copy's own version
     */
    private static function checkAdds(string $file, string $like): void
    {
        [$is, $wanted] = [self::schema($file), self::schema($like)];
        foreach ($is as $what => $as) {
            str_contains($what, ', column ') || isset($wanted[$what]) || throw new RuntimeException("$file is no sound copy: it has a $what, which Undro does not make.");
            preg_match('/^(trigger|view) /', $what) !== 1 || $wanted[$what] === $as
                || throw new RuntimeException("$file is damaged: its $what is not as Undro makes it.");
        }
    }

    /**
     * @param list<string> $known
     *
     * @return list<string> the migrations it has seen
     */
    private static function checkVersion(string $file, array $known): array
    {
        $copy = self::open($file, SQLITE3_OPEN_READONLY);
        foreach (['migrations', 'accounts', 'events'] as $table) {
            $copy->querySingle("SELECT name FROM sqlite_master WHERE type = 'table' AND name = '$table'") === $table
                || throw new RuntimeException("$file is no database of Undro.");
        }
        $rows = $copy->query('SELECT migration FROM migrations');
        $done = [];
        while ($rows !== false && ($row = $rows->fetchArray(SQLITE3_NUM)) !== false) {
            in_array($row[0], $known, true) || throw new RuntimeException("$file was written by a newer version of Undro.");
            $done[] = $row[0];
        }
        sort($done);
        // a migration that is missing before others that are there was never undone by Undro
        $done === array_slice($known, 0, count($done)) || throw new RuntimeException("$file is damaged: its list of versions has gaps.");
        ((int) $copy->querySingle('SELECT count(*) FROM accounts')) > 0
            || throw new RuntimeException("$file holds nobody's data: it has no account.");

        return $done;
    }

    /** Tables, columns, indices and triggers of a copy are those of an empty database of this version. */
    private static function checkSchema(string $file, string $part, string $likeNew): void
    {
        [$is, $wanted] = [self::schema($part), self::schema($likeNew)];
        foreach ($wanted as $what => $as) {
            isset($is[$what]) || throw new RuntimeException("$file is damaged: it has no $what.");
            $is[$what] === $as || throw new RuntimeException("$file is damaged: its $what is not as Undro makes it.");
        }
        foreach (array_diff_key($is, $wanted) as $what => $as) {
            throw new RuntimeException("$file is no sound copy: it has a $what, which Undro does not make.");
        }
    }

    /** @return array<string, string> */
    private static function schema(string $file): array
    {
        $database = self::open($file, SQLITE3_OPEN_READONLY);
        $schema = [];
        $rows = $database->query("SELECT type, name, tbl_name, sql FROM sqlite_master WHERE name NOT LIKE 'sqlite_%'");
        while ($rows !== false && ($row = $rows->fetchArray(SQLITE3_ASSOC)) !== false) {
            /** @var array{type: string, name: string, sql: string|null} $row */
            $of = "{$row['type']} {$row['name']}";
            if ($row['type'] !== 'table') {
                $schema[$of] = (string) preg_replace('/\s+/', ' ', (string) $row['sql']);
                continue;
            }
            $schema[$of] = 'table';
            $columns = $database->query("PRAGMA table_info('" . SQLite3::escapeString($row['name']) . "')");
            while ($columns !== false && ($column = $columns->fetchArray(SQLITE3_ASSOC)) !== false) {
                /** @var array{name: string, type: string, notnull: int, dflt_value: string|null, pk: int} $column */
                $schema["$of, column {$column['name']}"] = strtolower(
                    "{$column['type']} {$column['notnull']} {$column['dflt_value']} {$column['pk']}",
                );
            }
        }

        return $schema;
    }

    /** A database that is in use takes pages of its own size only. */
    private static function pagesLike(string $part, string $database): void
    {
        $size = static fn(SQLite3 $of): int => is_int($pages = $of->querySingle('PRAGMA page_size')) ? $pages : 0;
        $wanted = $size(self::open($database, SQLITE3_OPEN_READONLY));
        $copy = self::open($part);
        if ($size($copy) !== $wanted) {
            $copy->exec('PRAGMA journal_mode = DELETE');
            $copy->exec("PRAGMA page_size = $wanted");
            $copy->exec('VACUUM');
        }
    }

    private static function copy(string $from, string $to): void
    {
        $source = self::open($from, SQLITE3_OPEN_READONLY);
        $target = self::open($to, SQLITE3_OPEN_READWRITE | SQLITE3_OPEN_CREATE);
        try {
            $source->backup($target);
        } catch (\Exception $fault) {
            throw new RuntimeException("$to could not be written whole. Is there room for it? ({$fault->getMessage()})");
        } finally {
            $source->close();
            $target->close();
        }
        @chmod($to, 0o600);
    }

    private static function open(string $file, int $how = SQLITE3_OPEN_READWRITE): SQLite3
    {
        $database = new SQLite3($file, $how);
        $database->enableExceptions(true);
        $database->busyTimeout(self::BUSY_MS);

        return $database;
    }

    private static function isThere(string $file): RuntimeException
    {
        return new RuntimeException("$file is there already; give another name.");
    }
}
