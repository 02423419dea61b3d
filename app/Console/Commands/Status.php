<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Database\Quota;
use App\Exchange\Backup;
use App\Households\Household;
use App\Households\Person;
use Illuminate\Console\Command;

/** Prints whether the server answers, and what the person who runs it should look at. */
final class Status extends Command
{
    /** So many of the last errors are shown. */
    private const ERRORS = 3;
    private const WAIT_S = 5;

    protected $signature = 'undro:status';
    protected $description = 'Whether the server answers, and what to look at';

    public function handle(): int
    {
        $answers = $this->answers();
        $this->line($answers ? 'Up: it answers.' : 'Down: it does not answer.');
        $this->line('Version: ' . (getenv('UNDRO_VERSION') ?: 'not known'));
        $this->line('Address: ' . config()->string('undro.address'));
        $households = Household::query()->orderBy('id')->get();
        $sizes = [];
        foreach ($households as $each) {
            $sizes[$each->id] = is_file($each->database()) ? (int) filesize($each->database()) : 0;
        }
        $this->line(sprintf('Households: %d with %d people, %.1f MB', $households->count(), Person::query()->count(), array_sum($sizes) / 1e6));
        foreach ($sizes as $id => $size) {
            $size === 0 && $this->line("  $id: its database is missing");
            Quota::isNear($size / 1e6) && $this->line(sprintf('  %s: uses %.0f of %d MB', $id, $size / 1e6, (int) Quota::most()));
        }
        $folder = config()->string('undro.households');
        $this->line(sprintf('Room on the disk: %.1f GB of %.1f GB', disk_free_space($folder) / 1e9, disk_total_space($folder) / 1e9));
        $copies = array_map(static fn(Household $each): int => Backup::of($each->database())[0]['made'] ?? 0, $households->all());
        $this->line('Last copies: ' . ($copies === [] ? 'no household yet' : (min($copies) === 0 ? 'a household has none yet' : 'each household since ' . gmdate('Y-m-d H:i', min($copies)) . ' UTC')));
        $errors = self::errors(storage_path('logs'));
        $this->line($errors === [] ? 'Errors: none in the logs' : 'Last errors:');
        array_map(fn(string $error) => $this->line("  $error"), $errors);

        return $answers ? self::SUCCESS : self::FAILURE;
    }

    /** Asked as nginx is asked by caddy: a certificate is another matter. */
    private function answers(): bool
    {
        $to = @stream_socket_client('unix://' . dirname(storage_path()) . '/run/front.sock', $code, $why, self::WAIT_S);
        if ($to === false) {
            return false;
        }
        stream_set_timeout($to, self::WAIT_S);
        fwrite($to, sprintf("GET /up HTTP/1.0\r\nHost: %s\r\n\r\n", parse_url(config()->string('undro.address'), PHP_URL_HOST)));

        return str_contains((string) fgets($to), ' 200');
    }

    /** @return list<string> the last of them, with what they stand in */
    private static function errors(string $folder): array
    {
        $errors = [];
        foreach (glob("$folder/*.log") ?: [] as $log) {
            $end = (string) file_get_contents($log, offset: max(0, (int) filesize($log) - 100_000));
            foreach (explode("\n", $end) as $line) {
                if (preg_match('/\.(ERROR|CRITICAL|EMERGENCY): |\[(emerg|crit|error)\]|"level":"(error|fatal)"|\b(ALERT|ERROR): /', $line) === 1) {
                    $errors[] = basename($log) . ': ' . mb_substr(mb_scrub($line), 0, 200);
                }
            }
        }

        return array_slice($errors, -self::ERRORS);
    }
}
