<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShapeRequest;
use App\Http\Resources\LineResource;
use App\Models\LineProduct;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Facades\DB;

final class LineController
{
    public function index(): AnonymousResourceCollection
    {
        return LineResource::collection(LineProduct::inUse()->orderBy('name')->get());
    }

    public function show(int $id): LineResource
    {
        return new LineResource(LineProduct::query()->findOrFail($id));
    }

    public function store(ShapeRequest $request): LineResource
    {
        return $this->change(new LineProduct(), $request);
    }

    public function update(ShapeRequest $request, int $id): LineResource
    {
        return $this->change(LineProduct::query()->findOrFail($id), $request);
    }

    private function change(LineProduct $line, ShapeRequest $request): LineResource
    {
        DB::transaction(static fn() => $line->changing($request->seen())->take($request->typedFigures()));

        return new LineResource($line);
    }
}
