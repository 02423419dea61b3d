<?php

declare(strict_types=1);

namespace App\Console\Commands;

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

    protected $signature = 'undro:restore {file : a copy that was made before}';
    protected $description = 'Put a copy in the place of the database';

    public function handle(): int
    {
        $known = array_map(static fn(string $path): string => basename($path, '.php'), glob(database_path('migrations/*.php')) ?: []);
        sort($known);
        $file = $this->argument('file');
        $database = config()->string('database.connections.sqlite.database');
        $new = "$database.new-" . bin2hex(random_bytes(4));
        try {
            DB::disconnect();
            $this->migrate($new);
            $aside = Backup::restore($file, $database, $known, function (string $part): void {
                $this->migrate($part);
                $this->read($part);
            }, $new);
        } catch (RuntimeException $fault) {
            $this->output->writeln("undro: nothing was changed: {$fault->getMessage()}");

            return self::FAILURE;
        } finally {
            array_map(static fn(string $part): bool => @unlink($new . $part), ['', '-wal', '-shm', '-journal']);
        }
        $this->line("The copy is in place. The database there was is kept as $aside");

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

    /** Brings the database in a file up to this version, or makes an empty one. */
    private function migrate(string $file): void
    {
        is_file($file) || touch($file);
        self::beside($file);
        try {
            $this->callSilently('migrate', ['--force' => true, '--database' => self::BESIDE]);
        } finally {
            DB::purge(self::BESIDE);
        }
    }
}
