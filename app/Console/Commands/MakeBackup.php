<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Exchange\Backup;
use Illuminate\Console\Command;
use RuntimeException;

/** A copy of the database, whole, while the server runs. */
final class MakeBackup extends Command
{
    protected $signature = 'undro:backup {file? : where it goes}';
    protected $description = 'Copy the database';

    public function handle(): int
    {
        $database = config()->string('database.connections.sqlite.database');
        $folder = dirname($database) . '/backups';
        try {
            $file = $this->argument('file');
            $file = is_string($file) && $file !== ''
                ? $file
                : "$folder/undro-" . gmdate('Ymd-His') . '-' . bin2hex(random_bytes(2)) . '.sqlite';
            Backup::make($database, $file);
            $this->line("The database was copied to $file");

            return self::SUCCESS;
        } catch (RuntimeException $fault) {
            $this->output->writeln("undro: no copy was made: {$fault->getMessage()}");

            return self::FAILURE;
        }
    }
}
