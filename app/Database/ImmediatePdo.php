<?php

declare(strict_types=1);

namespace App\Database;

use PDO;
use PDOException;

/**
 * SQLite whose transactions take the write lock with their first statement. One that reads first and writes then cannot wait:
 * SQLite refuses it at once where another has written in between.
 */
final class ImmediatePdo extends PDO
{
    /** Nobody waits longer for whoever writes, s. */
    public const WAIT_S = 5;
    /** Whoever waits looks again so soon, at random, us. SQLite's own waiting looks ever more seldom: the newest then goes first for ever. */
    private const LOOK_AGAIN_US = [500, 3000];

    /** For so long whoever writes is waited for now, s. */
    private float $patience = self::WAIT_S;
    private bool $writing = false;

    public function beginTransaction(): bool
    {
        $this->setAttribute(self::ATTR_TIMEOUT, 0);
        try {
            for ($until = microtime(true) + $this->patience; !$this->begins(microtime(true) < $until);) {
                usleep(random_int(...self::LOOK_AGAIN_US));
            }
        } finally {
            $this->setAttribute(self::ATTR_TIMEOUT, self::WAIT_S);
        }

        return $this->writing = true;
    }

    /**
     * Does something that waits for whoever writes no longer than this.
     *
     * @template T
     *
     * @param float         $seconds where less is waited already, that stays
     * @param \Closure(): T $work
     *
     * @return T
     */
    public function waitingNoLonger(float $seconds, \Closure $work): mixed
    {
        $patience = $this->patience;
        $this->patience = min($patience, $seconds);
        try {
            return $work();
        } finally {
            $this->patience = $patience;
        }
    }

    /** Whether somebody else was writing for too long. */
    public static function isBusy(\Throwable $fault): bool
    {
        return $fault instanceof PDOException && str_contains($fault->getMessage(), 'database is locked');
    }

    public function commit(): bool
    {
        try {
            $this->exec('COMMIT');
        } catch (PDOException $fault) {
            // what could not be written (a full disk) must not stay half done in an open transaction
            $this->rollBack();
            throw $fault;
        }
        $this->writing = false;

        return true;
    }

    public function rollBack(): bool
    {
        $this->writing = false;
        try {
            $this->exec('ROLLBACK');
        } catch (PDOException $fault) {
            // SQLite has taken it back itself already, as it does on a full disk
            str_contains($fault->getMessage(), 'no transaction is active') || throw $fault;
        }

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->writing;
    }

    /** @param bool $mayWait somebody else may write: false is answered rather than thrown */
    private function begins(bool $mayWait): bool
    {
        try {
            $this->exec('BEGIN IMMEDIATE');

            return true;
        } catch (PDOException $fault) {
            return $mayWait && self::isBusy($fault) ? false : throw $fault;
        }
    }
}
