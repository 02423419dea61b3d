<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RunRequest;
use App\Http\Requests\ShapeRequest;
use App\Http\Resources\RunResource;
use App\Models\Run;
use App\Runs\Beginning;
use App\Runs\Going;
use App\Runs\RunLog;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Undro\Json\RunJson;

/** Runs at the bench: begun from a plan, told what happens, taken back as one. */
final class RunController
{
    /** A run that is told more than this at once is told nonsense. */
    private const AT_ONCE = 200;
    private const LATEST = 50;

    public function index(): JsonResponse
    {
        $runs = Run::query()->orderByRaw('ended_at is not null')->orderByDesc('id')->limit(self::LATEST)->get();

        return new JsonResponse($runs->map(RunResource::about(...))->all());
    }

    public function store(RunRequest $request, Beginning $beginning): JsonResponse
    {
        $run = DB::transaction(static fn(): Run => Run::query()->where('uuid', $request->string('id')->value())->first()
            ?? $beginning->of($request->figures()));

        return new JsonResponse(RunResource::whole(new Going($run)), $run->wasRecentlyCreated ? 201 : 200);
    }

    /** Another window asks again and again: where nothing has happened since, that is all it is told. */
    public function show(Request $request, Run $run): JsonResponse
    {
        $tag = $run->tag();
        $seen = $request->headers->get('If-None-Match') === $tag;
        $response = $seen ? new JsonResponse(null, 304) : new JsonResponse(RunResource::whole(new Going($run)));
        $response->headers->set('ETag', $tag);

        return $response;
    }

    /** How it goes on as planned: kept by a phone, so that it can go on where nothing can be asked. */
    public function ahead(Run $run): JsonResponse
    {
        $going = new Going($run);

        return new JsonResponse(['seen' => $going->marks->seen] + RunJson::ahead($run->ended_at === null ? $going->ahead() : []));
    }

    public function mark(ShapeRequest $request, RunLog $log, Run $run): JsonResponse
    {
        return new JsonResponse(RunResource::whole($log->hear($run, $request->figures()->objects('marks', 1, self::AT_ONCE))));
    }

    public function takeBack(RunLog $log, Run $run): JsonResponse
    {
        $log->takeBack($run);

        return new JsonResponse(RunResource::whole(new Going($run->refresh())));
    }
}
