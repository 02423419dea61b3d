<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Database\Row;
use App\Ledger\Lines;
use App\Ledger\SpoolStates;
use App\Models\Spool;
use Undro\Ledger\OnSpool;
use Undro\Line\Under;

/** The line that a household puts under its main lines: what would go under one that has no backing. */
final class UsualBacking
{
    /** @var array<int, float>|null metres by line, over all spools */
    private ?array $metres = null;

    public function __construct(private readonly SpoolStates $states, private readonly Lines $lines) {}

    /** Which line lies as backing with the most metres and is thin enough for a main line; null: none. */
    public function under(int $main): ?int
    {
        if ($this->metres === null) {
            $this->metres = [];
            foreach (Row::ints(Spool::inUse(), 'id') as $spool) {
                foreach (OnSpool::of($this->states->lying($spool))->backing as $piece) {
                    $this->metres[$piece->product] = ($this->metres[$piece->product] ?? 0.0) + $piece->length->inMetres();
                }
            }
            arsort($this->metres);
        }

        $over = $this->lines->line($main);
        foreach (array_keys($this->metres) as $line) {
            if (!Under::of($this->lines->line($line), $over)->tooThick()) {
                return $line;
            }
        }

        return null;
    }
}
