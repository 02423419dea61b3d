<?php

declare(strict_types=1);

namespace Undro\Ledger;

/**
 * Which entries are out. One that is put right is replaced, and what it had replaced itself stays replaced; one that is taken back
 * gives back what it had replaced.
 */
final class Corrections
{
    /** @var array<array-key, true> by id: true where an entry stands in its place */
    private array $replaced = [];
    /** @var array<array-key, true> */
    private array $out = [];

    /**
     * Tells of an entry, each after all that were written later.
     *
     * @param string|null $corrects the entry it replaces or takes back
     *
     * @return bool whether it stands
     */
    public function stands(string $id, EventKind $kind, ?string $corrects): bool
    {
        $stands = !isset($this->out[$id]);
        if ($corrects !== null && ($stands || isset($this->replaced[$id]))) {
            $this->out[$corrects] = true;
            if ($kind !== EventKind::Voided) {
                $this->replaced[$corrects] = true;
            }
        }

        return $stands;
    }

    /** @return array<array-key, true> the ids of those that are out */
    public function out(): array
    {
        return $this->out;
    }
}
