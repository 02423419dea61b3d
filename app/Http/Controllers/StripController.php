<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\EventResource;
use App\Log\OldLine;
use App\Models\Spool;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Undro\Contract\Input;

/** Line off a spool: to waste, cut back, onto something else, or turned over. */
final class StripController
{
    public function __invoke(Request $request, OldLine $oldLine, int $id): JsonResponse
    {
        $request->validate(['id' => ['required', 'uuid'], 'angler' => ['nullable', 'integer']]);
        $spool = Spool::query()->findOrFail($id);
        $event = DB::transaction(static fn() => $oldLine->write($request->string('id')->value(), $spool->id, Input::of($request->all()), $request->integer('angler') ?: null, null));

        return new JsonResponse((new EventResource($event->load('moves')))->toArray($request), $event->wasRecentlyCreated ? 201 : 200);
    }
}
