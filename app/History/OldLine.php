<?php

declare(strict_types=1);

namespace App\History;

use App\Ledger\EventLog;
use App\Ledger\SpoolStates;
use App\Models\Event as EventRow;
use App\Models\Filler;
use App\Models\Spool;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Ledger\EventKind;
use Undro\Ledger\Move;
use Undro\Ledger\OnSpool;
use Undro\Ledger\Piece;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;
use Undro\Line\OuterEnd;
use Undro\Strip\BadStrip;
use Undro\Strip\Outcome;
use Undro\Strip\Removal;
use Undro\Units\Length;

/** Writes down what became of the line on a spool. */
final readonly class OldLine
{
    /** The first of the carriers line is turned over on. */
    private const CARRIER = 1;

    public function __construct(private EventLog $log, private SpoolStates $states) {}

    /**
     * @param Input $in how, metres, to {kind, id}
     *
     * @throws \Undro\DomainFault
     */
    public function write(
        string $uuid,
        int $spool,
        Input $in,
        ?int $angler,
        ?int $run,
        ?string $at = null,
        ?string $corrects = null,
    ): EventRow {
        $how = $in->choice('how', Removal::class);
        $from = $this->place($spool);
        $lying = $this->states->lying($spool, $at, $corrects);
        $lying !== [] || throw BadStrip::nothingThere();
        $note = $in->text('words', 200);
        $moves = $this->moves($how, $lying, $from, $in);
        $kind = match ($how) {
            Removal::Off, Removal::MainOff => EventKind::Stripped,
            Removal::CutBack => EventKind::CutBack,
            Removal::TurnOver, Removal::Grass => EventKind::TurnedOver,
            default => EventKind::Moved,
        };

        return $this->log->record(
            $uuid,
            $kind,
            $moves,
            happenedAt: $at,
            angler: $angler,
            corrects: $corrects,
            note: $note === '' ? null : $note,
            run: $run,
        );
    }

    /**
     * @param non-empty-list<Piece> $lying from the arbor out
     *
     * @return list<Move>
     *
     * @throws \Undro\DomainFault
     */
    private function moves(Removal $how, array $lying, Place $from, Input $in): array
    {
        $on = OnSpool::of($lying);
        $all = array_reverse($lying);
        // where only backing lies, that is what is turned and moved
        $main = $on->main === [] ? $all : array_reverse($on->main);
        $waste = Place::of(PlaceKind::Waste);

        return match ($how) {
            Removal::Off => self::all($all, $from, $waste),
            Removal::MainOff => self::all($on->main === [] ? throw BadStrip::noMainLine() : $main, $from, $waste),
            Removal::CutBack => self::outer(
                $all,
                $from,
                $waste,
                $in->optionalMetres('metres', 0.1, Bounds::LENGTH_M[1]) ?? throw BadStrip::howMuch(),
            ),
            Removal::TurnOver, Removal::Grass => self::turned($main, $from, count($main) < count($all)),
            Removal::ToSpare, Removal::OntoFiller => self::all($main, $from, self::to($in, $how)),
            Removal::OntoReel => [
                ...self::all($main, $from, self::to($in, $how)),
                // it comes out on top there and is taken off
                ...self::all(array_slice($all, count($main)), $from, $waste),
            ],
        };
    }

    /**
     * Off, across and back, so that what was outermost lies innermost; what the join takes goes from the worn end.
     *
     * @param list<Piece> $main   outermost first
     * @param bool        $joined to backing that stays
     *
     * @return list<Move>
     *
     * @throws BadStrip
     */
    private static function turned(array $main, Place $from, bool $joined): array
    {
        $carrier = Place::of(PlaceKind::Carrier, self::CARRIER);
        $other = Place::of(PlaceKind::Carrier, self::CARRIER + 1);
        $lost = $joined ? Length::metres(Outcome::JOIN_LOST_M) : Length::metres(0);
        [$left, $cut] = Piece::parted(array_reverse($main), $lost);
        $left !== [] || throw BadStrip::tooShortToTurn();

        return [
            ...self::all($main, $from, $carrier),
            ...self::all(array_reverse($main), $carrier, $other),
            ...self::all($cut, $other, Place::of(PlaceKind::Waste)),
            ...self::all(array_reverse($left), $other, $from),
        ];
    }

    /**
     * @param list<Piece> $pieces outermost first
     *
     * @return list<Move>
     */
    public static function all(array $pieces, Place $from, Place $to): array
    {
        return array_map(static fn(Piece $piece): Move => Move::of($from, $to, $piece->length, $piece->product), $pieces);
    }

    /**
     * @param list<Piece> $pieces outermost first
     *
     * @return list<Move>
     *
     * @throws BadStrip
     */
    public static function outer(array $pieces, Place $from, Place $to, Length $metres): array
    {
        $there = Piece::total($pieces);
        $metres->inMetres() <= $there->inMetres() + OuterEnd::NOTHING_M || throw BadStrip::moreThanThere($metres, $there);

        return self::all(Piece::parted(array_reverse($pieces), $metres)[1], $from, $to);
    }

    private function place(int $spool): Place
    {
        return Place::of(PlaceKind::Spool, $spool);
    }

    /** @throws BadStrip */
    private static function to(Input $in, Removal $how): Place
    {
        $id = $in->has('to') ? (int) $in->number('to', 1, PHP_INT_MAX) : throw BadStrip::whereTo();
        $filler = !$how->ontoASpool();
        ($filler ? Filler::query() : Spool::query())->whereKey($id)->exists() || throw BadStrip::whereTo();

        return Place::of($filler ? PlaceKind::Filler : PlaceKind::Spool, $id);
    }
}
