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
}
