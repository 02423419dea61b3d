<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LineRequest;
use App\Http\Resources\LineResource;
use App\Models\LineProduct;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Undro\Contract\Bounds;
use Undro\Line\LineSize;
use Undro\Line\Material;

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

    public function store(LineRequest $request): LineResource
    {
        return $this->change(new LineProduct(), $request);
    }

    public function update(LineRequest $request, int $id): LineResource
    {
        return $this->change(LineProduct::query()->findOrFail($id), $request);
    }

    private function change(LineProduct $line, LineRequest $request): LineResource
    {
        $figures = $request->figures();
        $line->fill($request->safe(['name', 'material']));
        if ($request->exists('size') || $request->exists('material')) {
            $typed = $request->typed('size', $line->size_typed ?? '');
            $size = $figures->read('size', static fn(): LineSize => LineSize::read($typed, Material::from($line->material)));
            $figures->within('size', $size->diameter->inMillimetres(), ...[...Bounds::LINE_MM, 'mm']);
            $line->fill(['size_typed' => $typed, 'diameter_mm' => $size->diameter->inMillimetres(), 'nominal' => $size->nominal]);
            if ($size->strength !== null && !$request->exists('strength')) {
                $line->fill(['strength_typed' => $typed, 'strength_n' => $size->strength->inNewtons()]);
            }
        }
        if ($request->exists('strength')) {
            $line->strength_typed = $request->typed('strength');
            $line->strength_n = $figures->optionalForce('strength', ...Bounds::FORCE_N)?->inNewtons();
        }
        if ($request->exists('colour')) {
            $line->colour = $request->typed('colour');
        }
        if ($request->has('archived')) {
            $line->setArchived($request->boolean('archived'));
        }
        $line->save();

        return new LineResource($line->refresh());
    }
}
