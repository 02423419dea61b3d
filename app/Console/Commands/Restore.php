<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Database\Version;
use App\Exchange\Backup;
use App\Ledger\EventLog;
use App\Models\Account;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Undro\DomainFault;

/** A copy put in the place of the database, once it has been found sound and brought up to this version. */
final class Restore extends Command
{
    private const BESIDE = 'restored';

    protected $signature = 'undro:restore {file? : a copy that was made before; without one, the copies there are are listed}';
    protected $description = 'Put a copy in the place of the database';

    public function handle(): int
    {
        $known = Version::migrations();
        $file = $this->argument('file');
        if (!is_string($file)) {
            return $this->list();
        }
        $database = config()->string('database.connections.sqlite.database');
        $new = "$database.new-" . bin2hex(random_bytes(4));
        $old = "$database.old-" . bin2hex(random_bytes(4));
        try {
            DB::disconnect();
            $this->migrate($new);
            $aside = Backup::restore($file, $database, $known, function (string $part): void {
                $this->migrate($part);
                $this->read($part);
            }, $new, function (array $done) use ($known, $new, $old): string {
                if ($done === $known) {
                    return $new;
                }
                $this->migrate($old, $done);

                return $old;
            });
        } catch (RuntimeException $fault) {
            $this->output->writeln("undro: nothing was changed: {$fault->getMessage()}");

            return self::FAILURE;
        } finally {
            array_map(static fn(string $part): bool => @unlink($part), array_merge(
                ...array_map(static fn(string $end): array => [$new . $end, $old . $end], ['', '-wal', '-shm', '-journal']),
            ));
        }
        $this->line("The copy was restored. The previous database is kept as $aside");

        return self::SUCCESS;
    }

    /** Reads the log of a database: one that cannot have happened is no sound copy. @throws RuntimeException */
    private function read(string $file): void
    {
        self::beside($file);
        $own = DB::getDefaultConnection();
        DB::setDefaultConnection(self::BESIDE);
        app()->forgetInstance(Account::class);
        app()->forgetScopedInstances();
        try {
            app()->make(EventLog::class)->readAgain();
        } catch (DomainFault $fault) {
            throw new RuntimeException("its log contradicts itself: {$fault->getMessage()}");
        } finally {
            app()->forgetInstance(Account::class);
            app()->forgetScopedInstances();
            DB::setDefaultConnection($own);
            DB::purge(self::BESIDE);
        }
    }

    /** A connection to a file beside the database. */
    private static function beside(string $file): void
    {
        config(
            [
                'database.connections.' . self::BESIDE => [
                    'database' => $file,
                    'journal_mode' => 'delete',
                ] + (array) config('database.connections.sqlite'),
            ],
        );
    }

    private function list(): int
    {
        $copies = Backup::of(config()->string('database.connections.sqlite.database'));
        $this->line($copies === [] ? 'There is no copy yet. Undro makes one every day it runs.' : 'Choose one of these:');
        foreach ($copies as $copy) {
            $this->line(sprintf('  %s  %s  (%s)', gmdate('Y-m-d H:i', $copy['made']), $copy['file'], $copy['why']));
        }

        return self::SUCCESS;
    }

    /**
     * Brings the database in a file up to this version, or makes an empty one.
     *
     * @param list<string>|null $only these migrations alone
     */
    private function migrate(string $file, ?array $only = null): void
    {
        is_file($file) || touch($file);
        self::beside($file);
        try {
            $paths = array_map(static fn(string $name): string => database_path("migrations/$name.php"), $only ?? []);
            $this->callSilently('migrate', ['--force' => true, '--database' => self::BESIDE] + ($only === null ? [] : ['--path' => $paths, '--realpath' => true]));
        } finally {
            DB::purge(self::BESIDE);
        }
    }
}
