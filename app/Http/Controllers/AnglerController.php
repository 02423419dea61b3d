<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AnglerRequest;
use App\Http\Resources\AnglerResource;
use App\Models\Angler;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class AnglerController
{
    public function index(): AnonymousResourceCollection
    {
        return AnglerResource::collection(Angler::inUse()->with('habits')->orderBy('id')->get());
    }

    public function update(AnglerRequest $request, int $id): AnglerResource
    {
        $angler = Angler::query()->findOrFail($id);
        foreach (['length', 'small', 'force'] as $unit) {
            if ($request->has("units.$unit")) {
                $angler->{"unit_$unit"} = $request->string("units.$unit")->value();
            }
        }
        $angler->save();
        foreach (['long_cast', 'beginner'] as $question) {
            if ($request->has("habits.$question")) {
                $angler->habits()->updateOrCreate(['question' => $question], ['choice' => $request->boolean("habits.$question") ? 'yes' : 'no']);
            }
        }

        return new AnglerResource($angler->load('habits'));
    }
}
