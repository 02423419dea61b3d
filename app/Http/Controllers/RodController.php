<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShapeRequest;
use App\Http\Resources\RodResource;
use App\Models\Rod;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class RodController
{
    use Changes;

    public function index(): AnonymousResourceCollection
    {
        return RodResource::collection(Rod::inUse()->orderBy('name')->get());
    }

    public function show(Rod $rod): RodResource
    {
        return new RodResource($rod);
    }

    public function store(ShapeRequest $request): RodResource
    {
        return new RodResource(self::change(new Rod(), $request));
    }

    public function update(ShapeRequest $request, Rod $rod): RodResource
    {
        return new RodResource(self::change($rod, $request));
    }
}
