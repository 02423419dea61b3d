<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Ready;
use App\Console\WarmUp;
use Database\Seeders\DemoSeeder;
use Database\Seeders\LargeSeeder;
use Illuminate\Console\Command;
use RuntimeException;

/** Makes the database ready for this version: checked, migrated, and with the demo the first time. */
final class Prepare extends Command
{
    protected $signature = 'undro:prepare {data=demo : demo, empty, or large for measuring, in a new database}';
    protected $description = 'Check, migrate and, the first time, fill the database';

    public function handle(): int
    {
        try {
            Ready::database(function (): void {
                if ($this->argument('data') === 'demo') {
                    $this->callSilently('db:seed', ['--class' => DemoSeeder::class, '--force' => true]);
                    $this->line('The demo was loaded: two friends and a child on an invented cold coast.');
                }
                if ($this->argument('data') === 'large') {
                    $this->callSilently('db:seed', ['--class' => LargeSeeder::class, '--force' => true]);
                }
            });
        } catch (RuntimeException $fault) {
            fwrite(STDERR, "undro: {$fault->getMessage()}\n");

            return self::FAILURE;
        }
        $clock = Ready::wrongClock();
        $clock === null || $this->line($clock);
        WarmUp::forAServer();

        return self::SUCCESS;
    }
}
