<?php

declare(strict_types=1);

namespace App\Exchange\Mappers;

/** One kind of record as rows of a document: out, in, and whether anything has changed. */
interface Mapper
{
    /**
     * The rows of a document, in the order of entry.
     *
     * @param list<string>|null $keys null: all of them
     *
     * @return list<array<string, mixed>>
     */
    public function rows(?array $keys = null): array;

    /**
     * Takes one row into its record, and notes what would take it back.
     *
     * @param array<array-key, mixed> $row of the shape of its kind
     *
     * @return string new, changed or same
     *
     * @throws \Undro\DomainFault if a figure of it cannot be
     */
    public function take(array $row, Taking $taking): string;
}
