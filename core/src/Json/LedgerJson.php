<?php

declare(strict_types=1);

namespace Undro\Json;

use Undro\Ledger\Ledger;

/** A ledger as it is kept, to go on from without reading all events. */
final class LedgerJson
{
    /** As text that "read" takes. */
    public static function write(Ledger $ledger): string
    {
        return json_encode($ledger->state(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }

    /** From text that "write" gave. */
    public static function read(string $json): Ledger
    {
        /** @var array{latest: string, pieces: array<string, list<array<array-key, mixed>>>} $state as it was written */
        $state = json_decode($json, true, flags: JSON_THROW_ON_ERROR);

        return Ledger::restore($state);
    }
}
