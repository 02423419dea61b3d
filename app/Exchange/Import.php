<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Database\ImmediateConnection;
use App\Database\Scratch;
use App\Exchange\Mappers\HistoryMapper;
use App\Exchange\Mappers\Mapper;
use App\Exchange\Mappers\Mappers;
use App\Exchange\Mappers\RecordMapper;
use App\Exchange\Mappers\Taking;
use App\Ledger\EventLog;
use App\Models\Account;
use App\Models\PastImport;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PDOException;
use Undro\DomainFault;
use Undro\Line\Material;

/**
 * Reads a document or a table in, row by row: each is new, changed, the same as here, or bad with the reason. A look takes everything
 * into a copy that is thrown away, so that the two cannot disagree and nobody waits for it; a taking lets others write in between.
 *
 * @phpstan-type Row array{kind: string, row: int, name: string, state: string, problem: string|null, changes: list<array{field: string,
 *     from: string, to: string}>, unknown: list<string>}
 */
final class Import
{
    /**
     * Others wait for the write lock no longer than about this, s; then it is free for longer than anybody sleeps before they try again.
     */
    private const PART_S = 0.3;
    private const PAUSE_US = 120_000;
    /** Rows whose records are read together. */
    private const AT_ONCE = 100;
    /** Unknown fields that are named of a row. */
    private const NAMED = 8;
    private const MATERIALS = ['material', 'stamp_material'];
    private const CHOICES = ['kind', 'lip', 'lay'];

    /** @var list<Row> */
    private array $rows = [];
    /** @var array<string, Mapper> */
    private readonly array $mappers;

    public function __construct(private readonly EventLog $log, private readonly RowShape $shape)
    {
        $this->mappers = Mappers::all();
    }

    /**
     * @return array{rows: list<Row>, taken: bool, id: string|null} with what it can be taken back by
     *
     * @throws BadRow if the whole text is neither table nor document
     */
    public function run(string $text, ?Table $table, bool $take): array
    {
        $this->rows = [];
        Account::current();
        [$records, $history, $unknown] = $table === null ? Document::read($text) : [self::table($table, $text), [], []];
        foreach ($unknown as $part) {
            $problem = BadRow::unknownPart($part, Document::parts())->getMessage();
            $this->rows[] = self::row('document', 0, mb_substr($part, 0, 80), 'bad', $problem);
        }
        try {
            $back = $take ? $this->take($records, $history) : Scratch::during(fn(): InverseDocument => $this->take($records, $history));
        } finally {
            $this->log->forget();
        }

        $news = $take ? $this->news() : '';
        $id = $news === '' ? null : (string) Str::uuid();
        $id === null || PastImport::keep($id, $news, $back->document());

        return ['rows' => $this->rows, 'taken' => $take, 'id' => $id];
    }

    /** What has come of it, in words; empty: nothing is news. */
    private function news(): string
    {
        $many = [];
        foreach ($this->rows as $row) {
            if ($row['state'] === 'new' || $row['state'] === 'changed') {
                $what = $row['kind'] === 'history' ? "history ({$row['name']})" : $row['kind'];
                $many[$what][$row['state']] = ($many[$what][$row['state']] ?? 0) + 1;
            }
        }
        $words = array_map(
            static fn(string $what, array $of): string => str_starts_with($what, 'history') ? $what : implode(' and ', array_filter([
                isset($of['new']) ? "{$of['new']} new" : '',
                isset($of['changed']) ? "{$of['changed']} changed" : '',
            ])) . " $what",
            array_keys($many),
            $many,
        );

        return implode(', ', $words);
    }

    /**
     * @param list<array{field: string, from: string, to: string}> $changes
     * @param list<string>                                         $unknown
     *
     * @return Row
     */
    private static function row(
        string $kind,
        int $row,
        string $name,
        string $state,
        ?string $problem = null,
        array $changes = [],
        array $unknown = [],
    ): array {
        return ['kind' => $kind, 'row' => $row, 'name' => $name, 'state' => $state, 'problem' => $problem, 'changes' => $changes]
            + ['unknown' => array_slice($unknown, 0, self::NAMED)];
    }

    /**
     * Keys that stand in more than one row, by kind.
     *
     * @param list<array{string, int, array<array-key, mixed>}> $records
     *
     * @return array<string, array<array-key, list<int>>> rows by key
     */
    private static function twice(array $records): array
    {
        $rows = [];
        foreach ($records as [$kind, $number, $row]) {
            $key = $row['key'] ?? $row['id'] ?? '';
            if (is_string($key) && $key !== '') {
                $rows[$kind][$key][] = $number;
            }
        }

        return array_map(
            static fn(array $keys): array => array_filter($keys, static fn(array $numbers): bool => count($numbers) > 1),
            $rows,
        );
    }

    /**
     * @param list<array{string, int, array<array-key, mixed>}> $records kind, number and row
     * @param list<array<array-key, mixed>>                     $history
     */
    private function take(array $records, array $history): InverseDocument
    {
        $this->log->forget();
        $finds = new Records();
        $taking = new Taking($finds, $this->log);
        $twice = self::twice($records);
        [$kept, $of] = [0, count($records)];
        while ($records !== []) {
            $until = microtime(true) + (Scratch::runs() ? INF : self::PART_S);
            $part = function () use (&$records, $finds, $taking, $until, $twice): void {
                // others may have written since the last part
                $finds->forget();
                while ($records !== [] && microtime(true) < $until) {
                    $next = array_splice($records, 0, self::AT_ONCE);
                    $finds->expect($next);
                    foreach ($next as [$kind, $number, $row]) {
                        $this->attempt($kind, $number, $row, $taking, $twice[$kind] ?? []);
                    }
                }
            };
            self::orSayHowFar($kept, $of, static function () use ($part): void {
                DB::transaction($part);
            });
            $kept = $of - count($records);
            $this->log->forget();
            // a copy is nobody else's, nor is what lies in memory
            $kept === $of || DB::transactionLevel() > 0 || Scratch::runs() || usleep(self::PAUSE_US);
        }
        if ($history !== []) {
            self::orSayHowFar($kept, $of, function () use ($history, $finds, $taking): void {
                $this->history($history, $finds, $taking->back);
            });
        }

        return $taking->back;
    }

    /**
     * @param \Closure(): void $work
     *
     * @throws StoppedHalfway if it cannot be written, and parts before it were
     */
    private static function orSayHowFar(int $kept, int $of, \Closure $work): void
    {
        try {
            $work();
        } catch (PDOException $fault) {
            throw $kept > 0 && DB::transactionLevel() === 0 && !Scratch::runs() ? new StoppedHalfway($kept, $of, $fault) : $fault;
        }
    }

    private static function connection(): ImmediateConnection
    {
        $connection = DB::connection();

        return $connection instanceof ImmediateConnection ? $connection : throw new \LogicException('Undro keeps its data in SQLite.');
    }

    /** @return list<array{string, int, array<array-key, mixed>}> */
    private static function table(Table $table, string $text): array
    {
        $records = [];
        foreach ($table->read($text) as $index => $row) {
            // the first row of a file holds the names of its columns
            $records[] = [$table->value, $index + 2, $row];
        }

        return $records;
    }

    /**
     * One row in a transaction of its own: a bad one leaves nothing behind.
     *
     * @param array<array-key, mixed>     $row
     * @param array<array-key, list<int>> $twice rows by keys that stand in several
     */
    private function attempt(string $kind, int $number, array $row, Taking $taking, array $twice): void
    {
        $row = self::inOurWords($row);
        $mapper = $this->mappers[$kind];
        $name = $mapper instanceof RecordMapper ? $mapper->called($row, $taking->records) : $row['name'] ?? '';
        $name = is_string($name) ? mb_substr($name, 0, 80) : '';
        $taking->differences->all = [];
        $problem = null;
        try {
            $key = $row['key'] ?? $row['id'] ?? '';
            is_string($key) && isset($twice[$key]) ? throw BadRow::twice($key, $twice[$key]) : null;
            $this->shape->check($kind, $row);
            $state = $taking->back->during(
                static fn(): string => self::connection()->attempt(static fn(): string => $mapper->take($row, $taking)),
            );
        } catch (DomainFault $fault) {
            $this->log->forget();
            $state = 'bad';
            $problem = $fault->getMessage();
        }
        $changes = $state === 'changed' ? $taking->differences->all : [];
        $this->rows[] = self::row($kind, $number, $name, $state, $problem, $changes, $this->shape->unknown($kind, $row));
    }

    /**
     * A row with what it is made of and chooses said as Undro says it: nylon is mono, and capitals are no other word.
     *
     * @param array<array-key, mixed> $row
     *
     * @return array<array-key, mixed>
     */
    private static function inOurWords(array $row): array
    {
        foreach (self::MATERIALS as $field) {
            $row = is_string($row[$field] ?? null) ? [$field => Material::called($row[$field])->value ?? $row[$field]] + $row : $row;
        }
        foreach (self::CHOICES as $field) {
            $row = is_string($row[$field] ?? null) ? [$field => mb_strtolower(trim($row[$field]))] + $row : $row;
        }

        return $row;
    }

    /**
     * All events that are not here yet, or none: each rests on those before it.
     *
     * @param list<array<array-key, mixed>> $events
     */
    private function history(array $events, Records $records, InverseDocument $back): void
    {
        $state = 'same';
        $problem = null;
        $many = 0;
        $unknown = [];
        try {
            $seen = [];
            foreach ($events as $index => $event) {
                self::entry($index, fn() => $this->shape->check('event', $event));
                self::entry($index, static function () use ($event, $index, &$seen): void {
                    $id = is_string($event['id'] ?? null) ? $event['id'] : '';
                    isset($seen[$id]) ? throw BadRow::twice($id, [$seen[$id], $index + 1]) : $seen[$id] = $index + 1;
                });
                count($unknown) >= self::NAMED || array_push($unknown, ...array_diff($this->shape->unknown('event', $event), $unknown));
            }
            $new = DB::transaction(function () use ($events, $records): array {
                $history = new HistoryMapper();
                $new = [];
                foreach ($events as $index => $event) {
                    $id = self::entry($index, static fn(): ?string => $history->take($event, $records));
                    $id === null || $new[] = $id;
                }
                $this->log->forget();
                $new === [] || $this->log->readAgain();

                return $new;
            });
            array_map($back->recorded(...), $new);
            $state = $new === [] ? 'same' : 'new';
            $many = count($new);
        } catch (DomainFault $fault) {
            $this->log->forget();
            $state = 'bad';
            $problem = $fault->getMessage();
        }
        $of = count($events) . (count($events) === 1 ? ' entry' : ' entries');
        $name = $many > 0 && $many < count($events) ? "$many new of $of" : $of;
        $this->rows[] = self::row('history', 1, $name, $state, $problem, unknown: $unknown);
    }

    /**
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return T
     */
    private static function entry(int $index, \Closure $work): mixed
    {
        try {
            return $work();
        } catch (DomainFault $fault) {
            throw BadRow::shape(
                '',
                sprintf('entry %d of the history: %s None of the history was taken', $index + 1, lcfirst($fault->getMessage())),
            );
        }
    }
}
