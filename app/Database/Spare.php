<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Support\Facades\DB;
use PDOException;

/** What can be worked out again, such as a cache, is written where it can be: what was asked is answered all the same. */
final class Spare
{
    /** So long somebody else who writes is waited for, s. */
    private const WAIT_S = 0.25;

    /**
     * Writes it, all or nothing, or leaves it where there is no room or somebody else writes for long. Inside a transaction that writes
     * something else there is nothing to save: that one fails as a whole.
     *
     * @param \Closure(): mixed $write
     * @param string|null       $where the connection; null: the usual one
     *
     * @return bool whether it was written
     */
    public static function write(\Closure $write, ?string $where = null): bool
    {
        $connection = DB::connection($where);
        if ($connection->transactionLevel() > 0) {
            $write();

            return true;
        }
        $database = $connection->getPdo();
        $database instanceof ImmediatePdo || throw new \LogicException('Undro keeps its data in SQLite.');
        try {
            $database->waitingNoLonger(self::WAIT_S, static fn(): mixed => $connection->transaction($write));

            return true;
        } catch (PDOException $fault) {
            return FullDisk::is($fault) || ImmediatePdo::isBusy($fault) ? false : throw $fault;
        }
    }
}
