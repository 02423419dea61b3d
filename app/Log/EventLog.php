<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Account;
use App\Models\Event as EventRow;
use App\Models\LineProduct;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Undro\Ledger\Count;
use Undro\Ledger\Event;
use Undro\Ledger\EventKind;
use Undro\Ledger\Ledger;
use Undro\Ledger\Move;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;
use Undro\Units\Length;

/** The account's event log: what lies where is read from it, and each new entry is checked against all the others. */
final class EventLog
{
    private ?Ledger $ledger = null;
    /** @var array<int, LineProduct>|null */
    private ?array $products = null;

    /** What lies where now. */
    public function ledger(): Ledger
    {
        return $this->ledger ??= Ledger::read($this->events());
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
    ): EventRow {
        $known = EventRow::query()->where('uuid', $uuid)->first();
        if ($known !== null) {
            return $known;
        }
        $now = Carbon::now('UTC')->format('Y-m-d\TH:i:s.v\Z');
        return DB::transaction(function () use ($uuid, $kind, $moves, $counts, $happenedAt, $angler, $corrects, $note, $now): EventRow {
            $row = EventRow::query()->create([
                'uuid' => $uuid,
                'kind' => $kind->value,
                'happened_at' => $happenedAt ?? $now,
                'recorded_at' => $now,
                'angler_id' => $angler,
                'corrects' => $corrects,
                'note' => $note,
            ]);
            foreach ($moves as $move) {
                $row->moves()->create(self::sides($move->from, $move->to, $move->length, $move->product));
            }
            foreach ($counts as $count) {
                $row->moves()->create(self::sides(null, $count->at, $count->length, $count->product));
            }
            $this->ledger = Ledger::read($this->events());

            return $row;
        });
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
