<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Exchange\Backup;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/** A copy put in the place of the database, once it has been found sound. */
final class Restore extends Command
{
    protected $signature = 'undro:restore {file : a copy that was made before}';
    protected $description = 'Put a copy in the place of the database';

    public function handle(): int
    {
        $known = array_map(static fn(string $path): string => basename($path, '.php'), glob(database_path('migrations/*.php')) ?: []);
        $file = $this->argument('file');
        try {
            DB::disconnect();
            $aside = Backup::restore(is_string($file) ? $file : '', config()->string('database.connections.sqlite.database'), array_values($known));
        } catch (RuntimeException $fault) {
            $this->output->writeln("undro: nothing was changed: {$fault->getMessage()}");

            return self::FAILURE;
        }
        // a copy of an older version is brought up to this one
        $this->callSilently('migrate', ['--force' => true]);
        $this->line("The copy is in place. The database there was is kept as $aside");

        return self::SUCCESS;
    }
}
