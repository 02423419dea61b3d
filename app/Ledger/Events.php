<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Clock;
use App\Database\Row;
use App\Models\Account;
use App\Models\Event as EventRow;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use Undro\Ledger\BadLedger;
use Undro\Ledger\Corrections;
use Undro\Ledger\Count;
use Undro\Ledger\Event;
use Undro\Ledger\EventKind;
use Undro\Ledger\How;
use Undro\Ledger\Move;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;
use Undro\Units\Length;

/** The rows of the event log: written once, read whole. */
final readonly class Events
{
    /** @return list<Event> all of the account's, in the order of entry */
    public function all(): array
    {
        [$moves, $counts] = [[], []];
        foreach (Row::all(DB::table('event_moves')->orderBy('id')) as $row) {
            $to = Place::of(PlaceKind::from($row->text('to_kind')), $row->int('to_id'));
            $length = Length::metres($row->float('length_m'));
            $from = $row->optionalText('from_kind');
            if ($from === null) {
                $counts[$row->int('event_id')][] = new Count($to, $length, $row->int('line_product_id'), self::half($row));
            } else {
                $here = Place::of(PlaceKind::from($from), $row->int('from_id'));
                $moves[$row->int('event_id')][] = Move::of(
                    $here,
                    $to,
                    $length,
                    $row->int('line_product_id'),
                    self::half($row),
                    How::read($row->optionalText('known')),
                );
            }
        }
        $events = [];
        foreach (Row::all(DB::table('events')->where('account_id', Account::current()->id)->orderBy('id')) as $row) {
            $id = $row->int('id');
            $events[] = new Event(
                $row->text('uuid'),
                EventKind::from($row->text('kind')),
                $row->text('happened_at'),
                $id,
                $moves[$id] ?? [],
                $counts[$id] ?? [],
                $row->optionalText('corrects'),
            );
        }

        return $events;
    }

    private static function half(Row $row): ?Length
    {
        $half = $row->optionalFloat('half_m');

        return $half === null ? null : Length::metres($half);
    }

    /** Writes an entry with what moved and what was counted; nobody has checked it. */
    public function write(EventRow $entry, Event $event): void
    {
        foreach ($event->moves as $move) {
            $entry->moves()->create(self::sides($move->from, $move->to, $move->length, $move->product) + [
                'half_m' => $move->half?->inMetres(),
                'known' => How::text($move->known),
            ]);
        }
        foreach ($event->counts as $count) {
            $entry->moves()->create(self::sides(null, $count->at, $count->length, $count->product) + ['half_m' => $count->half?->inMetres()]);
        }
    }

    /** The number of the last entry, or the last before another; 0: there is none. */
    public function last(int $before = PHP_INT_MAX): int
    {
        $last = DB::table('events')->where('account_id', Account::current()->id)->where('id', '<', $before)->max('id');

        return is_numeric($last) ? (int) $last : 0;
    }

    /**
     * The entry of an id that is known already, so that telling it again changes nothing.
     *
     * @param EventKind ...$kinds it may be of
     *
     * @throws BadLedger if the id is that of something else
     */
    public function known(string $uuid, EventKind ...$kinds): ?EventRow
    {
        $known = EventRow::query()->where('uuid', $uuid)->first();
        $known === null || in_array($known->kind, $kinds, true) || throw BadLedger::idOfSomethingElse($uuid);

        return $known;
    }

    /** @return array<array-key, true> the entries a later one corrects or takes back, by their ids */
    public function takenBack(): array
    {
        $corrections = new Corrections();
        $rows = DB::table('events')->where('account_id', Account::current()->id)->whereNotNull('corrects')->orderByDesc('id');
        foreach (Row::all($rows, ['uuid', 'kind', 'corrects']) as $row) {
            $corrections->stands($row->text('uuid'), EventKind::from($row->text('kind')), $row->text('corrects'));
        }

        return $corrections->out();
    }

    /**
     * What of rows that are of entries still stands, in the order it happened.
     *
     * @template T of Model
     *
     * @param Builder<T> $rows of a table with an event_id
     *
     * @return list<array{at: string, event: int, uuid: string, row: T}>
     */
    public function standing(Builder $rows): array
    {
        $out = $this->takenBack();
        $table = $rows->getModel()->getTable();
        $standing = [];
        $all = $rows->join('events', 'events.id', '=', "$table.event_id")->orderBy('events.happened_at')->orderBy('events.id')
            ->get(["$table.*", 'events.happened_at', 'events.uuid', 'events.id as event']);
        foreach ($all as $row) {
            [$at, $uuid, $event] = [$row->getAttribute('happened_at'), $row->getAttribute('uuid'), $row->getAttribute('event')];
            if (is_string($at) && is_string($uuid) && is_int($event) && !isset($out[$uuid])) {
                $standing[] = ['at' => $at, 'event' => $event, 'uuid' => $uuid, 'row' => $row];
            }
        }

        return $standing;
    }

    /**
     * When something happens that is written down now. Where the clock was set back, entries are there from later than now: what is
     * written after them happened after them.
     */
    public function now(): string
    {
        $now = Clock::now();
        $latest = DB::table('events')->where('account_id', Account::current()->id)->where('recorded_at', '>', $now)->max('happened_at');

        return is_string($latest) && $latest > $now ? $latest : $now;
    }

    /** @return array<string, string|int|float|null> */
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
