<?php

declare(strict_types=1);

namespace App\Learning;

use App\Ledger\SpoolState;
use Undro\Ledger\Piece;

/** What lay on a spool, gone through once from the oldest on. */
final class Past
{
    private int $next = 0;

    /** @param list<SpoolState> $states oldest first */
    public function __construct(private readonly array $states) {}

    /**
     * @param string $at no earlier than what was asked before
     *
     * @return list<Piece>
     */
    public function at(string $at): array
    {
        while (isset($this->states[$this->next]) && $this->states[$this->next]->at <= $at) {
            ++$this->next;
        }

        return $this->states[$this->next - 1]->pieces ?? [];
    }
}
