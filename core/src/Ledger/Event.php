<?php

declare(strict_types=1);

namespace Undro\Ledger;

/** One entry of the event log. Entries are never changed; a later entry may correct or void an earlier one. */
final readonly class Event
{
    /**
     * @param string      $id         made by the client; a replay of the same id is the same event
     * @param string      $happenedAt ISO 8601, UTC
     * @param int         $recorded   rank in the order of recording
     * @param list<Move>  $moves      carried out in order
     * @param list<Count> $counts     after the moves
     * @param string|null $corrects   the id of the event this one replaces
     */
    public function __construct(
        public string $id,
        public EventKind $kind,
        public string $happenedAt,
        public int $recorded,
        public array $moves = [],
        public array $counts = [],
        public ?string $corrects = null,
    ) {}

    /** @return list<Place> every place it speaks of, some more than once */
    public function places(): array
    {
        $places = array_map(static fn(Count $count): Place => $count->at, $this->counts);
        foreach ($this->moves as $move) {
            array_push($places, $move->from, $move->to);
        }

        return $places;
    }
}
