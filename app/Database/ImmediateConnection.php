<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\SQLiteConnection;
use PDOException;
use PDOStatement;

/** Begins a transaction the same way on every PHP; the framework leaves its `transaction_mode` aside below 8.4. */
final class ImmediateConnection extends SQLiteConnection
{
    /** @var array<string, PDOStatement> by table and columns */
    private array $inserts = [];

    /**
     * Does something within a transaction that leaves nothing behind where it fails. Lighter than a transaction in the transaction,
     * of which the framework keeps a record until the outer one ends: thousands of them cost more than the work.
     *
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return T
     */
    public function attempt(\Closure $work): mixed
    {
        $this->getPdo()->exec('SAVEPOINT attempt');
        try {
            $done = $work();
            $this->getPdo()->exec('RELEASE attempt');

            return $done;
        } catch (\Throwable $fault) {
            try {
                $this->getPdo()->exec('ROLLBACK TO attempt');
                $this->getPdo()->exec('RELEASE attempt');
            } catch (PDOException) {
                // on a full disk SQLite has taken the whole transaction back already
            }
            throw $fault;
        }
    }

    /**
     * One row into a table, by a statement that is prepared once for rows of the same columns.
     *
     * @param array<string, mixed> $row scalars and nulls
     *
     * @return int its number
     */
    public function insertRow(string $table, array $row): int
    {
        $columns = implode('", "', array_keys($row));
        $statement = $this->inserts["$table $columns"] ??= $this->getPdo()->prepare(
            sprintf('insert into "%s" ("%s") values (%s)', $table, $columns, implode(', ', array_fill(0, count($row), '?'))),
        );
        $this->bindValues($statement, $this->prepareBindings(array_values($row)));
        $statement->execute();

        return (int) $this->getPdo()->lastInsertId();
    }

    /**
     * PDO sends a float as text with PHP's "precision" of 14 digits: what is kept would not quite be what was worked out.
     *
     * @param array<mixed> $bindings
     *
     * @return array<mixed>
     */
    public function prepareBindings(array $bindings): array
    {
        return array_map(
            static fn(mixed $value): mixed => is_float($value) ? var_export($value, true) : $value,
            parent::prepareBindings($bindings),
        );
    }

    protected function executeBeginTransactionStatement(): void
    {
        $this->getPdo()->beginTransaction();
    }
}
