<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\BenchDay\DayDone;
use App\Http\Requests\ByAnglerRequest;
use App\Http\Resources\KeptDayResource;
use App\Models\KeptDay;
use Illuminate\Http\JsonResponse;

/** Bench days that are kept, to be left and taken up again. */
final class KeptDayController
{
    use Changes;

    private const LATEST = 20;

    public function index(DayDone $done): JsonResponse
    {
        $days = KeptDay::inUse()->orderByDesc('id')->limit(self::LATEST)->get();

        return new JsonResponse($days->map(static fn(KeptDay $day): array => KeptDayResource::of($day, $done))->all());
    }

    public function show(KeptDay $day, DayDone $done): JsonResponse
    {
        return new JsonResponse(KeptDayResource::of($day, $done));
    }

    public function store(ByAnglerRequest $request, DayDone $done): JsonResponse
    {
        $day = self::change(new KeptDay(['angler_id' => $request->integer('angler') ?: null]), $request);

        return new JsonResponse(KeptDayResource::of($day, $done), 201);
    }

    public function update(ByAnglerRequest $request, KeptDay $day, DayDone $done): JsonResponse
    {
        return new JsonResponse(KeptDayResource::of(self::change($day, $request), $done));
    }
}
