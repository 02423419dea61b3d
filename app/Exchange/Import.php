<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Database\ImmediateConnection;
use App\Database\Scratch;
use App\Exchange\Mappers\HistoryMapper;
use App\Exchange\Mappers\Mapper;
use App\Exchange\Mappers\Mappers;
use App\Exchange\Mappers\Taking;
use App\Ledger\EventLog;
use App\Models\Account;
use Illuminate\Support\Facades\DB;
use PDOException;
use Undro\DomainFault;

/**
 * Reads a document or a table in, row by row: each is new, changed, the same as here, or bad with the reason. A look takes everything
 * into a copy that is thrown away, so that the two cannot disagree and nobody waits for it; a taking lets others write in between.
 *
 * @phpstan-type Row array{kind: string, row: int, name: string, state: string, problem: string|null}
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

    /** @var list<Row> */
    private array $rows = [];
    /** @var array<string, Mapper> */
    private readonly array $mappers;

    public function __construct(private readonly EventLog $log, private readonly RowShape $shape)
    {
        $this->mappers = Mappers::all();
    }

    /**
     * @return array{rows: list<Row>, taken: bool, back: string|null} with the document that takes it back
     *
     * @throws BadRow if the whole text is neither table nor document
     */
    public function run(string $text, ?Table $table, bool $take): array
    {
        $this->rows = [];
        Account::current();
        [$records, $history] = $table === null ? Document::read($text) : [self::table($table, $text), []];
        try {
            $back = $take ? $this->take($records, $history) : Scratch::during(fn(): InverseDocument => $this->take($records, $history));
        } finally {
            $this->log->forget();
        }

        return [
            'rows' => $this->rows,
            'taken' => $take,
            'back' => $take ? json_encode($back->document(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES) : null,
        ];
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
        [$kept, $of] = [0, count($records)];
        while ($records !== []) {
            $until = microtime(true) + (Scratch::runs() ? INF : self::PART_S);
            $part = function () use (&$records, $finds, $taking, $until): void {
                // others may have written since the last part
                $finds->forget();
                while ($records !== [] && microtime(true) < $until) {
                    $next = array_splice($records, 0, self::AT_ONCE);
                    $finds->expect($next);
                    foreach ($next as [$kind, $number, $row]) {
                        $this->attempt($kind, $number, $row, $taking);
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
     * @param array<array-key, mixed> $row
     */
    private function attempt(string $kind, int $number, array $row, Taking $taking): void
    {
        $name = is_string($row['name'] ?? null) && $row['name'] !== ''
            ? $row['name']
            : (is_string($row['line'] ?? null) ? $row['line'] : '');
        $problem = null;
        try {
            $this->shape->check($kind, $row);
            $mapper = $this->mappers[$kind];
            $state = $taking->back->during(
                static fn(): string => self::connection()->attempt(static fn(): string => $mapper->take($row, $taking)),
            );
        } catch (DomainFault $fault) {
            $this->log->forget();
            $state = 'bad';
            $problem = $fault->getMessage();
        }
        $this->rows[] = ['kind' => $kind, 'row' => $number, 'name' => mb_substr($name, 0, 80), 'state' => $state, 'problem' => $problem];
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
        try {
            foreach ($events as $index => $event) {
                self::entry($index, fn() => $this->shape->check('event', $event));
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
        } catch (DomainFault $fault) {
            $this->log->forget();
            $state = 'bad';
            $problem = $fault->getMessage();
        }
        $this->rows[] = ['kind' => 'history', 'row' => 1, 'name' => count($events) . ' entries', 'state' => $state, 'problem' => $problem];
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
