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
     * Writes it, or leaves it where there is no room or somebody else writes for long. Inside a transaction that writes something
     * else there is nothing to save: that one fails as a whole.
     *
     * @param \Closure(): mixed $write
     */
    public static function write(\Closure $write): void
    {
        if (DB::transactionLevel() > 0) {
            $write();

            return;
        }
        $database = DB::connection()->getPdo();
        $patience = $database instanceof ImmediatePdo ? $database->patience : null;
        $patience === null || $database->patience = min($patience, self::WAIT_S);
        try {
            DB::transaction($write);
        } catch (PDOException $fault) {
            self::canBeLeft($fault) || throw $fault;
        } finally {
            $patience === null || $database->patience = $patience;
        }
    }

    /** Whether what was to be written can wait for another time. */
    public static function canBeLeft(PDOException $fault): bool
    {
        return DB::transactionLevel() === 0 && (FullDisk::is($fault) || ImmediatePdo::isBusy($fault));
    }
}
