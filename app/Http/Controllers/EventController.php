<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EventRequest;
use App\Http\Resources\EventResource;
use App\Log\EventLog;
use App\Log\Pages;
use App\Models\Event;
use App\Models\Filler;
use App\Models\Spool;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Ledger\BadLedger;
use Undro\Ledger\Count;
use Undro\Ledger\EventKind;
use Undro\Ledger\Move;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;

final class EventController
{
    private const LATEST = 50;

    /** The latest entries, newest first, of everything or of one filler or spool. */
    public function index(Request $request, Pages $pages): JsonResponse
    {
        $events = Event::query()->with('moves')->orderByDesc('id')->limit(self::LATEST);
        foreach (['filler', 'spool'] as $kind) {
            if ($request->integer($kind) > 0) {
                $id = $request->integer($kind);
                $events->whereHas('moves', static fn(Builder $move): Builder => $move->where(static fn(Builder $side): Builder => $side
                    ->where(static fn(Builder $to): Builder => $to->where('to_kind', $kind)->where('to_id', $id))
                    ->orWhere(static fn(Builder $from): Builder => $from->where('from_kind', $kind)->where('from_id', $id))));
            }
        }
        $found = array_values($events->get()->all());
        $facts = $pages->facts($found);

        return new JsonResponse(array_map(static fn(Event $event): array => (new EventResource($event))->toArray($request) + $facts[$event->id], $found));
    }

    public function store(EventRequest $request, EventLog $log): JsonResponse
    {
        $in = $request->figures();
        $event = $log->record(
            $request->string('id')->value(),
            EventKind::from($request->string('kind')->value()),
            array_map(fn(Input $move): Move => $move->make(fn(): Move => Move::of(
                $this->place($move->object('from')),
                $this->place($move->object('to')),
                $move->metres('length_m', ...Bounds::LENGTH_M),
                (int) $move->number('line', 1, PHP_INT_MAX),
            )), $in->objects('moves', 0, 20)),
            array_map(fn(Input $count): Count => new Count(
                $this->place($count->object('at')),
                $count->metres('length_m', ...Bounds::LENGTH_M),
                (int) $count->number('line', 1, PHP_INT_MAX),
            ), $in->objects('counts', 0, 20)),
            $request->happenedAt(),
            $request->integer('angler') ?: null,
            $request->filled('corrects') ? $request->string('corrects')->value() : null,
            $request->filled('note') ? $request->string('note')->value() : null,
        );

        return new JsonResponse((new EventResource($event->load('moves')))->toArray($request), $event->wasRecentlyCreated ? 201 : 200);
    }

    /** A place of this account. */
    private function place(Input $in): Place
    {
        $kind = $in->choice('kind', PlaceKind::class);
        $id = (int) ($in->optionalNumber('id', 0, PHP_INT_MAX) ?? 0);
        $exists = match ($kind) {
            PlaceKind::Filler => Filler::query()->whereKey($id)->exists(),
            PlaceKind::Spool => Spool::query()->whereKey($id)->exists(),
            default => true,
        };

        return $in->make(static fn(): Place => $exists ? Place::of($kind, $id) : throw BadLedger::noSuchPlace($kind));
    }
}
