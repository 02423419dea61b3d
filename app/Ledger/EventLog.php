<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Clock;
use App\Models\Event as EventRow;
use App\Models\Filler;
use App\Models\Spool;
use Illuminate\Support\Facades\DB;
use Undro\Ledger\BadLedger;
use Undro\Ledger\Count;
use Undro\Ledger\Event;
use Undro\Ledger\EventKind;
use Undro\Ledger\Ledger;
use Undro\Ledger\Move;
use Undro\Ledger\Piece;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;

/** The account's event log: what lies where is read from it, and each new entry is checked against all the others. */
final readonly class EventLog
{
    public function __construct(private Events $events, private Book $book, private SpoolStates $states, private Lines $lines) {}

    /** What lies where now. */
    public function ledger(): Ledger
    {
        return $this->book->ledger();
    }

    /**
     * What lies at a place now.
     *
     * @return list<Piece> from the arbor out
     */
    public function at(Place $place): array
    {
        return $this->book->at($place);
    }

    /**
     * Writes an event and what moved, whole or not at all. An id that is known already changes nothing.
     *
     * @param list<Move>  $moves
     * @param list<Count> $counts
     *
     * @return EventRow freshly created unless it was known
     *
     * @throws BadLedger if it cannot have happened
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
        return $this->naming(fn(): EventRow => DB::transaction(function () use (
            $uuid,
            $kind,
            $moves,
            $counts,
            $happenedAt,
            $angler,
            $corrects,
            $note,
            $run,
        ): EventRow {
            $known = $this->events->known($uuid, $kind);
            if ($known !== null) {
                return $known;
            }
            $row = EventRow::query()->create([
                'uuid' => $uuid,
                'kind' => $kind,
                'happened_at' => $happenedAt ?? $this->events->now(),
                'recorded_at' => Clock::now(),
                'angler_id' => $angler,
                'corrects' => $corrects,
                'note' => $note,
                'run_id' => $run,
            ]);
            $event = new Event($uuid, $kind, $row->happened_at, $row->id, $moves, $counts, $corrects);
            $this->events->write($row, $event);
            $before = $this->events->last($row->id);
            $next = $this->book->keptAt($before)?->with($event);
            $this->book->keep($next ?? Ledger::read($this->events->all()), $row->id);
            if ($next !== null) {
                $this->states->add($event, $next, $before);
            }

            return $row;
        }));
    }

    /**
     * The entry of an id that is known already, so that telling it again changes nothing.
     *
     * @throws BadLedger if the id is that of something else
     */
    public function known(string $uuid, EventKind ...$kinds): ?EventRow
    {
        return $this->events->known($uuid, ...$kinds);
    }

    /** @return array<array-key, true> the entries a later one corrects or takes back, by their ids */
    public function takenBack(): array
    {
        return $this->events->takenBack();
    }

    /** Reads all of the log anew. @throws BadLedger if it cannot have happened as told */
    public function readAgain(): void
    {
        $this->naming(function (): void {
            $this->book->keep(Ledger::read($this->events->all()), $this->events->last());
        });
    }

    /**
     * What cannot have happened calls fillers and spools by their names.
     *
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return T
     *
     * @throws BadLedger
     */
    private function naming(\Closure $work): mixed
    {
        try {
            return $work();
        } catch (BadLedger $fault) {
            throw $fault->calling(self::nameOf(...));
        }
    }

    /** What a place is called; null: it has no name. */
    private static function nameOf(Place $place): ?string
    {
        $name = match ($place->kind) {
            PlaceKind::Filler => Filler::query()->with('line')->find($place->id)?->called(),
            PlaceKind::Spool => Spool::query()->with('reels')->find($place->id)?->called(),
            default => null,
        };

        return $name === '' ? null : $name;
    }

    /** Forgets what was read, for when the log was written to in another way. */
    public function forget(): void
    {
        $this->book->hold(null);
        $this->states->forget();
        $this->lines->forget();
    }
}
