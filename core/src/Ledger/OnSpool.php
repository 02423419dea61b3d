<?php

declare(strict_types=1);

namespace Undro\Ledger;

use Undro\Fill\Role;
use Undro\Line\MainLine;
use Undro\Units\Length;
use Undro\Way\Kept;

/** What lies on a spool: the main line, and the backing under it. */
final readonly class OnSpool
{
    /**
     * @param list<Piece> $backing from the arbor out
     * @param list<Piece> $main    from the arbor out; empty: only backing lies on it, or nothing
     */
    private function __construct(public array $backing, public array $main) {}

    /** @param list<Piece> $pieces from the arbor out */
    public static function of(array $pieces): self
    {
        $begins = MainLine::begins(array_map(static fn(Piece $piece): ?int => $piece->covered ? null : $piece->product, $pieces));

        return new self(array_slice($pieces, 0, $begins), array_slice($pieces, $begins));
    }

    /** Which line the main line is; null: there is none. */
    public function line(): ?int
    {
        return $this->main[0]->product ?? null;
    }

    /** Which line is outermost of the backing; null: none. */
    public function backingLine(): ?int
    {
        return ($this->backing[count($this->backing) - 1] ?? null)?->product;
    }

    /** Of the main line. */
    public function length(): Length
    {
        return Piece::total($this->main);
    }

    /** Since when the main line has been on a reel, by its oldest piece; null: not known. */
    public function since(): ?string
    {
        $since = array_filter(array_map(static fn(Piece $piece): ?string => $piece->since, $this->main));

        return $since === [] ? null : min($since);
    }

    /**
     * Whether its backing is offered to stay under a new main line: it is younger than so many years.
     *
     * @param string $today ISO 8601
     */
    public function keepsBacking(string $today): bool
    {
        $oldest = sprintf('%04d', (int) substr($today, 0, 4) - Kept::YEARS) . substr($today, 4, 6);
        foreach ($this->backing as $piece) {
            if ($piece->since === null || substr($piece->since, 0, 10) <= $oldest) {
                return false;
            }
        }

        return $this->backing !== [];
    }

    /**
     * Line by line: pieces of one line that touch are one stretch.
     *
     * @return list<Stretch> from the arbor out
     */
    public function stretches(): array
    {
        $stretches = [];
        foreach ([[Role::Backing, $this->backing], [Role::Main, $this->main]] as [$role, $pieces]) {
            foreach ($pieces as $piece) {
                $last = $stretches[count($stretches) - 1] ?? null;
                if ($last?->role === $role && $last->line === $piece->product) {
                    array_pop($stretches);
                    $piece = (new Piece($last->line, $last->length, min($last->since, $piece->since), false, $last->half, $last->known))->and($piece);
                }
                $stretches[] = new Stretch($role, $piece->product, $piece->length, $piece->since, $piece->half, $piece->known);
            }
        }

        return $stretches;
    }
}
