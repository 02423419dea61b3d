<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Database\Row;
use App\Database\Spare;
use App\Models\Account;
use Illuminate\Support\Facades\DB;
use Undro\Ledger\Event;
use Undro\Ledger\Ledger;
use Undro\Ledger\OnSpool;
use Undro\Ledger\Piece;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;

/** What lay on each spool after each entry: kept as entries come, read anew where one has come between or was corrected. */
final class SpoolStates
{
    /** An empty spool's last line is looked for so far back, entries. */
    private const LOOK_BACK = 20;

    /** @var array<int, list<SpoolState>>|null where there was no room to keep them: what lay on each spool */
    private ?array $unkept = null;

    public function __construct(private readonly Events $events, private readonly Book $book) {}

    /**
     * What lay on a spool after each entry that touched it and stands, oldest first.
     *
     * @param string   $from  ISO 8601, UTC
     * @param string   $until
     * @param int|null $most  only the last so many
     *
     * @return list<SpoolState>
     */
    public function of(int $spool, string $from = '', string $until = '9', ?int $most = null): array
    {
        $this->readWhatIsNew();
        if ($this->unkept !== null) {
            $states = array_values(
                array_filter(
                    $this->unkept[$spool] ?? [],
                    static fn(SpoolState $state): bool => $state->at >= $from && $state->at <= $until,
                ),
            );

            return array_slice($states, $most === null ? 0 : -$most);
        }
        $rows = DB::table('spool_states')
            ->where('account_id', Account::current()->id)->where('spool_id', $spool)
            ->where('happened_at', '>=', $from)->where('happened_at', '<=', $until)
            ->orderByDesc('happened_at')->orderByDesc('id')->limit($most ?? PHP_INT_MAX);

        return array_reverse(array_map(self::read(...), Row::all($rows, ['event_uuid', 'happened_at', 'pieces'])));
    }

    /**
     * What lies on a spool, or lay there at a time, as if an entry had not been.
     *
     * @return list<Piece> from the arbor out
     */
    public function lying(int $spool, ?string $at = null, ?string $without = null): array
    {
        if ($at === null) {
            return $this->book->at(Place::of(PlaceKind::Spool, $spool));
        }
        $pieces = [];
        foreach ($this->of($spool, until: $at, most: $without === null ? 1 : null) as $state) {
            if ($state->event === $without) {
                break;
            }
            $pieces = $state->pieces;
        }

        return $pieces;
    }

    /**
     * What was on a spool when its present main line was longest, or, where it carries none, what it carried last; null: never any.
     */
    public function filled(int $spool): ?OnSpool
    {
        $now = OnSpool::of($this->lying($spool));
        foreach ($now->main === [] ? array_reverse($this->of($spool, most: self::LOOK_BACK)) : [] as $state) {
            $now = $now->main === [] ? OnSpool::of($state->pieces) : $now;
        }
        if ($now->main === []) {
            return null;
        }
        $filled = $now;
        foreach ($this->of($spool, $now->since() ?? '') as $state) {
            $then = OnSpool::of($state->pieces);
            if ($then->line() === $now->line() && $then->length()->inMetres() > $filled->length()->inMetres()) {
                $filled = $then;
            }
        }

        return $filled;
    }

    /** Adds what an entry has changed, where all before it is there. */
    public function add(Event $event, Ledger $after, int $before): void
    {
        if ($this->book->statesUntil() === $before) {
            DB::table('spool_states')->insert(self::rows($event, $after));
            $this->book->statesAre($event->recorded);
        }
    }

    public function forget(): void
    {
        $this->unkept = null;
    }

    private function readWhatIsNew(): void
    {
        if ($this->unkept !== null || $this->book->statesUntil() === $this->events->last()) {
            return;
        }
        if (Spare::write($this->keepAll(...))) {
            return;
        }
        $this->unkept = [];
        $this->book->hold(Ledger::read($this->events->all(), seen: function (Event $event, Ledger $ledger): void {
            foreach (self::touched($event) as $place) {
                $this->unkept[$place->id][] = new SpoolState($event->id, $event->happenedAt, $ledger->at($place));
            }
        }));
    }

    private function keepAll(): void
    {
        // whoever asked at the same time has perhaps done it meanwhile
        $last = $this->events->last();
        if ($this->book->statesUntil() === $last) {
            return;
        }
        $rows = [];
        $this->book->keep(Ledger::read($this->events->all(), seen: static function (Event $event, Ledger $ledger) use (&$rows): void {
            array_push($rows, ...self::rows($event, $ledger));
        }), $last);
        DB::table('spool_states')->where('account_id', Account::current()->id)->delete();
        foreach (array_chunk($rows, 400) as $chunk) {
            DB::table('spool_states')->insert($chunk);
        }
        $this->book->statesAre($last);
    }

    /** @return list<array<string, string|int>> what lies on each spool that an event has touched */
    private static function rows(Event $event, Ledger $ledger): array
    {
        return array_values(array_map(static fn(Place $place): array => [
            'account_id' => Account::current()->id,
            'spool_id' => $place->id,
            'event_uuid' => $event->id,
            'happened_at' => $event->happenedAt,
            'pieces' => json_encode(
                array_map(static fn(Piece $piece): array => $piece->state(), $ledger->at($place)),
                JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
            ),
        ], self::touched($event)));
    }

    private static function read(Row $row): SpoolState
    {
        $pieces = [];
        foreach ($row->json('pieces') as $piece) {
            $pieces[] = Piece::restore(is_array($piece) ? $piece : []);
        }

        return new SpoolState($row->text('event_uuid'), $row->text('happened_at'), $pieces);
    }

    /** @return array<int, Place> the spools that an event speaks of */
    private static function touched(Event $event): array
    {
        $touched = [];
        foreach ($event->places() as $place) {
            if ($place->kind === PlaceKind::Spool) {
                $touched[$place->id] = $place;
            }
        }

        return $touched;
    }
}
