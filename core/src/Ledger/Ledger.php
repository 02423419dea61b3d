<?php

declare(strict_types=1);

namespace Undro\Ledger;

use Undro\Line\OuterEnd;
use Undro\Units\Length;

/**
 * What lies where, read from the event log alone. The state at a date depends only on the events.
 */
final readonly class Ledger
{
    /**
     * @param array<string, list<Piece>> $pieces by place, from the arbor out
     * @param string                     $latest when the last of its events happened; empty before the first
     * @param array<string, list<array<array-key, mixed>>> $kept places restored from a cache and not looked at yet
     */
    private function __construct(private array $pieces, private string $latest, private array $kept = []) {}

    /**
     * @param list<Event>     $events in any order
     * @param string|null     $until  ISO 8601, UTC: leave out what happened later
     * @param (\Closure(Event, self): void)|null $seen told of each event and the state after it
     *
     * @throws BadLedger if an event takes more than there is, or corrects an unknown one
     */
    public static function read(array $events, ?string $until = null, ?\Closure $seen = null): self
    {
        $last = max([0, ...array_map(static fn(Event $event): int => $event->recorded, $events)]);
        $ledger = new self([], '');
        foreach (self::standing($events) as $event) {
            if ($until === null || $event->happenedAt <= $until) {
                try {
                    $ledger = $ledger->after($event);
                } catch (BadLedger $fault) {
                    // what was written before is no longer possible with what is written now
                    throw $event->recorded === $last ? $fault : BadLedger::afterwards($event, $fault);
                }
                $seen === null || $seen($event, $ledger);
            }
        }

        return $ledger;
    }

    /**
     * The state once one more event has happened, or null where all of them must be read again: it corrects another, or
     * happened before the last one.
     *
     * @throws BadLedger if it takes more than there is
     */
    public function with(Event $event): ?self
    {
        return $event->corrects !== null || $event->kind === EventKind::Voided || $event->happenedAt < $this->latest
            ? null
            : $this->after($event);
    }

    /**
     * The state as plain lists, for a cache.
     *
     * @return array{latest: string, pieces: array<string, list<array<array-key, mixed>>>} by place
     */
    public function state(): array
    {
        return [
            'latest' => $this->latest,
            'pieces' => array_map(
                static fn(array $there): array => array_map(static fn(Piece $piece): array => $piece->state(), $there),
                $this->pieces,
            ) + $this->kept,
        ];
    }

    /** @param array{latest: string, pieces: array<string, list<array<array-key, mixed>>>} $state */
    public static function restore(array $state): self
    {
        return new self([], $state['latest'], $state['pieces']);
    }

    /**
     * The events that still stand, in the order they happened.
     *
     * @param list<Event> $events
     *
     * @return list<Event>
     */
    public static function standing(array $events): array
    {
        usort($events, static fn(Event $a, Event $b): int => $b->recorded <=> $a->recorded);
        $recorded = array_column(array_map(static fn(Event $event): array => [$event->id, $event->recorded], $events), 1, 0);
        $corrections = new Corrections();
        $standing = [];
        foreach ($events as $event) {
            $stands = $corrections->stands($event->id, $event->kind, $event->corrects);
            if ($stands && $event->corrects !== null) {
                // an entry cannot correct itself, nor one that was written after it
                ($recorded[$event->corrects] ?? PHP_INT_MAX) < $event->recorded || throw BadLedger::correctsNothing($event->corrects);
            }
            if ($stands && $event->kind !== EventKind::Voided) {
                $standing[] = $event;
            }
        }
        usort($standing, static fn(Event $a, Event $b): int => [$a->happenedAt, $a->recorded] <=> [$b->happenedAt, $b->recorded]);

        return $standing;
    }

    /** @return list<Piece> from the arbor out */
    public function at(Place $place): array
    {
        $key = $place->key();

        return $this->pieces[$key] ?? array_map(Piece::restore(...), $this->kept[$key] ?? []);
    }

    /** All that lies there; 0 where nothing does. */
    public function length(Place $place): Length
    {
        return Piece::total($this->at($place));
    }

    /** Half the 90 % band of what lies there, where it was not counted exactly. */
    public function half(Place $place): ?Length
    {
        return Piece::halfOf($this->at($place));
    }

    /** What surely lies there: less half the band, where it was not counted exactly. */
    public function sure(Place $place): Length
    {
        return Length::metres(max(0.0, $this->length($place)->inMetres() - ($this->half($place)?->inMetres() ?? 0.0)));
    }

    private function after(Event $event): self
    {
        $pieces = $this->pieces;
        foreach ([
            ...array_map(static fn(Move $move): array => [$move->from, $move->to], $event->moves),
            array_map(static fn(Count $count): Place => $count->at, $event->counts),
        ] as $places) {
            foreach ($places as $place) {
                $pieces[$place->key()] ??= $this->at($place);
            }
        }
        foreach ($event->moves as $move) {
            $pieces = self::carryOut($pieces, $move, $event->happenedAt);
        }
        foreach ($event->counts as $count) {
            $pieces = self::takeStock($pieces, $count);
        }

        return new self($pieces, max($this->latest, $event->happenedAt), $this->kept);
    }

    /**
     * @param array<string, list<Piece>> $pieces
     *
     * @return array<string, list<Piece>>
     */
    private static function carryOut(array $pieces, Move $move, string $when): array
    {
        $taken = [new Piece($move->product, $move->length)];
        if ($move->from->kind->holds()) {
            [$left, $taken] = self::takeOff($pieces[$move->from->key()] ?? [], $move);
            $pieces[$move->from->key()] = self::lessSure($left, $move->half);
        }
        if ($move->half !== null || $move->known !== []) {
            $taken = self::known($taken, $move->half, $move->known);
        }
        if ($move->to->kind->holds()) {
            $onto = $pieces[$move->to->key()] ?? [];
            foreach ($taken as $piece) {
                $since = $piece->since ?? ($move->to->kind === PlaceKind::Spool ? $when : null);
                $onto = self::lay($onto, new Piece($piece->product, $piece->length, $since, false, $piece->half, $piece->known), $move->to);
            }
            $pieces[$move->to->key()] = $onto;
        }

        return $pieces;
    }

    /**
     * What stays where something was taken that is known only within a band: it is known no better.
     *
     * @param list<Piece> $left
     *
     * @return list<Piece>
     */
    private static function lessSure(array $left, ?Length $half): array
    {
        $last = array_key_last($left);
        if ($last === null || $half === null) {
            return $left;
        }
        $piece = $left[$last];

        return [
            ...array_slice($left, 0, $last),
            $piece->within(Length::metres(hypot($piece->half?->inMetres() ?? 0.0, $half->inMetres())), $piece->known),
        ];
    }

    /**
     * Pieces of which all is known within a half band: it stands with the longest.
     *
     * @param list<Piece> $pieces
     * @param list<How>   $known
     *
     * @return list<Piece>
     */
    private static function known(array $pieces, ?Length $half, array $known): array
    {
        $longest = array_search(
            max([0.0, ...array_map(static fn(Piece $piece): float => $piece->length->inMetres(), $pieces)]),
            array_map(static fn(Piece $piece): float => $piece->length->inMetres(), $pieces),
            true,
        );

        return array_map(
            static fn(Piece $piece, int $index): Piece => $piece->within($index === $longest ? $half : null, $known),
            $pieces,
            array_keys($pieces),
        );
    }

    /**
     * @param list<Piece> $there
     *
     * @return array{list<Piece>, list<Piece>} what stays, and what comes off, outermost first
     */
    private static function takeOff(array $there, Move $move): array
    {
        $available = Piece::total($there);
        $move->length->inMetres() <= $available->inMetres() + OuterEnd::NOTHING_M
            || throw BadLedger::notEnough($move->from, $move->length, $available);

        return Piece::parted($there, $move->length);
    }

    /**
     * @param list<Piece> $onto
     *
     * @return list<Piece>
     */
    private static function lay(array $onto, Piece $piece, Place $place): array
    {
        $last = array_key_last($onto);
        if ($last !== null && $place->kind === PlaceKind::Filler && $onto[$last]->product !== $piece->product) {
            throw BadLedger::otherProduct($place);
        }
        if ($last !== null && $place->kind === PlaceKind::Spool && $onto[$last]->product !== $piece->product) {
            $onto = array_map(static fn(Piece $under): Piece => $under->under(), $onto);
        }
        if ($last !== null && $onto[$last]->goesOnIn($piece)) {
            return [...array_slice($onto, 0, $last), $onto[$last]->and($piece)];
        }

        return [...$onto, $piece];
    }

    /**
     * @param array<string, list<Piece>> $pieces
     *
     * @return array<string, list<Piece>>
     */
    private static function takeStock(array $pieces, Count $count): array
    {
        $key = $count->at->key();
        $there = Piece::total($pieces[$key] ?? [])->inMetres();
        $difference = $count->length->inMetres() - $there;
        if ($difference > OuterEnd::NOTHING_M) {
            $pieces[$key] = self::lay($pieces[$key] ?? [], new Piece($count->product, Length::metres($difference)), $count->at);
        } elseif ($difference < -OuterEnd::NOTHING_M) {
            $missing = Move::of($count->at, Place::of(PlaceKind::Unseen), Length::metres(-$difference), $count->product);
            [$pieces[$key]] = self::takeOff($pieces[$key] ?? [], $missing);
        }
        $pieces[$key] = self::known($pieces[$key] ?? [], $count->half, []);

        return $pieces;
    }
}
