<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Ready;
use App\Console\WarmUp;
use App\Households\Entry;
use App\Households\Household;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Artisan;
use RuntimeException;

/** Makes ready what is served: the people's database, and each household's. One that cannot be used keeps no other from being served. */
final class Households extends Command
{
    protected $signature = 'undro:households';
    protected $description = 'Check and migrate the database of the people and of every household';

    public function handle(): int
    {
        self::people();
        $bad = 0;
        foreach (Household::query()->orderBy('id')->get() as $household) {
            try {
                // a folder that is gone is not made again empty: somebody should look
                is_file($household->database()) || throw new RuntimeException("there is no database {$household->database()}.");
                Entry::into($household);
                Ready::database(static fn() => null);
            } catch (RuntimeException $fault) {
                ++$bad;
                fwrite(STDERR, "undro: “{$household->name}”: {$fault->getMessage()}\n");
            }
        }
        $bad === 0 || fwrite(STDERR, "undro: the others are served.\n");
        WarmUp::forAServer();

        return self::SUCCESS;
    }

    /** The database beside the households'. */
    public static function people(): void
    {
        $file = config()->string('database.connections.people.database');
        $file === ':memory:' || is_file($file) || touch($file);
        Artisan::call(
            'migrate',
            ['--force' => true, '--database' => 'people', '--path' => database_path('people'), '--realpath' => true],
        );
    }
}
