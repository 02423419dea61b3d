<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShapeRequest;
use App\Http\Resources\AnglerResource;
use App\Models\Angler;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class AnglerController
{
    use Changes;

    public function index(): AnonymousResourceCollection
    {
        return AnglerResource::collection(Angler::inUse()->with('habits')->orderBy('id')->get());
    }

    public function update(ShapeRequest $request, Angler $angler): AnglerResource
    {
        return new AnglerResource(self::change($angler, $request)->load('habits'));
    }
}
