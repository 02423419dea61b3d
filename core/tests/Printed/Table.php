<?php

declare(strict_types=1);

namespace Undro\Tests\Printed;

/** What people copy off spools and labels, and what it means; worked out by hand. */
final class Table
{
    /** @return iterable<string, array<array-key, mixed>> */
    public static function rows(string $table, string $part): iterable
    {
        $rows = json_decode((string) file_get_contents(__DIR__ . "/$table.json"), true, 16, JSON_THROW_ON_ERROR);
        foreach (is_array($rows) && is_array($rows[$part] ?? null) ? $rows[$part] : [] as $row) {
            if (is_array($row) && $row !== []) {
                yield implode(' ', array_filter(array_slice($row, 0, 2), is_string(...))) => $row;
            }
        }
    }
}
