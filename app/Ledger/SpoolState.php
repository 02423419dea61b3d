<?php

declare(strict_types=1);

namespace App\Ledger;

use Undro\Ledger\Piece;

/** What lay on a spool after an entry. */
final readonly class SpoolState
{
    /**
     * @param string      $event  the entry's id
     * @param string      $at     when it happened, ISO 8601, UTC
     * @param list<Piece> $pieces from the arbor out
     */
    public function __construct(public string $event, public string $at, public array $pieces) {}
}
