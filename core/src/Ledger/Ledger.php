<?php

declare(strict_types=1);

namespace Undro\Ledger;

use Undro\Units\Length;

/**
 * What lies where, read from the event log alone. The state at a date depends only on the events.
 */
final readonly class Ledger
{
    /** Lengths below this are rounding, m. */
    private const NOTHING = 1e-6;

    /** @param array<string, list<Piece>> $pieces by place, from the arbor out */
    private function __construct(private array $pieces) {}

    /**
     * @param list<Event>     $events in any order
     * @param string|null     $until  ISO 8601, UTC: leave out what happened later
     *
     * @throws BadLedger if an event takes more than there is, or corrects an unknown one
     */
    public static function read(array $events, ?string $until = null): self
    {
        $pieces = [];
        foreach (self::standing($events) as $event) {
            if ($until !== null && $event->happenedAt > $until) {
                continue;
            }
            foreach ($event->moves as $move) {
                $pieces = self::carryOut($pieces, $move, $event->happenedAt);
            }
            foreach ($event->counts as $count) {
                $pieces = self::takeStock($pieces, $count);
            }
        }

        return new self($pieces);
    }

    /**
     * The events that still stand, in the order they happened. An event is out when a standing one corrects it.
     *
     * @param list<Event> $events
     *
     * @return list<Event>
     */
    public static function standing(array $events): array
    {
        usort($events, static fn(Event $a, Event $b): int => $b->recorded <=> $a->recorded);
        $known = array_flip(array_map(static fn(Event $event): string => $event->id, $events));
        $corrected = [];
        $standing = [];
        foreach ($events as $event) {
            if (isset($corrected[$event->id])) {
                continue;
            }
            if ($event->corrects !== null) {
                isset($known[$event->corrects]) || throw BadLedger::correctsNothing($event->corrects);
                $corrected[$event->corrects] = true;
            }
            if ($event->kind !== EventKind::Voided) {
                $standing[] = $event;
            }
        }
        usort($standing, static fn(Event $a, Event $b): int => [$a->happenedAt, $a->recorded] <=> [$b->happenedAt, $b->recorded]);

        return $standing;
    }

    /** @return list<Piece> from the arbor out */
    public function at(Place $place): array
    {
        return $this->pieces[$place->key()] ?? [];
    }

    public function length(Place $place): Length
    {
        return self::sum($this->at($place));
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
            $pieces[$move->from->key()] = $left;
        }
        if ($move->to->kind->holds()) {
            $onto = $pieces[$move->to->key()] ?? [];
            foreach ($taken as $piece) {
                $since = $piece->since ?? ($move->to->kind === PlaceKind::Spool ? $when : null);
                $onto = self::lay($onto, new Piece($piece->product, $piece->length, $since), $move->to);
            }
            $pieces[$move->to->key()] = $onto;
        }

        return $pieces;
    }

    /**
     * @param list<Piece> $there
     *
     * @return array{list<Piece>, list<Piece>} what stays, and what comes off, outermost first
     */
    private static function takeOff(array $there, Move $move): array
    {
        $available = self::sum($there);
        $wanted = $move->length->inMetres();
        $wanted <= $available->inMetres() + self::NOTHING || throw BadLedger::notEnough($move->from, $move->length, $available);
        $taken = [];
        while ($wanted > self::NOTHING && $there !== []) {
            $outer = array_pop($there);
            $length = $outer->length->inMetres();
            if ($length > $wanted + self::NOTHING) {
                $there[] = $outer->cut(Length::metres($length - $wanted));
                $outer = $outer->cut(Length::metres($wanted));
            }
            $taken[] = $outer;
            $wanted -= $outer->length->inMetres();
        }

        return [$there, $taken];
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
        if ($last !== null && $onto[$last]->product === $piece->product && $onto[$last]->since === $piece->since) {
            $onto[$last] = $piece->cut(Length::metres($onto[$last]->length->inMetres() + $piece->length->inMetres()));

            return $onto;
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
        $there = self::sum($pieces[$key] ?? [])->inMetres();
        $difference = $count->length->inMetres() - $there;
        if ($difference > self::NOTHING) {
            $pieces[$key] = self::lay($pieces[$key] ?? [], new Piece($count->product, Length::metres($difference)), $count->at);
        } elseif ($difference < -self::NOTHING) {
            $missing = Move::of($count->at, Place::of(PlaceKind::Unseen), Length::metres(-$difference), $count->product);
            [$pieces[$key]] = self::takeOff($pieces[$key] ?? [], $missing);
        }

        return $pieces;
    }

    /** @param list<Piece> $pieces */
    private static function sum(array $pieces): Length
    {
        return Length::metres(array_sum(array_map(static fn(Piece $piece): float => $piece->length->inMetres(), $pieces)));
    }
}
