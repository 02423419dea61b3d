<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\History\Pages;
use App\Http\Requests\EventRequest;
use App\Http\Resources\EventResource;
use App\Ledger\EventLog;
use App\Models\Event;
use App\Models\Filler;
use App\Models\Spool;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Undro\Input\BadInput;
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
    private const MOST = 20;

    /** The latest entries, newest first, of everything or of one filler or spool. */
    public function index(Request $request, Pages $pages): JsonResponse
    {
        $events = Event::query()->with('moves')->orderByDesc('id')->limit(self::LATEST);
        foreach (['filler', 'spool'] as $kind) {
            $id = $request->integer($kind);
            if ($id > 0) {
                $side = static fn(string $side): \Closure => static fn(Builder $move): Builder => $move
                    ->where("{$side}_kind", $kind)
                    ->where("{$side}_id", $id);
                $events->whereHas('moves', static fn(Builder $move): Builder => $move->where(
                    static fn(Builder $either): Builder => $either->where($side('to'))->orWhere($side('from')),
                ));
            }
        }
        $found = array_values($events->get()->all());
        $facts = $pages->facts($found);

        return new JsonResponse(array_map(static fn(Event $event): array => EventResource::of($event, $facts[$event->id]), $found));
    }

    public function store(EventRequest $request, EventLog $log): JsonResponse
    {
        $in = $request->figures();
        $event = $log->record(
            $request->string('id')->value(),
            $in->choice('kind', EventKind::class),
            array_map($this->move(...), $in->objects('moves', 0, self::MOST)),
            array_map($this->count(...), $in->objects('counts', 0, self::MOST)),
            $request->happenedAt(),
            $request->integer('angler') ?: null,
            $request->filled('corrects') ? $request->string('corrects')->value() : null,
            $request->filled('note') ? $request->string('note')->value() : null,
        );

        return new JsonResponse(EventResource::of($event->load('moves')), $event->wasRecentlyCreated ? 201 : 200);
    }

    private function move(Input $in): Move
    {
        [$length, $half] = $in->metresWithin('length_m', ...Bounds::LENGTH_M);
        $length ??= throw BadInput::missing('length_m');

        return $in->make(fn(): Move => Move::of(
            $this->place($in->object('from')),
            $this->place($in->object('to')),
            $length,
            (int) $in->number('line', 1, PHP_INT_MAX),
            $half,
        ));
    }

    private function count(Input $in): Count
    {
        [$length, $half] = $in->metresWithin('length_m', ...Bounds::LENGTH_M);

        return new Count(
            $this->place($in->object('at')),
            $length ?? throw BadInput::missing('length_m'),
            (int) $in->number('line', 1, PHP_INT_MAX),
            $half,
        );
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
