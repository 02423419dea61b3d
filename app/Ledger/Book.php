<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Database\Spare;
use App\Models\Account;
use Illuminate\Support\Facades\DB;
use Undro\Json\LedgerJson;
use Undro\Ledger\Ledger;
use Undro\Ledger\Piece;
use Undro\Ledger\Place;

/** The ledger as the log has made it, kept with the number of the entry it stands for, so that only what is new is read. */
final class Book
{
    private ?Ledger $ledger = null;
    /** @var array<string, list<Piece>> what was asked for already, by place */
    private array $at = [];

    public function __construct(private readonly Events $events) {}

    /** What lies where now: from what is kept, or from all events where that is behind. */
    public function ledger(): Ledger
    {
        if ($this->ledger !== null) {
            return $this->ledger;
        }
        $last = $this->events->last();
        $ledger = $this->keptAt($last);
        if ($ledger === null) {
            $ledger = Ledger::read($this->events->all());
            Spare::write(fn() => $this->keep($ledger, $last));
        }

        return $this->ledger = $ledger;
    }

    /**
     * What lies at a place now.
     *
     * @return list<Piece> from the arbor out
     */
    public function at(Place $place): array
    {
        $ledger = $this->ledger();

        return $this->at[$place->key()] ??= $ledger->at($place);
    }

    /** As it was after an entry, if that is the one it is kept for. */
    public function keptAt(int $entry): ?Ledger
    {
        $state = DB::table('ledger_caches')->where('account_id', Account::current()->id)->where('last_event_id', $entry)->value('state');

        return is_string($state) ? LedgerJson::read($state) : null;
    }

    public function keep(Ledger $ledger, int $entry): void
    {
        $this->hold($ledger);
        DB::table('ledger_caches')->upsert(
            [['account_id' => Account::current()->id, 'last_event_id' => $entry, 'state' => LedgerJson::write($ledger)]],
            ['account_id'],
            ['last_event_id', 'state'],
        );
    }

    /** Holds it for this request alone. */
    public function hold(?Ledger $ledger): void
    {
        $this->ledger = $ledger;
        $this->at = [];
    }

    /** The entry that the spools' states are kept up to; -1: none. */
    public function statesUntil(): int
    {
        $until = DB::table('ledger_caches')->where('account_id', Account::current()->id)->value('states_until');

        return is_numeric($until) ? (int) $until : -1;
    }

    public function statesAre(int $until): void
    {
        DB::table('ledger_caches')->where('account_id', Account::current()->id)->update(['states_until' => $until]);
    }
}
