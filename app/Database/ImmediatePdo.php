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
    private bool $writing = false;

    public function beginTransaction(): bool
    {
        $this->exec('BEGIN IMMEDIATE');

        return $this->writing = true;
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
}
