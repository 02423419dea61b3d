<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use App\Exchange\Document;
use App\Exchange\RunRecords;
use App\Ledger\EventLog;
use App\Models\Account;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** Every table of the database as plain facts that are the same on every machine, to hold a document against that was read in elsewhere. */
final class Facts
{
    /** What a document does not carry: what can be worked out again, and what lets a device or a calendar in here. */
    private const NOT_CARRIED = [
        'migrations',
        'accounts',
        'cache',
        'ledger_caches',
        'answers',
        'spool_states',
        'paired_devices',
        'pairing_codes',
        'calendar_keys',
        'past_imports',
    ];
    private const NOT_COMPARED = ['id', 'account_id', 'created_at', 'updated_at', 'version'];
    /** What a column's number names. */
    private const NAMES = [
        'angler_id' => 'anglers',
        'reel_id' => 'reels',
        'spool_id' => 'spools',
        'line_product_id' => 'line_products',
        'run_id' => 'runs',
        'event_id' => 'events',
    ];

    /** @return array<string, list<string>> rows as JSON, by table */
    public static function all(): array
    {
        $keys = [];
        foreach (['anglers', 'reels', 'spools', 'line_products', 'fillers'] as $table) {
            $keys[$table] = DB::table($table)->pluck('key', 'id')->all();
        }
        foreach (['runs', 'events'] as $table) {
            $keys[$table] = DB::table($table)->pluck('uuid', 'id')->all();
        }
        $facts = [];
        foreach (DB::table('sqlite_master')->where('type', 'table')->where(
            'name',
            'not like',
            'sqlite_%',
        )->orderBy('name')->pluck('name') as $table) {
            if (in_array($table, self::NOT_CARRIED, true)) {
                continue;
            }
            $rows = DB::table($table)->get()->map(static fn(object $row): string => self::row((string) $table, (array) $row, $keys))->all();
            // whose order is not that of entry: a record's parts come with the record
            sort($rows);
            $facts[(string) $table] = $rows;
        }

        return $facts;
    }

    /**
     * Reads a document into a new database and says what is there then.
     *
     * @param \Closure(string): list<array<string, mixed>> $import takes the text, answers the rows
     *
     * @return array{list<array<string, mixed>>, array<string, list<string>>}
     */
    public static function elsewhere(string $document, \Closure $import): array
    {
        $own = DB::getDefaultConnection();
        config(['database.connections.elsewhere' => ['database' => ':memory:'] + (array) config("database.connections.$own")]);
        try {
            DB::setDefaultConnection('elsewhere');
            app()->forgetInstance(Account::class);
            app()->forgetScopedInstances();
            Artisan::call('migrate', ['--force' => true]);

            return [$import($document), self::all()];
        } finally {
            DB::setDefaultConnection($own);
            DB::purge('elsewhere');
            app()->forgetInstance(Account::class);
            app()->forgetScopedInstances();
            app(EventLog::class)->forget();
        }
    }

    /**
     * @param array<array-key, mixed>               $row
     * @param array<string, array<array-key, mixed>> $keys
     */
    private static function row(string $table, array $row, array $keys): string
    {
        foreach (self::NAMES as $column => $names) {
            if (isset($row[$column])) {
                $row[$column] = $keys[$names][$row[$column]] ?? "no $names";
            }
        }
        foreach (['from', 'to'] as $side) {
            if (isset($row["{$side}_kind"])) {
                $row["{$side}_id"] = match ($row["{$side}_kind"]) {
                    'filler' => $keys['fillers'][$row["{$side}_id"]] ?? 'no filler',
                    'spool' => $keys['spools'][$row["{$side}_id"]] ?? 'no spool',
                    default => $row["{$side}_id"],
                };
            }
        }
        if ($table === 'plans') {
            $draft = (array) json_decode((string) $row['draft'], true);
            foreach (Document::DRAFT_RECORDS as $field => $model) {
                $draft[$field] = ($draft[$field] ?? '') === '' ? null : $model::query()->whereKey((int) $draft[$field])->value('key');
            }
            $row['draft'] = array_filter($draft, static fn(mixed $value): bool => $value !== null && $value !== '');
        }
        $row = $table === 'runs' ? ['basis' => RunRecords::keys((array) json_decode((string) $row['basis'], true))] + $row : $row;
        $row = $table === 'run_marks' ? ['mark' => RunRecords::keysOfMark((array) json_decode((string) $row['mark'], true))] + $row : $row;
        $row = isset($row['archived_at']) ? ['archived_at' => 'archived'] + $row : $row;
        $row = array_diff_key($row, array_flip(self::NOT_COMPARED));
        self::sorted($row);

        return json_encode($row, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE);
    }

    /** @param array<array-key, mixed> $row */
    private static function sorted(array &$row): void
    {
        array_is_list($row) || ksort($row);
        foreach ($row as &$value) {
            is_array($value) && self::sorted($value);
        }
    }
}
