<?php

declare(strict_types=1);

namespace App\Database;

use PDOException;
use Throwable;

/** A disk with no room left: what must be written is refused, and what need not be is left. */
final class FullDisk
{
    /** SQLite's words for it: no page more in the database, or none in what lies beside it. */
    private const SAYS = [
        'database or disk is full',
        'disk I/O error',
        'unable to open database file',
        'attempt to write a readonly database',
    ];
    private const LITTLE_BYTES = 2_000_000;

    public static function is(Throwable $fault): bool
    {
        $says = $fault->getMessage();
        if ($fault instanceof PDOException && str_contains($says, self::SAYS[0]) || str_contains($says, 'No space left on device')) {
            return true;
        }
        foreach (self::SAYS as $words) {
            if ($fault instanceof PDOException && str_contains($says, $words)) {
                $free = @disk_free_space(storage_path());

                return $free !== false && $free < self::LITTLE_BYTES;
            }
        }

        return false;
    }
}
