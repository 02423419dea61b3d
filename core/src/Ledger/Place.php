<?php

declare(strict_types=1);

namespace Undro\Ledger;

/** One place line can be: a certain filler, a certain spool, or the waste. */
final readonly class Place
{
    private function __construct(public PlaceKind $kind, public int $id) {}

    /** @throws BadLedger if a place that holds line has no number */
    public static function of(PlaceKind $kind, int $id = 0): self
    {
        $kind->holds() === ($id > 0) || throw BadLedger::noSuchPlace($kind);

        return new self($kind, $id);
    }

    /** The same for the same place. */
    public function key(): string
    {
        return "{$this->kind->value}:$this->id";
    }

    /** The place of such a key; null: it is none. */
    public static function ofKey(string $key): ?self
    {
        [$kind, $id] = explode(':', $key) + ['', '0'];
        $kind = PlaceKind::tryFrom($kind);

        return $kind === null || $kind->holds() !== ((int) $id > 0) ? null : new self($kind, (int) $id);
    }
}
