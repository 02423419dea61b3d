<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Schema\Schema;

/** Holds rows against docs/undro.schema.json and says in words what does not fit. */
final class RowShape
{
    /**
     * @param array<array-key, mixed> $row
     *
     * @throws BadRow naming the field that does not fit
     */
    public function check(string $kind, array $row): void
    {
        $misfit = Schema::document()->misfit($row, "#/\$defs/$kind");
        $misfit === null || throw BadRow::shape($misfit->path, $misfit->why);
    }

    /**
     * Fields that nobody here knows, at every depth.
     *
     * @param array<array-key, mixed> $row
     *
     * @return list<string> dotted
     */
    public function unknown(string $kind, array $row): array
    {
        return self::missing($row, Schema::document()->known($row, "#/\$defs/$kind"), '');
    }

    /**
     * @param array<array-key, mixed> $row
     * @param array<array-key, mixed> $known
     *
     * @return list<string>
     */
    private static function missing(array $row, array $known, string $path): array
    {
        $missing = [];
        foreach ($row as $field => $value) {
            $at = ltrim(is_int($field) ? $path : "$path.$field", '.');
            if (!array_key_exists($field, $known)) {
                $missing[] = $at;
            } elseif (is_array($value) && is_array($known[$field])) {
                array_push($missing, ...self::missing($value, $known[$field], $at));
            }
        }

        return array_values(array_unique($missing));
    }
}
