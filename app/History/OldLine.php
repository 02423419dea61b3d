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
use Undro\Ledger\Piece;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;
use Undro\Strip\BadStrip;
use Undro\Strip\Removal;
use Undro\Units\Length;

/** Writes down what became of the line on a spool. */
final readonly class OldLine
{
    /** The one carrier line is turned over on. */
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
        $pieces = array_reverse($this->states->lying($spool, $at, $corrects));
        $pieces !== [] || throw BadStrip::nothingThere();
        $note = $in->text('words', 200);
        $carrier = Place::of(PlaceKind::Carrier, self::CARRIER);
        $other = Place::of(PlaceKind::Carrier, self::CARRIER + 1);
        $moves = match ($how) {
            Removal::Off => self::all($pieces, $from, Place::of(PlaceKind::Waste)),
            Removal::CutBack => self::outer(
                $pieces,
                $from,
                Place::of(PlaceKind::Waste),
                $in->optionalMetres('metres', 0.1, Bounds::LENGTH_M[1]) ?? throw BadStrip::howMuch(),
            ),
            Removal::TurnOver => [
                ...self::all($pieces, $from, $carrier),
                ...self::all(array_reverse($pieces), $carrier, $other),
                ...self::all($pieces, $other, $from),
            ],
            Removal::OntoFiller, Removal::OntoReel => self::all($pieces, $from, self::to($in, $how)),
        };
        $kind = match ($how) {
            Removal::Off => EventKind::Stripped,
            Removal::CutBack => EventKind::CutBack,
            Removal::TurnOver => EventKind::TurnedOver,
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
        $wanted = $metres->inMetres();
        $moves = [];
        foreach ($pieces as $piece) {
            $taken = min($wanted, $piece->length->inMetres());
            if ($taken > 1e-6) {
                $moves[] = Move::of($from, $to, Length::metres($taken), $piece->product);
            }
            $wanted -= $taken;
        }
        $wanted <= 1e-6 || throw BadStrip::moreThanThere($metres, Length::metres($metres->inMetres() - $wanted));

        return $moves;
    }

    private function place(int $spool): Place
    {
        return Place::of(PlaceKind::Spool, $spool);
    }

    /** @throws BadStrip */
    private static function to(Input $in, Removal $how): Place
    {
        $id = $in->has('to') ? (int) $in->number('to', 1, PHP_INT_MAX) : throw BadStrip::whereTo();
        $filler = $how === Removal::OntoFiller;
        ($filler ? Filler::query() : Spool::query())->whereKey($id)->exists() || throw BadStrip::whereTo();

        return Place::of($filler ? PlaceKind::Filler : PlaceKind::Spool, $id);
    }
}
