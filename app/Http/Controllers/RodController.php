<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RodRequest;
use App\Http\Resources\RodResource;
use App\Models\Rod;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Undro\Contract\Bounds;

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

    public function store(RodRequest $request): RodResource
    {
        return $this->change(new Rod(), $request);
    }

    public function update(RodRequest $request, int $id): RodResource
    {
        return $this->change(Rod::query()->findOrFail($id), $request);
    }

    private function change(Rod $rod, RodRequest $request): RodResource
    {
        $figures = $request->figures();
        $rod->fill($request->safe(['name']));
        if ($request->exists('length')) {
            $rod->fill(['length_typed' => $request->typed('length'), 'length_m' => $figures->optionalMetres('length', 0.3, 15)?->inMetres()]);
        }
        foreach (['line_min', 'line_max'] as $end) {
            if ($request->exists($end)) {
                $rod->fill(["{$end}_typed" => $request->typed($end), "{$end}_n" => $figures->optionalForce($end, ...Bounds::FORCE_N)?->inNewtons()]);
            }
        }
        if ($request->has('archived')) {
            $rod->setArchived($request->boolean('archived'));
        }
        $rod->save();

        return new RodResource($rod->refresh());
    }
}
