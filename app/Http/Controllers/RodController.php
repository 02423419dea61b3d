<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShapeRequest;
use App\Http\Resources\RodResource;
use App\Models\Rod;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Facades\DB;

final class RodController
{
    public function index(): AnonymousResourceCollection
    {
        return RodResource::collection(Rod::inUse()->orderBy('name')->get());
    }

    public function show(int $id): RodResource
    {
        return new RodResource(Rod::query()->findOrFail($id));
    }

    public function store(ShapeRequest $request): RodResource
    {
        return $this->change(new Rod(), $request);
    }

    public function update(ShapeRequest $request, int $id): RodResource
    {
        return $this->change(Rod::query()->findOrFail($id), $request);
    }

    private function change(Rod $rod, ShapeRequest $request): RodResource
    {
        DB::transaction(static fn() => $rod->changing($request->seen())->take($request->typedFigures()));

        return new RodResource($rod);
    }
}
