<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShapeRequest;
use App\Http\Resources\LineResource;
use App\Models\LineProduct;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class LineController
{
    use Changes;

    public function index(): AnonymousResourceCollection
    {
        return LineResource::collection(LineProduct::query()->orderBy('name')->get());
    }

    public function show(LineProduct $line): LineResource
    {
        return new LineResource($line);
    }

    public function store(ShapeRequest $request): LineResource
    {
        return new LineResource(self::change(new LineProduct(), $request));
    }

    public function update(ShapeRequest $request, LineProduct $line): LineResource
    {
        return new LineResource(self::change($line, $request));
    }
}
