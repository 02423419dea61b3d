<?php

declare(strict_types=1);

namespace App\Log;

use App\Clock;
use App\Database\FullDisk;
use App\Models\Account;
use App\Models\Event as EventRow;
use App\Models\LineProduct;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PDOException;
use Undro\Ledger\BadLedger;
use Undro\Ledger\Count;
use Undro\Ledger\Event;
use Undro\Ledger\EventKind;
use Undro\Ledger\Ledger;
use Undro\Ledger\Move;
use Undro\Ledger\Piece;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;
use Undro\Units\Length;

/** The account's event log: what lies where is read from it, and each new entry is checked against all the others. */
final class EventLog
{
    /** An empty spool's last line is looked for so far back, entries. */
    private const LOOK_BACK = 20;

    private ?Ledger $ledger = null;
    /** @var array<int, LineProduct>|null */
    private ?array $products = null;
    /** @var array<int, array<string, mixed>> */
    private array $facts = [];
    /** @var array<int, list<array{event: string, at: string, pieces: list<Piece>}>>|null where there was no room to keep them: what lay on each spool */
    private ?array $unkept = null;

    /** What lies where now: from the cache, or from all events where it is behind. */
    public function ledger(): Ledger
    {
        if ($this->ledger !== null) {
            return $this->ledger;
        }
        $last = $this->lastEventId();
        $ledger = $this->cached($last);
        if ($ledger === null) {
            $ledger = Ledger::read($this->events());
            FullDisk::orLeave(fn() => $this->keep($ledger, $last));
        }

        return $this->ledger = $ledger;
    }

    /**
     * What lay on a spool after each entry that touched it and stands, oldest first.
     *
     * @param string   $from  ISO 8601, UTC
     * @param string   $until
     * @param int|null $most  only the last so many
     *
     * @return list<array{event: string, at: string, pieces: list<Piece>}>
     */
    public function states(int $spool, string $from = '', string $until = '9', ?int $most = null): array
    {
        $this->keepStates();
        $states = [];
        foreach ($this->unkept[$spool] ?? [] as $state) {
            if ($state['at'] >= $from && $state['at'] <= $until) {
                $states[] = $state;
            }
        }
        if ($this->unkept !== null) {
            return array_slice($states, $most === null ? 0 : -$most);
        }
        $rows = DB::table('spool_states')->where('account_id', Account::current()->id)->where('spool_id', $spool)->where('happened_at', '>=', $from)->where('happened_at', '<=', $until)
            ->orderByDesc('happened_at')->orderByDesc('id')->limit($most ?? PHP_INT_MAX)->get(['event_uuid', 'happened_at', 'pieces'])->reverse();
        /** @var object{event_uuid: string, happened_at: string, pieces: string} $row */
        foreach ($rows as $row) {
            /** @var list<array{int, float|int, string|null}> $pieces */
            $pieces = json_decode($row->pieces, true, flags: JSON_THROW_ON_ERROR);
            $states[] = ['event' => $row->event_uuid, 'at' => $row->happened_at, 'pieces' => array_map(static fn(array $piece): Piece => new Piece($piece[0], Length::metres($piece[1]), $piece[2]), $pieces)];
        }

        return $states;
    }

    /**
     * What lies on a spool, or lay there at a time, as if an entry had not been.
     *
     * @return list<Piece> from the arbor out
     */
    public function lying(int $spool, ?string $at = null, ?string $without = null): array
    {
        if ($at === null) {
            return $this->ledger()->at(Place::of(PlaceKind::Spool, $spool));
        }
        $last = $this->states($spool, until: $at, most: $without === null ? 1 : null);
        $pieces = [];
        foreach ($last as $state) {
            if ($state['event'] === $without) {
                break;
            }
            $pieces = $state['pieces'];
        }

        return $pieces;
    }

    /**
     * What was on a spool when its present main line was longest, or, where it is empty, what it carried last: metres by line, from
     * the arbor out.
     *
     * @return array<int, float>
     */
    public function filled(int $spool): array
    {
        $last = $this->lying($spool);
        foreach ($last === [] ? array_reverse($this->states($spool, most: self::LOOK_BACK)) : [] as $state) {
            $last = $last === [] ? $state['pieces'] : $last;
        }
        if ($last === []) {
            return [];
        }
        $outer = $last[count($last) - 1];
        $states = $this->states($spool, $outer->since ?? '');
        $filled = [];
        foreach ([...$states, ['event' => '', 'at' => '9', 'pieces' => $last]] as $state) {
            $sums = [];
            foreach ($state['pieces'] as $piece) {
                $sums[$piece->product] = ($sums[$piece->product] ?? 0.0) + $piece->length->inMetres();
            }
            if ($state['at'] >= ($outer->since ?? '') && array_key_last($sums) === $outer->product && $sums[$outer->product] > ($filled[$outer->product] ?? 0.0)) {
                $filled = $sums;
            }
        }

        return $filled;
    }

    /** Reads all of the log anew. @throws \Undro\Ledger\BadLedger if it cannot have happened as told */
    public function readAgain(): void
    {
        $this->ledger = Ledger::read($this->events());
        $this->keep($this->ledger, $this->lastEventId());
    }

    /** Forgets what was read, for when the log was written to in another way. */
    public function forget(): void
    {
        $this->ledger = null;
        $this->unkept = null;
        $this->products = null;
        $this->facts = [];
    }

    /** @return array<int, LineProduct> every product the log may speak of, archived ones too */
    public function products(): array
    {
        if ($this->products === null) {
            $this->products = [];
            foreach (LineProduct::query()->get() as $product) {
                $this->products[$product->id] = $product;
            }
        }

        return $this->products;
    }

    /**
     * What is said of a product; the same few lie on hundreds of spools, so each is asked once.
     *
     * @param callable(LineProduct): array<string, mixed> $say
     *
     * @return array<string, mixed>
     */
    public function facts(int $product, callable $say): array
    {
        return $this->facts[$product] ??= $say($this->products()[$product]);
    }

    /**
     * Writes an event and what moved, whole or not at all. An id that is known already changes nothing.
     *
     * @param list<Move>  $moves
     * @param list<Count> $counts
     *
     * @return EventRow freshly created unless it was known
     *
     * @throws \Undro\Ledger\BadLedger if it cannot have happened
     */
    public function record(
        string $uuid,
        EventKind $kind,
        array $moves,
        array $counts = [],
        ?string $happenedAt = null,
        ?int $angler = null,
        ?string $corrects = null,
        ?string $note = null,
        ?int $run = null,
    ): EventRow {
        return DB::transaction(function () use ($uuid, $kind, $moves, $counts, $happenedAt, $angler, $corrects, $note, $run): EventRow {
            $known = $this->known($uuid, $kind);
            if ($known !== null) {
                return $known;
            }
            $now = Clock::now();
            $row = EventRow::query()->create([
                'uuid' => $uuid,
                'kind' => $kind->value,
                'happened_at' => $happenedAt ?? self::notBefore($now),
                'recorded_at' => $now,
                'angler_id' => $angler,
                'corrects' => $corrects,
                'note' => $note,
                'run_id' => $run,
            ]);
            foreach ($moves as $move) {
                $row->moves()->create(self::sides($move->from, $move->to, $move->length, $move->product));
            }
            foreach ($counts as $count) {
                $row->moves()->create(self::sides(null, $count->at, $count->length, $count->product));
            }
            $before = $this->lastEventId($row->id);
            $event = new Event($uuid, $kind, $row->happened_at, $row->id, $moves, $counts, $corrects);
            $next = $this->cached($before)?->with($event);
            $this->ledger = $next ?? Ledger::read($this->events());
            $this->keep($this->ledger, $row->id);
            if ($next !== null && $this->statesUntil() === $before) {
                DB::table('spool_states')->insert(self::stateRows($event, $next));
                $this->statesAre($row->id);
            }

            return $row;
        });
    }

    /**
     * The entry of an id that is known already, so that telling it again changes nothing.
     *
     * @param EventKind ...$kinds it may be of
     *
     * @throws BadLedger if the id is that of something else
     */
    public function known(string $uuid, EventKind ...$kinds): ?EventRow
    {
        $known = EventRow::query()->where('uuid', $uuid)->first();
        $known === null || in_array(EventKind::from($known->kind), $kinds, true) || throw BadLedger::idOfSomethingElse($uuid);

        return $known;
    }

    /**
     * When something happens that is written down now. Where the clock was set back, entries are there from later than now: what is
     * written after them happened after them.
     */
    private static function notBefore(string $now): string
    {
        $latest = DB::table('events')->where('account_id', Account::current()->id)->where('recorded_at', '>', $now)->max('happened_at');

        return is_string($latest) && $latest > $now ? $latest : $now;
    }

    /** Another one whenever anything changes that figures are worked out from: an entry, a record, a measurement, a habit. */
    public static function stamp(): string
    {
        $parts = array_map(static fn(string $part): string => "(select $part)", [
            'max(id) from events', 'max(id) from measurements', 'max(id) from line_measurements', 'count(*) from reel_spool',
            // a habit is a change of its angler, a stamp one of its spool; no clock is asked, which may have told the same second twice
            ...array_map(static fn(string $table): string => "sum(version) || '/' || count(*) from $table", ['anglers', 'reels', 'spools', 'line_products', 'fillers', 'line_packs']),
        ]);
        $stamp = DB::selectOne('select ' . implode(" || '.' || ", array_map(static fn(string $part): string => "coalesce($part, '')", $parts)) . ' as stamp');

        return is_object($stamp) && isset($stamp->stamp) && is_string($stamp->stamp) ? $stamp->stamp : (string) Str::uuid();
    }

    /** @return array<array-key, true> the entries a later one corrects or takes back, by their ids */
    public function takenBack(): array
    {
        $out = [];
        /** @var object{uuid: string, corrects: string} $row */
        foreach (DB::table('events')->where('account_id', Account::current()->id)->whereNotNull('corrects')->orderByDesc('id')->get(['uuid', 'corrects']) as $row) {
            if (!isset($out[$row->uuid])) {
                $out[$row->corrects] = true;
            }
        }

        return $out;
    }

    /** Reads what lay where after each entry again, where an entry has come between or was corrected. */
    private function keepStates(): void
    {
        $last = $this->lastEventId();
        if ($this->statesUntil() === $last || $this->unkept !== null) {
            return;
        }
        try {
            $this->readStates();
        } catch (PDOException $fault) {
            FullDisk::is($fault) && DB::transactionLevel() === 0 || throw $fault;
            $this->unkept = [];
            $this->ledger = Ledger::read($this->events(), seen: function (Event $event, Ledger $ledger): void {
                foreach (self::touched($event) as $place) {
                    $this->unkept[$place->id][] = ['event' => $event->id, 'at' => $event->happenedAt, 'pieces' => $ledger->at($place)];
                }
            });
        }
    }

    private function readStates(): void
    {
        DB::transaction(function (): void {
            // whoever asked at the same time has perhaps done it meanwhile
            $last = $this->lastEventId();
            if ($this->statesUntil() === $last) {
                return;
            }
            $rows = [];
            $this->ledger = Ledger::read($this->events(), seen: static function (Event $event, Ledger $ledger) use (&$rows): void {
                array_push($rows, ...self::stateRows($event, $ledger));
            });
            $this->keep($this->ledger, $last);
            DB::table('spool_states')->where('account_id', Account::current()->id)->delete();
            foreach (array_chunk($rows, 400) as $chunk) {
                DB::table('spool_states')->insert($chunk);
            }
            $this->statesAre($last);
        });
    }

    private function statesUntil(): int
    {
        $until = DB::table('ledger_caches')->where('account_id', Account::current()->id)->value('states_until');

        return is_numeric($until) ? (int) $until : -1;
    }

    private function statesAre(int $until): void
    {
        DB::table('ledger_caches')->where('account_id', Account::current()->id)->update(['states_until' => $until]);
    }

    /** @return list<array<string, mixed>> what lies on each spool that an event has touched */
    private static function stateRows(Event $event, Ledger $ledger): array
    {
        return array_values(array_map(static fn(Place $place): array => [
            'account_id' => Account::current()->id,
            'spool_id' => $place->id,
            'event_uuid' => $event->id,
            'happened_at' => $event->happenedAt,
            'pieces' => json_encode(array_map(static fn(Piece $piece): array => [$piece->product, $piece->length->inMetres(), $piece->since], $ledger->at($place)), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
        ], self::touched($event)));
    }

    /** @return array<int, Place> the spools that an event speaks of */
    private static function touched(Event $event): array
    {
        $touched = [];
        foreach ([...array_map(static fn(Move $move): array => [$move->from, $move->to], $event->moves), array_map(static fn(Count $count): Place => $count->at, $event->counts)] as $places) {
            foreach ($places as $place) {
                if ($place->kind === PlaceKind::Spool) {
                    $touched[$place->id] = $place;
                }
            }
        }

        return $touched;
    }

    private function lastEventId(int $before = PHP_INT_MAX): int
    {
        $last = DB::table('events')->where('account_id', Account::current()->id)->where('id', '<', $before)->max('id');

        return is_numeric($last) ? (int) $last : 0;
    }

    private function cached(int $last): ?Ledger
    {
        $state = DB::table('ledger_caches')->where('account_id', Account::current()->id)->where('last_event_id', $last)->value('state');
        if (!is_string($state)) {
            return null;
        }
        /** @var array{latest: string, pieces: array<string, list<array{int, float|int, string|null}>>} $kept */
        $kept = json_decode($state, true, flags: JSON_THROW_ON_ERROR);

        return Ledger::restore($kept);
    }

    private function keep(Ledger $ledger, int $last): void
    {
        DB::table('ledger_caches')->upsert(
            [['account_id' => Account::current()->id, 'last_event_id' => $last, 'state' => json_encode($ledger->state(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)]],
            ['account_id'],
            ['last_event_id', 'state'],
        );
    }

    /** @return list<Event> */
    private function events(): array
    {
        $moves = [];
        /** @var object{event_id: int, from_kind: string|null, from_id: int, to_kind: string, to_id: int, length_m: float, line_product_id: int} $move */
        foreach (DB::table('event_moves')->orderBy('id')->get() as $move) {
            $to = Place::of(PlaceKind::from($move->to_kind), $move->to_id);
            $length = Length::metres($move->length_m);
            $moves[$move->event_id][] = $move->from_kind === null
                ? new Count($to, $length, $move->line_product_id)
                : Move::of(Place::of(PlaceKind::from($move->from_kind), $move->from_id), $to, $length, $move->line_product_id);
        }
        $events = [];
        /** @var object{id: int, uuid: string, kind: string, happened_at: string, corrects: string|null} $row */
        foreach (DB::table('events')->where('account_id', Account::current()->id)->orderBy('id')->get() as $row) {
            $rows = $moves[$row->id] ?? [];
            $events[] = new Event(
                $row->uuid,
                EventKind::from($row->kind),
                $row->happened_at,
                $row->id,
                array_values(array_filter($rows, static fn(Move|Count $each): bool => $each instanceof Move)),
                array_values(array_filter($rows, static fn(Move|Count $each): bool => $each instanceof Count)),
                $row->corrects,
            );
        }

        return $events;
    }

    /** @return array<string, mixed> */
    private static function sides(?Place $from, Place $to, Length $length, int $product): array
    {
        return [
            'from_kind' => $from?->kind->value,
            'from_id' => $from->id ?? 0,
            'to_kind' => $to->kind->value,
            'to_id' => $to->id,
            'length_m' => $length->inMetres(),
            'line_product_id' => $product,
        ];
    }
}
