<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drag\DragLog;
use App\Http\Requests\DragRequest;
use App\Http\Resources\DragResource;
use App\Models\Reel;
use App\Models\Spool;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** The drag settings of a spool in its reel: kept, and compared with those before. */
final class DragController
{
    public function __construct(private readonly DragLog $drags) {}

    public function index(Request $request): JsonResponse
    {
        $request->validate([
            'reel' => ['required', 'integer', Rule::exists(Reel::class, 'id')],
            'spool' => ['required', 'integer', Rule::exists(Spool::class, 'id')],
        ]);

        return new JsonResponse(DragResource::all($this->drags->of($request->integer('reel'), $request->integer('spool'))));
    }

    public function store(DragRequest $request): JsonResponse
    {
        $setting = $this->drags->write(
            $request->string('id')->value(),
            $request->integer('reel'),
            $request->integer('spool'),
            $request->integer('angler') ?: null,
            $request->figures(),
            $request->happenedAt(),
        );
        $settings = $this->drags->of($setting->reel_id, $setting->spool_id);

        return new JsonResponse(DragResource::of($setting->load('event'), $settings), $setting->wasRecentlyCreated ? 201 : 200);
    }
}
