<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ByAnglerRequest;
use App\Http\Resources\EventResource;
use App\Log\Entries;
use App\Log\Pages;
use App\Models\Event;
use App\Models\Spool;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The log to read through, and what is said of a spool. */
final class LogController
{
    public function index(Request $request, Pages $pages): JsonResponse
    {
        $request->validate(['q' => ['nullable', 'string', 'max:100'], 'kind' => ['nullable', 'string', 'max:20'], 'from' => ['nullable', 'date_format:Y-m-d'], 'to' => ['nullable', 'date_format:Y-m-d'], 'after' => ['nullable', 'string', 'max:60']]);
        $text = static fn(string $key): string => $request->string($key)->value();
        $page = $pages->page([
            'q' => $text('q'), 'kind' => $text('kind'), 'from' => $text('from'), 'to' => $text('to'), 'after' => $text('after'),
            'spool' => $request->integer('spool'), 'reel' => $request->integer('reel'), 'angler' => $request->integer('angler'), 'line' => $request->integer('line'),
        ]);
        $facts = $pages->facts($page['entries']);

        return new JsonResponse([
            'entries' => array_map(static fn(Event $event): array => (new EventResource($event))->toArray($request) + $facts[$event->id], $page['entries']),
            'more' => $page['more'],
        ]);
    }

    public function store(ByAnglerRequest $request, Entries $entries, Pages $pages, int $id): JsonResponse
    {
        $spool = Spool::query()->findOrFail($id);
        $event = $entries->write(
            $request->string('id')->value(),
            $spool->id,
            $request->string('what')->value(),
            $request->figures(),
            $request->integer('angler') ?: null,
            $request->happenedAt(),
            $request->filled('corrects') ? $request->string('corrects')->value() : null,
        );

        return new JsonResponse((new EventResource($event->load('moves')))->toArray($request) + $pages->facts([$event])[$event->id], $event->wasRecentlyCreated ? 201 : 200);
    }
}
