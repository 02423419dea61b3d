<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Event;
use App\Models\Filler;
use App\Models\LevelReading;
use App\Models\Outing;
use Illuminate\Support\Facades\DB;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Ledger\BadLedger;
use Undro\Ledger\EventKind;
use Undro\Ledger\Move;
use Undro\Ledger\Piece;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;
use Undro\Strip\BadStrip;

/** Writes what happened to a spool into the log, now or afterwards, and in the place of an entry that was wrong. */
final readonly class Entries
{
    /** What can be said of a spool. The rest of what moves line is written by runs and by taking old line off. */
    public const WHAT = ['fished', 'lost', 'topped_up', 'level', 'strip'];

    public function __construct(private EventLog $log, private OldLine $oldLine) {}

    /**
     * An id that is known already changes nothing.
     *
     * @param string      $what     one of WHAT
     * @param string|null $at       ISO 8601, UTC; null: now
     * @param string|null $corrects the entry it replaces
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public function write(string $uuid, int $spool, string $what, Input $in, ?int $angler, ?string $at, ?string $corrects): Event
    {
        $replaced = $corrects === null ? null : Event::query()->where('uuid', $corrects)->first() ?? throw BadLedger::correctsNothing($corrects);
        // what is not said again stays as it was
        $at ??= $replaced?->happened_at;
        $angler ??= $replaced?->angler_id;
        $words = trim($in->text('words', 500));
        $note = $words === '' ? null : $words;
        $record = fn(EventKind $kind, array $moves = []): Event => $this->log->record($uuid, $kind, array_values(array_filter($moves, static fn(mixed $move): bool => $move instanceof Move)), happenedAt: $at, angler: $angler, corrects: $corrects, note: $note);

        return DB::transaction(function () use ($what, $in, $spool, $at, $corrects, $record, $uuid, $angler): Event {
            $known = $this->log->known($uuid, ...self::kinds($what));
            if ($known !== null) {
                return $known;
            }
            $from = Place::of(PlaceKind::Spool, $spool);
            $lying = fn(): array => array_reverse($this->log->lying($spool, $at, $corrects)) ?: throw BadStrip::nothingThere();
            switch ($what) {
                case 'fished':
                    $facts = self::outing($in);
                    $event = $record(EventKind::Fished);
                    Outing::query()->create(['event_id' => $event->id, 'spool_id' => $spool] + $facts);

                    return $event;
                case 'level':
                    $facts = self::level($in);
                    $event = $record(EventKind::Measured);
                    LevelReading::query()->create(['event_id' => $event->id, 'spool_id' => $spool] + $facts);

                    return $event;
                case 'lost':
                    return $record(EventKind::Lost, OldLine::outer($lying(), $from, Place::of(PlaceKind::Water), $in->optionalMetres('metres', 0.1, Bounds::LENGTH_M[1]) ?? throw BadStrip::howMuch()));
                case 'topped_up':
                    return $record(EventKind::ToppedUp, self::toppedUp($lying(), $from, $in));
                default:
                    return $this->oldLine->write($uuid, $spool, $in, $angler, null, $at, $corrects);
            }
        });
    }

    /** @return list<EventKind> what an entry may come to */
    private static function kinds(string $what): array
    {
        return match ($what) {
            'fished' => [EventKind::Fished],
            'level' => [EventKind::Measured],
            'lost' => [EventKind::Lost],
            'topped_up' => [EventKind::ToppedUp],
            default => [EventKind::Stripped, EventKind::CutBack, EventKind::TurnedOver, EventKind::Moved],
        };
    }

    /** @return array<string, mixed> */
    public static function outing(Input $in): array
    {
        return [
            'hours' => $in->optionalNumber('hours', 0, 72),
            'sun' => $in->boolean('sun'),
            'rough' => $in->boolean('rough'),
            'cast_typed' => self::typed($in, 'cast'),
            'cast_m' => $in->optionalMetres('cast', 0, 500)?->inMetres(),
            'run_typed' => self::typed($in, 'run'),
            'run_m' => $in->optionalMetres('run', 0, 2000)?->inMetres(),
        ];
    }

    /** @return array<string, mixed> */
    public static function level(Input $in): array
    {
        return [
            'gap_typed' => self::typed($in, 'gap'),
            'gap_mm' => ($in->optionalMillimetres('gap', -5, 50) ?? throw new \Undro\Measure\BadMeasure('gap', 'How far does the line stand under the lip?'))->inMillimetres(),
            'readings' => (int) $in->number('readings', 1, 100, 1),
            'counts' => $in->boolean('counts', true),
        ];
    }

    /**
     * The main line off onto a carrier, backing onto what is left, and the main line on again.
     *
     * @param list<Piece> $pieces outermost first
     *
     * @return list<Move>
     *
     * @throws \Undro\DomainFault
     */
    private static function toppedUp(array $pieces, Place $spool, Input $in): array
    {
        $metres = $in->optionalMetres('metres', 0.1, Bounds::LENGTH_M[1]) ?? throw BadStrip::howMuch();
        $main = array_values(array_filter($pieces, static fn(Piece $piece): bool => $piece->product === $pieces[0]->product));
        $under = $pieces[count($main)] ?? null;
        $filler = Filler::query()->find((int) ($in->optionalNumber('filler', 1, PHP_INT_MAX) ?? 0));
        $under !== null || $filler !== null || throw BadStrip::whereTo();
        $from = $filler === null ? Place::of(PlaceKind::Shop) : Place::of(PlaceKind::Filler, $filler->id);
        $carrier = Place::of(PlaceKind::Carrier, 1);

        return [
            ...OldLine::all($main, $spool, $carrier),
            Move::of($from, $spool, $metres, $filler->line_product_id ?? $under->product ?? 0),
            ...OldLine::all(array_reverse($main), $carrier, $spool),
        ];
    }

    private static function typed(Input $in, string $key): string
    {
        $typed = $in->all()[$key] ?? '';

        return is_string($typed) ? trim($in->text($key, 60)) : (is_scalar($typed) ? (string) $typed : '');
    }
}
