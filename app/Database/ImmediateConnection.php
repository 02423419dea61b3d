<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\SQLiteConnection;

/** Begins a transaction the same way on every PHP; the framework leaves its `transaction_mode` aside below 8.4. */
final class ImmediateConnection extends SQLiteConnection
{
    protected function executeBeginTransactionStatement(): void
    {
        $this->getPdo()->beginTransaction();
    }
}
