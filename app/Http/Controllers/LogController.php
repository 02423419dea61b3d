<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\History\Entries;
use App\History\Pages;
use App\History\Search;
use App\History\What;
use App\Http\Requests\ByAnglerRequest;
use App\Http\Resources\EventResource;
use App\Learning\Learning;
use App\Models\Event;
use App\Models\Spool;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Undro\Ledger\EventKind;

/** The log to read through, and what is said of a spool. */
final class LogController
{
    public function index(Request $request, Pages $pages): JsonResponse
    {
        $request->validate([
            'q' => ['nullable', 'string', 'max:100'],
            'kind' => ['nullable', Rule::enum(EventKind::class)],
            'from' => ['nullable', 'date_format:Y-m-d'],
            'to' => ['nullable', 'date_format:Y-m-d'],
            'after' => ['nullable', 'string', 'max:60'],
        ]);
        $page = $pages->page(new Search(
            $request->string('q')->value(),
            $request->enum('kind', EventKind::class),
            $request->integer('spool') ?: null,
            $request->integer('reel') ?: null,
            $request->integer('angler') ?: null,
            $request->integer('line') ?: null,
            $request->string('from')->value() ?: null,
            $request->string('to')->value() ?: null,
            $request->string('after')->value(),
        ));
        $facts = $pages->facts($page->entries);

        return new JsonResponse([
            'entries' => array_map(static fn(Event $event): array => EventResource::of($event, $facts[$event->id]), $page->entries),
            'more' => $page->more,
        ]);
    }

    public function store(ByAnglerRequest $request, Entries $entries, Pages $pages, Learning $learning, Spool $spool): JsonResponse
    {
        $event = DB::transaction(static function () use ($request, $entries, $learning, $spool): Event {
            $event = $entries->write(
                $request->string('id')->value(),
                $spool->id,
                $request->figures()->choice('what', What::class),
                $request->figures(),
                $request->integer('angler') ?: null,
                $request->happenedAt(),
                $request->filled('corrects') ? $request->string('corrects')->value() : null,
            );
            if ($request->boolean('keep')) {
                $learning->check($event->uuid);
            }

            return $event;
        });

        return new JsonResponse(
            EventResource::of($event->load('moves'), $pages->facts([$event])[$event->id]),
            $event->wasRecentlyCreated ? 201 : 200,
        );
    }
}
