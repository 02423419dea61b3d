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
        return $this->products ??= LineProduct::query()->get()->keyBy('id')->all();
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
        foreach (DB::table('event_moves')->orderBy('id')->get() as $move) {
            $moves[(int) $move->event_id][] = $move;
        }
        $events = [];
        foreach (DB::table('events')->where('account_id', Account::current()->id)->orderBy('id')->get() as $row) {
            [$moved, $counted] = self::moved($moves[(int) $row->id] ?? []);
            $events[] = new Event((string) $row->uuid, EventKind::from((string) $row->kind), (string) $row->happened_at, (int) $row->id, $moved, $counted, $row->corrects === null ? null : (string) $row->corrects);
        }

        return $events;
    }

    /**
     * @param list<\stdClass> $rows
     *
     * @return array{list<Move>, list<Count>}
     */
    private static function moved(array $rows): array
    {
        $moves = [];
        $counts = [];
        foreach ($rows as $row) {
            $to = Place::of(PlaceKind::from((string) $row->to_kind), (int) $row->to_id);
            $length = Length::metres((float) $row->length_m);
            if ($row->from_kind === null) {
                $counts[] = new Count($to, $length, (int) $row->line_product_id);
            } else {
                $moves[] = Move::of(Place::of(PlaceKind::from((string) $row->from_kind), (int) $row->from_id), $to, $length, (int) $row->line_product_id);
            }
        }

        return [$moves, $counts];
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
