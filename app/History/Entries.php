<?php

declare(strict_types=1);

namespace App\History;

use App\Ledger\EventLog;
use App\Ledger\SpoolStates;
use App\Models\Event;
use App\Models\Filler;
use App\Models\Inspection;
use App\Models\Leader;
use App\Models\LevelReading;
use App\Models\Outing;
use App\Models\Spool;
use App\Models\TroubleSeen;
use Illuminate\Support\Facades\DB;
use Undro\DomainFault;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Ledger\BadLedger;
use Undro\Ledger\Move;
use Undro\Ledger\OnSpool;
use Undro\Ledger\Piece;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;
use Undro\Measure\BadMeasure;
use Undro\Strip\BadStrip;
use Undro\Units\Length;
use Undro\Upkeep\BadUpkeep;

/** Writes what happened to a spool into the log, now or afterwards, and in the place of an entry that was wrong. */
final readonly class Entries
{
    public function __construct(private EventLog $log, private SpoolStates $states, private OldLine $oldLine) {}

    /**
     * An id that is known already changes nothing.
     *
     * @param string|null $at       ISO 8601, UTC; null: now
     * @param string|null $corrects the entry it replaces
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public function write(string $uuid, int $spool, What $what, Input $in, ?int $angler, ?string $at, ?string $corrects): Event
    {
        $replaced = $corrects === null
            ? null
            : Event::query()->where('uuid', $corrects)->first() ?? throw BadLedger::correctsNothing($corrects);
        // what is not said again stays as it was
        $at ??= $replaced?->happened_at;
        $angler ??= $replaced?->angler_id;

        return DB::transaction(function () use ($what, $in, $spool, $at, $corrects, $uuid, $angler): Event {
            $known = $this->log->known($uuid, ...$what->kinds());
            if ($known !== null) {
                return $known;
            }
            if ($what === What::Strip) {
                return $this->oldLine->write($uuid, $spool, $in, $angler, null, $at, $corrects);
            }
            $part = match ($what) {
                What::Fished => $this->outing($in, $spool, $at, $corrects),
                What::Level => $this->level($in, $spool, $at, $corrects),
                What::Inspected => $this->inspection($in, $spool, $at, $corrects),
                What::Trouble => TroubleSeen::read($in, $spool),
                What::Leader => $this->leader($in, $spool, $at, $corrects),
                default => null,
            };
            $words = trim($in->text('words', 500));
            $event = $this->log->record(
                $uuid,
                $what->kinds()[0],
                $this->moves($what, $spool, $in, $at, $corrects),
                happenedAt: $at,
                angler: $angler,
                corrects: $corrects,
                note: $words === '' ? null : $words,
            );
            $part?->fill(['event_id' => $event->id])->save();

            return $event;
        });
    }

    /** @throws \Undro\DomainFault if there was no line on the spool to fish with */
    private function outing(Input $in, int $spool, ?string $at, ?string $corrects): Outing
    {
        if ($this->states->lying($spool, $at, $corrects) === []) {
            $first = $this->states->of($spool)[0] ?? null;
            throw $first === null || $at === null ? BadStrip::nothingThere() : BadUpkeep::beforeTheFill($at, $first->at);
        }

        return Outing::read($in, $spool);
    }

    /** @throws \Undro\DomainFault if nothing lay there, or the spool is not as deep */
    private function level(Input $in, int $spool, ?string $at, ?string $corrects): LevelReading
    {
        $read = LevelReading::read($in, $spool);
        $this->states->lying($spool, $at, $corrects) !== [] || throw BadMeasure::noLine();
        $on = Spool::query()->with('reels')->findOrFail($spool);
        try {
            $geometry = $on->spool($on->reelKind())->geometry;
        } catch (DomainFault) {
            $geometry = null;
        }
        if ($geometry !== null) {
            $deepest = $geometry->depthOf($geometry->arbor->thin);
            $read->gap_mm < $deepest->inMillimetres() || throw BadMeasure::deeperThanTheSpool(Length::millimetres($read->gap_mm), $deepest);
        }

        return $read;
    }

    /** @throws \Undro\DomainFault if nothing lay there, or less than it speaks of */
    private function inspection(Input $in, int $spool, ?string $at, ?string $corrects): Inspection
    {
        $inspection = Inspection::read($in, $spool);
        $on = OnSpool::of($this->states->lying($spool, $at, $corrects));
        $on->main !== [] || throw BadStrip::nothingThere();
        $end = max($inspection->from_m ?? 0.0, $inspection->to_m ?? 0.0);
        $end <= $on->length()->inMetres() || throw BadUpkeep::beyondTheLine(
            $inspection->to_m === null ? 'from' : 'until',
            Length::metres($end),
            $on->length(),
        );

        return $inspection;
    }

    /** @throws \Undro\DomainFault if there is no line to tie it to, or it cannot be thrown */
    private function leader(Input $in, int $spool, ?string $at, ?string $corrects): Leader
    {
        $this->states->lying($spool, $at, $corrects) !== [] || throw BadStrip::nothingThere();

        return Leader::read($in, $spool);
    }

    /** @return list<Move> @throws \Undro\DomainFault */
    private function moves(What $what, int $spool, Input $in, ?string $at, ?string $corrects): array
    {
        if (!$what->movesLine()) {
            return [];
        }
        $from = Place::of(PlaceKind::Spool, $spool);
        $lying = $this->states->lying($spool, $at, $corrects);
        $lying !== [] || throw BadStrip::nothingThere();

        return $what === What::ToppedUp ? self::toppedUp($lying, $from, $in) : OldLine::outer(
            array_reverse($lying),
            $from,
            Place::of(PlaceKind::Water),
            $in->optionalMetres('metres', 0.1, Bounds::LENGTH_M[1]) ?? throw BadStrip::howMuch(),
        );
    }

    /**
     * The main line off onto a carrier, backing onto what is left, and the main line on again.
     *
     * @param non-empty-list<Piece> $lying from the arbor out
     *
     * @return list<Move>
     *
     * @throws \Undro\DomainFault
     */
    private static function toppedUp(array $lying, Place $spool, Input $in): array
    {
        $metres = $in->optionalMetres('metres', 0.1, Bounds::LENGTH_M[1]) ?? throw BadStrip::howMuch();
        $on = OnSpool::of($lying);
        $main = array_reverse($on->main);
        $under = $on->backingLine();
        $filler = Filler::query()->find((int) ($in->optionalNumber('filler', 1, PHP_INT_MAX) ?? 0));
        $under !== null || $filler !== null || throw BadStrip::whereTo();
        $carrier = Place::of(PlaceKind::Carrier, 1);

        return [
            ...OldLine::all($main, $spool, $carrier),
            Move::of($filler?->place() ?? Place::of(PlaceKind::Shop), $spool, $metres, $filler->line_product_id ?? $under ?? 0),
            ...OldLine::all(array_reverse($main), $carrier, $spool),
        ];
    }
}
